import { kindById, KINDS, profileOf } from "../species/index";
import {
  applyRules,
  colourIsHealthy,
  type Finding,
  RULE_FIGURES,
  RULE_IDS,
  RULES,
  rulesOf,
  type RuleSituation,
} from "./index";

const profile = (kindId: string) => {
  if (!kindById(kindId)) throw new Error(kindId);
  return profileOf({ kindId, typedName: null, habit: null });
};
const PLAN = {
  rootLoss: 0,
  washed: false,
  oldMixKept: 1,
  ratio: 1.5,
  crownCutMm: 0,
  hardCrown: false,
};
/** A tree at bud swell, with nothing against it. */
const at = (
  kindId: string,
  more: Partial<RuleSituation> = {},
  plan: Partial<typeof PLAN> & object = {},
): RuleSituation => ({
  profile: profile(kindId),
  phase: "swelling",
  autumn: false,
  rootZoneC: 22,
  weeksToCold: 30,
  frostPast: true,
  plan: { ...PLAN, ...plan },
  ...more,
});
const codes = (findings: Finding[], kind: Finding["kind"]) =>
  findings.filter((f) => f.kind === kind).map((f) => f.code);
const refused = (rule: keyof typeof RULES, s: RuleSituation) => codes(RULES[rule](s), "refuse");

test("1: sour or rotten roots are cut and potted down, never up", () => {
  const rotten = at("apple", { live: { share: 0.4, mushy: true, sour: true, ballL: 10 } });
  const findings = RULES["sour-not-bound"](rotten);
  expect(codes(findings, "refuse")).toEqual(["never-up"]);
  expect(findings.find((f) => f.code === "pot-down")!.figures.mostL).toBeCloseTo(4.8, 6);
  expect(RULES["sour-not-bound"](at("apple", { live: { share: 0.9, mushy: false, sour: false, ballL: 10 } }))).toEqual(
    [],
  );
});

test("2: root colour is read by kind", () => {
  expect(colourIsHealthy(at("kaki"), "black")).toBe(true);
  expect(colourIsHealthy(at("apple"), "black")).toBe(false);
  expect(colourIsHealthy(at("mulberry"), "orange")).toBe(true);
  expect(colourIsHealthy(at("lemon"), "tan")).toBe(true);
  expect(colourIsHealthy(at("apple"), "brown")).toBeNull();
  expect(codes(RULES["root-colour"](at("pine", { signs: ["mantle"] })), "watch")).toEqual(["sign-healthy"]);
  expect(RULES["root-colour"](at("apple", { signs: ["bottle-brush"] }))).toEqual([]);
});

test("3: a graft union stays clear of the mix, very dwarfing stocks are staked", () => {
  const low = RULES.grafted(at("apple", { grafted: true, unionClearMm: 20, stockVeryDwarfing: true }));
  expect(low.find((f) => f.code === "union-buried")!.figures.raiseMm).toBe(30);
  expect(codes(low, "do")).toEqual(["stake"]);
  expect(codes(RULES.grafted(at("pomegranate", { grafted: true, unionClearMm: -5 })), "do")).toEqual([
    "cut-scion-roots",
  ]);
});

test("4: broadleaf evergreens wait for warmth and the frost, and stop weeks before the cold", () => {
  expect(refused("broadleaf-evergreen", at("lemon", { rootZoneC: 11 }))).toEqual(["too-cold-yet"]);
  expect(refused("broadleaf-evergreen", at("avocado", { rootZoneC: 15.5 }))).toEqual(["too-cold-yet"]);
  expect(refused("broadleaf-evergreen", at("bay", { frostPast: false }))).toEqual(["frost-ahead"]);
  expect(refused("broadleaf-evergreen", at("bay", { autumn: true, phase: "ripe", weeksToCold: 7 }))).toEqual([
    "too-late",
  ]);
  expect(codes(RULES["broadleaf-evergreen"](at("camellia", {}, { rootLoss: 0.3 })), "limit")).toEqual([
    "too-much-loss",
  ]);
  expect(RULES["broadleaf-evergreen"](at("apple", { rootZoneC: 2 }))).toEqual([]);
});

test("5: conifers are never washed, keep half their mix, and the verdict waits", () => {
  expect(refused("conifer", at("pine", { ageYears: 8 }, { washed: true }))).toEqual(["never-wash"]);
  expect(refused("conifer", at("pine", { ageYears: 2 }, { washed: true }))).toEqual([]);
  expect(codes(RULES.conifer(at("juniper", {}, { oldMixKept: 0.2 })), "limit")).toEqual(["half-a-session"]);
  expect(refused("conifer", at("yew", { autumn: true, phase: "ripe", weeksToCold: 4 }, { rootLoss: 0.15 }))).toEqual([
    "too-late",
  ]);
  expect(RULES.conifer(at("larch", {}, { washed: true, oldMixKept: 0 }))).toEqual([]);
});

test("6: palms go whole, at their depth, in warmth; cane plants forgive", () => {
  expect(refused("palm", at("fan-palm", { rootZoneC: 15 }, { rootLoss: 0.1 }))).toEqual(["whole-only", "too-cold-yet"]);
  expect(codes(RULES.palm(at("fan-palm")), "do")).toEqual(["same-depth"]);
  expect(RULES.palm(at("cordyline", { rootZoneC: 13 }, { rootLoss: 0.3 }))).toEqual([]);
});

test("7: a tap-rooted seedling moves young, into a deep pot; hooked ones are culled", () => {
  const seedling = { radicleMm: 80, weeks: 5, hooked: true, potWidthMm: 90, potHeightMm: 100 };
  const findings = RULES["tap-seedling"](at("oak", { seedling }));
  expect(codes(findings, "refuse")).toEqual(["cull"]);
  expect(codes(findings, "do")).toEqual(["move-seedling-now", "cut-tip"]);
  expect(codes(findings, "limit")).toEqual(["deep-pot"]);
  expect(RULES["tap-seedling"](at("apple", { seedling }))).toEqual([]);
});

test("8: bare roots dry in minutes; birch, oak and hawthorn wait in warmth, others in the cool", () => {
  const bare = { drySnapShare: 0.5, exposedMinutes: 30, spreadMm: 200, potWidthMm: 400 };
  const birch = RULES["bare-root"](at("birch", { bare }));
  expect(codes(birch, "refuse")).toEqual(["reject"]);
  expect(birch.find((f) => f.code === "pot-too-wide")!.figures.mostMm).toBe(300);
  expect(codes(birch, "do")).toEqual(["soak", "no-nitrogen-yet", "keep-warm"]);
  const good = { drySnapShare: 0, exposedMinutes: 5, spreadMm: 300, potWidthMm: 400 };
  expect(codes(RULES["bare-root"](at("apple", { bare: good })), "do")).toEqual(["no-nitrogen-yet", "keep-cool"]);
});

test("9: an air layer is severed in time, keeps its moss and is staked", () => {
  expect(refused("air-layer", at("fig", { form: "air-layer", weeksToCold: 6 }))).toEqual(["layer-early"]);
  expect(codes(RULES["air-layer"](at("fig", { form: "air-layer" }, { ratio: 3 })), "limit")).toEqual([
    "step-too-large",
  ]);
});

test("10: trained small: a third of the ball, robust leafy ones half, conifers never both ends at once", () => {
  const small = (kind: string, plan: object) =>
    RULES.miniature(at(kind, { purpose: "miniature", airShare: 0.1 }, plan));
  expect(codes(small("japanese-maple", { rootLoss: 0.45 }), "limit")).toEqual(["keep-shallow-air"]);
  expect(codes(small("stewartia", { rootLoss: 0.45 }), "limit")).toEqual(["too-much-loss", "keep-shallow-air"]);
  expect(codes(small("pine", { rootLoss: 0.2, hardCrown: true }), "refuse")).toEqual(["not-both"]);
});

test("11: what lives with fungi keeps old mix and is not washed", () => {
  const findings = RULES.mycorrhizal(at("beech", {}, { washed: true, oldMixKept: 0.1 }));
  expect(codes(findings, "refuse")).toEqual(["never-wash"]);
  expect(codes(findings, "limit")).toEqual(["keep-old-mix"]);
  expect(RULES.mycorrhizal(at("apple", {}, { washed: true }))).toEqual([]);
});

test("12: protea kin: whole, small steps, hardly any phosphate, no saucer", () => {
  const plan = { rootLoss: 0.1, ratio: 3, phosphorusPercent: 3, saucer: true };
  const findings = RULES["protea-kin"](at("macadamia", {}, plan));
  expect(codes(findings, "refuse")).toEqual(["whole-only", "low-phosphate", "no-saucer"]);
  expect(codes(findings, "limit")).toEqual(["step-too-large"]);
});

test("13: the autumn-averse lose roots at bud swell only, and slip up until eight weeks before the cold", () => {
  expect(refused("autumn-averse", at("stewartia", { phase: "fallen", autumn: true }, { rootLoss: 0.3 }))).toEqual([
    "swell-only",
  ]);
  expect(refused("autumn-averse", at("stewartia", {}, { rootLoss: 0.3 }))).toEqual([]);
  expect(refused("autumn-averse", at("fig", { phase: "ripe", autumn: true, weeksToCold: 5 }))).toEqual(["too-late"]);
  expect(refused("autumn-averse", at("fig", { phase: "ripe", autumn: true, weeksToCold: 12 }))).toEqual([]);
});

test("14: bleeders keep their crowns from eight weeks before bud break, stone fruit is cut in summer", () => {
  const cut = { crownCutMm: 20 };
  expect(refused("bleeder", at("grape", { phase: "dormant", daysToBudBreak: 40 }, cut))).toEqual(["no-crown-cuts"]);
  expect(refused("bleeder", at("grape", { phase: "dormant", daysToBudBreak: 80 }, cut))).toEqual([]);
  expect(refused("bleeder", at("japanese-maple", { phase: "dormant", daysToBudBreak: 40 }, { crownCutMm: 8 }))).toEqual(
    [],
  );
  expect(refused("bleeder", at("plum", { phase: "dormant", daysToBudBreak: 80 }, cut))).toEqual(["summer-cuts"]);
  expect(refused("bleeder", at("plum", { phase: "soft" }, cut))).toEqual([]);
});

test("15: fleshy roots: bud swell only, clean cuts, then drier", () => {
  const cut = RULES["fleshy-rooted"](at("magnolia", {}, { rootLoss: 0.1 }));
  expect(codes(cut, "do")).toEqual(["clean-cuts", "drier"]);
  expect(refused("fleshy-rooted", at("magnolia", { phase: "dormant" }, { rootLoss: 0.1 }))).toEqual(["swell-only"]);
});

test("16: vines: grape stands half, kiwi a fifth, tender ones nothing; the support goes in first", () => {
  expect(codes(RULES.vine(at("grape", {}, { rootLoss: 0.5 })), "limit")).toEqual([]);
  expect(codes(RULES.vine(at("kiwi", {}, { rootLoss: 0.25 })), "limit")).toEqual(["too-much-loss"]);
  expect(refused("vine", at("bougainvillea", { rootZoneC: 10 }, { rootLoss: 0.1 }))).toEqual([
    "whole-only",
    "warm-only",
  ]);
  expect(codes(RULES.vine(at("wisteria")), "do")).toEqual(["support-first"]);
});

test("17: kōwhai, wattle and carob go whole; robinia and laburnum as others", () => {
  for (const kind of ["kowhai", "wattle", "carob"])
    expect(refused("legume", at(kind, {}, { rootLoss: 0.1 }))).toEqual(["whole-only"]);
  for (const kind of ["robinia", "laburnum"]) expect(refused("legume", at(kind, {}, { rootLoss: 0.1 }))).toEqual([]);
});

test("18: new mix is not more than twice as coarse or fine as the ball", () => {
  const coarse = RULES.texture(at("apple", { plan: { ...PLAN, texture: 3 } }));
  expect([codes(coarse, "limit"), codes(coarse, "do")]).toEqual([["too-coarse"], ["water-core"]]);
  expect(codes(RULES.texture(at("apple", { plan: { ...PLAN, texture: 0.3 } })), "limit")).toEqual(["too-fine"]);
  expect(RULES.texture(at("apple", { plan: { ...PLAN, texture: 1.6 } }))).toEqual([]);
});

test("19: grubs, aphids and galls mean quarantine", () => {
  for (const sign of ["grubs", "aphids", "galls"] as const)
    expect(codes(RULES.pests(at("apple", { signs: [sign] })), "do")).toEqual(["quarantine"]);
  expect(RULES.pests(at("apple", { signs: ["mantle"] }))).toEqual([]);
});

test("20: what a gust could overturn is tied, on roofs always", () => {
  const foot = { dryKg: 20, halfBaseM: 0.15 };
  expect(codes(RULES.tipping(at("bay", { tipping: { momentNm: 25, onRoof: false, ...foot } })), "do")).toEqual(["tie"]);
  expect(RULES.tipping(at("bay", { tipping: { momentNm: 15, onRoof: false, ...foot } }))).toEqual([]);
  expect(codes(RULES.tipping(at("bay", { tipping: { momentNm: 1, onRoof: true, ...foot } })), "do")).toEqual(["tie"]);
});

test("every rule has its name, refusals come first, and each kind's page names only rules that speak of it", () => {
  expect(Object.keys(RULES).sort()).toEqual([...RULE_IDS].sort());
  const all = applyRules(
    at("beech", { phase: "fallen", autumn: true }, { washed: true, rootLoss: 0.4, oldMixKept: 0 }),
  );
  const kinds = all.map((f) => f.kind);
  expect(kinds.lastIndexOf("refuse")).toBeLessThan(kinds.indexOf("do"));
  for (const kind of KINDS) {
    const rules = rulesOf(at(kind.id));
    for (const id of rules) expect(RULE_IDS).toContain(id);
    // What a kind's traits call for is named.
    if (kind.values.traits?.includes("conifer")) expect(rules).toContain("conifer");
  }
  expect(RULE_FIGURES.evergreenLoss).toBeLessThan(RULE_FIGURES.grapeLoss);
});

import { GRAVITY_M_PER_S2, tieAtShare } from "../wind/index";
import { RULE_FIGURES as F } from "./figures";
import type { RootColour, RootSign } from "../roots/index";
import type { Finding, FindingCode, RuleId, RuleSituation } from "./situation";

type Check = (s: RuleSituation) => Finding[];

const dormantToSwell = (s: RuleSituation) =>
  !s.autumn && (s.phase === "dormant" || s.phase === "swelling" || s.phase === "fallen");
const leafless = (s: RuleSituation) => s.phase === "dormant" || s.phase === "swelling" || s.phase === "fallen";
const has = (s: RuleSituation, ...traits: RuleSituation["profile"]["values"]["traits"]) =>
  traits.some((t) => s.profile.values.traits.includes(t));
const genus = (s: RuleSituation) => s.profile.scientific?.split(" ")[0] ?? "";

const colder = ({ rootZoneC }: RuleSituation, needC: number) => rootZoneC !== undefined && rootZoneC < needC;
const soonCold = ({ weeksToCold }: RuleSituation, weeks: number) => weeksToCold !== undefined && weeksToCold < weeks;

function found(rule: RuleId) {
  const list: Finding[] = [];
  const add = (kind: Finding["kind"], code: FindingCode, figures: Record<string, number> = {}) => {
    list.push({ rule, kind, code, figures });
  };
  return { list, add };
}

/** Colours that are healthy in some kinds and not in others; white and tan are well in all. */
const HEALTHY_COLOURS: Partial<Record<string, readonly RootColour[]>> = {
  Diospyros: ["black"],
  Morus: ["yellow", "orange"],
  Citrus: ["tan"],
};
const WELL_IN_ALL: readonly RootColour[] = ["white", "tan"];

/** Whether a colour says health in this kind; null where colour alone says nothing, and snap and bark decide. */
export function colourIsHealthy(s: Pick<RuleSituation, "profile">, colour: RootColour): boolean | null {
  const own = HEALTHY_COLOURS[s.profile.scientific?.split(" ")[0] ?? ""];
  if (own?.includes(colour) || WELL_IN_ALL.includes(colour)) return true;
  return colour === "brown" ? null : false;
}

/** Signs that frighten and are health, by what the kind is. */
function signIsHealthy(s: RuleSituation, sign: RootSign): boolean {
  if (sign === "mantle") return has(s, "mycorrhizal");
  if (sign === "nodules") return s.profile.values.group === "legume" || genus(s) === "Hippophae";
  if (sign === "bottle-brush") return has(s, "protea-kin");
  return false;
}
/** Colours besides white and tan that are healthy in this kind. */
export function ownColours(profile: RuleSituation["profile"]): readonly RootColour[] {
  return HEALTHY_COLOURS[profile.scientific?.split(" ")[0] ?? ""] ?? [];
}
const PESTS: readonly RootSign[] = ["galls", "grubs", "aphids"];

/** The rules an expert applies, each by its name. */
export const RULES: Record<RuleId, Check> = {
  "sour-not-bound": (s) => {
    const { list, add } = found("sour-not-bound");
    if (!s.live || (s.live.share >= F.liveLeast && !s.live.mushy && !s.live.sour)) return list;
    const mostL = F.potDownRatio * s.live.share * s.live.ballL;
    add("do", "cut-to-live");
    add("limit", "pot-down", { mostL });
    if (s.plan && s.plan.ratio > 1) add("refuse", "never-up", { mostL });
    return list;
  },
  "root-colour": (s) => {
    const { list, add } = found("root-colour");
    if (s.colour) {
      const healthy = colourIsHealthy(s, s.colour);
      if (healthy !== null) add("watch", healthy ? "colour-healthy" : "colour-doubtful");
    }
    for (const sign of s.signs ?? []) if (signIsHealthy(s, sign)) add("watch", "sign-healthy");
    return list;
  },
  grafted: (s) => {
    const { list, add } = found("grafted");
    if (!s.grafted) return list;
    if (s.unionClearMm !== undefined && s.unionClearMm < F.unionClearMm)
      add("refuse", "union-buried", { raiseMm: F.unionClearMm - s.unionClearMm });
    if (s.unionClearMm !== undefined && s.unionClearMm <= 0) add("do", "cut-scion-roots");
    if (s.stockVeryDwarfing || has(s, "staked")) add("do", "stake");
    return list;
  },
  "broadleaf-evergreen": (s) => {
    const { list, add } = found("broadleaf-evergreen");
    const { values } = s.profile;
    if (values.leaf === "deciduous" || has(s, "conifer", "palm", "cane-plant", "whole-ball") || !s.plan) return list;
    if (colder(s, values.springRootZoneC)) add("refuse", "too-cold-yet", { needC: values.springRootZoneC });
    if (!s.autumn && s.frostPast === false) add("refuse", "frost-ahead");
    if (s.autumn && soonCold(s, F.evergreenStopWeeks)) add("refuse", "too-late", { weeks: F.evergreenStopWeeks });
    const most = Math.min(F.evergreenLoss, values.rootShare);
    if (s.plan.rootLoss > most) add("limit", "too-much-loss", { most });
    return list;
  },
  conifer: (s) => {
    const { list, add } = found("conifer");
    if (!has(s, "conifer") || !s.plan) return list;
    if (s.plan.washed && (s.ageYears ?? Infinity) > F.coniferWashYears) add("refuse", "never-wash");
    if (s.plan.oldMixKept < F.coniferOldMix)
      add("limit", "half-a-session", { share: F.coniferOldMix, years: F.coniferYearsApart });
    if (s.autumn && s.plan.rootLoss > 0 && (s.phase === "soft" || soonCold(s, F.coniferWeeksWarm)))
      add("refuse", "too-late", { weeks: F.coniferWeeksWarm });
    if (s.plan.rootLoss > 0) add("watch", "hold-verdict", { months: F.coniferHoldMonths });
    return list;
  },
  palm: (s) => {
    const { list, add } = found("palm");
    if (!has(s, "palm", "whole-ball") || !s.plan) return list;
    if (s.plan.rootLoss > 0) add("refuse", "whole-only");
    // Tree ferns and grass trees of cool countries are moved whole, too, and need no heat for it.
    const needC = has(s, "palm") ? F.palmRootZoneC : s.profile.values.springRootZoneC;
    if (colder(s, needC)) add("refuse", "too-cold-yet", { needC });
    add("do", "same-depth");
    return list;
  },
  "tap-seedling": (s) => {
    const { list, add } = found("tap-seedling");
    if (!has(s, "tap-seedling") || !s.seedling) return list;
    const { radicleMm, weeks, hooked, potHeightMm, potWidthMm } = s.seedling;
    if (hooked) add("refuse", "cull");
    if (radicleMm >= F.radicleMm[0] || weeks >= F.seedlingWeeks)
      add("do", "move-seedling-now", { mm: F.radicleMm[1], weeks: F.seedlingWeeks });
    if (radicleMm >= F.tipCutMm[0]) add("do", "cut-tip", { mm: F.tipCutMm[1] });
    if (potHeightMm < F.seedlingDepth * potWidthMm) add("limit", "deep-pot", { ratio: F.seedlingDepth });
    return list;
  },
  "bare-root": (s) => {
    const { list, add } = found("bare-root");
    if (!s.bare) return list;
    if (s.bare.drySnapShare > F.drySnapShare) add("refuse", "reject", { share: F.drySnapShare });
    if (s.bare.exposedMinutes > F.exposedMinutes || s.bare.drySnapShare > 0.1)
      add("do", "soak", { hours: F.soakHours[1] });
    if (s.bare.potWidthMm > F.barePotSpread * s.bare.spreadMm)
      add("limit", "pot-too-wide", { mostMm: F.barePotSpread * s.bare.spreadMm });
    add("do", "no-nitrogen-yet", { mm: F.noNitrogenUntilMm });
    if (has(s, "warm-when-bare")) add("do", "keep-warm", { lowC: F.holdWarmC[0], highC: F.holdWarmC[1] });
    else add("do", "keep-cool", { lowC: F.holdCoolC[0], highC: F.holdCoolC[1] });
    return list;
  },
  "air-layer": (s) => {
    const { list, add } = found("air-layer");
    if (s.form !== "air-layer") return list;
    if (soonCold(s, F.layerWeeks)) add("refuse", "layer-early", { weeks: F.layerWeeks });
    if (s.plan && s.plan.ratio > F.layerPotRatio) add("limit", "step-too-large", { most: F.layerPotRatio });
    add("do", "keep-moss");
    add("do", "stake");
    return list;
  },
  miniature: (s) => {
    const { list, add } = found("miniature");
    if (s.purpose !== "miniature" || !s.plan) return list;
    const robust = s.profile.tolerance === "robust" && s.profile.values.leaf === "deciduous";
    const most = robust ? F.miniatureLossRobust : F.miniatureLoss;
    if (s.plan.rootLoss > most) add("limit", "too-much-loss", { most });
    if (has(s, "conifer") && s.plan.hardCrown && s.plan.rootLoss > F.muchLoss) add("refuse", "not-both");
    if (s.airShare !== undefined && s.airShare < F.miniatureAir)
      add("limit", "keep-shallow-air", { least: F.miniatureAir });
    return list;
  },
  mycorrhizal: (s) => {
    const { list, add } = found("mycorrhizal");
    if (!has(s, "mycorrhizal") || !s.plan) return list;
    if (s.plan.washed) add("refuse", "never-wash");
    if (s.plan.oldMixKept < F.oldMixKept) add("limit", "keep-old-mix", { least: F.oldMixKept });
    add("do", "low-phosphate");
    return list;
  },
  "protea-kin": (s) => {
    const { list, add } = found("protea-kin");
    if (!has(s, "protea-kin") || !s.plan) return list;
    if (s.plan.rootLoss > 0) add("refuse", "whole-only");
    if (s.plan.ratio > F.proteaStep) add("limit", "step-too-large", { most: F.proteaStep });
    if ((s.plan.phosphorusPercent ?? 0) > F.proteaPhosphorusPercent)
      add("refuse", "low-phosphate", { mostPercent: F.proteaPhosphorusPercent });
    if (s.plan.saucer) add("refuse", "no-saucer");
    return list;
  },
  "autumn-averse": (s) => {
    const { list, add } = found("autumn-averse");
    if (!has(s, "autumn-averse") || !s.plan) return list;
    if (s.plan.rootLoss > F.muchLoss && !(s.phase === "swelling" && !s.autumn)) add("refuse", "swell-only");
    else if (s.autumn && s.plan.rootLoss <= F.muchLoss && soonCold(s, F.slipUpStopWeeks))
      add("refuse", "too-late", { weeks: F.slipUpStopWeeks });
    return list;
  },
  bleeder: (s) => {
    const { list, add } = found("bleeder");
    if (!s.plan || s.plan.crownCutMm === 0) return list;
    const weeksOff = s.daysToBudBreak === undefined ? Infinity : s.daysToBudBreak / 7;
    const sapUp = s.phase === "swelling" || s.phase === "soft" || (dormantToSwell(s) && weeksOff <= F.bleedWeeksBefore);
    if (has(s, "bleeder") && sapUp && s.plan.crownCutMm > F.bleedCutMm)
      add("refuse", "no-crown-cuts", { mostMm: F.bleedCutMm });
    if (has(s, "stone-fruit") && (leafless(s) || s.autumn)) add("refuse", "summer-cuts");
    return list;
  },
  "fleshy-rooted": (s) => {
    const { list, add } = found("fleshy-rooted");
    if (!has(s, "fleshy-rooted") || !s.plan || s.plan.rootLoss === 0) return list;
    if (!(s.phase === "swelling" && !s.autumn)) add("refuse", "swell-only");
    add("do", "clean-cuts");
    add("do", "drier", { weeks: F.drierWeeks });
    return list;
  },
  succulent: (s) => {
    const { list, add } = found("succulent");
    if (!has(s, "succulent") || !s.plan) return list;
    add("do", "dry-first", { days: F.succulentDryDays });
    return list;
  },
  vine: (s) => {
    const { list, add } = found("vine");
    if (s.profile.values.group !== "vine-like" || !s.plan) return list;
    if (has(s, "warm-vine")) {
      if (s.plan.rootLoss > 0) add("refuse", "whole-only");
      if (colder(s, s.profile.values.springRootZoneC))
        add("refuse", "warm-only", { needC: s.profile.values.springRootZoneC });
    } else {
      const most = s.profile.tolerance === "robust" ? F.grapeLoss : Math.max(F.kiwiLoss, s.profile.values.rootShare);
      if (s.plan.rootLoss > most) add("limit", "too-much-loss", { most });
    }
    add("do", "support-first");
    return list;
  },
  legume: (s) => {
    const { list, add } = found("legume");
    if (has(s, "intact-legume") && s.plan && s.plan.rootLoss > 0) add("refuse", "whole-only");
    return list;
  },
  texture: (s) => {
    const { list, add } = found("texture");
    const texture = s.plan?.texture;
    if (texture === undefined) return list;
    if (texture > F.texture) add("limit", "too-coarse", { times: texture });
    else if (texture < 1 / F.texture) add("limit", "too-fine", { times: 1 / texture });
    if (texture > F.texture) add("do", "water-core", { weeks: F.coreWaterWeeks });
    return list;
  },
  pests: (s) => {
    const { list, add } = found("pests");
    if (s.signs?.some((sign) => PESTS.includes(sign))) add("do", "quarantine");
    return list;
  },
  tipping: (s) => {
    const { list, add } = found("tipping");
    if (!s.tipping) return list;
    const { momentNm, dryKg, halfBaseM, onRoof } = s.tipping;
    if (onRoof || momentNm >= tieAtShare(s.profile.values.wind) * dryKg * GRAVITY_M_PER_S2 * halfBaseM)
      add("do", "tie");
    return list;
  },
};

/** What all rules have to say of a situation, refusals first. */
export function applyRules(s: RuleSituation): Finding[] {
  const order = { refuse: 0, limit: 1, do: 2, watch: 3 } as const;
  return Object.values(RULES)
    .flatMap((check) => check(s))
    .sort((a, b) => order[a.kind] - order[b.kind]);
}

/** Kinds a rule speaks of, for the page of a kind. */
export function rulesOf(s: Pick<RuleSituation, "profile">): RuleId[] {
  const { values } = s.profile;
  const by: Partial<Record<RuleId, boolean>> = {
    grafted: values.traits.includes("grafted"),
    "broadleaf-evergreen":
      values.leaf !== "deciduous" &&
      !values.traits.some((t) => ["conifer", "palm", "cane-plant", "whole-ball"].includes(t)),
    conifer: values.traits.includes("conifer"),
    palm: values.traits.includes("palm") || values.traits.includes("whole-ball"),
    succulent: values.traits.includes("succulent"),
    "tap-seedling": values.traits.includes("tap-seedling"),
    mycorrhizal: values.traits.includes("mycorrhizal"),
    "protea-kin": values.traits.includes("protea-kin"),
    "autumn-averse": values.traits.includes("autumn-averse"),
    bleeder: values.traits.includes("bleeder") || values.traits.includes("stone-fruit"),
    "fleshy-rooted": values.traits.includes("fleshy-rooted"),
    vine: values.group === "vine-like",
    legume: values.traits.includes("intact-legume"),
    "root-colour": HEALTHY_COLOURS[s.profile.scientific?.split(" ")[0] ?? ""] !== undefined,
  };
  return (Object.keys(by) as RuleId[]).filter((id) => by[id]);
}

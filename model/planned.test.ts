import type { ReadableEvent } from "@/core/event/index";
import { NOTHING_READ } from "@/core/roots/index";
import { headlineSentence } from "@/words/decision";
import { aLot, anEvent, aPotting, aTree } from "@/test-support/records";
import { HILL, siteInputOf } from "@/test-support/sites";
import { openYard, type TreeOnDay, type TreePlan } from "./index";

/** What a kept plan makes of a tree's decision: one plan after another held against the same tree. */
const TODAY = "2027-03-25";
const weather = { key: "planned", input: siteInputOf(HILL, { today: TODAY }) };
const lot = aLot({
  known: "measured",
  vessel: { shape: "cylinder", topWidthMm: 250, heightMm: 250, wall: "smooth-plastic" },
});
const tree = aTree({ purpose: "ornament", finalVolumeL: 60 });
const about = { treeId: tree.id, potLotId: lot.id };
const history = (fillGrade: number, circlingGrade: number): ReadableEvent[] => [
  anEvent("2022-04-01", { kind: "arrived", form: "container", lastPotted: null }, about),
  anEvent("2026-04-01", aPotting(), about),
  anEvent(
    "2027-03-20",
    { kind: "roots-read", fillGrade, circlingGrade, by: "look", reading: NOTHING_READ },
    { treeId: tree.id },
  ),
];

/** The tree on a day, planned so; null: no plan is kept for it yet. */
function planned(events: ReadableEvent[], plan: Partial<TreePlan> | null, day = TODAY): TreeOnDay {
  const records = { trees: [tree], lots: [lot], places: [], events };
  const own = openYard({ records, risk: 0.1 }, weather, { today: TODAY }).tree(tree.id)!.on(TODAY)!.plan!;
  const of = new Map(plan ? [[tree.id, { ...own, ...plan }]] : []);
  const yard = openYard({ records, risk: 0.1, plans: { of, making: new Set() } }, weather, { today: TODAY });
  return yard.tree(tree.id)!.on(day)!;
}
const step = (season: number, action: "up-pot" | "root-prune" | "replace-top", volumeL: number) => ({
  season,
  action,
  correction: action === "up-pot" ? ("tease-and-clip" as const) : null,
  potId: "buy",
  volumeL,
  fill: 0.5,
  massKg: 10,
  mixL: 5,
  minutes: 20,
  money: 5,
});
const plan = (...steps: ReturnType<typeof step>[]): Partial<TreePlan> => ({ firstSeason: 2027, steps });
const sentence = (day: TreeOnDay) => headlineSentence(day.decision!, { fill: day.state.fill, plants: 1 }, "metric");
const firstPot = ({ decision }: TreeOnDay) => decision!.acts.find((a) => a.pot && !a.pot.same)?.pot ?? null;

const full = history(3, 0);
const half = history(2, 0);

test("a full pot is left where the plan keeps it back; a bound one, and one without a plan, are not", () => {
  const now = planned(full, plan(step(2027, "up-pot", 25))).decision!;
  expect([now.headline.code, now.headline.from]).toEqual(["do-by", TODAY]);
  const later = planned(full, plan(step(2029, "up-pot", 25)));
  expect(later.decision!.headline).toMatchObject({ code: "wait", work: "slip-up" });
  expect(later.decision!.headline.from!.slice(0, 4)).toBe("2029");
  expect(later.decision!.headline.because).toEqual(["full", "planned-later"]);
  expect(sentence(later)).toMatch(/^Leave it in its pot until \d+ \w+ 2029, then pot it up .*: so its plan has it\.$/);
  expect(later.decision!.headline.limiting).toBe("none");
  // Beyond what is known of windows the season begins at midwinter.
  const far = planned(full, plan(step(2033, "up-pot", 25)));
  expect(far.decision!.headline).toMatchObject({ code: "wait", from: "2032-12-21", to: null });
  expect(sentence(far)).toContain("Leave it in its pot until 21 Dec 2032");
  // Turning so much that it loses by waiting: the need comes before the plan.
  const bound = planned(history(4, 4), plan(step(2029, "up-pot", 25))).decision!;
  expect(bound.headline.because).not.toContain("planned-later");
  expect(planned(full, null).decision!.headline.code).toBe("do-by");
});

test("in the season its plan names it is potted before its pot is full, and not in another", () => {
  const day = planned(half, plan(step(2027, "up-pot", 25)));
  expect(day.state.isDue).toBe(false);
  expect(day.decision!.headline).toMatchObject({ code: "do-by", because: ["planned"] });
  expect(sentence(day)).toContain("its plan names this season, before the pot is full");
  const [next, none] = [planned(half, plan(step(2028, "up-pot", 25))), planned(half, null)];
  expect([next.decision!.headline.code, none.decision!.headline.code]).toEqual(["not-due", "not-due"]);
  // The act is dated in the plan's season.
  const act = next.decision!.acts.find((a) => a.pot && !a.pot.same)!;
  expect(act.from!.slice(0, 4)).toBe("2028");
});

test("short of its goal it is root-pruned where its plan has it so; a new top alone is no such plan", () => {
  const pruned = planned(full, plan(step(2027, "root-prune", 11), step(2028, "up-pot", 25)));
  expect(pruned.decision!.headline).toMatchObject({ work: "root-prune", because: ["full"] });
  expect(firstPot(pruned)).toBeNull();
  const kept = planned(full, plan(step(2029, "root-prune", 11)));
  expect(kept.decision!.headline).toMatchObject({
    code: "wait",
    work: "root-prune",
    because: ["full", "planned-later"],
  });
  const topped = planned(full, plan(step(2027, "replace-top", 11), step(2027, "up-pot", 25)));
  expect(firstPot(topped)).not.toBeNull();
});

test("a plan is nobody's any more in another pot, and before the potting it follows", () => {
  const own = plan(step(2027, "up-pot", 25));
  expect(planned(full, own).plan!.steps[0].volumeL).toBe(25);
  expect(planned(full, { ...own, fromL: 5 }).plan).toBeNull();
  expect(planned(full, { ...own, pottedOn: "2023-01-01" }).plan).toBeNull();
  expect(planned(full, own, "2026-03-01").plan).toBeNull();
});

test("who plans what nobody said: long jumps from the pace of very vigorous kinds on, small steps else", () => {
  const planner = (kindId: string) => {
    const other = aTree({ kindId, purpose: "ornament" });
    const events = [
      anEvent(
        "2024-04-01",
        { kind: "arrived", form: "container", lastPotted: null },
        { treeId: other.id, potLotId: lot.id },
      ),
    ];
    const records = { trees: [other], lots: [lot], places: [], events };
    const day = openYard({ records, risk: 0.1 }, weather, { today: TODAY }).tree(other.id)!.on(TODAY)!;
    return [day.plan!.planner, day.profile.kPerDegreeDay >= 0.0021];
  };
  expect(planner("fig")).toEqual(["long-jump", true]);
  expect(planner("quince")).toEqual(["small-steps", false]);
  expect(planner("apricot")).toEqual(["small-steps", false]);
});

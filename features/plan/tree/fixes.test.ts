import { changedInputs, ladderRow, planAround } from "@/core/ladder/index";
import { problem } from "@/test-support/ladder";
import { movedStep, otherPot } from "./fixes";
import { operationOfStep, usualWindows } from "./windows";

const p = problem("small-steps");
const row = ladderRow(p, "small-steps");
const first = row.steps.find((s) => s.action === "up-pot")!;

test("a step moved later leaves waiting behind, moved earlier it is simply earlier; the ends hold it", () => {
  const later = movedStep(row, [], first.season, 2, 9);
  expect(later).toEqual([
    { season: first.season, action: "stay", pot: 0 },
    { season: first.season + 1, action: "stay", pot: 0 },
    { season: first.season + 2, action: "up-pot", pot: first.pot },
  ]);
  expect(planAround(p, later)!.steps[first.season + 2].volumeL).toBe(first.volumeL);
  const second = row.steps.filter((s) => s.action === "up-pot")[1];
  expect(movedStep(row, [], second.season, -1, 9)).toEqual([
    { season: second.season - 1, action: "up-pot", pot: second.pot },
  ]);
  expect(movedStep(row, [], second.season, -99, 9)[0].season).toBe(0);
  expect(movedStep(row, [], second.season, 99, 9).at(-1)!.season).toBe(8);
  // Other wishes stand; a season that stays cannot be moved.
  const wish = { season: 8, action: "root-prune" as const, pot: 0 };
  expect(movedStep(row, [wish], first.season, 1, 9)).toContainEqual(wish);
  const stay = row.steps.find((s) => s.action === "stay")!;
  expect(movedStep(row, [wish], stay.season, 1, 9)).toEqual([wish]);
});

test("up and down choose the next larger and smaller pot, and stop at the ends", () => {
  const volumeOf = (fixes: ReturnType<typeof otherPot>) => p.pots[fixes[0].pot].volumeL;
  const sizes = p.pots.slice(1).map((x) => x.volumeL);
  const at = sizes.indexOf(first.volumeL);
  expect(volumeOf(otherPot(row, p.pots, [], first.season, 1))).toBe(sizes[at + 1]);
  if (at > 0) expect(volumeOf(otherPot(row, p.pots, [], first.season, -1))).toBe(sizes[at - 1]);
  const smallest = { ...row, steps: row.steps.map((s) => (s === first ? { ...s, volumeL: sizes[0], pot: 1 } : s)) };
  expect(otherPot(smallest, p.pots, [], first.season, -1)).toEqual([]);
});

test("a step's work names its window; of a work's openings the plan's own season counts, and gaps of days do not", () => {
  expect(operationOfStep({ action: "stay", correction: null }, 0.3)).toBeNull();
  expect(operationOfStep({ action: "up-pot", correction: "shave" }, 0.3)).toBe("shave");
  expect(operationOfStep({ action: "root-prune", correction: "prune-and-return" }, 0.3)).toBe("root-prune");
  const period = (from: string, to: string) => ({ from, to, closedBy: "flush" as const, opens: null, closes: null });
  const usual = usualWindows(
    [
      {
        operation: "up-pot",
        open: false,
        suitability: 0,
        limiting: "wood",
        safe: 0,
        heldBy: null,
        mainLimit: "wood",
        periods: [
          period("2026-09-01", "2026-09-30"),
          period("2027-02-01", "2027-02-03"),
          period("2027-03-10", "2027-04-02"),
        ],
        curve: { from: "2026-05-15", stepDays: 2, suitability: [], safe: [] },
      },
    ],
    2027,
    48,
  );
  expect(usual["up-pot"]).toEqual({ from: "2027-03-10", to: "2027-04-02", opens: null });
});

test("what has changed since a plan was agreed to is named, small shifts are not", () => {
  const before = {
    kPerDegreeDay: 0.001,
    fill: 0.5,
    circling: 1,
    volumeL: 10,
    mixAgeYears: 1,
    seasonDegreeDays: 1600,
    liftKg: 25,
    movedForWinter: false,
    goalL: 40,
  };
  expect(changedInputs(before, { ...before, kPerDegreeDay: 0.00105, fill: 0.55, mixAgeYears: 1.5 })).toEqual([]);
  expect(
    changedInputs(before, { ...before, kPerDegreeDay: 0.0013, liftKg: 18, movedForWinter: true, goalL: 45 }),
  ).toEqual(["kPerDegreeDay", "liftKg", "movedForWinter", "goalL"]);
});

import { anEvent } from "@/test-support/records";
import { continental, dayWhen, situation } from "@/test-support/season";
import { seasonFacts } from "../judgement/index";
import { toDay, toIso } from "../dates/index";
import type { RescueCause } from "../event/index";
import { newestRescue, rescueOutcomes, rescueProtocol, rescueState, RESCUE_FIGURES, type RescueFacts } from "./index";

function facts(kindId: string, on: number): RescueFacts {
  const s = situation(continental, kindId, on, {});
  const season = seasonFacts(continental, s.profile, on);
  return {
    profile: s.profile,
    kPerDegreeDay: s.kPerDegreeDay,
    phase: s.phase,
    takeHoldLeft: season.takeHoldLeft,
    frostDays: season.weeksToFrost === null ? null : 7 * season.weeksToFrost,
    volumeL: 10,
    warmth: { track: continental.warmth, set: s.profile.warmth },
  };
}
const start = (cause: RescueCause, on: number, more = {}) => ({ cause, greenWood: null, liveRoots: null, on, ...more });
const acts = (p: ReturnType<typeof rescueProtocol>) => p.acts.map((a) => a.act);

test("a dry ball is soaked within the limits, twice, scratched and snipped; feed waits", () => {
  const on = dayWhen(continental, "quince", "soft");
  const p = rescueProtocol(start("dried-out", on), facts("quince", on));
  expect(acts(p)).toEqual(expect.arrayContaining(["soak", "soak-again", "scratch", "snip", "shade-mist", "no-feed"]));
  const soak = p.acts.find((a) => a.act === "soak")!.figures;
  expect([soak.low, soak.high, soak.mostHours]).toEqual([20, 60, 3]);
  const bare = dayWhen(continental, "quince", "dormant");
  expect(rescueProtocol(start("dried-out", bare), facts("quince", bare)).acts[0].figures.mostHours).toBe(12);
});

test("packed mix is washed away from bare deciduous trees only", () => {
  const winter = dayWhen(continental, "quince", "dormant");
  const summer = dayWhen(continental, "quince", "soft");
  expect(acts(rescueProtocol(start("drowned", winter), facts("quince", winter)))).toContain("wash");
  expect(acts(rescueProtocol(start("drowned", summer), facts("quince", summer)))).toContain("loosen-only");
  for (const kindId of ["pine", "camellia", "olive", "larch", "magnolia"])
    expect(acts(rescueProtocol(start("drowned", winter), facts(kindId, winter)))).not.toContain("wash");
});

test("a rotten one goes down, never up, and loses crown in proportion when most roots are gone", () => {
  const on = dayWhen(continental, "quince", "soft");
  const p = rescueProtocol(start("drowned", on, { liveRoots: 0.3 }), facts("quince", on));
  expect(p.acts.find((a) => a.act === "pot-down")!.figures.mostL).toBeCloseTo(1.2 * 0.3 * 10, 9);
  expect(p.acts.find((a) => a.act === "reduce-crown")!.figures.share).toBeCloseTo(0.6, 9);
});

test("enough season is left in spring and not in autumn", () => {
  const spring = dayWhen(continental, "quince", "soft");
  expect(rescueProtocol(start("dried-out", spring), facts("quince", spring)).season.enough).toBe(true);
  const late = toDay("2026-10-10");
  expect(rescueProtocol(start("dried-out", late), facts("quince", late)).season.enough).toBe(false);
});

test("slow kinds' buds are due later; every checkpoint has a day and a way out", () => {
  const on = toDay("2026-05-15");
  const due = (kindId: string) =>
    rescueProtocol(start("dried-out", on), facts(kindId, on)).steps.find((s) => s.step === "buds")!.due.p50;
  expect(due("stewartia") > due("mulberry")).toBe(true);
  for (const s of rescueProtocol(start("drowned", on), facts("quince", on)).steps) {
    expect(s.branches.length).toBeGreaterThan(0);
    expect(s.due.p10 <= s.due.p50 && s.due.p50 <= s.due.p90).toBe(true);
  }
});

test("a failed sign is looked for once more, then it is time to stop; seen ones stay seen", () => {
  const on = toDay("2026-05-15");
  const { steps } = rescueProtocol(start("dried-out", on), facts("quince", on));
  const begun = anEvent("2026-05-15", {
    kind: "rescue-begun",
    cause: "dried-out",
    greenWood: true,
    liveRoots: 0.8,
    soakMinutes: 40,
  });
  const check = (day: string, step: "weight" | "alive", sign: "seen" | "failed") =>
    anEvent(day, { kind: "checkpoint", step, sign, note: "" });
  const state = (events: ReturnType<typeof anEvent>[], day: string) => {
    const found = newestRescue(events, toDay(day))!;
    return rescueState(events, found, steps, toDay(day));
  };
  const one = [begun, check("2026-05-15", "alive", "seen"), check("2026-05-20", "weight", "failed")];
  const weight = state(one, "2026-05-20").checkpoints.find((c) => c.step === "weight")!;
  expect(weight.state).toBe("retry");
  expect(weight.due.p50).toBe(toIso(toDay("2026-05-20") + RESCUE_FIGURES.retryDays.weight));
  expect(state(one, "2026-05-20").checkpoints.find((c) => c.step === "alive")!.state).toBe("seen");
  expect(state(one, "2026-05-20").stop).toBeNull();
  expect(state([...one, check("2026-05-27", "weight", "failed")], "2026-05-27").stop).toBe("weight");
  expect(state([...one, check("2026-05-27", "weight", "seen")], "2026-05-27").stop).toBeNull();
  expect(newestRescue(one, toDay("2026-05-14"))).toBeNull();
});

test("outcomes of earlier rescues are counted, a death while one goes on as a loss", () => {
  const begin = (day: string) =>
    anEvent(day, { kind: "rescue-begun", cause: "drowned", greenWood: null, liveRoots: null, soakMinutes: 0 });
  const byTree = new Map([
    ["a", [begin("2024-04-01"), anEvent("2024-08-01", { kind: "rescue-ended", how: "recovered" })]],
    [
      "b",
      [
        begin("2025-04-01"),
        anEvent("2025-05-01", { kind: "checkpoint", step: "buds", sign: "failed", note: "" }),
        anEvent("2025-06-01", { kind: "ended", how: "died", count: 1, cause: "wet-roots", potLeaves: false, note: "" }),
      ],
    ],
    ["c", [begin("2026-05-01")]],
  ]);
  const list = rescueOutcomes(byTree, toDay("2026-05-15"));
  expect(list.map((o) => [o.treeId, o.how])).toEqual([
    ["c", "going-on"],
    ["b", "lost"],
    ["a", "recovered"],
  ]);
  expect(list[1].failed).toEqual(["buds"]);
  expect(list[2].days).toBe(122);
});

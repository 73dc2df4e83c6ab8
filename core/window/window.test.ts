import { normalsFromAnswers } from "../atlas/index";
import fc from "fast-check";
import { PRACTISED, siteOf } from "@/test-support/sites";
import { buildSite, SEASON_LEAD_DAYS, siteAfterMove } from "../climate/index";
import { midwinterOf, toDay, toIso } from "../dates/index";
import { PLACE_AIR, siteAtPlace } from "../place/index";
import { KINDS, profileOf } from "../species/index";
import { CORRECTION_NAMES } from "../roots/index";
import {
  heatSuitability,
  mainLimit,
  openPeriods,
  type Operation,
  OPERATION_NAMES,
  operationOf,
  OPERATIONS,
  seasonCourses,
  suitabilityOn,
  usualOperation,
  windowSeries,
} from "./index";

const sites = Object.fromEntries(
  Object.entries(PRACTISED).map(([name, answers]) => [name, siteOf(answers, { seed: 1 })]),
);
const profile = (kindId: string) => profileOf({ kindId, typedName: null, habit: null });
const series = (
  place: keyof typeof PRACTISED,
  kind: string,
  operation: Parameters<typeof windowSeries>[2] = "up-pot",
  options?: Parameters<typeof windowSeries>[5],
) => windowSeries(sites[place], profile(kind), operation, 2026, 2026, options);
const opening = (place: keyof typeof PRACTISED) => midwinterOf(2026, PRACTISED[place].latitudeDeg);

/** Last day, within the growing season, on which nine years in ten end well: `MM-DD`. */
function lastSafe(place: keyof typeof PRACTISED, kind: string): string {
  const s = series(place, kind);
  const from = opening(place);
  for (let d = 300; d > 120; d--) if (suitabilityOn(s, from + d)!.safe >= 0.9) return toIso(from + d).slice(5);
  return "none";
}

test("the last days of growth lie where growers stop", () => {
  // Accepted practice; the constants are judgement, so weeks and not days are asked.
  expect(lastSafe("south", "olive") >= "02-10" && lastSafe("south", "olive") <= "03-15").toBe(true);
  expect(lastSafe("south", "lemon") >= "01-25" && lastSafe("south", "lemon") <= "03-05").toBe(true);
  expect(lastSafe("continental", "fig") >= "06-25" && lastSafe("continental", "fig") <= "08-05").toBe(true);
  expect(lastSafe("maritime", "lemon") >= "06-15" && lastSafe("maritime", "lemon") <= "08-10").toBe(true);
});

/** Earliest work in spring as growers have it, one year in ten, the middle one, and one in ten late: weeks, not days, are asked. */
test.each([
  ["maritime", "apple", ["03-03", "03-21", "04-04"]],
  ["maritime", "lemon", ["05-14", "05-17", "05-21"]],
  ["continental", "apple", ["03-30", "04-07", "04-24"]],
  ["south", "lemon", ["10-09", "10-14", "10-20"]],
] as const)("%s, %s: spring work begins in the weeks it is accepted to", (name, kindId, accepted) => {
  const site = sites[name];
  const from = seasonCourses(site, profile(kindId), 2026).courses.map((c) => c.springFrom);
  const start = midwinterOf(2026, site.latitudeDeg) - SEASON_LEAD_DAYS;
  from.sort((a, b) => a - b);
  const found = [0.1, 0.5, 0.9].map((q) => start + from[Math.floor(q * from.length)]);
  found.forEach((day, k) => expect(Math.abs(day - toDay(`2026-${accepted[k]}`))).toBeLessThanOrEqual(26));
  expect(found[2] - found[0]).toBeLessThanOrEqual(45);
});

test("citrus opens in spring only, once its root zone is warm and frost is past", () => {
  const s = series("continental", "lemon");
  const from = opening("continental");
  const [first] = openPeriods(s, from, from + 364);
  expect(toIso(first.from) >= "2026-05-01" && toIso(first.from) <= "2026-06-10").toBe(true);
  expect(suitabilityOn(s, toDay("2026-02-01"))!.limiting).toMatch(/soil-cold|cold-after|root-warmth/);
  expect(suitabilityOn(s, toDay("2026-10-10"))!.limiting).toMatch(/root-warmth|wood|soil-cold|cold-after/);
});

test("a hardy leafless tree may be moved before bud break, not in midwinter frost", () => {
  const s = series("continental", "apple");
  expect(suitabilityOn(s, toDay("2026-01-20"))!.suitability).toBeLessThan(0.5);
  const [first] = openPeriods(s, opening("continental"), opening("continental") + 364);
  expect(toIso(first.from) >= "2026-02-15" && toIso(first.from) <= "2026-04-05").toBe(true);
  expect(first.closedBy).toBe("flush");
});

test("slow and touchy kinds with no love of autumn stay closed at leaf fall", () => {
  const s = series("maritime", "stewartia");
  for (const day of ["2026-11-15", "2026-12-01"]) expect(suitabilityOn(s, toDay(day))!.suitability).toBeLessThan(0.5);
});

test("whole balls move in soft growth where teased ones wait", () => {
  const day = toDay("2026-05-25");
  expect(suitabilityOn(series("continental", "serviceberry", "slip-up"), day)!.suitability).toBeGreaterThanOrEqual(0.5);
  const teased = suitabilityOn(series("continental", "serviceberry", "up-pot"), day)!;
  expect(teased.suitability).toBeLessThan(0.5);
  expect(teased.limiting).toBe("flush");
});

test("roots cut hard need more of the season than a ball slipped up", () => {
  const lastDay = (op: "slip-up" | "root-prune") => {
    const s = series("maritime", "olive", op);
    const from = opening("maritime");
    for (let d = 300; d > 0; d--) if (suitabilityOn(s, from + d)!.safe >= 0.9) return d;
    return 0;
  };
  expect(lastDay("root-prune")).toBeLessThan(lastDay("slip-up"));
});

test("a smaller accepted risk never opens a day, shelter never closes one", () => {
  const [careful, bold] = [
    series("continental", "fig", "up-pot", { risk: 0.05, sheltered: false }),
    series("continental", "fig", "up-pot", { risk: 0.2, sheltered: false }),
  ];
  const sheltered = series("continental", "fig", "up-pot", { risk: 0.05, sheltered: true });
  for (let i = 0; i < careful.suitability.length; i++) {
    const open = (s: typeof careful) => s.suitability[i] >= 100;
    if (open(careful)) expect(open(bold)).toBe(true);
    expect(sheltered.suitability[i]).toBeGreaterThanOrEqual(careful.suitability[i]);
  }
});

test("an unknown kind weighs every habit, and still finds days", () => {
  const unknown = profileOf({ kindId: null, typedName: "Something", habit: "unknown" });
  const s = windowSeries(sites.maritime, unknown, "up-pot", 2026, 2026);
  const periods = openPeriods(s, opening("maritime"), opening("maritime") + 364);
  expect(unknown.vigourSd).toBeGreaterThan(profile("apple").vigourSd);
  expect(
    periods.length + (mainLimit(s, opening("maritime"), opening("maritime") + 364) === "none" ? 0 : 1),
  ).toBeGreaterThan(0);
});

const tropics = siteOf({
  ...{ latitudeDeg: 5, longitudeDeg: 0, elevationM: 10 },
  ...{ coldestNightC: 19, lastSpringFrost: null, firstAutumnFrost: null },
});
/** Where kinds that would not live outdoors are grown. */
const heatedRoom = siteAtPlace(sites.continental, PLACE_AIR.room).site;
const indoors = { "citrus-like": heatedRoom, "tropical-like": heatedRoom };
const usual = (p: ReturnType<typeof profile>) => usualOperation(p.values.rootShare);
const openDays = (s: ReturnType<typeof windowSeries>) => s.suitability.filter((v) => v >= 100).length;

test("every listed kind has a window for its usual potting where it is grown", () => {
  for (const kind of KINDS) {
    const p = profile(kind.id);
    const place = kind.habit === "citrus-like" || kind.habit === "tropical-like" ? indoors[kind.habit] : sites.maritime;
    const cool = windowSeries(place, p, usual(p), 2026, 2026);
    const warm = windowSeries(sites.south, p, usual(p), 2026, 2026);
    // A few want more than a room gives: they are grown where it is never cool.
    if (openDays(cool) + openDays(warm) + openDays(windowSeries(tropics, p, usual(p), 2026, 2026)) === 0)
      throw new Error(`${kind.id} never opens`);
  }
});

test("kinds that stand no loss of roots are slipped up, and nothing that costs roots opens for them", () => {
  for (const id of ["banksia", "fan-palm", "kowhai", "bougainvillea"]) {
    expect(usual(profile(id))).toBe("slip-up");
    const room = (operation: Operation) => windowSeries(indoors["tropical-like"], profile(id), operation, 2026, 2026);
    for (const operation of ["root-prune", "bare-root", "split"] as const)
      expect([id, operation, openDays(room(operation))]).toEqual([id, operation, 0]);
    // A larger pot is reached with the ball whole.
    expect(room("up-pot").suitability).toEqual(room("slip-up").suitability);
  }
  expect(openDays(windowSeries(sites.maritime, profile("juniper"), "bare-root", 2026, 2026))).toBe(0);
});

test("bleeders are not cut hard before full leaf, stone fruit in the dry of summer, peaches before bloom as well", () => {
  const grape = windowSeries(sites.continental, profile("grape"), "prune-hard", 2026, 2026);
  expect(suitabilityOn(grape, toDay("2026-04-20"))).toMatchObject({ limiting: "sap" });
  const open = (kindId: string, on: string) =>
    suitabilityOn(windowSeries(sites.maritime, profile(kindId), "prune-hard", 2026, 2026), toDay(on))!.suitability >=
    0.5;
  expect(["2026-01-20", "2026-03-01", "2026-11-20"].map((on) => open("plum", on))).toEqual([false, false, false]);
  expect([open("plum", "2026-06-30"), open("peach", "2026-02-10"), open("peach", "2026-11-10")]).toEqual([
    true,
    true,
    false,
  ]);
});

test("rescue is never refused by the season, and its risk stands beside it", () => {
  const s = series("continental", "lemon", "rescue");
  const october = suitabilityOn(s, toDay("2026-10-10"))!;
  expect(october.suitability).toBeGreaterThanOrEqual(0.5);
  expect(october.safe).toBeLessThan(0.2);
  expect(october.limiting).not.toBe("none");
});

test("a warm-climate tree is worked on in the cool of a hot day, one of cool summers is not", () => {
  expect(heatSuitability(24, 40, false)).toBe(0);
  expect(heatSuitability(24, 40, true)).toBe(1);
  expect(heatSuitability(36, 46, true)).toBeLessThan(0.5);
  fc.assert(
    fc.property(
      fc.double({ min: -5, max: 35, noNaN: true }),
      fc.double({ min: 0.5, max: 18, noNaN: true }),
      (low, range) => {
        const [cool, warm] = [heatSuitability(low, low + range, false), heatSuitability(low, low + range, true)];
        expect(warm).toBeGreaterThanOrEqual(cool);
        expect(heatSuitability(low + 1, low + 1 + range, true)).toBeLessThanOrEqual(warm);
      },
    ),
  );
});

test("ends of an open stretch spread over the years in order, around the stretch itself", () => {
  for (const kind of ["apple", "fig", "lemon", "bay", "juniper"])
    for (const operation of OPERATIONS)
      for (const span of series("continental", kind, operation).spans) {
        const [a, b, c] = span.closes;
        expect(a <= b && b <= c).toBe(true);
        const [x, y, z] = span.opens;
        expect(x <= y && y <= z).toBe(true);
        expect(y).toBeLessThanOrEqual(b);
      }
});

test("every name of the work opens a window, corrections by their own names, too", () => {
  for (const name of [...OPERATION_NAMES, ...CORRECTION_NAMES]) expect(OPERATIONS).toContain(operationOf(name));
  expect(operationOf("wash-bare")).toBe("bare-root");
});

test("mirrored hemispheres mirror: the same weather half a year on opens the same days", () => {
  const normals = normalsFromAnswers(PRACTISED.continental);
  const half = <T>(months: T[]): T[] => [...months.slice(6), ...months.slice(0, 6)];
  const mirrored = Object.fromEntries(
    Object.entries(normals).map(([name, months]) => [name, half(months)]),
  ) as unknown as typeof normals;
  const input = { record: null, seed: 3, historyFrom: toDay("2024-01-01") };
  const north = buildSite({ ...input, latitudeDeg: 47, normals, today: toDay("2026-02-15") });
  const south = buildSite({ ...input, latitudeDeg: -47, normals: mirrored, today: toDay("2026-08-15") });
  for (const [kind, operation] of [
    ["apple", "up-pot"],
    ["fig", "slip-up"],
    ["bay", "root-prune"],
  ] as const) {
    const n = windowSeries(north, profile(kind), operation, 2026, 2026);
    const s = windowSeries(south, profile(kind), operation, 2026, 2026);
    // The generated years differ, the climate does not: open days and their middle agree within what the draw leaves.
    expect(Math.abs(openDays(n) - openDays(s))).toBeLessThan(35);
    const middle = (w: typeof n) => {
      const open = [...w.suitability.keys()].filter((d) => w.suitability[d] >= 100 && d < 200);
      return open[Math.floor(open.length / 2)];
    };
    expect(Math.abs(middle(n) - middle(s))).toBeLessThan(12);
  }
});

test("shifting warmth never shortens root warmth", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 6, noNaN: true }),
      fc.constantFrom("apple", "lemon", "bay"),
      (warmer, kind) => {
        const site = sites.continental;
        const warmerSite = siteAtPlace(site, { ...PLACE_AIR.open, addedC: 1 + warmer }).site;
        const left = (s: typeof site) =>
          seasonCourses(s, profile(kind), 2026).courses.map((c) => c.warmthLeft[SEASON_LEAD_DAYS + 190]);
        const [here, there] = [left(site), left(warmerSite)];
        here.forEach((v, m) => expect(there[m]).toBeGreaterThanOrEqual(v - 1e-3));
      },
    ),
    { numRuns: 8 },
  );
});

test("the same tree indoors: a heated room opens spring weeks before the yard does", () => {
  const yard = windowSeries(sites.continental, profile("lemon"), "up-pot", 2026, 2026);
  const room = windowSeries(indoors["citrus-like"], profile("lemon"), "up-pot", 2026, 2026);
  const from = opening("continental");
  const first = (s: typeof yard) => openPeriods(s, toDay("2026-02-01"), from + 300)[0].from;
  expect(first(yard) - first(room)).toBeGreaterThan(30);
});

test("moved in, a tree's season is the yard's until that day and the room's from it on", () => {
  const moved = siteAfterMove(sites.continental, indoors["citrus-like"], toDay("2026-10-01"));
  const [before, after, room] = [sites.continental, moved, indoors["citrus-like"]].map((s) => s.season(2026).slices[4]);
  const at = toDay("2026-10-01") - after.startDay;
  expect(after.tminC[at - 1]).toBe(before.tminC[at - 1]);
  expect(after.tminC[at]).toBe(room.tminC[at]);
  for (let i = 1; i < after.portions.length; i++)
    expect(after.portions[i]).toBeGreaterThanOrEqual(after.portions[i - 1] - 1e-3);
  const { sums } = moved.warmth;
  for (let i = 1; i < sums.warm.length; i++) expect(sums.warm[i]).toBeGreaterThanOrEqual(sums.warm[i - 1] - 1e-3);
});

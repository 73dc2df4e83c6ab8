import { buildSite, normalsFromAnswers } from "../climate/index";
import { midwinterOf, toDay, toIso } from "../dates/index";
import { KINDS, profileOf } from "../species/index";
import { mainLimit, openPeriods, suitabilityOn, windowSeries } from "./index";

const places = {
  maritime: {
    latitudeDeg: 52,
    longitudeDeg: 0,
    elevationM: 30,
    coldestNightC: -7,
    lastSpringFrost: "04-20",
    firstAutumnFrost: "11-05",
  },
  continental: {
    latitudeDeg: 47,
    longitudeDeg: 8,
    elevationM: 450,
    coldestNightC: -15,
    lastSpringFrost: "04-28",
    firstAutumnFrost: "10-15",
  },
  south: {
    latitudeDeg: -41,
    longitudeDeg: 175,
    elevationM: 20,
    coldestNightC: -3,
    lastSpringFrost: "09-15",
    firstAutumnFrost: "06-01",
  },
};
const sites = Object.fromEntries(
  Object.entries(places).map(([name, a]) => [
    name,
    buildSite({
      latitudeDeg: a.latitudeDeg,
      normals: normalsFromAnswers(a),
      record: null,
      today: toDay("2026-05-15"),
      seed: 1,
      historyFrom: toDay("2024-01-01"),
    }),
  ]),
);
const profile = (kindId: string) => profileOf({ kindId, typedName: null, habit: null });
const series = (
  place: keyof typeof places,
  kind: string,
  operation: Parameters<typeof windowSeries>[2] = "up-pot",
  options?: Parameters<typeof windowSeries>[5],
) => windowSeries(sites[place], profile(kind), operation, 2026, 2026, options);
const opening = (place: keyof typeof places) => midwinterOf(2026, places[place].latitudeDeg);

/** Last day, within the growing season, on which nine years in ten end well: `MM-DD`. */
function lastSafe(place: keyof typeof places, kind: string): string {
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

test("citrus opens in spring only, once its root zone is warm and frost is past", () => {
  const s = series("continental", "lemon");
  const from = opening("continental");
  const [first] = openPeriods(s, from, from + 364);
  expect(toIso(first.from) >= "2026-05-01" && toIso(first.from) <= "2026-06-10").toBe(true);
  expect(suitabilityOn(s, toDay("2026-02-01"))!.limiting).toMatch(/soil-cold|cold-after/);
  expect(suitabilityOn(s, toDay("2026-10-10"))!.limiting).toMatch(/root-warmth|wood|soil-cold|cold-after/);
});

test("a hardy leafless tree may be moved before bud break, not in midwinter frost", () => {
  const s = series("continental", "apple");
  expect(suitabilityOn(s, toDay("2026-01-20"))!.suitability).toBeLessThan(0.5);
  const [first] = openPeriods(s, opening("continental"), opening("continental") + 364);
  expect(toIso(first.from) >= "2026-02-20" && toIso(first.from) <= "2026-04-05").toBe(true);
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

test("every listed kind has a window somewhere in the year at a mild site", () => {
  for (const kind of KINDS) {
    const s = series("maritime", kind.id);
    const n = openPeriods(s, opening("maritime"), opening("maritime") + 364).length;
    if (n === 0) throw new Error(`${kind.id} never opens`);
  }
});

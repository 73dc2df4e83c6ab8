import { normalsFromAnswers } from "@/core/atlas/index";
import { buildSite, calendarSlot, SEASON_LEAD_DAYS } from "@/core/climate/index";
import { type DayNumber, midwinterOf, slotOf, toDay } from "@/core/dates/index";
import type { PlaceRecord } from "@/core/records/index";
import { HILL } from "@/test-support/sites";
import { EVER, PlaceSites } from "./stays";

const CELLAR: PlaceRecord = { id: "cellar", name: "Cellar", kind: "frost-free" };
const WALL: PlaceRecord = { id: "wall", name: "Wall", kind: "sheltered" };
const normals = normalsFromAnswers(HILL);
const sitesOn = (today: string) =>
  new PlaceSites(
    buildSite({
      latitudeDeg: 48,
      normals,
      record: null,
      today: toDay(today),
      seed: 7,
      historyFrom: toDay("2024-01-01"),
    }),
    [CELLAR, WALL],
    new Map(),
  );

/** Where a tree stands day by day by the weather it is given: the nights of the cellar, or those outside. */
function standsInside(
  sites: PlaceSites,
  stays: { from: DayNumber; placeId: string | null }[],
  day: DayNumber,
): boolean {
  const season = 2027;
  const i = SEASON_LEAD_DAYS + day - midwinterOf(season, 48);
  const night = sites.forStays(stays).season(season).slices[3].tminC[i];
  const [inside, outside] = ["cellar", "wall"].map((id) => sites.at(id).season(season).slices[3].tminC[i]);
  expect(inside).not.toBe(outside);
  return night === inside;
}

const carriedIn = (on: string) => [
  { from: EVER, placeId: "wall" },
  { from: toDay(on), placeId: "cellar" },
];

test("a tree carried in for the winter goes out again when frost is past nine years in ten", () => {
  const sites = sitesOn("2026-12-01");
  const stays = carriedIn("2026-11-10");
  const out = Array.from({ length: 300 }, (_, d) => toDay("2026-12-25") + d).find(
    (d) => !standsInside(sites, stays, d),
  )!;
  const last = sites.site.frost(0).last.preferred[0.1]!;
  expect(slotOf(out)).toBe(calendarSlot(Math.round(last), 48));
  expect(standsInside(sites, stays, out - 1)).toBe(true);
  // One who comes a night later asks the same weather; one whom nobody carried in asks another.
  expect(sites.keyOf(stays)).not.toBe(sites.keyOf([{ from: EVER, placeId: "cellar" }]));
});

test("it does not where it always stood inside, or still stands there when the day has passed", () => {
  const may = toDay("2027-06-20");
  const always = [{ from: EVER, placeId: "cellar" }];
  expect(standsInside(sitesOn("2026-12-01"), always, may)).toBe(true);
  expect(standsInside(sitesOn("2026-12-01"), carriedIn("2026-11-10"), may)).toBe(false);
  expect(standsInside(sitesOn("2027-06-01"), carriedIn("2026-11-10"), may)).toBe(true);
});

test("neither rain nor wind comes into a place indoors", () => {
  const { ensemble } = sitesOn("2026-12-01").at("cellar");
  expect([Math.max(...ensemble.rainMm), Math.max(...ensemble.windMs)]).toEqual([0, 0]);
  const outdoors = sitesOn("2026-12-01").at("wall").ensemble;
  expect(Math.max(...outdoors.rainMm)).toBeGreaterThan(5);
});

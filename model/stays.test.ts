import { normalsFromAnswers } from "@/core/atlas/index";
import { buildSite, calendarSlot, SEASON_LEAD_DAYS } from "@/core/climate/index";
import { type DayNumber, midwinterOf, slotOf, toDay, toIso } from "@/core/dates/index";
import { type PlaceRecord, resolveRecords } from "@/core/records/index";
import { winterOn } from "@/core/shelter/index";
import { anEvent, aTree } from "@/test-support/records";
import { HILL, siteInputOf } from "@/test-support/sites";
import { openYard } from "./open-yard";
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

/** A fig and a lemon by the wall, with a kept plan that sends both into the cellar, on a day. */
function plannedYard(today: string, where: string | null = "cellar") {
  const [fig, lemon] = [aTree({ kindId: "fig" }), aTree({ kindId: "lemon" })];
  const winter = winterOn(toDay("2026-09-01"), 48);
  const stands = [fig, lemon].map((t) => ({ treeId: t.id, placeId: where }));
  const events = [
    ...[fig, lemon].map((t) =>
      anEvent("2025-05-01", { kind: "arrived", form: "container", lastPotted: null }, { treeId: t.id }),
    ),
    ...[fig, lemon].map((t) => anEvent("2025-05-01", { kind: "placed" }, { treeId: t.id, placeId: "wall" })),
    anEvent("2026-08-20", { kind: "shelter-planned", winter, whole: true, stands }),
  ];
  const records = resolveRecords({ trees: [fig, lemon], lots: [], places: [CELLAR, WALL], events });
  const yard = openYard({ records, risk: 0.1 }, { key: `p${today}`, input: siteInputOf(HILL, { today }) }, { today });
  /** The first day from the next on with the cellar's night. */
  const goesIn = (treeId: string) => {
    const site = yard.tree(treeId)!.on(today)!.site;
    const opening = midwinterOf(2026, 48) - SEASON_LEAD_DAYS;
    const nights = (s: typeof site) => s.season(2026).slices[2].tminC;
    const day = Array.from({ length: 90 }, (_, d) => toDay(today) + 1 + d).find(
      (d) => nights(site)[d - opening] === nights(yard.places.at("cellar"))[d - opening],
    );
    return day ?? null;
  };
  return { yard, goesIn, fig: fig.id, lemon: lemon.id };
}

test("a kept plan's move in is followed: on the first night in a tenth of the years that the kind is brought in for", () => {
  const { yard, goesIn, fig, lemon } = plannedYard("2026-08-20");
  const wall = yard.places.at("wall");
  const firstAt = (atC: number) => calendarSlot(Math.round(wall.frost(atC).first.preferred[0.1]!), 48);
  const night = (id: string) => yard.winterAhead(yard.tree(id)!.record).bringInNightC ?? 0;
  expect(night(lemon)).toBe(3);
  expect(slotOf(goesIn(lemon)!)).toBe(firstAt(3));
  expect(slotOf(goesIn(fig)!)).toBe(firstAt(night(fig)));
  // The windows of its kind's tracks see the same weather as the tree's page.
  expect(yard.tracks.versionsOf(yard.tree(lemon)!.record).map((v) => v.key)).toEqual([
    `lemon@${yard.places.keyOf(yard.places.staysAhead([{ from: EVER, placeId: "wall" }], [{ from: EVER, placeId: "wall" }], yard.winterAhead(yard.tree(lemon)!.record)))}`,
  ]);
});

test("late it is followed tomorrow, until midwinter; not where the plan leaves it outside", () => {
  const outside = plannedYard("2026-09-01", null);
  expect(outside.goesIn(outside.lemon)).toBeNull();
  const late = plannedYard("2026-12-10");
  expect(toIso(late.goesIn(late.lemon)!)).toBe("2026-12-11");
  const forgotten = plannedYard("2027-01-10");
  expect(forgotten.goesIn(forgotten.lemon)).toBeNull();
});

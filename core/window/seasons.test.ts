import fc from "fast-check";
import { siteNormals } from "../atlas/index";
import { buildSite, frostStatistics, generateWeather, type Normals, type Site } from "../climate/index";
import { midwinterOf } from "../dates/index";
import { PLACE_AIR, siteAtPlace } from "../place/index";
import { profileOf } from "../species/index";
import { OPERATIONS, windowsOf } from "./index";

const SEASON = 2027;
const normalsAt = (latitudeDeg: number, longitudeDeg: number, elevationM: number) =>
  siteNormals({ latitudeDeg, longitudeDeg, elevationM }, 7).normals;
const siteWith = (latitudeDeg: number, normals: Normals): Site => {
  const today = midwinterOf(SEASON - 1, latitudeDeg);
  return buildSite({ latitudeDeg, normals, record: null, today, seed: 7, historyFrom: today - 800 });
};
const kind = (kindId: string) => profileOf({ kindId, typedName: null, habit: null });

/** A mild coast, a cold plain, a Mediterranean coast, the Gulf, a low desert, a mild south, an equatorial island. */
const CLIMATES: Record<string, [number, number, number]> = {
  maritime: [52.1, 5.2, 10],
  plain: [45, -93.2, 260],
  mediterranean: [40.4, 17, 30],
  gulf: [30.4, -91.1, 17],
  desert: [33.4, -112, 340],
  south: [-38, 145, 30],
  equator: [1.3, 103.8, 15],
};
const KINDS = ["apple", "fig", "lemon", "olive", "camellia", "japanese-maple", "mango", "pine"];

/** Weather years of one season and the next are not the same years: so much the share of them may differ from one day to the next. */
const SAMPLING = 0.25;

test.each(Object.keys(CLIMATES))("%s: no window opens or shuts because the year begins at midwinter", (name) => {
  const [latitudeDeg, longitudeDeg, elevationM] = CLIMATES[name];
  const site = siteWith(latitudeDeg, normalsAt(latitudeDeg, longitudeDeg, elevationM));
  const midwinter = midwinterOf(SEASON + 1, latitudeDeg);
  const steps = KINDS.flatMap((kindId) => {
    const series = windowsOf(site, kind(kindId), OPERATIONS, SEASON, SEASON + 1);
    return OPERATIONS.map((operation) => {
      const { startDay, suitability } = series[operation];
      const [before, after] = [midwinter - 1, midwinter].map((day) => suitability[day - startDay] / 200);
      return { kindId, operation, before, after };
    });
  });
  expect(steps.filter(({ before, after }) => Math.abs(after - before) > SAMPLING)).toEqual([]);
});

test("where winter never comes no work waits for frost or cold, whatever the day", () => {
  const site = siteWith(1.3, normalsAt(1.3, 103.8, 15));
  for (const kindId of ["lemon", "mango", "fig"]) {
    const { "slip-up": series } = windowsOf(site, kind(kindId), ["slip-up"], SEASON, SEASON + 1);
    expect([kindId, Math.min(...series.suitability) >= 100]).toEqual([kindId, true]);
  }
  expect(site.frost(0).first.preferred[0.1]).toBeNull();
});

test("warming brings the last frost of spring no later, the first of autumn no earlier", () => {
  const normals = normalsAt(48.2, 16.4, 170);
  fc.assert(
    fc.property(fc.double({ min: 0, max: 4, noNaN: true }), (warmerC) => {
      const dates = [0, warmerC].map((addedC) => {
        const warmed = {
          ...normals,
          tminC: normals.tminC.map((v) => v + addedC),
          tmaxC: normals.tmaxC.map((v) => v + addedC),
        };
        const { startDay, tminC } = generateWeather(48.2, warmed, 32, 7);
        const { first, last } = frostStatistics(48.2, startDay, tminC, 0);
        return { first: first.rank[0.5]!, last: last.rank[0.5]! };
      });
      expect(dates[1].last).toBeLessThanOrEqual(dates[0].last);
      expect(dates[1].first).toBeGreaterThanOrEqual(dates[0].first);
    }),
    { numRuns: 12, seed: 3 },
  );
});

test("a room is deaf to rain", () => {
  const dry = normalsAt(52.1, 5.2, 10);
  const room = (rainMm: number) => {
    const site = siteWith(52.1, { ...dry, rainMm: dry.rainMm.map(() => rainMm) });
    return windowsOf(siteAtPlace(site, PLACE_AIR.room).site, kind("lemon"), ["up-pot"], SEASON, SEASON)["up-pot"];
  };
  expect(room(0).suitability).toEqual(room(200).suitability);
});

import { HILL } from "@/test-support/sites";
import { normalsFromAnswers } from "../atlas/index";
import fc from "fast-check";
import { toDay } from "../dates/index";
import { TEST_NORMALS } from "@/test-support/normals";
import {
  buildSite,
  chanceBelow,
  type DailyRecord,
  fitPlace,
  forecastErrorC,
  forecastNights,
  frostStatistics,
  generateWeather,
  lapseC,
  mergeSources,
  nightsAhead,
  normalsFromTable,
  offsetForFrostDays,
  offsetFromReadings,
  placeMinima,
  placeMinimumC,
  recordCalendar,
} from "./index";

const years = generateWeather(48.3, TEST_NORMALS, 30, 5);
const cut = (record: DailyRecord, from: number, to: number, add = 0): DailyRecord => {
  const part = (v: Float32Array) => v.slice(from, to);
  return {
    startDay: record.startDay + from,
    tminC: part(record.tminC).map((v) => v + add),
    tmaxC: part(record.tmaxC).map((v) => v + add),
    solarMJ: part(record.solarMJ),
    rainMm: part(record.rainMm),
    windMs: part(record.windMs),
  };
};

describe("records of several sources", () => {
  test("a day is from the most trusted source that has it, a lesser one moved to agree with it", () => {
    const own = cut(years, 200, 400);
    const station = cut(years, 0, 600, -2.5);
    const merged = mergeSources([
      { id: "own", record: own, lapseC: 0 },
      { id: "station", record: station, lapseC: 1 },
    ])!;
    expect([merged.from[0], merged.from[300], merged.from[500]]).toEqual([1, 0, 1]);
    expect(merged.adjustments[1]).toMatchObject({ by: "common-days", commonDays: 200 });
    expect(merged.adjustments[1].minC).toBeCloseTo(2.5, 3);
    expect(merged.record.tminC[10]).toBeCloseTo(years.tminC[10], 3);
    expect(merged.record.tminC[300]).toBe(own.tminC[100]);
  });
  test("without common days the height decides", () => {
    const merged = mergeSources([
      { id: "a", record: cut(years, 0, 100), lapseC: 0 },
      { id: "b", record: cut(years, 100, 200), lapseC: lapseC(940, 540) },
    ])!;
    expect(merged.adjustments[1]).toMatchObject({ by: "height", scatterC: null });
    expect(merged.adjustments[1].minC).toBeCloseTo(2.6);
    expect(merged.record.tminC[150]).toBeCloseTo(years.tminC[150] + 2.6, 4);
  });
  test("the calendar tells read, filled, missing and outside apart", () => {
    const record = cut(years, 10, 60);
    for (const i of [5, 6, 20, 21, 22, 23]) record.tminC[i] = NaN;
    const [year] = recordCalendar(mergeSources([{ id: "a", record, lapseC: 0 }])!);
    expect(year.states.length).toBe(365);
    expect(year.states.slice(9, 11)).toEqual(["outside", "read"]);
    expect(year.states.slice(15, 17)).toEqual(["filled", "filled"]);
    expect(year.states.slice(30, 34)).toEqual(["missing", "missing", "missing", "missing"]);
    expect(year.states[60]).toBe("outside");
  });
  test("no source, no record", () => expect(mergeSources([])).toBeNull());
});

describe("places", () => {
  const noise = (i: number) => 0.4 * Math.sin(i * 12.9);
  const pairs = Array.from({ length: 60 }, (_, i) => {
    const siteC = -9 + (i % 14);
    return { day: i, siteC, placeC: 2 + 0.6 * siteC + noise(i) };
  });
  test("offset and damping are learned from cold nights", () => {
    const fit = fitPlace(pairs)!;
    expect(fit.climate.offsetC).toBeCloseTo(2, 0);
    expect(fit.climate.damping).toBeCloseTo(0.4, 1);
    expect(fit.residualC).toBeLessThan(0.5);
    expect(fit.dampingSe).not.toBeNull();
  });
  test("nine nights teach nothing, nights all alike teach the offset alone", () => {
    expect(fitPlace(pairs.slice(0, 9))).toBeNull();
    const alike = Array.from({ length: 20 }, (_, i) => ({ day: i, siteC: -3, placeC: -1.5 + noise(i) }));
    const fit = fitPlace(alike)!;
    expect(fit.dampingSe).toBeNull();
    expect(fit.climate.damping).toBe(0);
    expect(fit.climate.offsetC).toBeCloseTo(1.5, 0);
  });
  test("a warmer place never has its last frost later in spring", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        (offsetC, damping) => {
          const open = frostStatistics(48.3, years.startDay, years.tminC, 0).last;
          const place = frostStatistics(48.3, years.startDay, placeMinima(years.tminC, { offsetC, damping }), 0).last;
          expect(place.withFrost).toBeLessThanOrEqual(open.withFrost);
          place.startYear.forEach((y, i) => {
            const [a, b] = [place.byYear[i], open.byYear[open.startYear.indexOf(y)]];
            if (a !== null) expect(b !== null && b >= a).toBe(true);
          });
        },
      ),
      { numRuns: 20 },
    );
    expect(placeMinimumC(-10, { offsetC: 4, damping: 0.85 })).toBeCloseTo(2.5);
  });
});

describe("what the grower says of the climate", () => {
  test("the minima are moved until the middle year meets the days known", () => {
    const now = frostStatistics(48.3, years.startDay, years.tminC, 0);
    expect(now.last.preferred[0.5]).not.toBeNull();
    const fit = offsetForFrostDays(48.3, years.startDay, years.tminC, { last: "05-20", first: null });
    expect(fit.offsetC).toBeLessThan(0);
    expect(Math.abs(fit.missLastDays!)).toBeLessThanOrEqual(4);
    expect(fit.missFirstDays).toBeNull();
    const site = buildSite({
      latitudeDeg: 48.3,
      normals: TEST_NORMALS,
      normalsFrom: "table",
      record: years,
      today: years.startDay + years.tminC.length,
      seed: 3,
      historyFrom: years.startDay,
      knownFrost: { last: "05-20", first: null },
    });
    expect(site.frostFit!.offsetC).toBe(fit.offsetC);
    const want = 200 + 123; // 20 May counted from 1 July
    expect(Math.abs(site.frost(0).last.preferred[0.5]! - want)).toBeLessThanOrEqual(4);
  });
  test("a table of means is brought to the site's height and becomes weather years", () => {
    const said = { tminC: TEST_NORMALS.tminC, tmaxC: TEST_NORMALS.tmaxC, elevationM: 1040 };
    const guessed = normalsFromAnswers(HILL);
    const { tminC, tmaxC, ...rest } = normalsFromTable(said, 540, guessed);
    expect(tminC[0]).toBeCloseTo(TEST_NORMALS.tminC[0] + 3.25);
    expect(tmaxC[6]).toBeCloseTo(TEST_NORMALS.tmaxC[6] + 3.25);
    // Of what a table does not say the guess stands.
    const { tminC: _low, tmaxC: _high, ...kept } = guessed;
    expect(rest).toEqual(kept);
  });
  test("a few own readings move the normals a little, many move them more", () => {
    const shift = (days: number) =>
      offsetFromReadings(
        Array.from({ length: days }, () => 2),
        Array.from({ length: days }, () => 1),
        4,
      )!;
    expect(offsetFromReadings([2, 2], [1, 1], 4)).toBeNull();
    expect(shift(10).minC).toBeLessThan(shift(100).minC);
    expect(shift(100).minC).toBeLessThan(2);
    expect(shift(100).seC).toBeLessThan(shift(10).seC);
  });
});

describe("forecast", () => {
  const today = toDay("2026-11-20");
  const forecast = {
    issuedOn: today,
    days: Array.from({ length: 10 }, (_, k) => ({ day: today + k, tminC: -8, tmaxC: -2, rainMm: 0, windMs: 2 })),
  };
  const input = {
    latitudeDeg: 48.3,
    normals: TEST_NORMALS,
    record: null,
    today,
    seed: 11,
    historyFrom: toDay("2024-01-01"),
  };
  test("the error grows with the lead time and never beyond the climate's own spread", () => {
    for (let k = 1; k < 20; k++) expect(forecastErrorC(k + 1, 4)).toBeGreaterThanOrEqual(forecastErrorC(k, 4));
    expect(forecastErrorC(40, 4)).toBeCloseTo(3.88);
    expect(chanceBelow(0, 0, 2)).toBeCloseTo(0.5);
    expect(chanceBelow(2, 0, 2)).toBeGreaterThan(chanceBelow(1, 0, 2));
  });
  test("the coming days go by it, what lies beyond by the climate", () => {
    const [without, with_] = [buildSite(input), buildSite({ ...input, forecast })];
    const cold = (s: typeof without) => {
      const { slices } = s.season(2026);
      const from = today - slices[0].startDay;
      const mean = (i: number) => slices.reduce((sum, slice) => sum + slice.tminC[i], 0) / slices.length;
      return [mean(from + 3), mean(from + 40)];
    };
    expect(cold(with_)[0]).toBeLessThan(cold(without)[0] - 3);
    expect(cold(with_)[1]).toBeCloseTo(cold(without)[1], 5);
    expect(cold(with_)[0]).toBeCloseTo(-8, 0);
    const portions = with_.season(2026).slices[0].portions;
    for (let i = 1; i < portions.length; i++) expect(portions[i]).toBeGreaterThanOrEqual(portions[i - 1] - 1e-4);
  });
  test("an old forecast knows less; nights it does not reach are what is usual", () => {
    const nights = forecastNights(forecast, TEST_NORMALS, today + 4);
    expect(nights.length).toBe(6);
    expect(nights[0].leadDays).toBe(5);
    const ahead = nightsAhead(buildSite({ ...input, today: today + 4, forecast }));
    expect(ahead.map((n) => n.basis)).toEqual([
      ...Array<string>(6).fill("forecast"),
      ...Array<string>(4).fill("usual"),
    ]);
    expect(ahead[9].minErrorC).toBeGreaterThan(ahead[0].minErrorC);
  });
});

test("all temperatures shifted up: no frost comes later in spring or earlier in autumn", () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 6, noNaN: true }), (shift) => {
      const [cold, warm] = [0, shift].map((c) => frostStatistics(48.3, years.startDay, years.tminC, 0, c));
      warm.last.byYear.forEach((d, i) => {
        if (d !== null) expect(cold.last.byYear[i]! >= d).toBe(true);
      });
      warm.first.byYear.forEach((d, i) => {
        if (d !== null) expect(cold.first.byYear[i]! <= d).toBe(true);
      });
    }),
    { numRuns: 30 },
  );
});

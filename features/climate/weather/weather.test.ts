import { randomUUID } from "node:crypto";
import { coldestOfMiddleYear, type DailyRecord, generateWeather, nightsAhead } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import { atRisk, firstRing } from "../ahead";
import { keepForecast, newestForecasts } from "@/data/forecasts";
import { localTimeOf } from "@/server/clock";
import { sunAheadH } from "./learn-air";
import { listPlaceHours } from "@/data/place-hours";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { closePools, pool } from "@/server/pool";
import { TEST_NORMALS } from "@/test-support/normals";
import { TestYard } from "@/test-support/yard";

afterAll(() => closePools());

const TODAY = process.env.AURELIAN_TODAY!;
const today = toDay(TODAY);

/** Generated days that end yesterday. */
function record(days: number, addC = 0): DailyRecord {
  const years = generateWeather(48.3, TEST_NORMALS, Math.ceil(days / 365) + 2, 9);
  // Ends in the middle of May, so that the last months hold a winter.
  const end = 365 * Math.ceil(days / 365) + 134;
  const cut = (v: Float32Array) => v.slice(end - days, end);
  return {
    startDay: today - days,
    tminC: cut(years.tminC).map((v) => v + addC),
    tmaxC: cut(years.tmaxC).map((v) => v + addC),
    solarMJ: cut(years.solarMJ),
    rainMm: cut(years.rainMm),
    windMs: cut(years.windMs),
  };
}

const yardWith = async () => {
  const yard = new TestYard();
  await yard.found();
  return yard;
};
const view = (yard: TestYard) => yard.view();
const load = (yard: TestYard, name: string, r: DailyRecord, more = {}) =>
  yard.ok("import-weather", { fileName: name, text: writeWeatherCsv(r), options: {}, ...more });

test("a station higher up is allowed for; ranked and set aside, the record follows, and undo brings it back", async () => {
  const yard = await yardWith();
  await load(yard, "hill.csv", record(900, -3), { elevationM: 940 });
  const high = (await view(yard)).yard.site.observed!.tminC[10];
  expect(high).toBeCloseTo(record(900, -3).tminC[10] + (940 - (await view(yard)).collection.elevationM) * 0.0065, 1);
  await load(yard, "own.csv", record(400));
  const { sources } = (await view(yard)).loaded;
  const [hill, own] = ["hill.csv", "own.csv"].map((n) => sources.find((s) => s.name === n)!.id);
  // The newest is trusted most until it is ranked; the other is moved to agree with it.
  const merged = (await view(yard)).yard.site.observed!;
  expect(merged.tminC[merged.tminC.length - 1]).toBeCloseTo(record(400).tminC[399], 1);
  const ranked = await yard.ok("rank-weather", { order: [hill, own], leftOut: [own] });
  expect((await view(yard)).yard.site.observed!.tminC[10]).toBeCloseTo(high, 3);
  await yard.ok("undo-entry", { entryId: ranked.entryId });
  expect((await view(yard)).yard.site.observed!.tminC.length).toBe(merged.tminC.length);
  expect(await yard.fault("rank-weather", { order: [randomUUID()], leftOut: [] }, "order")).toBe("record-gone");
});

test("known frost days move the nights; a table takes the answers' place; bad months are named", async () => {
  const yard = await yardWith();
  const before = (await view(yard)).yard.site;
  await yard.ok("say-climate", {
    normals: { tminC: TEST_NORMALS.tminC, tmaxC: TEST_NORMALS.tmaxC, elevationM: null },
    frost: null,
  });
  const table = (await view(yard)).yard.site;
  expect(table.basis).toBe("table");
  expect(table.normals.tminC[0]).not.toBeCloseTo(before.normals.tminC[0], 1);
  await yard.ok("say-climate", {
    normals: { tminC: TEST_NORMALS.tminC, tmaxC: TEST_NORMALS.tmaxC, elevationM: null },
    frost: { last: "05-25", first: null },
  });
  expect((await view(yard)).yard.site.frostFit!.offsetC).toBeLessThan(0);
  const crossed = { tminC: [20, ...TEST_NORMALS.tminC.slice(1)], tmaxC: TEST_NORMALS.tmaxC, elevationM: null };
  expect(await yard.fault("say-climate", { normals: crossed, frost: null }, "normals.tminC.0")).toBe(
    "lows-above-highs",
  );
  expect(await yard.fault("say-climate", { normals: null, frost: { last: "02-31", first: null } }, "frost.last")).toBe(
    "not-a-day-of-the-year",
  );
  await yard.ok("say-climate", { normals: null, frost: null });
  expect((await view(yard)).yard.site.basis).toBe("answers");
});

test("the year's usual ends go before the first answers; what contradicts them is told at its field", async () => {
  const yard = await yardWith();
  const coldest = async () => {
    const { minima, latitudeDeg } = (await view(yard)).yard.site;
    return coldestOfMiddleYear(latitudeDeg, minima.startDay, minima.tminC);
  };
  const before = await coldest();
  const said = (coldestNightC: number | null, hotAfternoonC: number | null = null) => ({
    normals: null,
    frost: null,
    extremes: { coldestNightC, hotAfternoonC },
  });
  await yard.ok("say-climate", said(before - 6));
  expect(Math.abs((await coldest()) - (before - 6))).toBeLessThanOrEqual(1);
  const hottest = async () => Math.max(...(await view(yard)).yard.site.normals.tmaxC);
  const july = await hottest();
  await yard.ok("say-climate", said(null, 41));
  expect(await hottest()).toBeGreaterThan(july + 3);
  expect(await coldest()).toBeCloseTo(before, 1);
  expect(await yard.fault("say-climate", said(6), "extremes.coldestNightC")).toBe("frost-without-cold");
  expect(await yard.fault("say-climate", said(-7, -5), "extremes.hotAfternoonC")).toBe("hot-below-cold");
  await yard.ok("say-climate", said(null));
  expect(await coldest()).toBeCloseTo(before, 6);
});

test("a place learns from its logger, keeps its hours, and forgets when told otherwise", async () => {
  const yard = await yardWith();
  const r = record(300);
  await load(yard, "own.csv", r);
  const placeId = randomUUID();
  await yard.ok("add-place", { placeId, name: "Glass shed", kind: "unheated" });
  const lines = ["time,temp_c"];
  for (let i = 300 - 120; i < 300; i++)
    for (let h = 0; h < 24; h++) {
      const low = 3 + 0.5 * r.tminC[i];
      const high = Math.max(low + 1, 3 + 0.5 * r.tmaxC[i]);
      const value = low + ((high - low) * (1 - Math.cos((2 * Math.PI * (h - 5)) / 24))) / 2;
      lines.push(`${toIso(r.startDay + i)} ${String(h).padStart(2, "0")}:00,${value.toFixed(2)}`);
    }
  const done = await yard.ok("import-logger", { placeId, fileName: "shed.csv", text: lines.join("\n"), options: {} });
  const { loaded } = await view(yard);
  const said = loaded.placeClimates.get(placeId)!;
  expect(said.climate.offsetC).toBeCloseTo(3, 0);
  expect(said.climate.damping).toBeCloseTo(0.5, 1);
  expect(said.nights).toBeGreaterThanOrEqual(10);
  // Its hours tell how slowly it follows, as the glasshouse it is taken for.
  expect(said.air).toMatchObject({ as: "glasshouse" });
  expect(said.air!.hold).toBeGreaterThan(0.2);
  const hours = await listPlaceHours(pool(), { collectionId: yard.id }, placeId, [done.entryId]);
  expect(hours.length).toBe(120 * 24);
  await yard.ok("set-place-climate", { placeId, climate: { offsetC: -1, damping: 0 } });
  expect((await view(yard)).loaded.placeClimates.get(placeId)).toEqual({
    climate: { offsetC: -1, damping: 0 },
    nights: null,
  });
  await yard.ok("set-place-climate", { placeId, climate: null });
  expect((await view(yard)).loaded.placeClimates.has(placeId)).toBe(false);
  expect(await yard.fault("import-logger", { placeId, fileName: "x.csv", text: "a,b\n1,2", options: {} }, "file")).toBe(
    "file-unread",
  );
  expect(await yard.fault("poll-logger", { placeId }, "placeId")).toBe("no-thermometer");
});

test("a kept forecast is laid over the season, endangers tender wood and rings the alarm; without one the climate speaks", async () => {
  const yard = await yardWith();
  await yard.tree("C-1", { kindId: "lemon" });
  await load(yard, "own.csv", record(420));
  const quiet = await view(yard);
  expect(nightsAhead(quiet.yard.site).every((n) => n.basis === "usual")).toBe(true);
  await yard.ok("set-alarm", { alarmId: randomUUID(), name: "Hard night", thresholdC: -6, chance: 0.5, placeId: null });
  expect(firstRing(await view(yard))).toBeNull();
  const scope = { collectionId: yard.id };
  const run = {
    id: randomUUID(),
    askedAt: `${TODAY} 06:00:00.000`,
    source: "test",
    simulated: false,
    outcome: "ok" as const,
    detail: "10 days ahead",
    issuedAt: `${TODAY} 06:00:00.000`,
    issuedOn: TODAY,
    days: Array.from({ length: 10 }, (_, k) => ({
      date: toIso(today + k),
      tminC: -12,
      tmaxC: -4,
      rainMm: 0,
      windMs: 2,
    })),
  };
  await keepForecast(pool(), scope, run);
  const cold = await view(yard);
  const nights = nightsAhead(cold.yard.site);
  expect(nights.every((n) => n.basis === "forecast" && n.minC === -12)).toBe(true);
  expect(atRisk(cold, nights)[0].worst!.wood).toBeGreaterThan(0.9);
  expect(firstRing(cold)).toMatchObject({ name: "Hard night", on: TODAY });
  const { slices } = cold.yard.site.season(2026);
  expect(slices[3].tminC[today + 2 - slices[3].startDay]).toBeLessThan(-4);

  expect(cold.weather.simulatedForecast).toBe(false);
  // A made-up one, kept from a time when one was asked on every site, counts for nothing where none is set up.
  const madeUp = { ...run, id: randomUUID(), askedAt: `${TODAY} 08:00:00.000`, simulated: true };
  await keepForecast(pool(), scope, madeUp);
  expect((await newestForecasts(pool(), scope)).usable).toMatchObject({ id: madeUp.id, simulated: true });
  expect(nightsAhead((await view(yard)).yard.site).every((n) => n.basis === "usual")).toBe(true);
  expect(firstRing(await view(yard))).toBeNull();

  await keepForecast(pool(), scope, {
    ...run,
    id: randomUUID(),
    askedAt: `${TODAY} 09:00:00.000`,
    outcome: "timeout",
    days: null,
  });
  const both = await newestForecasts(pool(), scope);
  expect([both.asked!.outcome, both.usable!.id]).toEqual(["timeout", madeUp.id]);
});

test("looks, feeds and late work move a tree's own wood, from their day on only", async () => {
  const yard = await yardWith();
  const treeId = await yard.tree("A-1", { kindId: "apple" });
  await load(yard, "own.csv", record(1200));
  const nothing = { woodyShare: null, bend: null, terminalBud: null, leafFall: null, bbch: null };
  const day = toIso(today - 230);
  expect(await yard.fault("record-wood", { treeId, on: day, ...nothing }, "bend")).toBe("see-something");
  expect(await yard.fault("record-wood", { treeId, on: day, ...nothing, bbch: 55 }, "bbch")).toBe("wood-stage");
  await yard.ok("record-wood", { treeId, on: day, ...nothing, woodyShare: 0.15, bend: "soft" });
  await yard.ok("record-feed", { treeIds: [treeId], on: toIso(today - 260), form: "quick", strength: 1, what: "" });
  await yard.ok("record-pruning", { treeId, on: toIso(today - 250), how: "hard" });
  const model = (await view(yard)).yard;
  expect(model.context.versions![treeId].map((o) => o.from)).toEqual([today - 260, today - 250, today - 230]);
  const own = model.tree(treeId)!.on(today)!.tracks;
  const kind = model.kindTracks(model.tree(treeId)!.kind)!;
  const at = today - 180 - kind.wood.startDay;
  expect(own.wood.ripe50[at]).toBeLessThan(kind.wood.ripe50[at]);
  // Earlier and later seasons are the kind's.
  expect(own.wood.ripe50[at - 365]).toBe(kind.wood.ripe50[at - 365]);
  // The coming nights are held against that wood, and not against that of another apple nobody looked at.
  await yard.tree("A-2", { kindId: "apple" });
  const now = await view(yard);
  const rows = atRisk(now, nightsAhead(now.yard.site));
  expect(rows.map((r) => [r.tags, r.own]).sort()).toEqual([
    [["A-1"], true],
    [["A-2"], false],
  ]);
});

test("the sun's hours stand beside the clock's: summer time and longitude, east and west", () => {
  const clock = (zone: string) => localTimeOf(zone);
  expect(sunAheadH(clock("UTC"), 0, "2026-01-15")).toBe(0);
  // Central Europe at 11° E: an hour ahead of Greenwich by the clock, three quarters by the sun; two in summer.
  expect(sunAheadH(clock("Europe/Vienna"), 11, "2026-01-15")).toBe(0);
  expect(sunAheadH(clock("Europe/Vienna"), 11, "2026-07-15")).toBe(-1);
  expect(sunAheadH(clock("Pacific/Auckland"), 175, "2026-01-15")).toBe(-1);
  expect(sunAheadH(clock("America/Los_Angeles"), -120, "2026-01-15")).toBe(0);
});

import { createHash, randomUUID } from "node:crypto";
import type { CommandAnswer } from "@/contract/index";
import { subject, CLIMATE, WEATHER_ORDER } from "@/core/event/index";
import { answerFaults, answersWithSaid, fitPlace, lapseC } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import type { LearnedAir } from "@/core/place/index";
import { countPlaceHours, insertPlaceHours, listPlaceHours } from "@/data/place-hours";
import { insertWeather } from "@/data/weather";
import { parseLogger } from "@/formats/logger-csv";
import { readWeatherFile } from "@/formats/weather-file";
import { localTimeOf } from "@/server/clock";
import { thermometerSource } from "@/server/thermometer";
import { pool } from "@/server/pool";
import { viewCollection, yardOf } from "@/features/kernel/collection/load";
import { happening } from "@/features/kernel/days";
import { addsOnly, command, type CommandContext, refuse } from "@/features/kernel/define";
import { describeMoves } from "./moves";
import { airFitOf } from "./learn-air";
import { nightPairs } from "./pairs";

/** All good lines of a file, or nothing. Answers what moved because of it. */
export const importWeather = command("import-weather", {
  subjects: addsOnly,
  run: async (context, v) => {
    const toLocal = localTimeOf(context.collection.zone);
    const parsed = readWeatherFile(v.text, { ...v.options, toLocal }, context.today);
    if (!parsed.ok) refuse("file", "file-unread", { why: parsed.message });
    const { file } = parsed;
    const sha256 = createHash("sha256").update(v.text).digest("hex");
    if (context.loaded.sources.some((s) => s.sha256 === sha256)) refuse("file", "file-known");
    const source = {
      id: randomUUID(),
      entryId: context.entryId,
      name: v.fileName,
      sha256,
      goodDays: file.goodDays,
      badLines: file.problems.length,
      firstDay: file.firstDay,
      lastDay: file.lastDay,
      elevationM: v.elevationM ?? file.elevationM,
    };
    const moved = await describeMoves(context, file.record, lapseC(source.elevationM, context.collection.elevationM));
    context.write(() =>
      insertWeather(context.db, context.scope, source, file.record, (done) => context.progress(done, file.goodDays)),
    );
    context.weatherChanged();
    context.note(`Weather of ${file.goodDays} days read in from ${v.fileName}`);
    return { sourceId: source.id, goodDays: file.goodDays, moved };
  },
});

/** Overlapping records in the order of trust; some may be set aside. */
export const rankWeather = command("rank-weather", {
  subjects: () => [WEATHER_ORDER],
  run: (context, v) => {
    const known = new Set(context.loaded.sources.map((s) => s.id));
    if ([...v.order, ...v.leftOut].some((id) => !known.has(id))) refuse("order", "record-gone");
    context.record(
      happening({ kind: "weather-ranked", order: v.order, leftOut: [...new Set(v.leftOut)] }, context.today),
    );
    context.weatherChanged();
    context.note(
      v.leftOut.length > 0 ? "Weather records put in order, some set aside" : "Weather records put in order",
    );
    return Promise.resolve({});
  },
});

/** Where a fault of the answers is told. */
const SAID_AT = {
  lastSpringFrost: "frost.last",
  firstAutumnFrost: "frost.first",
  coldestNightC: "extremes.coldestNightC",
  hotAfternoonC: "extremes.hotAfternoonC",
} as const;

/** What the grower knows of the site's climate: months, frost days, the year's usual ends; each goes before the first answers. */
export const sayClimate = command("say-climate", {
  subjects: () => [CLIMATE],
  run: (context, v) => {
    const frost = v.frost && (v.frost.last !== null || v.frost.first !== null) ? v.frost : null;
    const said = v.extremes ?? null;
    const extremes = said && (said.coldestNightC !== null || said.hotAfternoonC !== null) ? said : null;
    const [wrong] = answerFaults(answersWithSaid(context.collection.answers, frost, extremes));
    if (wrong) refuse(SAID_AT[wrong.field], wrong.code);
    context.record(happening({ kind: "climate-said", normals: v.normals, frost, extremes }, context.today));
    context.weatherChanged();
    const parts = [
      v.normals ? "monthly normals" : "",
      frost ? "known frost days" : "",
      extremes ? "usual cold and heat" : "",
    ].filter(Boolean);
    context.note(
      parts.length === 0 ? "Climate of the site as first answered" : `Climate of the site: ${parts.join(", ")}`,
    );
    return Promise.resolve({});
  },
});

function findPlace(context: CommandContext, placeId: string) {
  return context.loaded.places.find((p) => p.id === placeId) ?? refuse("placeId", "place-gone");
}

/** A place's nights against the site's, as the grower knows them; null: as the site's. */
export const setPlaceClimate = command("set-place-climate", {
  subjects: (v) => [subject.place(v.placeId)],
  run: (context, v) => {
    const place = findPlace(context, v.placeId);
    context.record(
      happening({ kind: "place-climate", climate: v.climate, nights: null }, context.today, { placeId: place.id }),
    );
    context.note(`Climate of ${place.name}`);
    return Promise.resolve({ placeId: place.id });
  },
});

/** As finely as it can be told. */
const roundedAir = ({ as, tauH, hold, addedC, gainC }: LearnedAir): LearnedAir => ({
  as,
  tauH,
  hold: Math.round(hold * 100) / 100,
  addedC: Math.round(addedC * 100) / 100,
  gainC: Math.round(gainC * 100) / 100,
});

/** Keeps readings of a place and learns from all of them how its nights stand to the site's. */
async function keepReadings(
  context: CommandContext,
  placeId: string,
  text: string,
  unit: "auto" | "C" | "F",
  from: string,
): Promise<CommandAnswer<"import-logger">> {
  const place = findPlace(context, placeId);
  const read = parseLogger(text, { unit, toLocal: localTimeOf(context.collection.zone) }, context.today);
  if (!read.ok) refuse("file", "file-unread", { why: read.message });
  const { hours } = read.file;
  const { db, scope, entryId, loaded, collection, today } = context;
  const voided = loaded.counting.voided;
  const entries = loaded.entries.filter((e) => !voided.has(e.id)).map((e) => e.id);
  const earlier = await listPlaceHours(db, scope, placeId, entries);
  const fresh = new Set(hours.map((h) => h.hour));
  const all = [...earlier.filter((h) => !fresh.has(h.hour)), ...hours];
  const { site } = await yardOf(context);
  const fit = fitPlace(nightPairs(all, site, toDay(today)));
  const clock = { toLocal: localTimeOf(collection.zone), longitudeDeg: collection.longitudeDeg };
  const air = fit && airFitOf(all, site, place, clock);
  context.write(() =>
    insertPlaceHours(db, scope, entryId, placeId, hours, (done) => context.progress(done, hours.length)),
  );
  if (fit) {
    const climate = {
      offsetC: Math.round(fit.climate.offsetC * 10) / 10,
      damping: Math.round(fit.climate.damping * 100) / 100,
    };
    const learned = air ? { air: roundedAir(air.air) } : {};
    context.record(happening({ kind: "place-climate", climate, nights: fit.nights, ...learned }, today, { placeId }));
  }
  context.note(`${read.file.readings} readings of ${place.name} ${from}`);
  return { readings: read.file.readings, learned: fit !== null };
}

export const importLogger = command("import-logger", {
  subjects: (v) => [subject.place(v.placeId)],
  run: (context, v) => keepReadings(context, v.placeId, v.text, v.options.unit, `from ${v.fileName}`),
});

/** How far back a logger that was never read is asked. */
const POLL_DAYS = 90;

/** Asks the logger of a place for what it read since it was last asked. */
export const pollLogger = command("poll-logger", {
  subjects: (v) => [subject.place(v.placeId)],
  prepare: async (v, { collectionId }) => {
    const source = thermometerSource();
    const view = await viewCollection(collectionId);
    const place = view?.loaded.places.find((p) => p.id === v.placeId);
    if (!source || !view || !place) return refuse("placeId", "no-thermometer");
    const run = view.yard.site.observed;
    if (!run) return refuse("placeId", "no-own-record");
    const counts = await countPlaceHours(pool(), { collectionId });
    // Readings whose entry was undone are asked for again.
    const { voided } = view.loaded.counting;
    const last = counts
      .filter((c) => c.placeId === v.placeId && !voided.has(c.entryId))
      .reduce((a, c) => (c.last > a ? c.last : a), "");
    const end = run.startDay + run.tminC.length - 1;
    const from = Math.max(last === "" ? 0 : toDay(last.slice(0, 10)), end - POLL_DAYS, run.startDay);
    if (last !== "" && toDay(last.slice(0, 10)) >= end) return refuse("placeId", "nothing-newer");
    const text = await source.read({ place, run, from, to: end });
    return text === null ? refuse("placeId", "thermometer-silent") : { ...v, text };
  },
  run: (context, v) => keepReadings(context, v.placeId, v.text, "C", "by its logger"),
});

/** Tell me when a night like this is forecast. */
export const setAlarm = command("set-alarm", {
  subjects: (v) => [subject.alarm(v.alarmId)],
  run: (context, v) => {
    if (v.placeId !== null) findPlace(context, v.placeId);
    const { alarmId, name, thresholdC, chance, placeId, gone } = v;
    context.record(happening({ kind: "alarm", alarmId, name, thresholdC, chance, placeId, gone }, context.today));
    context.note(gone ? `Alarm ${name} taken out` : `Alarm: ${name}`);
    return Promise.resolve({ alarmId });
  },
});

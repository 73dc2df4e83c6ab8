import "server-only";
import { randomUUID } from "node:crypto";
import { FORECAST_DAYS } from "@/core/climate/index";
import { type ForecastRun, keepForecast, newestForecasts } from "@/data/forecasts";
import { now } from "@/server/clock";
import { askForecast } from "@/server/forecast/ask";
import { forecastSource } from "@/server/forecast/configured";
import type { ForecastSource } from "@/server/forecast/source";
import { pool } from "@/server/pool";
import { viewCollection } from "@/features/kernel/collection/load";

/** How long a forecast is taken as it is before the service is asked again. */
const ASK_EVERY_MS = 3 * 3600 * 1000;
/** After a failure it is asked again sooner. */
const ASK_AGAIN_MS = 15 * 60 * 1000;

const asking = new Map<string, Promise<ForecastRun | null>>();

const ageMs = (utc: string) => Date.now() - new Date(`${utc.replace(" ", "T")}Z`).getTime();

/** Asks the service when its last answer has aged, or at once. Answers the run that was kept; null when nothing was asked. */
export async function refreshForecast(collectionId: string, atOnce = false): Promise<ForecastRun | null> {
  const source = forecastSource();
  if (!source) return null;
  const known = asking.get(collectionId);
  if (known) return known;
  const work = ask(collectionId, source, atOnce).finally(() => asking.delete(collectionId));
  asking.set(collectionId, work);
  return work;
}

async function ask(collectionId: string, source: ForecastSource, atOnce: boolean): Promise<ForecastRun | null> {
  const { asked } = await newestForecasts(pool(), { collectionId });
  if (!atOnce && asked && ageMs(asked.askedAt) < (asked.outcome === "ok" ? ASK_EVERY_MS : ASK_AGAIN_MS)) {
    if (asked.outcome !== "ok") return null;
    // A new day at the site wants a new forecast, however young the last one is.
    const known = await viewCollection(collectionId);
    if (!known || asked.issuedOn === null || known.today <= asked.issuedOn) return null;
  }
  const view = await viewCollection(collectionId);
  if (!view) return null;
  const { collection, yard, today } = view;
  const answer = await askForecast(source, {
    latitudeDeg: collection.latitudeDeg,
    longitudeDeg: collection.longitudeDeg,
    elevationM: collection.elevationM,
    today,
    days: FORECAST_DAYS,
    normals: yard.site.normals,
    seed: collection.seed % 100_000,
  });
  const run: ForecastRun = {
    id: randomUUID(),
    askedAt: now(),
    source: source.name,
    simulated: source.isSimulated,
    outcome: answer.outcome,
    detail: answer.detail,
    issuedAt: answer.answer ? now() : null,
    issuedOn: answer.answer?.issuedOn ?? null,
    days: answer.answer?.days ?? null,
  };
  await keepForecast(pool(), { collectionId }, run);
  // Everything is computed anew from it now, so that the next page need not wait.
  if (answer.answer) await viewCollection(collectionId);
  return run;
}

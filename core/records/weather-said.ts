import type { ExtremesSaid, NormalsSaid } from "../climate/index";
import type { LoggedEvent } from "../event/index";
import type { PlaceClimateSaid } from "../winter/index";

/** What the grower said of the site's climate beyond the first answers. */
export interface ClimateSaid {
  normals: NormalsSaid | null;
  frost: { last: string | null; first: string | null } | null;
  extremes: ExtremesSaid | null;
}

/** Overlapping weather records: the most trusted first. */
export interface SourceRanking {
  order: readonly string[];
  leftOut: readonly string[];
}

/** A night to be told of: forecast at or below the threshold with at least this chance. */
export interface Alarm {
  alarmId: string;
  name: string;
  thresholdC: number;
  chance: number;
  placeId: string | null;
}

/** The newest word on each: climate of the site, order of the records, climates of places, alarms. */
export function weatherSaid(events: readonly LoggedEvent[]) {
  const climate: ClimateSaid = { normals: null, frost: null, extremes: null };
  let ranking: SourceRanking = { order: [], leftOut: [] };
  const placeClimates = new Map<string, PlaceClimateSaid>();
  const alarms = new Map<string, Alarm>();
  const statements = events.filter((e) => KINDS.has(e.payload.kind)).sort((a, b) => a.seq - b.seq || a.ord - b.ord);
  for (const { payload, placeId } of statements) {
    if (payload.kind === "climate-said")
      [climate.normals, climate.frost, climate.extremes] = [payload.normals, payload.frost, payload.extremes ?? null];
    if (payload.kind === "weather-ranked") ranking = { order: payload.order, leftOut: payload.leftOut };
    if (payload.kind === "place-climate" && placeId) {
      if (payload.climate === null) placeClimates.delete(placeId);
      else placeClimates.set(placeId, { climate: payload.climate, nights: payload.nights, air: payload.air });
    }
    if (payload.kind === "alarm") {
      const { alarmId, name, thresholdC, chance } = payload;
      if (payload.gone) alarms.delete(alarmId);
      else alarms.set(alarmId, { alarmId, name, thresholdC, chance, placeId: payload.placeId });
    }
  }
  return { climate, ranking, placeClimates, alarms: [...alarms.values()] };
}

const KINDS = new Set(["climate-said", "weather-ranked", "place-climate", "alarm"]);

/** Sources by trust: as ranked, and what nobody has ranked yet before that, the newest first. */
export function rankedSources<S extends { id: string }>(
  sources: readonly S[],
  ranking: SourceRanking,
): { source: S; leftOut: boolean }[] {
  const place = (s: S) => ranking.order.indexOf(s.id);
  const fresh = sources.filter((s) => place(s) < 0).reverse();
  const known = sources.filter((s) => place(s) >= 0).sort((a, b) => place(a) - place(b));
  return [...fresh, ...known].map((source) => ({ source, leftOut: ranking.leftOut.includes(source.id) }));
}

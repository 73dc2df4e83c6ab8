import { SEASON_LEAD_DAYS, type Site } from "../climate/index";
import { type DayNumber, midwinterOf } from "../dates/index";
import { weightedQuantiles } from "../math/index";
import { NO_CARE, type WoodCare } from "./care";
import { PRIOR_SHIFT, type ShiftBelief } from "./checks";
import type { HabitParameters } from "./habits";
import { ripeness } from "./hardiness";
import { PHASE, runWoodSeason, tipRipeness, type WoodSeason, woodPhase } from "./season";

const SOFT = PHASE.soft;

export interface WoodMember {
  wood: WoodSeason;
  shift: number;
}

/** What is known of one tree's wood beyond its kind: its pace from checks, and what was done to it. */
export interface OwnWood {
  shift: ShiftBelief;
  care: WoodCare;
}

/**
 * All courses a season may take for a habit: the site's weather years, each with its own pace. A finished season of the record
 * has one weather and five paces.
 */
export function woodMembers(site: Site, season: number, h: HabitParameters, own?: OwnWood): WoodMember[] {
  if (own) return makeMembers(site, season, h, own);
  let bySeason = memberCache.get(site);
  if (!bySeason) memberCache.set(site, (bySeason = new Map<string, WoodMember[]>()));
  // Seasons ahead that no record, forecast or move touches all take the same courses.
  const key = `${woodKey(h)}:${isUsual(site, season) ? "usual" : season}`;
  let members = bySeason.get(key);
  if (!members) bySeason.set(key, (members = makeMembers(site, season, h, { shift: PRIOR_SHIFT, care: NO_CARE })));
  return members;
}

/** What of a kind its wood and buds go by. */
const woodKey = (h: HabitParameters) =>
  `${h.habit}:${h.chillPortions}:${h.budGdh}:${h.leafOutGdh}:${h.bloomGdh}:${String(h.bloomDays)}`;

/** Kinds of one habit and one clock share their wood; the site decides everything else, so the answers live as long as it does. */
const memberCache = new WeakMap<Site, Map<string, WoodMember[]>>();

/** A season of which nothing is known yet but the climate. */
export function isUsual(site: Site, season: number): boolean {
  const { slices, observedUntil, touched } = site.season(season);
  return !touched && observedUntil <= slices[0].startDay;
}

/** A belief about pace as so many paces, in an order unrelated to the weather of the members they go to. */
export function spreadShifts(belief: ShiftBelief, count: number): number[] {
  const ranked = weightedQuantiles(
    belief.shifts,
    belief.weights,
    Array.from({ length: count }, (_, rank) => (rank + 0.5) / count),
  );
  return Array.from({ length: count }, (_, m) => ranked[(m * 11 + 3) % count]);
}

function makeMembers(site: Site, season: number, h: HabitParameters, own: OwnWood): WoodMember[] {
  const { slices } = site.season(season);
  const count = slices.length === 1 ? 5 : slices.length;
  const shifts = spreadShifts(own.shift, count);
  return Array.from({ length: count }, (_, m) => {
    const shift = shifts[m];
    return { wood: runWoodSeason(h, slices[slices.length === 1 ? 0 : m], site.latitudeDeg, shift, own.care), shift };
  });
}

/** Wood by day, packed for drawing and for the browser: phase of the middle member and ripeness ×100 at 10/50/90 %. */
export interface WoodSeries {
  startDay: DayNumber;
  phase: Uint8Array;
  ripe10: Uint8Array;
  ripe50: Uint8Array;
  ripe90: Uint8Array;
}

/** The wood of a habit through whole seasons, each from its midwinter to the next. */
export function woodSeries(
  site: Site,
  h: HabitParameters,
  fromSeason: number,
  toSeason: number,
  own?: (season: number) => OwnWood | undefined,
): WoodSeries {
  if (own) return makeSeries(site, h, fromSeason, toSeason, own);
  let known = seriesCache.get(site);
  if (!known) seriesCache.set(site, (known = new Map<string, WoodSeries>()));
  const key = `${woodKey(h)}:${fromSeason}:${toSeason}`;
  let series = known.get(key);
  if (!series) known.set(key, (series = makeSeries(site, h, fromSeason, toSeason)));
  return series;
}

/** Kinds that share their wood share its drawing; nobody writes into it. */
const seriesCache = new WeakMap<Site, Map<string, WoodSeries>>();

function makeSeries(
  site: Site,
  h: HabitParameters,
  fromSeason: number,
  toSeason: number,
  own?: (season: number) => OwnWood | undefined,
): WoodSeries {
  const startDay = midwinterOf(fromSeason, site.latitudeDeg);
  const length = midwinterOf(toSeason + 1, site.latitudeDeg) - startDay;
  const series: WoodSeries = {
    startDay,
    phase: new Uint8Array(length),
    ripe10: new Uint8Array(length),
    ripe50: new Uint8Array(length),
    ripe90: new Uint8Array(length),
  };
  for (let season = fromSeason; season <= toSeason; season++) {
    const opening = midwinterOf(season, site.latitudeDeg);
    const days = midwinterOf(season + 1, site.latitudeDeg) - opening;
    const members = woodMembers(site, season, h, own?.(season));
    const ripe = new Float32Array(members.length);
    const phases = new Float32Array(members.length);
    const before = opening - startDay - 1;
    const late = members.some(({ wood }) => wood.tips !== null || wood.flush !== null);
    for (let d = 0; d < days; d++) {
      const i = SEASON_LEAD_DAYS + d;
      for (let m = 0; m < members.length; m++) {
        const { wood } = members[m];
        // Ripeness rises with heat, so its quantiles are those of heat; late tips go their own way.
        ripe[m] = late ? tipRipeness(h, wood, i) : wood.heat[i];
        phases[m] = PHASE[woodPhase(h, wood, i)];
      }
      ripe.sort();
      phases.sort();
      const at = opening + d - startDay;
      const pick = (p: number) => {
        const value = ripe[Math.min(members.length - 1, Math.floor(p * members.length))];
        return Math.round(100 * (late ? value : ripeness(value, h.h50, h.n)));
      };
      series.phase[at] = phases[Math.floor(members.length / 2)];
      if (series.phase[at] < SOFT) {
        // Until the buds break the wood is last season's, as ripe as it became.
        [series.ripe10[at], series.ripe50[at], series.ripe90[at]] =
          before < 0 ? [100, 100, 100] : [series.ripe10[before], series.ripe50[before], series.ripe90[before]];
        continue;
      }
      [series.ripe10[at], series.ripe50[at], series.ripe90[at]] = [pick(0.1), pick(0.5), pick(0.9)];
    }
  }
  return series;
}

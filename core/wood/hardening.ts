import { MIDSUMMER, SEASON_DAYS, type SeasonSlice, type Site } from "../climate/index";
import { type DayNumber, midwinterOf, seasonOf } from "../dates/index";
import { weightedQuantiles } from "../math/index";
import type { HabitParameters } from "./habits";
import { hardinessStep } from "./hardiness";
import { tipRipeness, type WoodSeason } from "./season";
import { type OwnWood, woodMembers } from "./series";

/** Wood that is not ripe cannot harden further than this share of the kind's span: .15 raw, all of it ripe. */
const RAW_SHARE = 0.15;
/** Evergreens harden to a part without having stopped: c = .4 + .6 C. */
const EVERGREEN_FLOOR = 0.4;
/** Cold towards the end of deep rest is summed from two months after midsummer on, below 10 °C. */
const COLD_SUM_FROM = MIDSUMMER + 60;
const COLD_SUM_BASE_C = 10;

/**
 * Temperature that kills half of a season's wood, °C, by day of its slice: new shoots start at the tender end when the buds break,
 * harden as they ripen and it cools, and soften again in spring. NaN before the buds break.
 */
export function hardinessCourse(h: HabitParameters, slice: SeasonSlice, wood: WoodSeason): Float32Array {
  const n = slice.tminC.length;
  const out = new Float32Array(n).fill(NaN);
  if (wood.budBreak < 0) return out;
  const p = h.hardiness;
  let [lt50, cold] = [p.hMin, 0];
  for (let i = wood.budBreak; i < n; i++) {
    const mean = (slice.tminC[i] + slice.tmaxC[i]) / 2;
    if (i >= COLD_SUM_FROM) cold += Math.min(0, mean - COLD_SUM_BASE_C);
    const c = h.leaf === "evergreen" ? EVERGREEN_FLOOR + (1 - EVERGREEN_FLOOR) * wood.cessation[i] : wood.cessation[i];
    const ripe = tipRipeness(h, wood, i);
    const limit = p.hMin + (RAW_SHARE + (1 - RAW_SHARE) * ripe) * (p.hMax - p.hMin);
    lt50 = Math.max(limit, hardinessStep(lt50, cold, mean, p, c));
    out[i] = lt50;
  }
  return out;
}

/** Hardiness by day, °C: the tender tenth, the middle and the hardy tenth of the courses the season may take. */
export interface HardinessSeries {
  startDay: DayNumber;
  /** Killed first: 10 % of the courses are no hardier than this. */
  tenderC: Float32Array;
  middleC: Float32Array;
  hardyC: Float32Array;
  /** Share of the courses in which new shoots are out and soft. */
  softShare: Float32Array;
  /** Share of the courses in which it is in bloom, and in which this season's flower buds still wait; zero where its bloom is not known. */
  openShare: Float32Array;
  budShare: Float32Array;
}

/**
 * Hardiness of a habit's wood from one day to another. Until new buds break last season's wood answers, hardy or not, and after
 * that the season's own.
 * @param own by season, for a tree that was looked at, fed or worked on
 */
export function hardinessSeries(
  site: Site,
  h: HabitParameters,
  from: DayNumber,
  to: DayNumber,
  own?: (season: number) => OwnWood | undefined,
): HardinessSeries {
  const length = Math.max(0, to - from + 1);
  const series: HardinessSeries = {
    startDay: from,
    tenderC: new Float32Array(length).fill(h.hardiness.hMin),
    middleC: new Float32Array(length).fill(h.hardiness.hMin),
    hardyC: new Float32Array(length).fill(h.hardiness.hMin),
    softShare: new Float32Array(length),
    openShare: new Float32Array(length),
    budShare: new Float32Array(length),
  };
  const first = seasonOf(from, site.latitudeDeg) - 1;
  const last = seasonOf(to, site.latitudeDeg) + 1;
  const courses = new Map<number, { startDay: DayNumber; wood: WoodSeason[]; lt50: Float32Array[] }>();
  for (let season = first; season <= last; season++) {
    const { slices } = site.season(season);
    const members = woodMembers(site, season, h, own?.(season));
    courses.set(season, {
      startDay: slices[0].startDay,
      wood: members.map((m) => m.wood),
      lt50: members.map((m, k) => hardinessCourse(h, slices[slices.length === 1 ? 0 : k], m.wood)),
    });
  }
  for (let day = from; day <= to; day++) {
    let season = seasonOf(day, site.latitudeDeg);
    // The growing season begins at midwinter, a little before the calendar's or after it.
    if (midwinterOf(season + 1, site.latitudeDeg) <= day) season++;
    const [now, before] = [courses.get(season), courses.get(season - 1)];
    const values: number[] = [];
    let [soft, open, buds] = [0, 0, 0];
    const count = Math.max(now?.lt50.length ?? 0, before?.lt50.length ?? 0);
    for (let m = 0; m < count; m++) {
      const i = now ? day - now.startDay : -1;
      const fresh = now ? now.lt50[m % now.lt50.length][i] : NaN;
      const j = before ? day - before.startDay : -1;
      const old = before && j < SEASON_DAYS ? before.lt50[m % before.lt50.length][j] : NaN;
      if (!Number.isNaN(fresh)) {
        const wood = now!.wood[m % now!.wood.length];
        if (tipRipeness(h, wood, i) < SOFT_SHOOT && !(wood.leafFall >= 0 && i >= wood.leafFall)) soft++;
      }
      const wood = now?.wood[m % now.wood.length];
      if (wood && wood.bloomFrom >= 0) {
        if (i < wood.bloomFrom) buds++;
        else if (i <= wood.bloomTo) open++;
      }
      // While both live the older wood is the hardier: it is what carries the tree.
      const value = Number.isNaN(fresh) ? old : Number.isNaN(old) ? fresh : Math.min(old, fresh);
      values.push(Number.isNaN(value) ? h.hardiness.hMin : value);
    }
    const at = day - from;
    const [hardy, middle, tender] = weightedQuantiles(
      values,
      values.map(() => 1),
      [0.1, 0.5, 0.9],
    );
    series.tenderC[at] = tender;
    series.middleC[at] = middle;
    series.hardyC[at] = hardy;
    series.softShare[at] = soft / count;
    series.openShare[at] = open / count;
    series.budShare[at] = buds / count;
  }
  return series;
}

/** Shoots less ripe than this die at the flush's killing frost. */
const SOFT_SHOOT = 0.15;

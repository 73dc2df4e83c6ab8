import { coldestOfMiddleYear, dailyCurve, warmthBetween } from "@/core/climate/index";
import { type DayNumber, growingSeason, midwinterOf, partsOf, slotOf, toDay } from "@/core/dates/index";
import { weightedQuantiles, Z90 } from "@/core/math/index";
import { warmthUntilDueAgain } from "@/core/roots/index";
import type { Profile } from "@/core/species/index";
import { chillMetShare, cropOutlook, type CropOutlook, hardinessSeries, woodMembers } from "@/core/wood/index";
import { openPeriods, type Operation, usualOperation } from "@/core/window/index";
import type { YardOnDay } from "./yard-on-day";

/** First and last day of something. */
export interface Stretch {
  from: DayNumber;
  to: DayNumber;
}

/** Twelve months of a kind in the open at a site, from the first of a month. */
export interface KindYear {
  from: DayNumber;
  days: number;
  leafless: Stretch[];
  shoots: Stretch[];
  bloom: Stretch[];
  fruit: Stretch[];
  /** Nights of which one in ten or more freezes. */
  frost: Stretch[];
  /** Works by name with the periods in which they end well. */
  works: { operation: Operation; open: Stretch[] }[];
  /** Whether its fruit ripens here; null without a crop or without its need of warmth. */
  crop: CropOutlook | null;
  /** Coldest night of the middle year, °C. */
  coldestNightC: number;
  /** Share of weather years that bring its chill; short of it buds open late and unevenly. */
  chillMet: number;
  /** No winter stops it: it grows in flushes all year. */
  winterless: boolean;
  /** Growing seasons until a pot of twice the mix is due again, the ball slipped up whole; null beyond twenty. */
  seasonsToDue: number | null;
}

const DAYS = 365;
/** A day belongs to a stretch when so many weather years say so. */
const MOST = 0.5;
/** Half of the days in which fruit ripens, where nobody said how long it takes (L). */
const RIPENS_AROUND = 10;
const MOST_SEASONS = 20;

/** A kind's year as the models have it, in the open. */
export function kindYear(on: YardOnDay, profile: Profile): KindYear {
  const { yard } = on;
  const { site } = yard;
  const { year, month } = partsOf(on.day);
  const from = toDay(`${String(year)}-${String(month).padStart(2, "0")}-01`);
  const to = from + DAYS - 1;
  const h = profile.parameters[0];
  const series = hardinessSeries(site, h, from, to);
  const season = growingSeason(from, yard.latitudeDeg);
  const middles = [season - 1, season, season + 1].map((s) => middleOf(on, profile, s));
  const winterless =
    woodMembers(site, season, h).filter((m) => m.wood.flush !== null).length > MOST * site.season(season).slices.length;
  const leafless =
    profile.values.leaf === "evergreen"
      ? []
      : middles.flatMap((m, k) => {
          const next = middles[k + 1];
          return m.leafFall !== null && next?.budBreak != null ? [{ from: m.leafFall, to: next.budBreak - 1 }] : [];
        });
  const operations: Operation[] = [
    ...new Set<Operation>(["slip-up", usualOperation(profile.values.rootShare), "prune-hard"]),
  ];
  const windows = on.windowsOfKind(profile, operations);
  const [mean, sd] = [dailyCurve(site.normals.tminC), dailyCurve(site.normals.tminSdC)];
  const seasons = seasonsToDue(on, profile);
  return {
    from,
    days: DAYS,
    leafless: within(leafless, from, to),
    shoots: winterless ? [{ from, to }] : runs(series.softShare, from, MOST),
    // Where flush follows flush, flowers and fruit have no season that could be told.
    bloom: winterless ? [] : runs(series.openShare, from, MOST),
    fruit: winterless
      ? []
      : within(
          middles.flatMap((m) => m.fruit ?? []),
          from,
          to,
        ),
    frost: runs(
      Float64Array.from({ length: DAYS }, (_, k) => (mean[slotOf(from + k)] - Z90 * sd[slotOf(from + k)] <= 0 ? 1 : 0)),
      from,
      1,
    ),
    works: operations.map((operation) => ({
      operation,
      open: within(
        openPeriods(windows[operation], from, to).map((p) => ({ from: p.from, to: p.to })),
        from,
        to,
      ),
    })),
    crop:
      profile.crop === null || winterless
        ? null
        : cropOutlook(site, growingSeason(on.day, yard.latitudeDeg), h, profile.crop),
    coldestNightC: coldestOfMiddleYear(yard.latitudeDeg, site.minima.startDay, site.minima.tminC),
    chillMet: chillMetShare(site.season(season).slices, h.chillPortions),
    winterless,
    seasonsToDue: seasons !== null && seasons <= MOST_SEASONS ? seasons : null,
  };
}

/** Bud break, leaf fall and ripe fruit of the middle weather year of a season. */
function middleOf(on: YardOnDay, profile: Profile, season: number) {
  const { site } = on.yard;
  const { startDay } = site.season(season).slices[0];
  const members = woodMembers(site, season, profile.parameters[0]).map((m) => m.wood);
  const middle = (days: number[]) => {
    const known = days.filter((d) => d >= 0);
    if (known.length * 2 <= days.length) return null;
    return Math.round(
      startDay +
        weightedQuantiles(
          known,
          known.map(() => 1),
          [0.5],
        )[0],
    );
  };
  const budBreak = middle(members.map((w) => w.budBreak));
  return {
    budBreak,
    leafFall: middle(members.map((w) => w.leafFall)),
    fruit: budBreak === null ? null : fruitOf(on, profile, season, budBreak),
  };
}

/** By the warmth it takes where that is known, as long as its days say; else by its days from bud break. */
function fruitOf(on: YardOnDay, profile: Profile, season: number, budBreak: DayNumber): Stretch | null {
  const days = profile.values.fruitDays;
  const { crop } = profile;
  if (crop === null) return days === null ? null : { from: budBreak + days[0], to: budBreak + days[1] };
  const { ripeOn } = cropOutlook(on.yard.site, season, profile.parameters[0], crop);
  if (ripeOn === null) return null;
  const half = days === null ? RIPENS_AROUND : Math.round((days[1] - days[0]) / 2);
  return { from: toDay(ripeOn) - half, to: toDay(ripeOn) + half };
}

function seasonsToDue(on: YardOnDay, profile: Profile): number | null {
  const { yard } = on;
  const season = growingSeason(on.day, yard.latitudeDeg);
  const [a, b] = [season, season + 1].map((s) => midwinterOf(s, yard.latitudeDeg));
  const perSeason = warmthBetween(yard.site.warmth, profile.warmth, a, b);
  return perSeason <= 0 ? null : warmthUntilDueAgain(profile.kPerDegreeDay, 2) / perSeason;
}

/** Runs of days on which at least so much is reached. */
function runs(share: ArrayLike<number>, from: DayNumber, least: number): Stretch[] {
  const out: Stretch[] = [];
  for (let i = 0; i < share.length; i++) {
    if (share[i] < least) continue;
    const last = out.at(-1);
    if (last?.to === from + i - 1) last.to = from + i;
    else out.push({ from: from + i, to: from + i });
  }
  return out;
}

const within = (stretches: readonly Stretch[], from: DayNumber, to: DayNumber): Stretch[] =>
  stretches.map((s) => ({ from: Math.max(from, s.from), to: Math.min(to, s.to) })).filter((s) => s.from <= s.to);

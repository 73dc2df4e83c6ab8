import * as say from "@/words/pages/climate/main";
import "server-only";
import { kindOf } from "@/model/index";
import { notFound } from "next/navigation";
import {
  calendarSlot,
  FROST_RISKS,
  frostCurve,
  type FrostEvent,
  frostFreeSeason,
  frostProbabilityBySlot,
  frostTrend,
  type RiskDates,
  chillMet,
  daylengthOn,
  frostStatistics,
  nightsAhead,
  placeMinima,
  seasonSums,
  type SeasonSums,
  SUM_KINDS,
} from "@/core/climate/index";
import { seasonOf, toDay, toIso, yearOf } from "@/core/dates/index";
import { KINDS } from "@/core/species/index";
import { type Crop, cropAsks, cropOutlook, FRUIT_CLOCKS } from "@/core/wood/index";
import { sortWords } from "@/words/species";
import { day, percent } from "@/words/format";
import type { CollectionView } from "../kernel/collection/load";
import { collectionView } from "@/features/kernel/views";
import { firstRing } from "./ahead";
import { ClimateNav } from "./climate-nav";
import { SeasonView, type FrostTable } from "./season-view";
import type { CropOfKind } from "./crops";
import type { DaylengthFacts } from "./daylength";
import type { ChillOfKind, DrawnSums } from "./season-sums";
import { frostWords, slotWord } from "@/words/climate";

/** Every fifth day is as much as the drawing shows. */
const STEP_DAYS = 5;

function thin(sums: SeasonSums): DrawnSums {
  const pick = (values: number[]) => values.filter((_, i) => i % STEP_DAYS === 0).map((v) => Math.round(v));
  return {
    kind: sums.kind,
    from: sums.from,
    days: sums.days,
    years: sums.years,
    stepDays: STEP_DAYS,
    p10: pick(sums.p10),
    p50: pick(sums.p50),
    p90: pick(sums.p90),
    current: pick(sums.current),
    now: sums.current.at(-1) ?? null,
    usualNow: sums.current.length === 0 ? null : sums.p50[sums.current.length - 1],
  };
}

/** Kinds of the collection that need cold, and whether this site gives it. */
function chillOfKinds(view: CollectionView, sums: SeasonSums): ChillOfKind[] {
  const kinds = new Map(view.yard.trees.map(({ name, kind }) => [name, kind]));
  return [...kinds]
    .flatMap(([name, profile]): ChillOfKind[] => {
      const need = Math.max(...profile.parameters.map((p) => p.chillPortions));
      if (need <= 0) return [];
      const { share, day } = chillMet(sums, need);
      return [{ name, need, share, metOn: day === null ? null : toIso(toDay(sums.from) + day), basis: profile.basis }];
    })
    .sort((a, b) => b.need - a.need || a.name.localeCompare(b.name));
}

/** Thresholds asked for: what frost means to blossom, leaves or roots. */
const LEAST_THRESHOLD_C = -25;
const MOST_THRESHOLD_C = 10;

export function thresholdOf(asked: string | undefined): number {
  const value = Number(asked ?? 0);
  return value >= LEAST_THRESHOLD_C && value <= MOST_THRESHOLD_C ? Math.round(value * 2) / 2 : 0;
}

/** Days before New Year (midwinter) from which nothing ripens outdoors any more. */
const SEASON_ENDS_BEFORE = 75;
/** Weeks in warmth that are compared. */
const EARLY_WEEKS = [0, 3, 6] as const;

/** The crops of a kind: each of its timed sorts, else what is known of it. */
function cropsOf(kindId: string, known: Crop | null): (readonly [string | null, Crop])[] {
  const timed = Object.entries(FRUIT_CLOCKS[kindId] ?? {});
  if (known !== null && "degreeDays" in known) return [[null, known]];
  return timed.map(([sort, clock]) => [timed.length === 1 ? null : sort, clock] as const);
}

/** Crop kinds of the collection with the chance that they ripen here, the likeliest first. */
function cropsOfKinds(view: CollectionView): CropOfKind[] {
  const { yard, loaded, today } = view;
  const { site } = yard;
  // Once this season's crops are in, the next one's is asked about.
  const season = seasonOf(toDay(today) + SEASON_ENDS_BEFORE, site.latitudeDeg);
  const ids = new Set(loaded.trees.filter((t) => t.purpose === "crop").map((t) => t.kindId));
  return KINDS.flatMap((kind): CropOfKind[] => {
    if (!ids.has(kind.id)) return [];
    const profile = kindOf({ kindId: kind.id, typedName: null, habit: null });
    return cropsOf(kind.id, profile.crop).map(([sort, crop]) => {
      const outlooks = EARLY_WEEKS.map((weeks) => ({
        weeks,
        ...cropOutlook(site, season, profile.parameters[0], crop, weeks),
      }));
      return {
        name: sort === null ? kind.names[0] : sortWords(kind.names[0], sort),
        asks: cropAsks(crop),
        season: outlooks[0].seasonBrings,
        outlooks: outlooks.map(({ weeks, chance, ripeOn }) => ({ weeks, chance, ripeOn })),
      };
    });
  }).sort((a, b) => b.outlooks[0].chance - a.outlooks[0].chance || a.name.localeCompare(b.name));
}

const LONG_DAY_HOURS = 14;

function daylengthOfYear(latitudeDeg: number, today: number): DaylengthFacts {
  const year = yearOf(today);
  const first = toDay(`${year}-01-01`);
  const days = Array.from({ length: 365 }, (_, d) => ({ day: first + d, hours: daylengthOn(latitudeDeg, first + d) }));
  const by = (better: (a: number, b: number) => boolean) =>
    days.reduce((best, d) => (better(d.hours, best.hours) ? d : best), days[0]);
  const [longest, shortest] = [by((a, b) => a > b), by((a, b) => a < b)];
  const now = daylengthOn(latitudeDeg, today);
  const long = days.filter((d) => d.hours > LONG_DAY_HOURS);
  // In the south long days run over New Year.
  const gap = long.findIndex((d, k) => k > 0 && d.day !== long[k - 1].day + 1);
  return {
    today: now,
    weekMinutes: Math.round(60 * (daylengthOn(latitudeDeg, today + 7) - now)),
    longest: { on: toIso(longest.day), hours: longest.hours },
    shortest: { on: toIso(shortest.day), hours: shortest.hours },
    longDays:
      long.length === 0 || long.length === 365
        ? null
        : gap < 0
          ? { from: toIso(long[0].day), to: toIso(long[long.length - 1].day) }
          : { from: toIso(long[gap].day), to: toIso(long[gap - 1].day + 365) },
  };
}

export async function AlmanacScreen({
  collectionId,
  thresholdC,
  placeId,
}: {
  collectionId: string;
  thresholdC: number;
  placeId: string | null;
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { yard, collection, loaded } = view;
  const { site } = yard;
  const places = loaded.places.filter((p) => loaded.placeClimates.has(p.id));
  const place = places.find((p) => p.id === placeId);
  const climate = place ? loaded.placeClimates.get(place.id)!.climate : null;
  const minima = climate ? placeMinima(site.minima.tminC, climate) : site.minima.tminC;
  const frostAt = (c: number) =>
    climate ? frostStatistics(site.latitudeDeg, site.minima.startDay, minima, c) : site.frost(c);
  const statistics = frostAt(thresholdC);
  const { first, last, allYear } = statistics;
  const curve = (event: FrostEvent, which: "first" | "last") =>
    frostCurve(event, which, site.latitudeDeg).map((p) => ({
      slot: calendarSlot(p.slot, site.latitudeDeg),
      rank: Math.round(1000 * p.rank) / 1000,
      normal: Math.round(1000 * p.normal) / 1000,
    }));
  const bySlot = Array.from(frostProbabilityBySlot(site.latitudeDeg, site.minima.startDay, minima, thresholdC), (p) =>
    Math.round(100 * p),
  );
  const table = (event: FrostEvent, which: string): FrostTable => ({
    which,
    years: event.years,
    withFrost: event.withFrost,
    generated: site.basis !== "record",
    rank: row(event.rank),
    normal: row(event.normal),
  });
  const past = site.basis === "record" && site.observed ? site.observed : site.ensemble;
  const sums = SUM_KINDS.map((kind) => seasonSums(past, site.observed, site.latitudeDeg, toDay(view.today), kind));
  const row = (dates: RiskDates) => FROST_RISKS.map((risk) => slotWord(dates[risk], site.latitudeDeg));
  const nights = nightsAhead(site);
  const ring = firstRing(view);
  return (
    <div>
      <ClimateNav at="climate" />
      <SeasonView
        words={frostWords(site, statistics)}
        thresholdC={thresholdC}
        sums={sums.map(thin)}
        chill={chillOfKinds(
          view,
          sums.find((s) => s.kind === "chill")!,
        )}
        generated={past === site.ensemble}
        curves={{ last: curve(last, "last"), first: curve(first, "first") }}
        season={frostFreeSeason(statistics)}
        // Generated years have no trend in them: one found there would be chance.
        trends={
          site.basis === "record"
            ? { last: frostTrend(last, site.latitudeDeg), first: frostTrend(first, site.latitudeDeg) }
            : null
        }
        tables={[table(last, say.lastInSpring), table(first, say.firstInAutumn)]}
        allYear={allYear}
        frostBySlot={bySlot}
        months={{ tminC: site.normals.tminC, tmaxC: site.normals.tmaxC }}
        place={{
          latitudeDeg: collection.latitudeDeg,
          longitudeDeg: collection.longitudeDeg,
          elevationM: collection.elevationM,
        }}
        filledDays={site.filledDays}
        places={places.map((p) => ({ id: p.id, name: p.name }))}
        placeId={place?.id ?? null}
        crops={cropsOfKinds(view)}
        daylength={daylengthOfYear(site.latitudeDeg, toDay(view.today))}
        tonight={{
          minC: nights[0].minC,
          forecast: nights[0].basis === "forecast",
          rings: ring && `${ring.name}: ${day(ring.on, view.today)}, ${percent(ring.chance)}.`,
        }}
      />
    </div>
  );
}

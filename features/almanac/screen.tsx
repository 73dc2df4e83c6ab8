import "server-only";
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
  seasonSums,
  type SeasonSums,
  SUM_KINDS,
} from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import { profileOf } from "@/core/species/index";
import type { CollectionView } from "../collection/load";
import { listMoves } from "../weather/history";
import { collectionView, stripData } from "../shell/data";
import { AlmanacView, type FrostTable } from "./almanac-view";
import type { ChillOfKind, DrawnSums } from "./season-sums";
import { frostWords, slotWord } from "./words";

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
  const kinds = new Map(view.loaded.trees.map((tree) => [profileOf(tree).name, profileOf(tree)]));
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

export async function AlmanacScreen({ collectionId, thresholdC }: { collectionId: string; thresholdC: number }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { site, collection, loaded } = view;
  const statistics = site.frost(thresholdC);
  const { first, last, allYear } = statistics;
  const curve = (event: FrostEvent, which: "first" | "last") =>
    frostCurve(event, which, site.latitudeDeg).map((p) => ({
      slot: calendarSlot(p.slot, site.latitudeDeg),
      rank: Math.round(1000 * p.rank) / 1000,
      normal: Math.round(1000 * p.normal) / 1000,
    }));
  const bySlot =
    thresholdC === 0
      ? stripData(view).frost
      : Array.from(frostProbabilityBySlot(site.latitudeDeg, site.minima.startDay, site.minima.tminC, thresholdC), (p) =>
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
  return (
    <AlmanacView
      words={frostWords(site, thresholdC)}
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
      tables={[table(last, "Last in spring"), table(first, "First in autumn")]}
      allYear={allYear}
      frostBySlot={bySlot}
      months={{ tminC: site.normals.tminC, tmaxC: site.normals.tmaxC }}
      place={{
        latitudeDeg: collection.latitudeDeg,
        longitudeDeg: collection.longitudeDeg,
        elevationM: collection.elevationM,
      }}
      filledDays={site.filledDays}
      sources={loaded.sources}
      moves={await listMoves(collection.id, loaded.sources)}
    />
  );
}

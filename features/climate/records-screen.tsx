import "server-only";
import { notFound } from "next/navigation";
import { recordCalendar } from "@/core/climate/index";
import { rankedSources } from "@/core/records/index";
import { forecastSource } from "@/server/forecast/configured";
import { pool } from "@/server/pool";
import { loadMerged } from "../kernel/collection/load";
import { collectionView } from "@/features/kernel/views";
import { listMoves } from "./weather/history";
import { ClimateNav } from "./climate-nav";
import { type RankedSource, RecordsView } from "./records-view";
import { sourceWords } from "@/words/climate";

/** Where the weather comes from: files read in and their order of trust, gaps, and what is said where no record speaks. */
export async function RecordsScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { collection, loaded, yard } = view;
  const source = forecastSource();
  const { site } = yard;
  const merged = await loadMerged(pool(), collection, loaded);
  const counted = rankedSources(loaded.sources, loaded.ranking);
  // Days carry the place of their source among those that count.
  const order = counted.filter((s) => !s.leftOut).map((s) => s.source.id);
  const sources = counted.map(({ source, leftOut }): RankedSource => ({
    id: source.id,
    name: source.name,
    goodDays: source.goodDays,
    badLines: source.badLines,
    firstDay: source.firstDay,
    lastDay: source.lastDay,
    elevationM: source.elevationM,
    leftOut,
    usedDays: merged ? merged.from.filter((k) => merged.adjustments[k]?.id === source.id).length : 0,
    adjustment: merged?.adjustments.find((a) => a.id === source.id) ?? null,
    number: order.indexOf(source.id),
  }));
  return (
    <div>
      <ClimateNav at="climate/records" />
      <RecordsView
        sources={sources}
        calendar={
          merged
            ? recordCalendar(merged).map((y) => ({
                year: y.year,
                // A letter a day keeps the page small: o outside, m missing, f filled, else the number of its source.
                days: y.states.map((s, d) => (s === "read" ? String(Math.min(9, y.from[d])) : s[0])).join(""),
              }))
            : []
        }
        source={sourceWords(site)}
        said={loaded.climate}
        frostFit={site.frostFit}
        readings={site.readings}
        siteElevationM={collection.elevationM}
        answers={collection.answers}
        moves={await listMoves(collection.id, loaded.sources)}
        service={source?.past ? source.name : null}
      />
    </div>
  );
}

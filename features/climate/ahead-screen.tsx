import "server-only";
import { notFound } from "next/navigation";
import { nightsAhead } from "@/core/climate/index";
import { toIso } from "@/core/dates/index";
import { newestForecasts } from "@/data/forecasts";
import { pool } from "@/server/pool";
import { collectionView } from "@/features/kernel/views";
import { forecastSource } from "@/server/forecast/configured";
import { atRisk, ringing } from "./ahead";
import { AheadView } from "./ahead-view";
import { ClimateNav } from "./climate-nav";

/** The coming ten nights with their errors, which trees they endanger, and the keeper's own alarms. */
export async function AheadScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded, yard } = view;
  const { site } = yard;
  const nights = nightsAhead(site);
  const { asked, usable } = await newestForecasts(pool(), { collectionId });
  const service = forecastSource();
  return (
    <div>
      <ClimateNav at="climate/ahead" />
      <AheadView
        nights={nights.map(({ day, ...night }) => ({ ...night, on: toIso(day) }))}
        groups={loaded.trees.length === 0 ? [] : atRisk(view, nights)}
        ringing={ringing(view, nights)}
        places={loaded.places.map((p) => ({ id: p.id, name: p.name, known: loaded.placeClimates.has(p.id) }))}
        service={service?.name ?? null}
        told={service !== null && !service.isSimulated}
        asked={asked && { at: asked.askedAt, outcome: asked.outcome, detail: asked.detail, source: asked.source }}
        issuedOn={site.nights.length > 0 ? (usable?.issuedOn ?? null) : null}
        guessed={view.yard.guessedWeather}
      />
    </div>
  );
}

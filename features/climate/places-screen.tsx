import "server-only";
import { notFound } from "next/navigation";
import { fitPlace, frostStatistics, placeMinima } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import { countPlaceHours, listPlaceHours } from "@/data/place-hours";
import { thermometerSource } from "@/server/thermometer";
import { pool } from "@/server/pool";
import { collectionView } from "@/features/kernel/views";
import { nightPairs } from "./weather/pairs";
import { ClimateNav } from "./climate-nav";
import { type PlaceFacts, PlacesView } from "./places-view";
import { slotWord } from "@/words/climate";

/** Nights drawn beside the line that was learned from them. */
const MOST_POINTS = 400;

/** The places of the yard and how their nights stand to the site's: typed, or learned from a logger. */
export async function PlacesScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { yard, loaded, today } = view;
  const { site } = yard;
  const scope = { collectionId };
  const voided = loaded.counting.voided;
  const entries = loaded.entries.filter((e) => !voided.has(e.id)).map((e) => e.id);
  const counts = (await countPlaceHours(pool(), scope)).filter((c) => !voided.has(c.entryId));
  const places: PlaceFacts[] = [];
  for (const place of loaded.places) {
    const said = loaded.placeClimates.get(place.id) ?? null;
    const read = counts.filter((c) => c.placeId === place.id);
    const hours = read.length > 0 ? await listPlaceHours(pool(), scope, place.id, entries) : [];
    const pairs = nightPairs(hours, site, toDay(today));
    const fit = fitPlace(pairs);
    const climate = view.yard.places.nightsAt(place.id);
    const frost = frostStatistics(site.latitudeDeg, site.minima.startDay, placeMinima(site.minima.tminC, climate), 0);
    const date = (which: "first" | "last", risk: 0.1 | 0.5) => slotWord(frost[which].preferred[risk], site.latitudeDeg);
    places.push({
      id: place.id,
      name: place.name,
      kind: place.kind,
      trees: loaded.trees.filter((t) => t.placeId === place.id).length,
      climate,
      ownClimate: said !== null,
      learnedFrom: said?.nights ?? null,
      air: said?.air ?? null,
      hours: hours.length,
      lastHour: hours.at(-1)?.hour ?? null,
      fit: fit && { ...fit, pairs: fit.pairs.slice(-MOST_POINTS) },
      frost: {
        last: [date("last", 0.5), date("last", 0.1)],
        first: [date("first", 0.5), date("first", 0.1)],
        years: frost.first.years,
        withFrost: frost.first.withFrost,
      },
    });
  }
  return (
    <div>
      <ClimateNav at="climate/places" />
      <PlacesView places={places} logger={thermometerSource()?.name ?? null} recorded={site.observed !== null} />
    </div>
  );
}

import type { LadderTerms } from "@/core/ladder/index";
import { pricePerLitre } from "@/core/mix/index";
import { isOutdoors } from "@/core/place/index";
import { mixChoices, mixStoresOf, type PlaceRecord, usualMix } from "@/core/records/index";
import type { PlaceBuild } from "@/core/winter/index";
import { type LadderShelf, ladderTermsOf } from "./ladder-problem";
import type { YardOnDay } from "./yard-on-day";

/** What the plans of all trees share on a day: pots in store and on offer, the price of mix, the terms, the way in for the winter. */
export function shelfOf({ yard, day, store }: YardOnDay): LadderShelf {
  const { events, lots, places = [] } = yard.indexed.records;
  const stores = mixStoresOf(events);
  const choices = mixChoices(stores, day);
  const usual = choices.find((c) => c.key === usualMix(choices, events));
  const terms = ladderTermsOf(events);
  return {
    terms,
    stored: store,
    onOffer: lots.filter((lot) => lot.toBuy),
    wayIn: wayIn(places, terms),
    mixPricePerL: usual?.parts ? pricePerLitre(usual.parts, stores.offers, stores.library) : null,
  };
}

/** A tree that is carried in must get into one of the winter places at least; a door somebody named counts before those measured. */
function wayIn(places: readonly PlaceRecord[], terms: LadderTerms | null): LadderShelf["wayIn"] {
  const inside = places.filter((p) => !isOutdoors(p.kind));
  const best = (of: (b: PlaceBuild) => number | null) => {
    const sizes = inside.map((p) => (p.build ? of(p.build) : null));
    return sizes.length === 0 || sizes.includes(null) ? null : Math.max(...(sizes as number[])) * 1000;
  };
  return {
    doorMm: terms?.doorMm ?? best((b) => b.doorM),
    headroomMm: terms?.headroomMm ?? best((b) => b.heightM),
  };
}

import "server-only";
import { createHash } from "node:crypto";
import { toDay } from "@/core/dates/index";
import type { LadderProblem } from "@/core/ladder/index";
import { pricePerLitre } from "@/core/mix/index";
import { type PlaceBuild } from "@/core/winter/index";
import { isOutdoors } from "@/core/place/index";
import { type LadderShelf, ladderTermsOf, MODEL_VERSION } from "@/model/index";
import { mixChoices, usualMix, type PlaceRecord } from "@/core/records/index";
import type { CollectionView } from "@/features/collection/load";

/** What all ladders of a collection share: pots in store and on offer, the price of mix, the terms. */
export function ladderShelf(view: CollectionView): LadderShelf {
  const { loaded, today } = view;
  const on = toDay(today);
  const choices = mixChoices(loaded.stores, on);
  const usual = choices.find((c) => c.key === usualMix(choices, loaded.indexed.records.events));
  return {
    terms: ladderTermsOf(loaded.indexed.records.events),
    stored: view.yard.on(on).store,
    onOffer: loaded.lots.filter((lot) => lot.toBuy),
    wayIn: wayIn(loaded.places),
    mixPricePerL: usual?.parts ? pricePerLitre(usual.parts, loaded.stores.offers, loaded.stores.library) : null,
  };
}

/** A tree that is carried in must get into one of the winter places at least. */
function wayIn(places: readonly PlaceRecord[]): LadderShelf["wayIn"] {
  const inside = places.filter((p) => !isOutdoors(p.kind));
  const best = (of: (b: PlaceBuild) => number | null) => {
    const sizes = inside.map((p) => (p.build ? of(p.build) : null));
    return sizes.length === 0 || sizes.includes(null) ? null : Math.max(...(sizes as number[])) * 1000;
  };
  return { doorMm: best((b) => b.doorM), headroomMm: best((b) => b.heightM) };
}

/** Names everything a plan was worked out on. */
export function digestOf(problem: LadderProblem): string {
  return createHash("sha256").update(MODEL_VERSION).update(JSON.stringify(problem)).digest("hex").slice(0, 32);
}

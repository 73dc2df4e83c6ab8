import "server-only";
import { type AirBasis, airOf, UNKNOWN_BUILD } from "@/core/winter/index";
import { type PlaceAir } from "@/core/place/index";
import { type Quarter, type WinterPlace } from "@/core/shelter/index";
import type { LoadedRecords } from "../kernel/collection/load";

export interface KnownQuarter extends Quarter {
  air: PlaceAir;
  basis: AirBasis;
  /** Nights its air was learned from. */
  nights: number | null;
}

/** Every place as the winter meets it: built as said, its air by its type or by the nights read there. */
export function quartersOf(loaded: LoadedRecords): KnownQuarter[] {
  return loaded.places.map((place) => {
    const build = place.build ?? UNKNOWN_BUILD;
    const said = loaded.placeClimates.get(place.id) ?? null;
    return {
      id: place.id,
      name: place.name,
      kind: place.kind,
      build,
      nights: said?.nights ?? null,
      ...airOf(place.kind, build, said),
    };
  });
}

export const asWinterPlace = (q: KnownQuarter): WinterPlace => ({
  id: q.id,
  air: q.air,
  light: q.light,
  raised: q.build.raised,
  wrap: q.build.wrap,
  mulched: q.build.mulched,
});

/** The open ground, for trees that nobody has placed. */
export const OPEN_QUARTER: WinterPlace = {
  id: "open",
  ...airOf("open", UNKNOWN_BUILD, null),
  raised: false,
  wrap: null,
  mulched: false,
};

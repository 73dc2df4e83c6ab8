import type { PlaceAir, WeatherDays } from "@/core/place/index";
import type { Protection, Stay } from "@/core/shelter/index";
import type { Mark } from "@/core/species/index";
import type { Wall } from "@/core/vessel/index";
import type { AirBasis, RootLimits, Stand, Wrap } from "@/core/winter/index";
import type { WATER } from "@/words/winter";

/** What the page of a pot's winter shows. */
export interface WinterFacts {
  treeId: string;
  tag: string;
  name: string;
  guess: boolean;
  /** How sure its killing temperatures are. */
  limitMark: Mark;
  latitudeDeg: number;
  today: number;
  /** Record and forecast reach so far into this winter; null: any winter of the site. */
  observedUntil: number | null;
  winters: WeatherDays[];
  summers: WeatherDays[];
  air: PlaceAir;
  /** Where it stands in summer, and how that is called. */
  summerAir: PlaceAir;
  summerPlace: string;
  airBasis: AirBasis;
  airNights: number | null;
  raised: boolean;
  places: { id: string; name: string }[];
  here: string;
  any: boolean;
  limits: RootLimits;
  /** As it stands there, the place's own wrapping included. */
  protection: Protection;
  volumeL: number;
  wall: Wall;
  lotId: string;
  frostProof: boolean | null;
  basis: "record" | "short-record" | "table" | "answers";
  /** Crown and cold there, as calculated with the whole season before. */
  stay: Stay;
  /** Portions it needs of its winter, and whether they are for its flowers alone. */
  chillNeed: number;
  forFlowers: boolean;
  rootHeatC: number;
}

/** How a pot stands among others. */
export type Group = "alone" | "edge" | "inside";

/** As if the pot stood like this. */
export interface Asked {
  stand: Stand;
  wrap: Wrap | "none";
  group: Group;
  water: keyof typeof WATER;
  mulch: "none" | "straw";
}

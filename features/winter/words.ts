import { MULCH_R } from "@/core/shelter/index";
import type { AirBasis, PotInWinter, Stand, Wrap } from "@/core/winter/index";

export const AIR_BASIS_WORDS: Record<AirBasis, string> = {
  read: "by the nights read there",
  said: "by the nights as told",
  type: "by its kind of shelter, a guess",
  guess: "by what the place is like, a guess until its shelter is described",
};

export const STAND_WORDS: Record<Stand, string> = {
  bench: "on a bench, air beneath",
  ground: "on the ground",
  sunk: "sunk into the ground",
};

export const WRAP_WORDS: Record<Wrap, string> = {
  fleece: "fleece",
  "bubble-single": "bubble film, one layer",
  "bubble-double": "bubble film, two layers",
  jute: "jute, 2 cm",
  straw: "straw, 10 cm",
};

export const WATER = { wet: 0.4, dry: 0.12 } as const;

/** Single measures, in order of trouble; each is asked for by itself. */
export const MEASURES: readonly [string, Partial<PotInWinter>][] = [
  ["water it before the frost", { waterFraction: WATER.wet }],
  ["set it on the ground", { stand: "ground" }],
  ["move it into a block of others", { exposure: 0.2, shelter: 0.5 }],
  ["wrap it in fleece", { wrap: "fleece" }],
  ["wrap it in two layers of bubble film", { wrap: "bubble-double" }],
  ["straw on the mix, 10 cm", { mulchR: MULCH_R }],
  ["straw round it and on the mix, 10 cm", { wrap: "straw", mulchR: MULCH_R }],
  ["sink it into the ground, mulched", { stand: "sunk", mulchR: MULCH_R }],
];

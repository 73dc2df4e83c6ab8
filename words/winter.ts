import { spelt } from "./english";
import type { AirBasis, MeasureKey, Stand, Wrap } from "@/core/winter/index";

export const AIR_BASIS_WORDS: Record<AirBasis, string> = {
  read: "by the nights read there",
  said: "by the nights as told",
  type: "by its type of shelter, a guess",
  guess: "by what the place is like, a guess until its shelter is described",
};

export const STAND_WORDS: Record<Stand, string> = {
  bench: "on a bench, air beneath",
  ground: "on the ground",
  sunk: "sunk into the ground",
};

export const WRAP_WORDS: Record<Wrap, string> = {
  get fleece() {
    return spelt("fleece");
  },
  "bubble-single": "bubble film, one layer",
  "bubble-double": "bubble film, two layers",
  jute: "jute",
  straw: "straw, a hand’s breadth",
};

export const WATER = { wet: 0.4, dry: 0.12 } as const;

/** A measure as something to do. */
export const MEASURE_WORDS: Record<MeasureKey, string> = {
  water: "water it before the frost",
  ground: "set it on the ground",
  block: "move it into a block of others",
  straw: "straw on the mix, a hand’s breadth",
  get fleece() {
    return spelt("wrap it in fleece");
  },
  bubble: "wrap it in two layers of bubble film",
  "straw-round": "straw round it and on the mix, a hand’s breadth",
  sink: "sink it into the ground, mulched",
};

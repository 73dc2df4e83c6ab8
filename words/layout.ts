import type { CarryBy, CostParts, Obstacle, Standing } from "@/core/shelter/index";
import type { LightClass, Shelter } from "@/core/place/index";
import { area, kilograms, metres, number, percent, type Units } from "./format";

export const SHELTER_WORDS: Record<Shelter, string> = {
  open: "open ground",
  "house-wall": "against a house wall",
  "cold-frame": "cold frame",
  glasshouse: "unheated glass",
  shed: "shed",
  cellar: "cellar",
  garage: "garage beside the house",
  porch: "heated porch",
  room: "room or window of a home",
};

export const LIGHT_WORDS: Record<LightClass, string> = { 0: "dark", 1: "dim", 2: "bright", 3: "as bright as outdoors" };

/** The same in a narrow column. */
export const CARRY_SHORT: Record<CarryBy, string> = { alone: "one", pair: "two", truck: "truck", nobody: "nobody" };

export const CARRY_WORDS: Record<CarryBy, string> = {
  alone: "one person",
  pair: "two people",
  truck: "sack truck",
  nobody: "nobody here can carry it",
};

/** A winter is named by the years it lies in. */
export const winterWords = (winter: number, southern: boolean) =>
  southern ? `winter ${winter}` : `winter ${winter - 1}/${String(winter).slice(2)}`;

/** Chance of loss as a word, by the risk the grower takes. */
export type Fate = "holds" | "doubt" | "danger";
/** Below this share of the risk nobody need worry. */
const CALM_SHARE = 0.5;
export const fateOf = (loss: number, risk: number): Fate =>
  loss <= CALM_SHARE * risk ? "holds" : loss <= risk ? "doubt" : "danger";
export const FATE_WORDS: Record<Fate, string> = {
  holds: "safe",
  doubt: "uncertain",
  danger: "in danger",
};

/** Less floor than this is no obstacle worth a figure, m². */
const LEAST_FLOOR_M2 = 0.005;

/** Why it is not in a better place, and what would help. */
export function obstacleWords(o: Obstacle, place: string, s: Standing, units: Units): string {
  switch (o.why) {
    case "height":
      return `${place}: ${metres(o.over, units)} too tall for it. Lay it over the sill, or take the crown down by as much.`;
    case "door":
      return s.throughM > s.potM
        ? `${place}: its crown, tied in, is ${metres(o.over, units)} wider than the door. Prune it, or take the door off its frame.`
        : `${place}: its pot is ${metres(o.over, units)} wider than the door. A narrower pot, or a door taken off its frame.`;
    case "lift":
      return `${place}: ${kilograms(o.over, units)} more than people carry there. Let it dry down, take a hoist, or renew it in a smaller pot.`;
    case "floor":
      return `${place}: ${kilograms(o.over, units)} more than the floor is said to bear.`;
    case "area":
      return `${place}: it takes ${metres(s.widthM, units)} of floor, more than there is.`;
    default:
      return o.over < LEAST_FLOOR_M2
        ? `${place} would keep it better and has floor left.`
        : `${place} is full: ${area(o.over, units)} more floor would take it.`;
  }
}

const PART_WORDS: Record<keyof CostParts, string> = {
  loss: "what it may lose",
  light: "too little light",
  chill: "too little cold",
  pot: "a cracked pot",
  effort: "carrying",
  change: "not as last winter",
};
/** Parts of a cost that are worth a word, the largest first. */
export const partWords = (parts: CostParts): string =>
  (Object.keys(parts) as (keyof CostParts)[])
    .filter((k) => parts[k] >= 0.5)
    .sort((a, b) => parts[b] - parts[a])
    .map((k) => `${PART_WORDS[k]} ${number(parts[k])}`)
    .join(", ") || "next to nothing";

/** A share of a tree; beyond nineteen in twenty the models no longer tell shares apart. */
export const lossWords = (loss: number) => (loss < 0.005 ? "under 1 %" : loss > 0.95 ? "nearly all" : percent(loss));

export const stepWords = (steps: number) => (steps === 1 ? "1 step" : `${number(steps)} steps`);

import type { Estimate } from "@/core/estimate/index";
import { fullness } from "./format";

/** The four parts of a tree's page. */
export const PART_WORDS = { roots: "Roots & wood", potting: "Potting", winter: "Winter", log: "Log" } as const;
export type TreePartName = keyof typeof PART_WORDS;

/** The one thing to do now, on its button. */
export const PRIMARY_WORDS = {
  roots: "Check the roots",
  pot: "Pot up",
  "first-pot": "Pot it",
  "root-prune": "Root-prune it",
  "in-place": "Renew it in place",
  rescue: "Go on with the rescue",
  "plant-out": "Record the planting out",
  "give-up": "Record the loss",
  measure: "Measure its pot",
  past: "Say when it was potted",
  record: "Record something",
} as const;

/** How full, with the band in which it lies eight times in ten. */
export function fullBand({ p10, p90 }: Estimate): string {
  const [low, high] = [fullness(p10), fullness(p90)];
  return low === high ? low : `${low} to ${high}`;
}

/** As part of a sentence: "full", "90 % full". */
export function howFull(fill: number): string {
  const words = fullness(fill);
  return words.endsWith("%") ? `${words} full` : words;
}

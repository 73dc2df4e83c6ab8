import type { Face, RootColour } from "@/core/roots/index";

export interface ReadingFacts {
  treeId: string;
  tag: string;
  name: string;
  /** Colours besides white and tan that are healthy in this species. */
  colours: readonly RootColour[];
  hazards: readonly string[];
  grafted: boolean;
  /** Wet mass as it stands, and what to say of lifting it. */
  lift: string | null;
  photos: { id: string; face: Face; on: string }[];
  last: { on: string; words: string } | null;
}

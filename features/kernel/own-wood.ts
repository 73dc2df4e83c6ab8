import type { DayNumber } from "@/core/dates/index";
import type { Profile } from "@/core/species/index";
import type { WoodState, Yard } from "@/model/index";
import type { CollectionView } from "./collection/load";
import { type StripWood, WEEK } from "./strip-wood";

export function woodRange(yard: Yard, kind: Profile | null): [DayNumber, number] {
  if (kind === null) return [yard.today, 0];
  const series = yard.kindTracks(kind)!.wood;
  return [series.startDay, Math.floor(series.phase.length / WEEK)];
}

export function woodLetters(woodOn: (day: DayNumber) => WoodState, from: DayNumber, weeks: number): string {
  return Array.from({ length: weeks }, (_, w) => woodLetter(woodOn(from + w * WEEK))).join("");
}

/** Wood of a tree that goes its own pace or stands elsewhere than in the open; null where it goes as its species does. Sent with the tree's own pages only. */
export function ownStripWood({ yard }: CollectionView, treeId: string): StripWood | null {
  const tree = yard.tree(treeId);
  const now = tree?.goesItsOwnWay ? tree.on(yard.today) : null;
  if (!tree || !now) return null;
  const [from, weeks] = woodRange(yard, tree.kind);
  return {
    key: `tree:${treeId}`,
    name: tree.record.tag,
    count: 0,
    weeks: woodLetters((day) => now.woodOn(day), from, weeks),
  };
}

function woodLetter({ stage, ripe }: WoodState): string {
  const letter = String.fromCharCode(97 + Math.round(25 * ripe.p50));
  return stage === "dormant" || stage === "swelling" ? letter.toUpperCase() : letter;
}

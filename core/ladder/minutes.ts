import type { LadderAction } from "./names";

/**
 * Minutes of work on one tree by what is done and the litres of mix it stands in afterwards: growers' judgement (L).
 * @example workMinutes("replace-top", 20) // 6
 */
export function workMinutes(action: LadderAction, volumeL: number): number {
  switch (action) {
    case "stay":
      return 0;
    case "up-pot":
      return 8 + 1.6 * volumeL ** 0.75;
    case "replace-top":
      return 3 + 0.15 * volumeL;
    case "root-prune":
      return 15 + 3 * volumeL ** 0.75;
    case "core-in-place":
      return 20 + 0.5 * volumeL;
    // Digging a hole and setting the tree.
    case "plant-out":
      return 20 + 2 * volumeL ** 0.75;
  }
}

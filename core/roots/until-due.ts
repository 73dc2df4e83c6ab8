import { logit } from "../math/index";
import { moveRoots } from "./corrections";
import { DUE_FILL, warmthForEffective, xAtDue } from "./grow";

/** A ball that is due, as it usually stands when it is moved: full, its roots hardly turned yet (L). */
const MOVED_AT = { fill: DUE_FILL, circling: 0.5 } as const;

/**
 * Root warmth, °C·d, until a pot of so many times the mix is due again, the ball slipped up whole into a plain wall.
 * @example warmthUntilDueAgain(0.001, 2) // 2096.88
 */
export function warmthUntilDueAgain(kPerDegreeDay: number, ratio: number): number {
  const moved = moveRoots(MOVED_AT.fill, MOVED_AT.circling, 1, ratio, "none");
  const x0 = logit(moved.fill);
  const due = xAtDue(moved.circling, x0, kPerDegreeDay, 1);
  return warmthForEffective((due.x - x0) / kPerDegreeDay, moved.lagDegreeDays);
}

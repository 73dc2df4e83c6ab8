import { toDay } from "@/core/dates/index";
import { BY_FEEL, BY_LOOK, gradeProbability, gradesOff } from "@/core/roots/index";
import { profileFor, tracksOf } from "./tracks";
import { replay } from "./replay";
import type { Yard } from "./open-yard";

/** How well looks were foreseen: how many, and how many fell where eight of ten were expected. */
export interface Calibration {
  looks: number;
  inside: number;
  /** Grades by which the eye that looked reads too full, or too empty below nought; null where nobody can say. */
  eyeOff: number | null;
}

/** Tails beyond which a grade was not expected. */
const TAIL = 0.1;

/**
 * All looks at roots of a collection against what was believed before each: a look is inside where its grade of fill reaches into the
 * middle eight tenths of what was expected, the eye's own error included. Grades are whole, so a little more than eight of ten fall there
 * where the belief is right.
 */
export function calibrationOf(yard: Yard): Calibration {
  const { tracks: source, indexed, today } = yard;
  const eye = source.eyeOfAll.at(-1);
  const found: Calibration = { looks: 0, inside: 0, eyeOff: eye ? gradesOff(eye) : null };
  for (const tree of yard.trees) {
    const { events } = tree;
    for (const [i, event] of events.entries()) {
      const { payload, on } = event;
      const day = toDay(on.best);
      // A batch's looks are the batch's own.
      if (payload.kind !== "roots-read" || payload.fillGrade === null || day > today || event.treeId !== tree.id)
        continue;
      const tracks = tracksOf(source, tree.record, day);
      const profile = profileFor(source, tree.record, tracks, day);
      const before = replay(events.slice(0, i), indexed.lots, profile, tracks.warmth, day);
      if (!before) continue;
      const eye = payload.by === "feel" ? BY_FEEL : BY_LOOK;
      let below = 0;
      for (let grade = 0; grade < payload.fillGrade; grade++) below += gradeProbability(before.belief, grade, eye);
      const upTo = below + gradeProbability(before.belief, payload.fillGrade, eye);
      found.looks++;
      if (below < 1 - TAIL && upTo > TAIL) found.inside++;
    }
  }
  return found;
}

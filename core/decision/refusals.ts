import { JUDGEMENT_FIGURES as J } from "../judgement/index";
import { HALF_ROOTED, stepRule } from "../ladder/index";
import type { Option } from "../root-work/index";
import type { Operation } from "../window/index";
import { bound } from "./correction";
import type { Draft } from "./draft";
import type { PottedFacts } from "./facts";
import { jumpFill, provenJump } from "./litres";

/** A pot in mind that would stay empty, or a long jump in leaf, is refused with the figure that says so. */
export function refuseJump(draft: Draft, potted: PottedFacts, growth: number, inLeaf = false): void {
  const { situation: s } = potted;
  if (s.offeredL === null) return;
  const { largest } = stepRule(s.kPerDegreeDay, s.profile.values.largestStep);
  if (s.offeredL <= largest * s.volumeL) return;
  const fill = jumpFill(potted, "none", growth);
  if (!inLeaf && fill >= HALF_ROOTED && s.profile.values.largestStep === null) return;
  draft.refuse("slip-up", "step", { toL: s.offeredL, fill });
}

/** What a grower might think of today and is told not to: the usual work, washing, a potting at all. */
export function refuseToday(draft: Draft, potted: PottedFacts, work: Operation): void {
  draft.refuseClosed(work);
  draft.refuseClosed("slip-up");
  if (!bound(potted)) return;
  draft.refuseClosed("bare-root");
  draft.refuseClosed("shave");
}

/** What must be carried in for the winter stays within what may be lifted. */
export function refuseCarry(draft: Draft, potted: PottedFacts, best: Option): void {
  const { situation: s } = potted;
  if (s.carriedKg === null || s.offeredL === null || J.allKgPerL * s.offeredL <= s.carriedKg) return;
  if (!provenJump({ potted }, best.correction)) return;
  draft.refuse("up-pot", "weight", {
    toL: s.offeredL,
    lowKg: J.wetLow * s.offeredL,
    highKg: J.wetHigh * s.offeredL,
    capL: s.carriedKg / J.allKgPerL,
  });
}

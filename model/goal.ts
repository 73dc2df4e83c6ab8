import type { TreeOnDay } from "./tree-on-day";

/** An ornament with no final pot said is planned to so many times its present mix, and no further than this, L. Our judgement (L). */
const ORNAMENT_TIMES = 5;
const ORNAMENT_MOST_L = 100;
/** A stock plant and one that is grown on are asked; until then so many times, at least and at most so much, L (L). */
const ASKED_TIMES = 3;
const ASKED_LEAST_L = 9;
const ASKED_MOST_L = 30;

/** Where a tree is to end up, L of mix. */
export interface TreeGoal {
  minL: number;
  maxL: number;
  /** Its grower said so; else it goes by kind and purpose. */
  said: boolean;
  /** Worth asking: by its purpose anything may be meant, or what was said lies below the pot it stands in. */
  ask: boolean;
}

const round = (v: number) => (v < 10 ? Math.round(10 * v) / 10 : Math.round(v));
const single = (v: number, said: boolean, ask: boolean): TreeGoal => ({ minL: v, maxL: v, said, ask });

/** The goal of a tree: what its grower said, else what its kind and purpose let expect. Never silently the pot it stands in. */
export function goalOf({ record, profile, roots }: Pick<TreeOnDay, "record" | "profile" | "roots">): TreeGoal {
  const nowL = roots.volumeL.p50;
  const { finalVolumeL, purpose } = record;
  if (finalVolumeL !== null) return single(round(Math.max(nowL, finalVolumeL)), true, finalVolumeL < 0.8 * nowL);
  // A miniature's pot is part of its shape.
  if (purpose === "miniature") return single(round(nowL), false, false);
  const cropL = purpose === "crop" ? profile.values.cropVolumeL : null;
  // A crop is best within a range of volumes: anything in it will do.
  if (cropL)
    return { minL: round(Math.max(nowL, cropL[0])), maxL: round(Math.max(nowL, cropL[1])), said: false, ask: false };
  if (purpose === "stock" || purpose === "grow-on")
    return single(
      round(Math.max(nowL, Math.min(ASKED_MOST_L, Math.max(ASKED_LEAST_L, ASKED_TIMES * nowL)))),
      false,
      true,
    );
  const mostL = Math.max(nowL, Math.min(ORNAMENT_MOST_L, ORNAMENT_TIMES * nowL));
  return single(Math.max(5, 5 * Math.round(mostL / 5)), false, mostL <= nowL);
}

"use client";

import * as say from "@/words/pages/bench/root-work";
import type { Option } from "@/core/root-work/index";
import { number } from "@/words/format";
import { RootFace } from "@/ui/root-face";
import { FILL_GRADES } from "@/words/terms";

/** The ball's side as it is, and as the work leaves it. */
export function BeforeAfter({ fill, circling, pick }: { fill: number; circling: number; pick: Option | null }) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <figure>
        <RootFace face="side" fill={fill} circling={circling} label={say.theSide(FILL_GRADES[fill])} />
        <figcaption className="text-center text-sm">{say.asItIsGrade(circling)}</figcaption>
      </figure>
      <figure>
        <RootFace
          face="side"
          fill={pick ? Math.max(0, fill - (pick.price.loss > 0.2 ? 1 : 0)) : fill}
          circling={pick?.price.circlingAfter ?? circling}
          label={say.theSideAfterThisWork}
        />
        <figcaption className="text-center text-sm">
          {pick ? say.afterGrade(number(pick.price.circlingAfter, 1)) : say.unchanged}
        </figcaption>
      </figure>
    </div>
  );
}

"use client";

import type { Cutting } from "./use-cutting";
import * as say from "@/words/pages/bench/in-place";
import { SHELL_DENSITY } from "@/core/roots/index";
import { Facts, Reasoned } from "@/ui/fields";
import { litres, millimetres, number, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";

/** What the cuts come to, and what speaks against them. */
export function CutFigures({ cutting: { cores, slice, loose, doneThisYear } }: { cutting: Cutting }) {
  const { units } = useAsOf();
  return (
    <>
      {cores && (
        <Reasoned
          reason={say.oneHoleOfToTwo(
            millimetres(cores.coreMm, units),
            number((100 * cores.share) / Math.max(1, cores.holes.length), 2),
          )}
        >
          <Facts
            columns
            testId="cores"
            facts={[
              ["Holes", number(cores.holes.length)],
              [say.middleToMiddleAtLeast, millimetres(cores.spacingMm, units)],
              ["Deep", millimetres(cores.depthMm, units)],
              [say.ofTheBall, percent(cores.share)],
              [say.mixOut, litres(cores.litres, units)],
              [say.looseMixIn, litres(loose, units)],
            ]}
          />
        </Reasoned>
      )}
      {slice && (
        <Reasoned
          reason={say.ofTheBallOverIts(
            percent(slice.share),
            number(SHELL_DENSITY, 1),
            percent(1 - slice.retainedShare),
          )}
        >
          <Facts
            columns
            testId="slice"
            facts={[
              [say.inFromTheWall, millimetres(slice.depthMm, units)],
              [say.ofTheBall, percent(slice.share)],
              [say.ofItsRootsAbout, percent(1 - slice.retainedShare)],
              [say.mixOut, litres(slice.litres, units)],
              [say.looseMixIn, litres(loose, units)],
            ]}
          />
        </Reasoned>
      )}
      {cores?.short && <p className="text-warning font-semibold">{say.theOuterHalfHoldsSuch(number(cores.most))}</p>}
      {slice?.tooNear && <p className="text-warning font-semibold">{say.theCutWouldComeNearer}</p>}
      {doneThisYear && <p className="text-warning font-semibold">{say.thisWasDoneThisYear}</p>}
    </>
  );
}

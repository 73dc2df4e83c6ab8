"use client";

import * as say from "@/words/pages/tree/pot-picture";
import { brimHeightMm, type Pot, vesselOf, wallOf } from "@/core/vessel/index";
import { useAsOf } from "@/features/kernel/as-of";
import type { TreePicture } from "@/model/index";
import { Reasoned } from "@/ui/fields";
import { PotSection } from "@/ui/pot-section";
import { day, litres, number } from "@/words/format";
import { WALL_WORDS } from "@/words/terms";
import { howFull } from "@/words/tree-page";
import type { TreeFacts } from "./facts";
import type { NextLot } from "./potting-part";

/** Why a volume is a range. */
const RANGE_WHY: Record<Pot["known"] | "none", string> = {
  measured: say.theFillLineVaries,
  outside: say.measuredOutsideOnly,
  nominal: say.knownByItsTradeSize,
  about: say.aGuessByEye,
  none: say.nobodyHasDescribedIt,
};

/** The pot in section with the one it goes into, and what is known of it in a line. */
export function PotPicture({
  facts,
  picture,
  on,
  nextLot,
}: {
  facts: TreeFacts;
  picture: TreePicture;
  on: string;
  nextLot: NextLot | undefined;
}) {
  const { units } = useAsOf();
  const { state, standing } = picture;
  const lot = facts.lots.find((l) => l.id === state.lotId);
  const ghost = nextLot ? vesselOf(nextLot.pot).vessel : undefined;
  return (
    <section aria-label={say.thePotInSection}>
      <Reasoned
        reason={say.drawnToScaleFromRoots(
          lot?.pot.known === "measured" ? say.thePotAsItWas : say.whatIsKnownOfThe(RANGE_WHY[lot?.pot.known ?? "none"]),
          day(on),
        )}
      >
        {standing ? (
          <PotSection
            vessel={standing.vessel}
            fillHeightMm={standing.fillHeightMm}
            bottomLayerMm={standing.bottomLayerMm}
            guessed={standing.guessed}
            fill={state.fill.p50}
            circling={state.circling.p50}
            ghost={
              ghost && nextLot
                ? { vessel: ghost, fillHeightMm: brimHeightMm(ghost), label: `next: ${nextLot.name}` }
                : undefined
            }
            widthPx={400}
            heightPx={340}
            units={units}
            seed={facts.tag.length * 37 + (facts.tag.codePointAt(facts.tag.length - 1) ?? 0)}
            title={say.inLabel(facts.tag, lot?.name ?? say.itsPot)}
            description={say.ofMixInPlaceOf(
              litres(state.volumeL.p50, units),
              howFull(state.fill.p50),
              number(state.circling.p50, 1),
            )}
          />
        ) : (
          <p>{say.nobodyHasSaidWhichPot}</p>
        )}
        <p className="mt-1 text-sm">
          {say.ofMix(
            lot ? `${lot.name}, ${WALL_WORDS[wallOf(lot.pot)]}` : say.unknownPot,
            litres(state.volumeL.p50, units),
            state.volumeL.p90 - state.volumeL.p10 > 0.05 * state.volumeL.p50 &&
              litres(state.volumeL.p10, units) !== litres(state.volumeL.p90, units)
              ? ` (${litres(state.volumeL.p10, units)}–${litres(state.volumeL.p90, units)}: ${RANGE_WHY[lot?.pot.known ?? "none"]})`
              : "",
            state.pottedOn ? say.potted(day(state.pottedOn, on)) : say.nobodyKnowsSinceWhen,
          )}
        </p>
      </Reasoned>
    </section>
  );
}

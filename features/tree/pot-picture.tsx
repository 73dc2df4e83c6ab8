"use client";

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
  measured: "the fill line varies",
  outside: "measured outside only",
  nominal: "known by its trade size only",
  about: "a guess by eye",
  none: "nobody has described it",
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
    <section aria-label="The pot in section">
      <Reasoned
        reason={
          <>
            Drawn to scale from{" "}
            {lot?.pot.known === "measured"
              ? "the pot as it was measured"
              : `what is known of the pot: ${RANGE_WHY[lot?.pot.known ?? "none"]}`}
            ; roots by the root model as of {day(on)}, the dashed outline is the next pot that fits.
          </>
        }
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
            title={`${facts.tag} in ${lot?.name ?? "its pot"}`}
            description={`${litres(state.volumeL.p50, units)} of mix in place, ${howFull(state.fill.p50)} of roots, circling grade ${number(state.circling.p50, 1)} of 4.`}
          />
        ) : (
          <p>Nobody has said which pot it stands in.</p>
        )}
        <p className="mt-1 text-sm">
          {lot ? `${lot.name}, ${WALL_WORDS[wallOf(lot.pot)]}` : "Unknown pot"}; {litres(state.volumeL.p50, units)} of
          mix
          {state.volumeL.p90 - state.volumeL.p10 > 0.05 * state.volumeL.p50 &&
          litres(state.volumeL.p10, units) !== litres(state.volumeL.p90, units)
            ? ` (${litres(state.volumeL.p10, units)}–${litres(state.volumeL.p90, units)}: ${RANGE_WHY[lot?.pot.known ?? "none"]})`
            : ""}
          {state.pottedOn ? `, potted ${day(state.pottedOn, on)}` : ", nobody knows since when"}.
        </p>
      </Reasoned>
    </section>
  );
}

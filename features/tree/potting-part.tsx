"use client";

import Link from "next/link";
import type { ReactNode } from "react";
import { type DecisionAct, wholePot } from "@/core/decision/index";
import type { Pot } from "@/core/vessel/index";
import { treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { PastPottingForm } from "@/features/bench/potting/past-form";
import type { TreePicture } from "@/model/index";
import { Why } from "@/ui/fields";
import { day, number, percent } from "@/words/format";
import { wantedPot, windowReason } from "@/words/sentences";
import { LIMIT_WORD, MISFIT_WORDS } from "@/words/terms";
import { DecisionPanel } from "./decision-panel";
import type { TreeFacts } from "./facts";
import { Folded } from "@/ui/folded";
import { PlanPanel } from "./plan-panel";
import { Ways } from "./ways";

export interface NextLot {
  id: string;
  name: string;
  pot: Pot;
}

/** What is decided about its pot and roots, its plan, the pot it goes into, and when each work may be done. */
export function PottingPart({
  facts,
  picture,
  on,
  nextPot,
  nextLot,
  children,
}: {
  facts: TreeFacts;
  picture: TreePicture;
  on: string;
  nextPot: DecisionAct | null;
  nextLot: NextLot | undefined;
  /** Windows of each work, worked out by the server. */
  children: ReactNode;
}) {
  const { collectionId } = useAsOf();
  const { state, decision, fits } = picture;
  const lot = facts.lots.find((l) => l.id === state.lotId);
  const potNames = new Map(facts.lots.map((l) => [l.id, l.name]));
  const to = (part: Parameters<typeof treeAt>[2]) => treeAt(collectionId, facts.id, part);
  return (
    <div className="space-y-5">
      {decision && <DecisionPanel decision={decision} potNames={potNames} guessedKind={!facts.listed} />}
      <PlanPanel treeId={facts.id} plan={picture.plan} making={picture.planMaking} on={on} share={state.share} />
      <div className="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        <Why reason={windowReason(state, on)}>
          <b>Time for potting up</b>{" "}
          <span data-testid="window">
            {state.window.open
              ? `open${state.window.period ? ` until ${day(state.window.period.to, on)}` : ""}`
              : state.window.period
                ? `closed; opens ${day(state.window.period.from, on)}`
                : "closed"}
          </span>
          {state.window.open ? "" : ` · ${LIMIT_WORD[state.window.limiting]}`}
        </Why>
        {state.mix && (
          <Why
            reason={`Slumping and rotting by the mix’s own figures, feeding by its recipe${state.mix.fedUntil ? "" : ", which says nothing of any"}; both are judgement. Look at the surface: how far it has sunk tells more than the calendar.`}
          >
            <b>Its mix</b> {state.mix.name}
            {state.mix.fedUntil &&
              (state.mix.fedUntil > on
                ? ` · feeds until about ${day(state.mix.fedUntil, on)}`
                : " · its own feed is used up")}
            {state.mix.wornOutOn === null
              ? " · hardly slumps"
              : state.mix.wornOutOn > on
                ? ` · lasts until about ${day(state.mix.wornOutOn, on)}`
                : ` · worn out since about ${day(state.mix.wornOutOn, on)}`}
          </Why>
        )}
        <NextPot facts={facts} nextPot={nextPot} fits={fits} nextLot={nextLot} />
      </div>
      <Ways>
        <Link className="btn btn-sm min-h-11" href={to("pot")}>
          Potting bench
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("plan")} prefetch={false}>
          Its plan, all schools
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("standing")} prefetch={false}>
          Weight & wind
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("in-place")} prefetch={false}>
          Root renewal in place
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("rescue")} prefetch={false}>
          Rescue
        </Link>
      </Ways>
      {children}
      <Folded id="past" title="An earlier potting">
        <PastPottingForm treeId={facts.id} tag={facts.tag} currentLot={lot ?? null} arrivedOn={facts.arrivedOn} />
      </Folded>
    </div>
  );
}

function NextPot({
  facts,
  nextPot,
  fits,
  nextLot,
}: {
  facts: TreeFacts;
  nextPot: DecisionAct | null;
  fits: TreePicture["fits"];
  nextLot: NextLot | undefined;
}) {
  const { units } = useAsOf();
  const whole = nextPot && wholePot(nextPot);
  if (!whole) return null;
  const wanted = wantedPot(whole.lowL, whole.highL, units);
  const choice = nextPot.pot?.choice;
  const others = fits.filter((p) => p.lotId !== nextLot?.id);
  return (
    <Why
      reason={
        <>
          <p>
            Wanted: {wanted}. About {number(facts.step.ideal, 1)} times the mix suits its pace,{" "}
            {number(facts.step.largest, 1)} at most unless the pot is half rooted by the season’s end
            {choice ? ` (here ${percent(choice.fillAtSeasonEnd)} expected)` : ""}; within its goal and what may be
            carried.
          </p>
          <ul className="mt-1 list-disc pl-5">
            {others.map((p) => {
              const lot = facts.lots.find((l) => l.id === p.lotId);
              return (
                <li key={p.lotId}>
                  {lot?.name ?? "a pot"}:{" "}
                  {p.misfit ? MISFIT_WORDS[p.misfit] : `fits, ${number(p.ratio, 1)} times the mix`}
                </li>
              );
            })}
          </ul>
        </>
      }
    >
      <b>Next pot</b>{" "}
      {nextLot
        ? nextLot.name
        : `${facts.anyInStore ? "nothing in store fits" : "the store is empty"}; look for ${wanted}`}
    </Why>
  );
}

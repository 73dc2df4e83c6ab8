"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/potting";
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
          <b>{say.timeForPottingUp}</b>{" "}
          <span data-testid="window">
            {state.window.open
              ? say.open(state.window.period ? common.until(day(state.window.period.to, on)) : "")
              : state.window.period
                ? say.closedOpens(day(state.window.period.from, on))
                : say.closed}
          </span>
          {state.window.open ? "" : ` · ${LIMIT_WORD[state.window.limiting]}`}
        </Why>
        {state.mix && (
          <Why reason={say.slumpingAndRottingByThe(state.mix.fedUntil ? "" : say.whichSaysNothingOfAny)}>
            <b>{say.itsMix}</b> {state.mix.name}
            {state.mix.fedUntil &&
              (state.mix.fedUntil > on ? say.feedsUntilAbout(day(state.mix.fedUntil, on)) : say.itsOwnFeedIsUsed)}
            {state.mix.wornOutOn === null
              ? say.hardlySlumps
              : state.mix.wornOutOn > on
                ? say.lastsUntilAbout(day(state.mix.wornOutOn, on))
                : say.wornOutSinceAbout(day(state.mix.wornOutOn, on))}
          </Why>
        )}
        <NextPot facts={facts} nextPot={nextPot} fits={fits} nextLot={nextLot} />
      </div>
      <Ways>
        <Link className="btn btn-sm min-h-11" href={to("pot")}>
          {say.pottingBench}
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("plan")} prefetch={false}>
          {say.itsPlanAllSchools}
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("standing")} prefetch={false}>
          {say.weightWind}
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("in-place")} prefetch={false}>
          {common.rootRenewalInPlace}
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("rescue")} prefetch={false}>
          {say.rescue}
        </Link>
      </Ways>
      {children}
      <Folded id="past" title={say.anEarlierPotting}>
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
            {say.wantedAboutTimesTheMix(
              wanted,
              number(facts.step.ideal, 1),
              number(facts.step.largest, 1),
              choice ? say.hereExpected(percent(choice.fillAtSeasonEnd)) : "",
            )}
          </p>
          <ul className="mt-1 list-disc pl-5">
            {others.map((p) => {
              const lot = facts.lots.find((l) => l.id === p.lotId);
              return (
                <li key={p.lotId}>
                  {lot?.name ?? say.aPot}: {p.misfit ? MISFIT_WORDS[p.misfit] : say.fitsTimesTheMix(number(p.ratio, 1))}
                </li>
              );
            })}
          </ul>
        </>
      }
    >
      <b>{say.nextPot}</b>{" "}
      {nextLot ? nextLot.name : say.lookFor(facts.anyInStore ? say.nothingInStoreFits : say.theStoreIsEmpty, wanted)}
    </Why>
  );
}

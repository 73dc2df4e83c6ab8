"use client";

import { LaterWork } from "./later-work";
import { BeforeAfter } from "./before-after";
import { Afterwards } from "./afterwards";
import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/root-work";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import type { ReactNode } from "react";
import type { Advice, SureWindow, Option } from "@/core/root-work/index";
import { toDay, toIso } from "@/core/dates/index";
import { type CorrectionName, type Reading, STAGE_FILLS } from "@/core/roots/index";
import type { Hazard } from "@/core/species/index";
import type { LiftAdvice } from "@/core/mass/index";
import { day, kilograms, litres, millimetres, number, percent } from "@/words/format";
import { Caution, Reasoned } from "@/ui/fields";
import { readingWords } from "@/words/root-check";
import { useAsOf } from "@/features/kernel/as-of";
import { CIRCLING_GRADES, CORRECTION_WORDS, FILL_GRADES, HAZARD_WORDS, liftWords } from "@/words/terms";
import { InPlaceDone } from "./in-place-done";
import { findingWords, holdWords, objectionWords, optionWords } from "@/words/root-work";

export interface CorrectFacts {
  treeId: string;
  tag: string;
  name: string;
  hazards: readonly Hazard[];
  guess: boolean;
  believed: { fill: number; circling: number };
  ball: { widthMm: number; heightMm: number } | null;
  /** null: nobody has said which pot it stands in. */
  advice: Advice | null;
  /** What was decided, in one sentence. */
  headline: string | null;
  seen: { on: string; fill: number | null; circling: number | null; reading: Reading | null } | null;
  windows: Partial<Record<CorrectionName, SureWindow>>;
  volumeL: number;
  massKg: number | null;
  lift: LiftAdvice | null;
  immovable: boolean;
  /** Share of its uptake that roots in the ground bring, where it is anchored. */
  anchorShare: number;
  /** Half of what holds it has been severed lately. */
  anchorHalved: boolean;
}

const gradeOf = (fill: number) => STAGE_FILLS.filter((cut) => fill >= cut).length;

/** The judgement at the bench: what suits this ball today, what it costs, when its roots hold, and what is refused until when. */
export function CorrectView({ facts }: { facts: CorrectFacts }) {
  const { collectionId, today, units } = useAsOf();
  const { advice, seen } = facts;
  const tree = treeAt(collectionId, facts.treeId);
  const fill = seen?.fill ?? gradeOf(facts.believed.fill);
  const circling = seen?.circling ?? Math.round(facts.believed.circling);
  return (
    <article className="mx-auto max-w-5xl">
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">{say.rootWorkOn(facts.tag)}</h1>
      {facts.headline && <p className="mt-1 text-lg">{facts.headline}</p>}
      <p className="mt-1" data-testid="seen">
        {seen
          ? say.seen(
              seen.on === today ? "today" : common.on(day(seen.on, today)),
              [
                seen.fill === null ? "" : FILL_GRADES[seen.fill],
                seen.circling === null ? "" : `circling: ${CIRCLING_GRADES[seen.circling]}`,
                seen.reading ? readingWords(seen.reading, units) : "",
              ]
                .filter(Boolean)
                .join("; "),
            )
          : say.nobodyHasLookedAtIts(percent(facts.believed.fill), number(facts.believed.circling, 1))}{" "}
        <Link className="link" href={`${tree}/roots`}>
          {seen ? say.readThemAgain : say.readItsRoots}
        </Link>
      </p>
      {advice === null ? (
        <p className="mt-4">
          {say.nobodyHasSaidWhichPot}
          <Link className="link" href={`${tree}#measure`}>
            {common.measureItsPot}
          </Link>
        </p>
      ) : (
        <Advised facts={facts} advice={advice} fill={fill} circling={circling} />
      )}
    </article>
  );
}

function Advised({
  facts,
  advice,
  fill,
  circling,
}: {
  facts: CorrectFacts;
  advice: Advice;
  fill: number;
  circling: number;
}) {
  const { collectionId, today, units } = useAsOf();
  const { now, Now } = useNowWords();
  const tree = treeAt(collectionId, facts.treeId);
  const { pick, later, sour } = advice;
  const pot = (o: Option) => `${tree}/pot?correction=${o.correction}&kept=${(1 - o.price.loss).toFixed(3)}`;
  return (
    <>
      <section className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]" aria-label={Now}>
        <Reasoned
          reason={say.drawnFromTheGradesBefore(
            facts.ball
              ? say.wideAndHigh(millimetres(facts.ball.widthMm, units), millimetres(facts.ball.heightMm, units))
              : say.ofUnknownSize,
          )}
        >
          <BeforeAfter fill={fill} circling={circling} pick={pick} />
        </Reasoned>
        <div>
          {sour ? (
            <Sour
              facts={facts}
              sour={sour}
              href={`${tree}/pot?correction=rake-and-thin&kept=${sour.liveShare.toFixed(2)}`}
              rescue={`${tree}/rescue`}
            />
          ) : pick ? (
            <Reasoned
              reason={say.everyCorrectionIsHeldAgainst(
                number(pick.price.shock, 2),
                number(pick.price.turning, 2),
                number(pick.price.waiting, 2),
                now,
                now,
                percent(advice.lossAllowed),
                facts.guess ? common.andItsSpeciesIsA : "",
              )}
            >
              <p className="text-xl" data-testid="pick">
                {Now}: {optionWords(pick, units)}.
              </p>
              <p className="mt-1">
                {say.it(
                  CORRECTION_WORDS[pick.correction].what[0].toUpperCase() +
                    CORRECTION_WORDS[pick.correction].what.slice(1),
                  holdWords(pick, today),
                  pick.hold.days === null ? "" : say.inDays(number(pick.hold.days)),
                )}
              </p>
            </Reasoned>
          ) : (
            <p className="text-xl" data-testid="pick">
              {say.nothingAtItsRoots(Now)}
            </p>
          )}
          {later && <LaterWork later={later} now={now} advice={advice} />}
          <div className="mt-3 flex flex-wrap gap-2">
            {!sour && pick && !facts.immovable && (
              <Link href={pot(pick)} className="btn btn-primary min-h-12">
                {say.potItWithThis}
              </Link>
            )}
            <Link href={`${tree}/in-place`} className={`btn min-h-12 ${facts.immovable ? "btn-primary" : ""}`}>
              {common.rootRenewalInPlace}
            </Link>
            <Link href={`${tree}/learning`} className="btn min-h-12">
              {say.whatItsRootsHaveTaught}
            </Link>
          </div>
        </div>
      </section>
      <Specials facts={facts} advice={advice} />
      {!sour && <Options advice={advice} pot={pot} />}
      <Afterwards advice={advice} tree={tree} />
      <Caution className="mt-4">
        {facts.massKg !== null && facts.lift && (
          <p className="text-base font-semibold">
            {say.wet(kilograms(facts.massKg, units), liftWords(facts.lift, units))}
          </p>
        )}
        <p>{say.knivesSawsAndRootRakes}</p>
        {facts.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
        <p>{say.localRulesAndLicensedPractice}</p>
      </Caution>
      <InPlaceDone
        treeId={facts.treeId}
        tag={facts.tag}
        girdler={advice.girdler}
        anchored={advice.anchored !== null}
        anchorHalved={facts.anchorHalved}
        windows={facts.windows}
      />
    </>
  );
}

function Sour({
  facts,
  sour,
  href,
  rescue,
}: {
  facts: CorrectFacts;
  sour: { liveShare: number; mostL: number };
  href: string;
  rescue: string;
}) {
  const { units } = useAsOf();
  return (
    <Reasoned reason={say.mushyOrSourRootsAre(percent(sour.liveShare), litres(facts.volumeL, units))}>
      <p className="text-xl" data-testid="pick">
        {say.sourIsNotBoundCut(litres(sour.mostL, units))}
      </p>
      <p className="mt-1">{say.aboutOfItsRootsAre(percent(sour.liveShare))}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Link href={href} className="btn btn-primary min-h-12">
          {say.potItDown}
        </Link>
        <Link href={rescue} className="btn min-h-12">
          {say.makeItARescue}
        </Link>
      </div>
    </Reasoned>
  );
}

/** Flare, girdler, anchor, and what the rules of its species add. */
function Specials({ facts, advice }: { facts: CorrectFacts; advice: Advice }) {
  const { on, today, units } = useAsOf();
  const { now } = useNowWords();
  const { flare, girdler, anchored, findings } = advice;
  const items: { key: string; text: ReactNode; why: string }[] = [];
  if (flare)
    items.push({
      key: "flare",
      text:
        flare.leaveMm === 0
          ? say.uncoverTheFlareTakeThe(millimetres(flare.belowMm, units), percent(flare.loss))
          : say.theFlareIsDownAnd(
              millimetres(flare.belowMm, units),
              now,
              percent(flare.loss),
              percent(flare.most),
              millimetres(flare.takeOffMm, units),
              millimetres(flare.leaveMm, units),
            ),
      why: say.rootsAboveTheFlareThin(),
    });
  if (girdler)
    items.push({
      key: "girdler",
      text:
        girdler.share === null
          ? say.lookWhatTheRootAcross
          : girdler.twoSeasons
            ? say.theGirdlingRootServesOf(percent(girdler.share))
            : girdler.now
              ? say.cutTheGirdlingRootNow(percent(girdler.share))
              : say.cutTheGirdlingRootOnce(percent(girdler.share)),
      why: say.aRootThatFeedsMore,
    });
  if (anchored)
    items.push({
      key: "anchored",
      text: facts.anchorHalved
        ? say.halfOfWhatHoldsItIn(number(anchored.weeks))
        : anchored.halves
          ? say.rootedInTheGroundWhich(percent(facts.anchorShare), day(toIso(toDay(on) + 7 * anchored.weeks), today))
          : say.rootedInTheGroundWhichMay(percent(facts.anchorShare)),
      why: say.estimatedFromWhatCrownThe(),
    });
  if (items.length + findings.length === 0) return null;
  return (
    <section className="mt-5" aria-labelledby="also">
      <h2 id="also" className="text-lg">
        {say.also}
      </h2>
      <ul className="space-y-1">
        {items.map((i) => (
          <li key={i.key} data-testid={i.key}>
            <Reasoned reason={i.why}>{i.text}</Reasoned>
          </li>
        ))}
      </ul>
      {findings.length > 0 && (
        <Reasoned reason={say.rulesOfItsSpeciesAs}>
          <ul className="list-disc pl-5">
            {findings.map((f, i) => (
              <li key={`${f.code}${i}`}>{findingWords(f, units)}</li>
            ))}
          </ul>
        </Reasoned>
      )}
    </section>
  );
}

/** All corrections beside each other: what each costs, as a bar in three parts; the refused ones with the reason and their day. */
function Options({ advice, pot }: { advice: Advice; pot: (o: Option) => string }) {
  const { today, units } = useAsOf();
  const { now } = useNowWords();
  const most = Math.max(...advice.options.map((o) => o.price.total));
  const allowed = advice.options.filter((o) => o.objections.length === 0);
  const refused = advice.options.filter((o) => o.objections.length > 0);
  return (
    <section className="mt-5" aria-labelledby="options">
      <h2 id="options" className="text-lg">
        {say.allOfThemAndTheir}
      </h2>
      <Reasoned reason={say.priceWithoutUnitLessIs()}>
        <ul className="space-y-2" data-testid="options">
          {allowed.map((o) => (
            <li key={o.correction} className="grid gap-x-4 sm:grid-cols-[minmax(0,1fr)_12rem_auto] sm:items-center">
              <span>
                <b>{optionWords(o, units)}</b>
                {say.leavesCirclingAtGrade(
                  number(o.price.circlingAfter, 1),
                  holdWords(o, today),
                  o.leavesRings ? say.woodyRingsStayAsThey : "",
                )}
              </span>
              <PriceBar option={o} most={most} />
              <Link className="link flex min-h-11 items-center" href={pot(o)}>
                {say.takeThis}
              </Link>
            </li>
          ))}
        </ul>
        {refused.length > 0 && (
          <>
            <h3 className="mt-3 font-medium">{say.refused(now)}</h3>
            <ul className="space-y-1" data-testid="refused">
              {refused.map((o) => (
                <li key={o.correction} className="grid gap-x-4 sm:grid-cols-[minmax(0,1fr)_12rem]">
                  <span>
                    <b>{optionWords(o, units)}</b>: {o.objections.map((x) => objectionWords(x, units)).join("; ")}.
                    {o.rightFrom && say.rightFrom(day(o.rightFrom, today))}
                  </span>
                  <PriceBar option={o} most={most} />
                </li>
              ))}
            </ul>
          </>
        )}
      </Reasoned>
    </section>
  );
}

function PriceBar({ option, most }: { option: Option; most: number }) {
  const { shock, turning, waiting, total } = option.price;
  const w = (v: number) => (192 * v) / most;
  return (
    <svg
      viewBox="0 0 192 18"
      className="my-1 h-4 w-48 max-w-full"
      role="img"
      aria-label={say.priceRootsTurningSeason(
        number(total, 2),
        number(shock, 2),
        number(turning, 2),
        number(waiting, 2),
      )}
    >
      <rect x="0" y="3" width="192" height="12" fill="#ece2ca" />
      <rect x="0" y="3" width={w(shock)} height="12" fill="#5b4630" />
      <rect x={w(shock)} y="3" width={w(turning)} height="12" fill="#a4502e" />
      <rect x={w(shock) + w(turning)} y="3" width={w(waiting)} height="12" fill="#c9a878" />
    </svg>
  );
}

/** What the day the page speaks of is called. */
function useNowWords() {
  const { on, today } = useAsOf();
  return on === today ? { now: "today", Now: "Today" } : { now: say.thatDay, Now: say.on(day(on, today)) };
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/learning";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import type { DateEstimate, Estimate } from "@/core/estimate/index";
import { HOLDING_MM, type Rerooting, type Learning, type OtherHistory, type Narrowing } from "@/model/index";
import { Toggle } from "@/ui/choice";
import { Caution, Form, FormFaults, Reasoned, TextField } from "@/ui/fields";
import { day, degreeDays, millimetres, number, percent, readNumber } from "@/words/format";
import { DayField } from "@/features/kernel/rough-date";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { ASK } from "@/features/tree/ask";
import { CIRCLING_GRADES, FILL_GRADES } from "@/words/terms";
import { PaceCurves } from "./curves";

export interface LearningFacts {
  treeId: string;
  tag: string;
  name: string;
  cultivar: string | null;
  learning: Learning;
  /** Trees of its species whose checks speak for it, and how many there are. */
  mates: { count: number; of: number } | null;
  due: DateEstimate;
  rerooting: Rerooting | null;
  narrowing: Narrowing[];
  potEventId: string | null;
}

const times = (e: Estimate) => `×${number(e.p50, 2)} (${number(e.p10, 2)}–${number(e.p90, 2)})`;
const odds = (p: number) => (p < 0.01 ? say.lessThanOneInA : percent(p));

/** What this tree's roots have taught: the belief before, each look, the belief now; a look that does not fit; new roots; what to ask next. */
export function LearningView({ facts }: { facts: LearningFacts }) {
  const { collectionId, today } = useAsOf();
  const { learning } = facts;
  const tree = treeAt(collectionId, facts.treeId);
  const { due } = facts;
  return (
    <article className="mx-auto max-w-5xl">
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">{say.rootHistoryOf(facts.tag)}</h1>
      <Reasoned className="mt-1" reason={say.itsOwnFactorOfPace()}>
        <p className="text-xl" data-testid="pace">
          {learning.steps.length === 0
            ? say.nobodyHasLookedAtIts(number(learning.now.p10, 2), number(learning.now.p90, 2))
            : say.itRootsAtOfIts(
                times(learning.now),
                number(learning.steps.length),
                learning.steps.length === 1 ? "check" : "checks",
              )}
        </p>
        <p>
          {"none" in due || due.p50 === null
            ? say.itFallsDueNotFor
            : due.p50 <= today
              ? say.itIsDueNow
              : say.itFallsDueAbout(
                  day(due.p50, today),
                  due.p10 && due.p90 ? ` (${day(due.p10, today)} – ${day(due.p90, today)})` : "",
                )}
        </p>
      </Reasoned>
      {learning.doubt && <Doubt facts={facts} doubt={learning.doubt} />}
      <section className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]">
        <Reasoned reason={say.densityByTheLogarithmOf}>
          <PaceCurves
            prior={learning.prior}
            withMates={learning.withMates}
            steps={learning.steps.map((s, i) => ({ label: `${s.on}-${i}`, curve: s.curve }))}
          />
          <p className="text-sm" data-axis="">
            {say.dottedItsSpeciesFilledNow(
              learning.withMates ? say.dashedWithItsMates : "",
              learning.steps.length > 1 ? say.thinAfterEachCheck : "",
            )}
          </p>
        </Reasoned>
        <div>
          <h2 className="text-lg">{say.checkByCheck}</h2>
          {facts.mates && (
            <p className="text-sm" data-testid="mates">
              {say.ofOtherOfItsSpecies(
                number(facts.mates.count),
                number(facts.mates.of),
                facts.mates.of === 1 ? say.tree : say.trees,
                facts.mates.count === 1 ? say.has : say.have,
                facts.cultivar ? ` ‘${facts.cultivar}’` : say.theSameVariety,
              )}
            </p>
          )}
          <ol className="space-y-2" data-testid="checks">
            {learning.steps.map((s) => (
              <li key={s.eventId} className="border-base-300 border-l-4 pl-3">
                <Reasoned reason={s.doubted ? say.soImprobableALookMoves : say.beforeItThePaceMoves(times(s.before))}>
                  <b>{day(s.on, today)}</b>:{" "}
                  {s.what === "rerooting" ? (
                    <>{s.lengthMm === 0 ? say.noNewRootsYet : say.newRootsOfMm(number(s.lengthMm ?? 0))}</>
                  ) : (
                    <>
                      {s.what === "feel" ? "felt: " : ""}
                      {s.fillGrade === null ? "" : FILL_GRADES[s.fillGrade]}
                      {s.circlingGrade === null ? "" : say.circling(CIRCLING_GRADES[s.circlingGrade])}
                    </>
                  )}
                  {s.probability !== null && (
                    <span className="opacity-90">
                      {say.expectedInOfSuchCases(odds(s.probability), s.confirmed ? say.confirmed : "")}
                    </span>
                  )}
                  {say.then(times(s.after))}
                </Reasoned>
              </li>
            ))}
          </ol>
        </div>
      </section>
      <RerootingSection facts={facts} />
      {facts.narrowing.length > 0 && (
        <section className="mt-6" aria-labelledby="narrow">
          <h2 id="narrow" className="text-lg">
            {say.whatWouldNarrowItsPlan}
          </h2>
          <Reasoned reason={say.forALookEveryGrade}>
            <ol className="list-decimal pl-5" data-testid="narrowing">
              {facts.narrowing.map((n) => (
                <li key={n.question}>
                  <Link
                    className="link"
                    href={treeAt(collectionId, facts.treeId, ASK[n.question].part, ASK[n.question].rest)}
                  >
                    {ASK[n.question].words}
                  </Link>
                  {say.theDueDayKnownTo(
                    number(n.daysAfter / 30.4),
                    number(n.daysBefore / 30.4),
                    percent(n.after),
                    percent(n.before),
                  )}
                </li>
              ))}
            </ol>
          </Reasoned>
        </section>
      )}
      <p className="mt-4">
        <Link className="link" href={pageAt(collectionId, "learning")}>
          {say.whereInTheCollectionA}
        </Link>
      </p>
    </article>
  );
}

function otherWords(o: OtherHistory): string {
  switch (o.code) {
    case "as-recorded":
      return say.allAsRecorded;
    case "pot-half":
      return say.itsPotIsHalfAs;
    case "pot-double":
      return say.itsPotIsTwiceAs;
    case "potted-earlier":
      return say.itWasLastPottedA;
    case "potted-later":
      return say.itWasLastPottedAYear;
  }
}

/** A look that does not fit asks first whether the history is wrong. */
function Doubt({ facts, doubt }: { facts: LearningFacts; doubt: NonNullable<Learning["doubt"]> }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("record-roots");
  const step = facts.learning.steps.find((s) => s.eventId === doubt.eventId);
  const recorded = doubt.others.find((o) => o.code === "as-recorded")!;
  const tree = treeAt(collectionId, facts.treeId);
  const confirm = async () => {
    const done = await send({
      collectionId,
      replacesEventId: doubt.eventId,
      treeId: facts.treeId,
      on: doubt.on,
      fillGrade: step?.fillGrade ?? null,
      circlingGrade: step?.circlingGrade ?? null,
      confirmed: true,
    });
    if (done) tell({ text: say.believedAsItWasSeen(facts.tag), entryId: done.entryId });
  };
  return (
    <section className="border-warning rounded-box mt-4 border-2 p-3" aria-labelledby="doubt" data-testid="doubt">
      <h2 id="doubt" className="text-lg">
        {say.doesItsHistoryHold}
      </h2>
      <Reasoned reason={say.theSameLookHeldAgainst}>
        <p>{say.whatWasSeenOnWas(day(doubt.on, today), odds(recorded.probability))}</p>
        <ul className="list-disc pl-5">
          {doubt.others
            .filter((o) => o.code !== "as-recorded")
            .map((o) => (
              <li key={o.code}>
                {say.wereItThat(
                  otherWords(o),
                  odds(o.probability),
                  o.probability > 2 * recorded.probability
                    ? say.timesAsLikely(number(Math.min(99, o.probability / Math.max(1e-4, recorded.probability))))
                    : "",
                )}
              </li>
            ))}
        </ul>
      </Reasoned>
      <div className="mt-2 flex flex-wrap gap-2">
        <Link className="btn min-h-12" href={`${tree}#measure`}>
          {common.measureItsPot}
        </Link>
        <Link className="btn min-h-12" href={`${tree}#past`}>
          {say.correctItsLastPotting}
        </Link>
        <Link className="btn min-h-12" href={`${tree}/roots`}>
          {say.lookOnceMore}
        </Link>
        <button type="button" className="btn btn-primary min-h-12" disabled={busy} onClick={() => void confirm()}>
          {say.allIsRightBelieveWhat}
        </button>
      </div>
      <FormFaults faults={failure?.faults ?? []} />
    </section>
  );
}

/** New roots in the fresh mix: expected and seen, the stake, the first feed. */
function RerootingSection({ facts }: { facts: LearningFacts }) {
  const { collectionId, today, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-rerooting");
  const { rerooting: r } = facts;
  const [length, setLength] = useState("");
  const [firm, setFirm] = useState<boolean | null>(null);
  const [stakeOff, setStakeOff] = useState(false);
  const [seenOn, setSeenOn] = useState(today);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  if (!r) return null;
  const lengthMm = readNumber(length, "mm");
  const holds = lengthMm >= HOLDING_MM && firm !== false;

  const submit = async () => {
    if (!(lengthMm >= 0)) return setProblem(say.theLongestNewRootsIn());
    setProblem(undefined);
    const done = await send({
      collectionId,
      treeId: facts.treeId,
      on: seenOn,
      lengthMm,
      firm,
      stakeOff: stakeOff && holds,
    });
    if (!done) return;
    tell({
      text: stakeOff && holds ? say.rootedTheStakeIsOff(facts.tag) : say.newRootsAreInThe(facts.tag),
      entryId: done.entryId,
    });
    setLength("");
    setFirm(null);
    setStakeOff(false);
  };

  return (
    <section className="mt-6 scroll-mt-4" id="rerooting" aria-labelledby="new-roots">
      <h2 id="new-roots" className="text-lg">
        {say.newRootsSince(day(r.pottedOn, today))}
      </h2>
      <Reasoned
        reason={say.lengthByWarmthSinceThe(
          millimetres(HOLDING_MM, units),
          degreeDays(80, units),
          degreeDays(450, units),
        )}
      >
        <p data-testid="rerooting">
          {say.expectedTodayLongTheyReach(
            millimetres(r.expectedMm.p50, units),
            millimetres(r.expectedMm.p10, units),
            millimetres(r.expectedMm.p90, units),
            percent(r.reached.p50),
            percent(r.reached.p10),
            percent(r.reached.p90),
            r.seen
              ? say.seenOn(
                  day(r.seen.on, today),
                  r.seen.lengthMm === 0 ? "none" : millimetres(r.seen.lengthMm, units),
                  r.seen.firm === null ? "" : r.seen.firm ? say.itStandsFirm : say.itStillRocks,
                )
              : "",
          )}
        </p>
        <p className="font-medium" data-testid="stake">
          {r.stake === "off"
            ? say.itHasRootedTakeThe
            : r.stake === "stays"
              ? say.theStakeStays(r.lookOn ? say.lookAgainAbout(day(r.lookOn, today)) : "")
              : r.lookOn && r.lookOn > today
                ? say.itsRootsHoldAbout(
                    day(r.lookOn, today),
                    r.hold.p10 && r.hold.p90 ? ` (${day(r.hold.p10, today)} – ${day(r.hold.p90, today)})` : "",
                  )
                : say.itsRootsHold}{" "}
          {r.feedFrom && (r.feedFrom > today ? say.firstFeedFrom(day(r.feedFrom, today)) : say.itMayBeFedAgain)}
        </p>
      </Reasoned>
      <Form className="mt-2 grid max-w-2xl gap-3 sm:grid-cols-2" onSubmit={submit} label={say.lookForNewRoots}>
        <TextField
          label={say.longestNewRootsMm}
          numeric
          value={length}
          onChange={setLength}
          fault={problem ?? at("lengthMm")}
          hint={say.partTheFreshMixAt}
        />
        <DayField label={say.seenOn2} value={seenOn} onChange={setSeenOn} fault={at("on")} />
        <fieldset>
          <legend className="mb-1 font-medium">{say.pushedAtTheStemIt}</legend>
          <div className="grid grid-cols-2 gap-2">
            {(
              [
                [true, say.standsFirm],
                [false, "rocks"],
              ] as const
            ).map(([value, words]) => (
              <Toggle key={words} on={firm === value} onToggle={(on) => setFirm(on ? value : null)}>
                {words}
              </Toggle>
            ))}
          </div>
        </fieldset>
        {r.staked && (
          <label className="flex min-h-12 cursor-pointer items-center gap-3 self-end">
            <input
              type="checkbox"
              className="checkbox"
              checked={stakeOff && holds}
              disabled={!holds}
              onChange={(e) => setStakeOff(e.target.checked)}
            />
            {holds ? say.theStakeIsOff : say.theStakeStaysUntilRoots(millimetres(HOLDING_MM, units))}
          </label>
        )}
        <div className="sm:col-span-2">
          <FormFaults faults={failure?.faults.filter((f) => !["on", "lengthMm"].includes(f.path)) ?? []} />
          <button type="submit" className="btn btn-primary min-h-12" disabled={busy}>
            {busy ? common.recording : say.recordTheNewRoots}
          </button>
        </div>
      </Form>
      <Caution className="mt-2 max-w-2xl">
        <p>{say.caneTipsCappedAtEye}</p>
      </Caution>
    </section>
  );
}

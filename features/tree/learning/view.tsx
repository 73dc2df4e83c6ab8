"use client";

import type { LearningFacts } from "./facts";
import { Expected } from "./expected";
import { WhatNarrows } from "./narrowing";
import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/learning";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import type { Estimate } from "@/core/estimate/index";
import { HOLDING_MM, type Learning, type OtherHistory } from "@/model/index";
import { Toggle } from "@/ui/choice";
import { Caution, FormFaults, Reasoned } from "@/ui/fields";
import { day, millimetres, number, percent, readNumber } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CIRCLING_GRADES, FILL_GRADES } from "@/words/terms";
import { PaceCurves } from "./curves";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { CheckInput, TextInput, useInput } from "@/ui/form/inputs";
import { DayInput } from "@/features/kernel/rough-date";

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
      {facts.narrowing.length > 0 && <WhatNarrows facts={facts} />}
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
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { rerooting: r } = facts;
  const [start] = useState({ lengthMm: "", firm: null as boolean | null, stakeOff: false, on: today });
  const off = ({ stakeOff, ...seen }: typeof start) => stakeOff && rootsHold(seen);
  const form = useCommandForm("record-rerooting", {
    start,
    input: (typed, wrong) => {
      const lengthMm = readNumber(typed.lengthMm, "mm");
      if (!(lengthMm >= 0)) wrong("lengthMm", say.theLongestNewRootsIn());
      const { on, firm } = typed;
      return { collectionId, treeId: facts.treeId, on, lengthMm, firm, stakeOff: off(typed) };
    },
    done: ({ entryId }, typed) =>
      tell({ text: off(typed) ? say.rootedTheStakeIsOff(facts.tag) : say.newRootsAreInThe(facts.tag), entryId }),
  });
  if (!r) return null;
  return (
    <section className="mt-6 scroll-mt-4" id="rerooting" aria-labelledby="new-roots">
      <h2 id="new-roots" className="text-lg">
        {say.newRootsSince(day(r.pottedOn, today))}
      </h2>
      <Expected r={r} />
      <CommandForm
        of={form}
        className="mt-2 grid max-w-2xl gap-3 sm:grid-cols-2"
        label={say.lookForNewRoots}
        button={[say.recordTheNewRoots, common.recording]}
      >
        <NewRootInputs staked={Boolean(r.staked)} />
      </CommandForm>
      <Caution className="mt-2 max-w-2xl">
        <p>{say.caneTipsCappedAtEye}</p>
      </Caution>
    </section>
  );
}

/** Roots this long hold the tree, where it does not rock. */
const rootsHold = ({ lengthMm, firm }: { lengthMm: string; firm: boolean | null }) =>
  readNumber(lengthMm, "mm") >= HOLDING_MM && firm !== false;

function NewRootInputs({ staked }: { staked: boolean }) {
  const { units } = useAsOf();
  const lengthMm = useInput<string>("lengthMm").value;
  const firm = useInput<boolean | null>("firm");
  const holds = rootsHold({ lengthMm, firm: firm.value });
  return (
    <>
      <TextInput name="lengthMm" label={say.longestNewRootsMm} numeric hint={say.partTheFreshMixAt} />
      <DayInput name="on" label={say.seenOn} />
      <fieldset>
        <legend className="mb-1 font-medium">{say.pushedAtTheStemIt}</legend>
        <div className="grid grid-cols-2 gap-2">
          {(
            [
              [true, say.standsFirm],
              [false, say.rocks],
            ] as const
          ).map(([value, words]) => (
            <Toggle key={words} on={firm.value === value} onToggle={(on) => firm.onChange(on ? value : null)}>
              {words}
            </Toggle>
          ))}
        </div>
      </fieldset>
      {staked && (
        <CheckInput
          name="stakeOff"
          className="self-end"
          disabled={!holds}
          label={holds ? say.theStakeIsOff : say.theStakeStaysUntilRoots(millimetres(HOLDING_MM, units))}
        />
      )}
    </>
  );
}

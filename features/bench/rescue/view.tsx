"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/rescue";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { RESCUE_CAUSES, type RescueCause, type RescueStep } from "@/core/event/index";
import {
  type CheckpointState,
  RESCUE_FIGURES,
  type RescueOutcome,
  type RescueProtocol,
  type RescueState,
} from "@/core/rescue/index";
import type { Hazard } from "@/core/species/index";
import { Choice } from "@/ui/choice";
import { Caution, Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { day, degreeDays, number, percent, readNumber } from "@/words/format";
import { DayField } from "@/features/kernel/rough-date";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { HAZARD_WORDS, RESCUE_CAUSE_WORDS, RESCUE_STEP_WORDS } from "@/words/terms";
import { BRANCH_WORDS, rescueActWords } from "@/words/rescue";
import { useRecordingDay } from "@/features/kernel/recording-day";

type Outcome = RescueOutcome & { tag: string; name: string; sameKind: boolean };

export interface RescueViewFacts {
  treeId: string;
  tag: string;
  name: string;
  hazards: readonly Hazard[];
  guess: boolean;
  leafless: boolean;
  season: RescueProtocol["season"];
  protocol: RescueProtocol | null;
  state: RescueState | null;
  outcomes: Outcome[];
  died: boolean;
  frostOn: string | null;
}

/** A rescue, one checkpoint at a time. */
export function RescueView({ facts }: { facts: RescueViewFacts }) {
  const { collectionId } = useAsOf();
  const { state, protocol } = facts;
  const going = state !== null && state.ended === null;
  return (
    <article className="mx-auto max-w-5xl">
      <p className="text-sm">
        <Link className="link" href={treeAt(collectionId, facts.treeId)}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">{say.rescueOf(facts.tag)}</h1>
      <Season facts={facts} />
      {going && protocol ? (
        <Going facts={facts} state={state} protocol={protocol} />
      ) : (
        <>
          {state?.ended && (
            <p className="mt-2 font-medium" data-testid="ended">
              {say.theRescueOfEndedOn(day(state.begunOn), day(state.ended.on), HOW_WORDS[state.ended.how])}
            </p>
          )}
          <Begin facts={facts} />
        </>
      )}
      <Caution className="mt-4">
        <p className="font-semibold">{say.bucketsAndSoakTubsDrown}</p>
        <p>{say.cutAwayFromTheBody}</p>
        {facts.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
      </Caution>
      <Outcomes outcomes={facts.outcomes} />
    </article>
  );
}

const HOW_WORDS: Record<RescueOutcome["how"], string> = {
  recovered: "recovered",
  lost: "lost",
  "given-up": say.givenUp,
  "going-on": say.stillGoingOn,
};

function Season({ facts }: { facts: RescueViewFacts }) {
  const { today, units } = useAsOf();
  const { left, need, enough } = facts.season;
  return (
    <Reasoned
      className="mt-1"
      reason={say.rootWarmthLeftThisSeason(
        degreeDays(left, units),
        number(need),
        facts.guess ? say.itsSpeciesIsAGuess : "",
      )}
    >
      <p className={enough ? "" : "text-warning font-semibold"} data-testid="season">
        {enough ? say.enoughWarmSeasonIsLeft : say.tooLittleWarmSeasonIs(percent(left / need))}
        {facts.frostOn && facts.frostOn > today ? say.damagingFrostInOneYear(day(facts.frostOn, today)) : ""}
      </p>
    </Reasoned>
  );
}

function Begin({ facts }: { facts: RescueViewFacts }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("begin-rescue");
  const [cause, setCause] = useState<RescueCause | null>(null);
  const [green, setGreen] = useState<"" | "yes" | "no">("");
  const [live, setLive] = useState("");
  const [soak, setSoak] = useState("40");
  const { value: on, set: setOn } = useRecordingDay();
  const dry = cause === "dried-out" || cause === "starved";

  const submit = async () => {
    const liveRoots = live.trim() === "" ? null : readNumber(live) / 100;
    const soakMinutes = dry ? readNumber(soak) : 0;
    const done = await send({
      collectionId,
      treeId: facts.treeId,
      on,
      // Unsaid, the contract names what is missing.
      cause: cause as NonNullable<typeof cause>,
      greenWood: green === "" ? null : green === "yes",
      liveRoots,
      soakMinutes,
    });
    if (done) tell({ text: say.theRescueHasBegunIts(facts.tag), entryId: done.entryId });
  };

  return (
    <Form className="mt-4 max-w-2xl space-y-4" onSubmit={submit} label={say.beginARescue}>
      <fieldset>
        <legend className="mb-1 font-medium">{say.whatHappenedToIt}</legend>
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
          {RESCUE_CAUSES.map((c) => (
            <Choice key={c} chosen={cause === c} onClick={() => setCause(c)}>
              {RESCUE_CAUSE_WORDS[c]}
            </Choice>
          ))}
        </div>
        {at("cause") && (
          <p role="alert" className="text-error mt-1 text-sm font-semibold">
            {at("cause")}
          </p>
        )}
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label={say.scratchedGreenUnderTheBark}
          value={green}
          onChange={setGreen}
          options={[
            ["", say.notScratchedYet],
            ["yes", say.greenSomewhere],
            ["no", say.brownAllTheWay],
          ]}
        />
        <TextField
          label={say.snippedRootsAlive}
          numeric
          value={live}
          onChange={setLive}
          fault={at("liveRoots")}
          hint={say.emptyWhereNobodySnipped}
        />
        {dry && (
          <TextField
            label={say.soakMinutes}
            numeric
            value={soak}
            onChange={setSoak}
            fault={at("soakMinutes")}
            hint={facts.leafless ? say.n20To6012Hours : say.n20To603Hours}
          />
        )}
        <DayField label={say.begunOn} value={on} onChange={setOn} fault={at("on")} />
      </div>
      {dry && readNumber(soak) > (facts.leafless ? RESCUE_FIGURES.soakMostBare : RESCUE_FIGURES.soakMostLeaf) && (
        <p className="text-warning font-semibold" data-testid="soak-risk">
          {say.longerThanItsRootsStand}
        </p>
      )}
      <FormFaults
        faults={failure?.faults.filter((f) => !["on", "cause", "liveRoots", "soakMinutes"].includes(f.path)) ?? []}
      />
      <button type="submit" className="btn btn-primary h-14 w-full text-lg sm:w-auto sm:px-10" disabled={busy}>
        {busy ? common.recording : say.beginTheRescue}
      </button>
    </Form>
  );
}

function Going({ facts, state, protocol }: { facts: RescueViewFacts; state: RescueState; protocol: RescueProtocol }) {
  const { collectionId, today, units } = useAsOf();
  const { value: recordedOn } = useRecordingDay();
  const { tell } = useNotice();
  const end = useCommand("end-rescue");
  const finish = async (how: "recovered" | "lost" | "given-up") => {
    const done = await end.send({ collectionId, treeId: facts.treeId, on: recordedOn, how });
    if (done) tell({ text: `${facts.tag}: ${HOW_WORDS[how]}.`, entryId: done.entryId });
  };
  return (
    <>
      <p className="mt-2 text-xl" data-testid="next-step">
        {state.stop
          ? say.failedTwiceMostGrowersStop(RESCUE_STEP_WORDS[state.stop].name)
          : state.next
            ? say.next(
                RESCUE_STEP_WORDS[state.next.step].name,
                state.next.due.p50 <= today ? "now" : say.about(day(state.next.due.p50, today)),
              )
            : say.everySignHasShownIt}
      </p>
      <p className="text-sm">{say.rescueBegun(RESCUE_CAUSE_WORDS[state.cause], day(state.begunOn, today))}</p>
      <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-2">
        <section aria-labelledby="protocol">
          <h2 id="protocol" className="text-lg">
            {say.whatToDo}
          </h2>
          <Reasoned reason={say.fromWhatHappenedToIt()}>
            <ol className="list-decimal space-y-1 pl-5" data-testid="rescue-acts">
              {protocol.acts.map((a) => (
                <li key={a.act}>{rescueActWords(a.act, a.figures, units)}</li>
              ))}
            </ol>
          </Reasoned>
        </section>
        <section aria-labelledby="checkpoints">
          <h2 id="checkpoints" className="text-lg">
            {say.checkpoints}
          </h2>
          <ol className="space-y-3" data-testid="checkpoints">
            {state.checkpoints.map((c) => (
              <Checkpoint
                key={c.step}
                c={c}
                treeId={facts.treeId}
                tag={facts.tag}
                isNext={c.step === state.next?.step}
              />
            ))}
          </ol>
        </section>
      </div>
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="btn min-h-12" disabled={end.busy} onClick={() => void finish("recovered")}>
          {say.itHasRecovered}
        </button>
        <button type="button" className="btn min-h-12" disabled={end.busy} onClick={() => void finish("given-up")}>
          {say.giveItUp}
        </button>
        <button type="button" className="btn min-h-12" disabled={end.busy} onClick={() => void finish("lost")}>
          {say.itIsLost}
        </button>
      </div>
      <FormFaults faults={end.failure?.faults ?? []} />
    </>
  );
}

const STATE_WORDS: Record<CheckpointState["state"], string> = {
  seen: say.theSignIsThere,
  failed: say.failedTwice,
  retry: say.failedOnceLookAgain,
  due: say.lookNow,
  late: "overdue",
  later: "later",
};

function Checkpoint({ c, treeId, tag, isNext }: { c: CheckpointState; treeId: string; tag: string; isNext: boolean }) {
  const { collectionId, today } = useAsOf();
  const { value: recordedOn } = useRecordingDay();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("record-checkpoint");
  const [note, setNote] = useState("");
  const words = RESCUE_STEP_WORDS[c.step];
  const record = async (sign: "seen" | "failed") => {
    const done = await send({ collectionId, treeId, on: recordedOn, step: c.step, sign, note });
    if (!done) return;
    setNote("");
    tell({
      text: sign === "seen" ? say.theSignIsThere2(tag) : say.theSignFailedWhatTo(tag),
      entryId: done.entryId,
    });
  };
  const open = c.state !== "seen" && c.state !== "failed";
  return (
    <li
      className={`border-l-4 pl-3 ${c.state === "failed" || c.state === "retry" ? "border-error" : c.state === "seen" ? "border-primary" : isNext ? "border-ochre" : "border-base-300"}`}
      data-testid={`step-${c.step}`}
    >
      <Reasoned reason={dueReason(c.step)}>
        <p>
          <b>{words.name}</b> · {STATE_WORDS[c.state]}
          {open &&
            `, ${c.due.p10 === c.due.p90 ? day(c.due.p50, today) : `${day(c.due.p50, today)} (${day(c.due.p10, today)} – ${day(c.due.p90, today)})`}`}
        </p>
        <p className="text-sm">{say.theSign(words.sign)}</p>
      </Reasoned>
      {(c.state === "retry" || c.state === "failed") && (
        <ul className="list-disc pl-5 text-sm" data-testid={`branch-${c.step}`}>
          {[...c.branches, ...(c.state === "failed" ? (["give-up"] as const) : [])].map((b) => (
            <li key={b}>{BRANCH_WORDS[b]}</li>
          ))}
        </ul>
      )}
      {c.looks.map((l) => (
        <p key={l.on + l.sign} className="text-sm opacity-90">
          {day(l.on, today)}: {l.sign === "seen" ? say.seen : say.failed}
          {l.note ? ` – ${l.note}` : ""}
        </p>
      ))}
      {open && (isNext || c.state === "due" || c.state === "late" || c.state === "retry") && (
        <div className="mt-1 grid max-w-md grid-cols-2 gap-2">
          <div className="col-span-2">
            <TextField label={say.noteOn(words.name)} value={note} onChange={setNote} />
          </div>
          <button
            type="button"
            className="btn btn-primary min-h-12"
            disabled={busy}
            onClick={() => void record("seen")}
          >
            {say.theSignIsThere3}
          </button>
          <button type="button" className="btn min-h-12" disabled={busy} onClick={() => void record("failed")}>
            {say.itIsNot}
          </button>
          <div className="col-span-2">
            <FormFaults faults={failure?.faults ?? []} />
          </div>
        </div>
      )}
    </li>
  );
}

function dueReason(step: RescueStep): string {
  return step === "buds" || step === "shoots" || step === "new-roots"
    ? say.dueByRootZoneWarmth()
    : step === "hardened"
      ? say.dueBeforeTheDayDamaging
      : say.dueByDaysAsGrowers;
}

/** What became of earlier rescues here: evidence, few as they are. */
function Outcomes({ outcomes }: { outcomes: Outcome[] }) {
  const { collectionId, today } = useAsOf();
  const ended = outcomes.filter((o) => o.how !== "going-on");
  const recovered = ended.filter((o) => o.how === "recovered").length;
  return (
    <section className="mt-5" aria-labelledby="outcomes">
      <h2 id="outcomes" className="text-lg">
        {say.earlierRescuesHere}
      </h2>
      {outcomes.length === 0 ? (
        <p>{say.noneOnRecordYetThis}</p>
      ) : (
        <>
          <p data-testid="outcomes">
            {say.ofEndedOnesRecovered(
              number(recovered),
              number(ended.length),
              ended.length < 8 ? say.fewToLearnFrom : "",
            )}
          </p>
          <ul className="list-disc pl-5">
            {outcomes.map((o) => (
              <li key={`${o.treeId}${o.begunOn}`}>
                <Link className="link" href={treeAt(collectionId, o.treeId, "rescue")}>
                  {o.tag} · {o.name}
                </Link>
                {say.afterDays(
                  o.sameKind ? say.itsSpecies : "",
                  RESCUE_CAUSE_WORDS[o.cause].toLowerCase(),
                  day(o.begunOn, today),
                  HOW_WORDS[o.how],
                  number(o.days),
                  o.failed.length > 0
                    ? say.failed2(o.failed.map((s) => RESCUE_STEP_WORDS[s].name.toLowerCase()).join(", "))
                    : "",
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

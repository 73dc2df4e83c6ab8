"use client";

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
const odds = (p: number) => (p < 0.01 ? "less than one in a hundred" : percent(p));

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
      <h1 className="text-2xl">Root history of {facts.tag}</h1>
      <Reasoned
        className="mt-1"
        reason="Its own factor of pace, times that of its species. Each look weighs the paces by how well they explain it, given the warmth since its pottings; the warmth itself is taken to be uncertain by 15 % a season. Spread between trees, noise of the eye and lapses are our judgement; npm run bench counts how often the bands hold."
      >
        <p className="text-xl" data-testid="pace">
          {learning.steps.length === 0
            ? `Nobody has looked at its roots: it may go anywhere from ${number(learning.now.p10, 2)} to ${number(learning.now.p90, 2)} times its species’ pace.`
            : `It roots at ${times(learning.now)} of its species’ pace, after ${number(learning.steps.length)} ${learning.steps.length === 1 ? "check" : "checks"}.`}
        </p>
        <p>
          {"none" in due || due.p50 === null
            ? "It falls due not for years."
            : due.p50 <= today
              ? "It is due now."
              : `It falls due about ${day(due.p50, today)}${due.p10 && due.p90 ? ` (${day(due.p10, today)} – ${day(due.p90, today)})` : ""}.`}
        </p>
      </Reasoned>
      {learning.doubt && <Doubt facts={facts} doubt={learning.doubt} />}
      <section className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]">
        <Reasoned reason="Density by the logarithm of the factor. Dotted: its species alone. Dashed: with its mates of the kind, those of its own sort counting most. Thin lines: after each check. Filled: now.">
          <PaceCurves
            prior={learning.prior}
            withMates={learning.withMates}
            steps={learning.steps.map((s, i) => ({ label: `${s.on}-${i}`, curve: s.curve }))}
          />
          <p className="text-sm" data-axis="">
            Dotted: its species. {learning.withMates ? "Dashed: with its mates. " : ""}
            {learning.steps.length > 1 ? "Thin: after each check. " : ""}Filled: now.
          </p>
        </Reasoned>
        <div>
          <h2 className="text-lg">Check by check</h2>
          {facts.mates && (
            <p className="text-sm" data-testid="mates">
              {number(facts.mates.count)} of {number(facts.mates.of)} other {facts.mates.of === 1 ? "tree" : "trees"} of
              its species {facts.mates.count === 1 ? "has" : "have"} been looked at: they speak for it, those of
              {facts.cultivar ? ` ‘${facts.cultivar}’` : " the same variety"} most.
            </p>
          )}
          <ol className="space-y-2" data-testid="checks">
            {learning.steps.map((s) => (
              <li key={s.eventId} className="border-base-300 border-l-4 pl-3">
                <Reasoned
                  reason={
                    s.doubted
                      ? "So improbable a look moves the roots to what was seen, while the pace hardly bends, until somebody says that the history is right."
                      : `Before it: ${times(s.before)}. The pace moves as far as this look is better explained by a faster or slower tree than by chance.`
                  }
                >
                  <b>{day(s.on, today)}</b>:{" "}
                  {s.what === "rerooting" ? (
                    <>{s.lengthMm === 0 ? "no new roots yet" : `new roots of ${number(s.lengthMm ?? 0)} mm`}</>
                  ) : (
                    <>
                      {s.what === "feel" ? "felt: " : ""}
                      {s.fillGrade === null ? "" : FILL_GRADES[s.fillGrade]}
                      {s.circlingGrade === null ? "" : `; circling: ${CIRCLING_GRADES[s.circlingGrade]}`}
                    </>
                  )}
                  {s.probability !== null && (
                    <span className="opacity-90">
                      {" "}
                      – expected in {odds(s.probability)} of such cases
                      {s.confirmed ? ", confirmed" : ""}
                    </span>
                  )}
                  . Then {times(s.after)}.
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
            What would narrow its plan most
          </h2>
          <Reasoned reason="For a look, every grade it may show is weighed by how probable it is; for an answer, the band that would be left were it certain.">
            <ol className="list-decimal pl-5" data-testid="narrowing">
              {facts.narrowing.map((n) => (
                <li key={n.question}>
                  <Link
                    className="link"
                    href={treeAt(collectionId, facts.treeId, ASK[n.question].part, ASK[n.question].rest)}
                  >
                    {ASK[n.question].words}
                  </Link>
                  : the due day known to {number(n.daysAfter / 30.4)} months instead of {number(n.daysBefore / 30.4)},
                  how full to {percent(n.after)} of the pot instead of {percent(n.before)}
                </li>
              ))}
            </ol>
          </Reasoned>
        </section>
      )}
      <p className="mt-4">
        <Link className="link" href={pageAt(collectionId, "learning")}>
          Where in the collection a look is worth most
        </Link>
      </p>
    </article>
  );
}

function otherWords(o: OtherHistory): string {
  switch (o.code) {
    case "as-recorded":
      return "all as recorded";
    case "pot-half":
      return "its pot is half as large as recorded";
    case "pot-double":
      return "its pot is twice as large as recorded";
    case "potted-earlier":
      return "it was last potted a year earlier";
    case "potted-later":
      return "it was last potted a year later";
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
    if (done) tell({ text: `${facts.tag}: believed as it was seen.`, entryId: done.entryId });
  };
  return (
    <section className="border-warning rounded-box mt-4 border-2 p-3" aria-labelledby="doubt" data-testid="doubt">
      <h2 id="doubt" className="text-lg">
        Does its history hold?
      </h2>
      <Reasoned reason="The same look held against other histories: its last pot half or twice as large, its last potting a year earlier or later. Each is run through the root model with everything else as recorded.">
        <p>
          What was seen on {day(doubt.on, today)} was to be expected in {odds(recorded.probability)} of cases. Before
          this tree is taken to be out of the ordinary, is what is recorded of its pot and its last potting right?
        </p>
        <ul className="list-disc pl-5">
          {doubt.others
            .filter((o) => o.code !== "as-recorded")
            .map((o) => (
              <li key={o.code}>
                Were it that {otherWords(o)}: {odds(o.probability)}
                {o.probability > 2 * recorded.probability
                  ? `, ${number(Math.min(99, o.probability / Math.max(1e-4, recorded.probability)))} times as likely`
                  : ""}
                .
              </li>
            ))}
        </ul>
      </Reasoned>
      <div className="mt-2 flex flex-wrap gap-2">
        <Link className="btn min-h-12" href={`${tree}#measure`}>
          Measure its pot
        </Link>
        <Link className="btn min-h-12" href={`${tree}#past`}>
          Correct its last potting
        </Link>
        <Link className="btn min-h-12" href={`${tree}/roots`}>
          Look once more
        </Link>
        <button type="button" className="btn btn-primary min-h-12" disabled={busy} onClick={() => void confirm()}>
          All is right: believe what I saw
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
    if (!(lengthMm >= 0)) return setProblem("The longest new roots, in millimetres; 0 where none are to be seen.");
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
      text:
        stakeOff && holds ? `${facts.tag}: rooted, the stake is off.` : `${facts.tag}: new roots are in the picture.`,
      entryId: done.entryId,
    });
    setLength("");
    setFirm(null);
    setStakeOff(false);
  };

  return (
    <section className="mt-6 scroll-mt-4" id="rerooting" aria-labelledby="new-roots">
      <h2 id="new-roots" className="text-lg">
        New roots since {day(r.pottedOn, today)}
      </h2>
      <Reasoned
        reason={`Length by warmth since the work’s lag, at this tree’s pace: one crossing of a ring of ${millimetres(HOLDING_MM, units)} (${degreeDays(80, units)} to ${degreeDays(450, units)} by pace). “Reached” is how much of the mix they can drink from, in weeks; “full” is the mix used up, in seasons. Both our judgement: a look corrects them.`}
      >
        <p data-testid="rerooting">
          Expected today: {millimetres(r.expectedMm.p50, units)} long ({millimetres(r.expectedMm.p10, units)}–
          {millimetres(r.expectedMm.p90, units)}); they reach {percent(r.reached.p50)} of the mix (
          {percent(r.reached.p10)}–{percent(r.reached.p90)}).{" "}
          {r.seen
            ? `Seen on ${day(r.seen.on, today)}: ${r.seen.lengthMm === 0 ? "none" : millimetres(r.seen.lengthMm, units)}${r.seen.firm === null ? "" : r.seen.firm ? ", it stands firm" : ", it still rocks"}.`
            : ""}
        </p>
        <p className="font-medium" data-testid="stake">
          {r.stake === "off"
            ? "It has rooted: take the stake off."
            : r.stake === "stays"
              ? `The stake stays${r.lookOn ? `; look again about ${day(r.lookOn, today)}` : ""}.`
              : r.lookOn && r.lookOn > today
                ? `Its roots hold about ${day(r.lookOn, today)}${r.hold.p10 && r.hold.p90 ? ` (${day(r.hold.p10, today)} – ${day(r.hold.p90, today)})` : ""}.`
                : "Its roots hold."}{" "}
          {r.feedFrom && (r.feedFrom > today ? `First feed from ${day(r.feedFrom, today)}.` : "It may be fed again.")}
        </p>
      </Reasoned>
      <Form className="mt-2 grid max-w-2xl gap-3 sm:grid-cols-2" onSubmit={submit} label="Look for new roots">
        <TextField
          label="Longest new roots, mm"
          numeric
          value={length}
          onChange={setLength}
          fault={problem ?? at("lengthMm")}
          hint="part the fresh mix at the wall with a finger; 0 where none are to be seen"
        />
        <DayField label="Seen on" value={seenOn} onChange={setSeenOn} fault={at("on")} />
        <fieldset>
          <legend className="mb-1 font-medium">Pushed at the stem, it</legend>
          <div className="grid grid-cols-2 gap-2">
            {(
              [
                [true, "stands firm"],
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
            {holds
              ? "The stake is off"
              : `The stake stays until roots are ${millimetres(HOLDING_MM, units)} long and it stands firm`}
          </label>
        )}
        <div className="sm:col-span-2">
          <FormFaults faults={failure?.faults.filter((f) => !["on", "lengthMm"].includes(f.path)) ?? []} />
          <button type="submit" className="btn btn-primary min-h-12" disabled={busy}>
            {busy ? "Recording …" : "Record the new roots"}
          </button>
        </div>
      </Form>
      <Caution className="mt-2 max-w-2xl">
        <p>Cane tips capped at eye height. Damp the mix before a finger goes in: gloves, its dust can carry germs.</p>
      </Caution>
    </section>
  );
}

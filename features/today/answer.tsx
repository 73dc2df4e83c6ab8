"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/today";
import { useRef, useState } from "react";
import { addMonths, toDay, toIso } from "@/core/dates/index";
import type { ANSWERS } from "@/core/event/index";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { DayAheadField, useDayAhead } from "@/features/kernel/rough-date";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { Form, FormFaults, TextField } from "@/ui/fields";
import { day } from "@/words/format";
import type { TodayLine, TodayTree } from "./queries";

interface Said {
  answer: (typeof ANSWERS)[number];
  until?: string | null;
  reason?: string;
}

function useAnswer() {
  const { collectionId } = useAsOf();
  const { value: on } = useRecordingDay();
  const { tell } = useNotice();
  const command = useCommand("answer-today");
  const answer = async (
    trees: readonly TodayTree[],
    { answer: said, until = null, reason = "" }: Said,
    text: string,
  ) => {
    const items = trees.map(({ item }) => item);
    const done = await command.send({ collectionId, items, on, answer: said, until, reason });
    if (done) tell({ text, entryId: done.entryId });
    return done !== null;
  };
  return { ...command, answer };
}

export function DoneButton({ row, on }: { row: TodayLine; on: string }) {
  const { today } = useAsOf();
  const { answer, busy, failure } = useAnswer();
  // What lies ahead of today cannot be done yet.
  if (on > today) return null;
  return (
    <div>
      <button
        type="button"
        className="btn btn-primary btn-sm min-h-11"
        disabled={busy}
        onClick={() => void answer(row.trees, { answer: "done" }, say.doneSaid)}
      >
        {say.done}
      </button>
      <FormFaults faults={failure?.faults ?? []} />
    </div>
  );
}

export function BringBack({ item }: { item: TodayTree }) {
  const { answer, busy, failure } = useAnswer();
  return (
    <>
      <button
        type="button"
        className="btn btn-sm min-h-11"
        disabled={busy}
        onClick={() => void answer([item], { answer: "back" }, say.backOnTheList)}
      >
        {common.bringBack}
      </button>
      <FormFaults faults={failure?.faults ?? []} />
    </>
  );
}

/** Put off to a day, or not to be done at all: with one tap where the usual days will do. */
export function Answer({ row, on, title }: { row: TodayLine; on: string; title: string }) {
  const details = useRef<HTMLDetailsElement>(null);
  const [open, setOpen] = useState(false);
  const close = () => details.current?.removeAttribute("open");
  return (
    <details
      ref={details}
      className={`relative ${open ? "max-sm:basis-full" : ""}`}
      onToggle={(e) => setOpen(e.currentTarget.open)}
      onKeyDown={(e) => e.key === "Escape" && close()}
    >
      <summary className="btn btn-sm min-h-11" aria-label={say.notNowThis(title)}>
        {say.notNow}
      </summary>
      {open && <AnswerForm row={row} on={on} title={title} close={close} />}
    </details>
  );
}

function AnswerForm({ row, on, title, close }: { row: TodayLine; on: string; title: string; close: () => void }) {
  const { answer, busy, failure, at } = useAnswer();
  const [until, setUntil] = useState("");
  const [reason, setReason] = useState("");
  const [fault, setFault] = useState<string | undefined>();
  const read = useDayAhead();
  const later = async (iso: string) => {
    const said = { answer: "later", until: iso, reason } as const;
    if (await answer(row.trees, said, say.putOffTo(title, day(iso, on)))) close();
  };
  const typed = async () => {
    const { range, fault: wrong } = read(until);
    setFault(wrong);
    if (range) await later(range.best);
  };
  const never = async () => {
    if (await answer(row.trees, { answer: "refused", reason }, say.isNotToBeDone(title))) close();
  };
  const usual = [
    [say.inAWeek, toIso(toDay(on) + 7)],
    [say.inTwoWeeks, toIso(toDay(on) + 14)],
    [say.inAMonth, addMonths(on, 1)],
    [say.inThreeMonths, addMonths(on, 3)],
  ] as const;
  return (
    <div className="bg-base-100 border-base-300 rounded-box z-20 mt-1 border p-3 sm:absolute sm:right-0 sm:w-72 sm:shadow-lg">
      <p className="font-medium">{say.notBefore}</p>
      <div className="grid grid-cols-2 gap-2">
        {usual.map(([words, iso]) => (
          <button
            key={words}
            type="button"
            className="btn btn-sm min-h-11"
            disabled={busy}
            onClick={() => void later(iso)}
          >
            {words}
          </button>
        ))}
      </div>
      <Form label={say.notNowThis(title)} className="mt-3 space-y-2" onSubmit={typed}>
        <DayAheadField label={say.anotherDay} value={until} onChange={setUntil} fault={fault ?? at("until")} />
        <TextField label={say.reasonIfYouLike} value={reason} onChange={setReason} fault={at("reason")} />
        <FormFaults faults={unplaced(failure, ["until", "reason"])} />
        <div className="flex flex-wrap gap-2">
          <button type="submit" className="btn btn-sm min-h-11" disabled={busy}>
            {say.putOff}
          </button>
          <button type="button" className="btn btn-sm min-h-11" disabled={busy} onClick={() => void never()}>
            {say.doNotDoIt}
          </button>
        </div>
      </Form>
    </div>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/root-work";
import { useState } from "react";
import type { Advice, SureWindow } from "@/core/root-work/index";
import { CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { number, percent, readNumber } from "@/words/format";
import { DayField } from "@/features/kernel/rough-date";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CORRECTION_WORDS, LIMIT_BECAUSE } from "@/words/terms";
import { useDayWord, useRecordingDay } from "@/features/kernel/recording-day";

type Work = "remove-girdler" | "trim-outside" | "replace-top";
const WORKS: Work[] = ["remove-girdler", "trim-outside", "replace-top"];

/** Work done on the ball without potting it on: recorded with the share it really cost. */
export function InPlaceDone({
  treeId,
  tag,
  girdler,
  anchored,
  anchorHalved,
  windows,
}: {
  treeId: string;
  tag: string;
  girdler: Advice["girdler"];
  anchored: boolean;
  anchorHalved: boolean;
  windows: Partial<Record<CorrectionName, SureWindow>>;
}) {
  const { collectionId, on } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-work-in-place");
  const [work, setWork] = useState<Work>(girdler ? "remove-girdler" : anchored ? "trim-outside" : "replace-top");
  const [kept, setKept] = useState("");
  const [part, setPart] = useState<"all" | "half">(anchorHalved ? "all" : "half");
  const { value: doneOn, set: setDoneOn } = useRecordingDay();
  const when = useDayWord();
  const usual = CORRECTIONS[work].retained;
  const window = windows[work];
  const closed = window && !window.open && doneOn === on ? window : null;

  const submit = async () => {
    const share = kept.trim() === "" ? usual : readNumber(kept) / 100;
    const severing = work === "trim-outside" && anchored;
    const done = await send({
      collectionId,
      treeId,
      on: doneOn,
      correction: work,
      retainedShare: share,
      renewedShare: work === "replace-top" ? 0.12 : 0,
      where: severing ? (part === "half" ? say.halfOfWhatHoldsIt : say.allThatHeldIt) : "",
      severs: severing && part === "all",
      despite: closed && { limiting: closed.limiting, safe: closed.safe },
    });
    if (!done) return;
    tell({ text: say.isRecorded(tag, CORRECTION_WORDS[work].name.toLowerCase()), entryId: done.entryId });
    setKept("");
  };

  return (
    <details className="border-base-300 rounded-box no-print mt-4 border px-3 py-2" id="done">
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">
        {say.otherRootWorkGirdlerRoots}
      </summary>
      <Form className="grid gap-3 pb-2 sm:grid-cols-2" onSubmit={submit}>
        <SelectField
          label={say.whatWasDone}
          value={work}
          onChange={setWork}
          options={WORKS.map((w) => [w, CORRECTION_WORDS[w].name] as const)}
          hint={CORRECTION_WORDS[work].what}
        />
        <TextField
          label={say.shareOfRootsKept}
          numeric
          value={kept}
          onChange={setKept}
          fault={at("retainedShare")}
          hint={say.usuallyLeaveItEmptyFor(number(100 * usual))}
        />
        {work === "trim-outside" && anchored && (
          <SelectField
            label={say.ofWhatHoldsItIn}
            value={part}
            onChange={setPart}
            options={[
              ["half", say.halfTheRestLater],
              ["all", say.allThatWasLeft],
            ]}
          />
        )}
        <DayField label={common.doneOn} value={doneOn} onChange={setDoneOn} fault={at("on")} />
        {closed && (
          <p className="text-warning font-semibold sm:col-span-2">
            {say.itsWindowIsClosedIt(when, LIMIT_BECAUSE[closed.limiting], percent(1 - closed.safe))}
          </p>
        )}
        <div className="sm:col-span-2">
          <FormFaults faults={failure?.faults.filter((f) => !["on", "retainedShare"].includes(f.path)) ?? []} />
          <button type="submit" className="btn btn-primary min-h-12" disabled={busy}>
            {busy ? common.recording : say.recordIt}
          </button>
        </div>
      </Form>
    </details>
  );
}

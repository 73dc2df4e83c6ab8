"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/root-work";
import { useState } from "react";
import type { Advice, SureWindow } from "@/core/root-work/index";
import { CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { number, percent, readNumber } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CORRECTION_WORDS, LIMIT_BECAUSE } from "@/words/terms";
import { useDayWord, useRecordingDay } from "@/features/kernel/recording-day";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";
import { DayInput } from "@/features/kernel/rough-date";
import { useWatch } from "react-hook-form";

type Work = "remove-girdler" | "trim-outside" | "replace-top";
const WORKS: Work[] = ["remove-girdler", "trim-outside", "replace-top"];

interface Typed {
  correction: Work;
  retainedShare: string;
  part: "all" | "half";
  on: string;
}

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
  const { value: recordedOn } = useRecordingDay();
  const when = useDayWord();
  const [start] = useState<Typed>({
    correction: girdler ? "remove-girdler" : anchored ? "trim-outside" : "replace-top",
    retainedShare: "",
    part: anchorHalved ? "all" : "half",
    on: recordedOn,
  });
  const closedFor = ({ correction, on: doneOn }: Typed) => {
    const window = windows[correction];
    return window && !window.open && doneOn === on ? window : null;
  };
  const form = useCommandForm("record-work-in-place", {
    start,
    input: (typed) => {
      const { correction, part } = typed;
      const severing = correction === "trim-outside" && anchored;
      const closed = closedFor(typed);
      return {
        collectionId,
        treeId,
        on: typed.on,
        correction,
        retainedShare:
          typed.retainedShare.trim() === "" ? CORRECTIONS[correction].retained : readNumber(typed.retainedShare) / 100,
        renewedShare: correction === "replace-top" ? 0.12 : 0,
        where: severing ? (part === "half" ? say.halfOfWhatHoldsIt : say.allThatHeldIt) : "",
        severs: severing && part === "all",
        despite: closed && { limiting: closed.limiting, safe: closed.safe },
      };
    },
    after: (typed) => ({ ...typed, retainedShare: "" }),
    done: ({ entryId }, { correction }) =>
      tell({ text: say.isRecorded(tag, CORRECTION_WORDS[correction].name.toLowerCase()), entryId }),
  });
  const typed = useWatch({ control: form.form.control }) as Typed;
  const { correction: work } = typed;
  const closed = closedFor(typed);
  return (
    <details className="border-base-300 rounded-box no-print mt-4 border px-3 py-2" id="done">
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">
        {say.otherRootWorkGirdlerRoots}
      </summary>
      <CommandForm of={form} className="space-y-3 pb-2" button={[say.recordIt, common.recording]}>
        <div className="grid gap-3 sm:grid-cols-2">
          <ChoiceInput
            name="correction"
            label={say.whatWasDone}
            options={WORKS.map((w) => [w, CORRECTION_WORDS[w].name] as const)}
            hint={CORRECTION_WORDS[work].what}
          />
          <TextInput
            name="retainedShare"
            label={say.shareOfRootsKept}
            numeric
            hint={say.usuallyLeaveItEmptyFor(number(100 * CORRECTIONS[work].retained))}
          />
          {work === "trim-outside" && anchored && (
            <ChoiceInput
              name="part"
              label={say.ofWhatHoldsItIn}
              options={[
                ["half", say.halfTheRestLater],
                ["all", say.allThatWasLeft],
              ]}
            />
          )}
          <DayInput name="on" label={common.doneOn} />
        </div>
        {closed && (
          <p className="text-warning font-semibold">
            {say.itsWindowIsClosedIt(when, LIMIT_BECAUSE[closed.limiting], percent(1 - closed.safe))}
          </p>
        )}
      </CommandForm>
    </details>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/past";
import { useState } from "react";
import { READY_MIX_NAMES, type ReadyMixName } from "@/core/mix/index";
import { POTTED_CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { useRoughDate, RoughDateInput } from "@/features/kernel/rough-date";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { emptyPotDraft, PotFields, readPot, type PotDraft } from "@/features/pots/pot-fields";
import { CORRECTION_WORDS, MIX_WORDS } from "@/words/terms";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";
import { useWatch } from "react-hook-form";

type Which = "current" | "other" | "unknown";

interface Typed {
  when: string;
  which: Which;
  pot: PotDraft;
  mix: ReadyMixName | "";
  correction: CorrectionName;
  note: string;
}

/** A potting of long ago, as far as anyone remembers. */
export function PastPottingForm({
  treeId,
  tag,
  currentLot,
  arrivedOn,
}: {
  treeId: string;
  tag: string;
  currentLot: { id: string; name: string } | null;
  arrivedOn: string;
}) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const readDate = useRoughDate();
  const [start] = useState<Typed>({
    when: "",
    which: currentLot ? "current" : "unknown",
    pot: { ...emptyPotDraft, known: "about" },
    mix: "",
    correction: "loosen",
    note: "",
  });
  const form = useCommandForm("record-past-potting", {
    start,
    input: ({ when, which, pot, mix, correction, note }, wrong) => {
      const read = readDate(when);
      if (read.fault) wrong("when", read.fault);
      else if (read.range === null) wrong("when", say.aYearOrASeason);
      const described = which === "other" ? readPot(pot, units) : null;
      for (const [path, message] of Object.entries(described?.problems ?? {})) wrong(`pot.${path}` as "pot", message);
      return {
        collectionId,
        treeId,
        when: read.range ?? { best: "", from: "", to: "" },
        potLotId: which === "current" ? (currentLot?.id ?? null) : null,
        pot: described?.pot ?? null,
        mix: mix === "" ? null : mix,
        correction,
        note,
      };
    },
    fieldOf: (path) => (path === "potLotId" ? "which" : path),
    parts: ["pot"],
    after: (typed) => ({ ...typed, when: "", note: "" }),
    done: ({ entryId }) => tell({ text: say.theEarlierPottingIsIn(tag), entryId }),
  });
  const { when, which, pot } = useWatch({ control: form.form.control }) as Typed;
  const { range } = readDate(when);
  return (
    <CommandForm of={form} button={[say.putIntoItsHistory, common.recording]}>
      <RoughDateInput needed className="max-w-72" name="when" label={say.whenWasIt} />
      {range && range.best < arrivedOn && <p className="text-sm">{say.beforeItsArrivalOnRecord(arrivedOn)}</p>}
      <ChoiceInput<Which>
        className="max-w-96"
        name="which"
        label={say.intoWhichPot}
        options={[
          ...(currentLot ? [["current", say.theOneItStandsIn(currentLot.name)] as const] : []),
          ["other", say.anotherOneWhichICan],
          ["unknown", say.nobodyRemembers],
        ]}
      />
      {which === "other" && (
        <PotFields
          draft={pot}
          onChange={(next) => form.form.setValue("pot", next)}
          fault={(path) => form.at(`pot.${path}`)}
          units={units}
        />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <ChoiceInput
          name="mix"
          label={common.mix}
          options={[["", say.unknown] as const, ...READY_MIX_NAMES.map((m) => [m, MIX_WORDS[m]] as const)]}
        />
        <ChoiceInput
          name="correction"
          label={say.roots}
          options={POTTED_CORRECTIONS.map((c) => [c, CORRECTION_WORDS[c].name] as const)}
        />
      </div>
      <TextInput name="note" label={common.remark} />
    </CommandForm>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/measure";
import { get } from "react-hook-form";
import { useEffect, useState } from "react";
import type { Pot } from "@/core/vessel/index";
import { DateInput, QuantityInput } from "@/ui/form/inputs";
import { useAsOf } from "@/features/kernel/as-of";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { useNotice } from "@/features/kernel/notice";
import { useRoughDate } from "@/features/kernel/rough-date";
import { draftOf, emptyPotDraft, PotFields, readPot, type PotField } from "@/features/pots/pot-fields";

interface Measures {
  depthToMixMm: number | null;
  trunkMm: number | null;
  heightM: number | null;
  crownM: number | null;
  on: string;
}

/** The pot measured with the tree in it: outside, by girth, by a finger to the mix, by its trade name, or about. */
export function MeasureForm({
  treeId,
  tag,
  pot: known,
  onDone,
}: {
  treeId: string;
  tag: string;
  pot: Pot | null;
  onDone?: () => void;
}) {
  const { collectionId, today, units } = useAsOf();
  const { tell } = useNotice();
  const readDate = useRoughDate();
  const [measurePot, setMeasurePot] = useState(true);
  const [draft, setDraft] = useState({
    ...emptyPotDraft,
    known: "outside" as const,
    wall: known ? draftOf(known).wall : emptyPotDraft.wall,
  } as typeof emptyPotDraft);
  const [start] = useState<Measures>({ depthToMixMm: null, trunkMm: null, heightM: null, crownM: null, on: today });
  const measured = useCommandForm("record-measure", {
    start,
    input: ({ on, ...measures }: Measures, wrong) => {
      const pot = measurePot ? readPot(draft, units) : null;
      for (const [field, message] of Object.entries(pot?.problems ?? {})) wrong(`pot.${field}` as "pot", message);
      const day = readDate(on);
      if (day.fault) wrong("on", day.fault);
      return { collectionId, treeId, pot: pot?.pot ?? null, ...measures, on: day.range ?? on };
    },
    done: ({ entryId }) => {
      tell({ text: say.isMeasuredItsDatesAre(tag), entryId });
      onDone?.();
    },
  });
  const { formState, watch, trigger } = measured.form;
  const { isSubmitted } = formState;
  // The pot is typed beside the form's own fields: once told, its faults follow what is typed, too.
  useEffect(() => {
    if (isSubmitted) void trigger();
  }, [draft, measurePot, isSubmitted, trigger]);
  const potFault = (field: PotField): string | undefined => {
    const message: unknown = get(formState.errors, `pot.${field}.message`);
    return typeof message === "string" ? message : undefined;
  };
  const depthToMixMm = watch("depthToMixMm");

  return (
    <CommandForm of={measured} button={[say.recordTheMeasures, common.recording]}>
      <label className="flex min-h-11 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={measurePot}
          onChange={(e) => setMeasurePot(e.target.checked)}
        />
        {say.thePot}
      </label>
      {measurePot && (
        <PotFields
          draft={draft}
          onChange={setDraft}
          fault={potFault}
          units={units}
          depthToMixMm={depthToMixMm !== null && depthToMixMm >= 0 ? depthToMixMm : null}
        />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <QuantityInput name="depthToMixMm" dimension="mm" units={units} label={say.aFingerFromTheRim} />
        <QuantityInput name="trunkMm" dimension="mm" units={units} label={say.trunkAtTheBase} />
        <QuantityInput name="heightM" dimension="m" units={units} label={say.heightOfTheTree} />
        <QuantityInput
          name="crownM"
          dimension="m"
          units={units}
          label={say.crownAcrossAtItsWidest}
          hint={say.forItsPlaceInWinter}
        />
        <DateInput name="on" label={say.measuredOn} read={readDate} today={today} needed />
      </div>
    </CommandForm>
  );
}

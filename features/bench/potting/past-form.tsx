"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/past";
import { useState } from "react";
import { READY_MIX_NAMES, type ReadyMixName } from "@/core/mix/index";
import { POTTED_CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { RoughDateField, useRoughDate } from "@/features/kernel/rough-date";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { emptyPotDraft, PotFields, readPot, type PotField } from "@/features/pots/pot-fields";
import { CORRECTION_WORDS, MIX_WORDS } from "@/words/terms";

type Which = "current" | "other" | "unknown";

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
  const { send, busy, failure, beside } = useCommand("record-past-potting");
  const readDate = useRoughDate();
  const [when, setWhen] = useState("");
  const [which, setWhich] = useState<Which>(currentLot ? "current" : "unknown");
  const [pot, setPot] = useState({ ...emptyPotDraft, known: "about" } as typeof emptyPotDraft);
  const [mix, setMix] = useState<ReadyMixName | "">("");
  const [correction, setCorrection] = useState<CorrectionName>("loosen");
  const [note, setNote] = useState("");
  const [problems, setProblems] = useState<Record<string, string>>({});
  const fault = beside<`pot.${PotField}`>(problems);
  const read = readDate(when);

  const submit = async () => {
    const wrong: Record<string, string> = {};
    if (read.fault) wrong.when = read.fault;
    else if (read.range === null) wrong.when = say.aYearOrASeason;
    const described = which === "other" ? readPot(pot, units) : null;
    if (described) for (const [path, message] of Object.entries(described.problems)) wrong[`pot.${path}`] = message;
    setProblems(wrong);
    const done = await send(
      {
        collectionId,
        treeId,
        when: read.range ?? { best: "", from: "", to: "" },
        potLotId: which === "current" ? (currentLot?.id ?? null) : null,
        pot: described?.pot ?? null,
        mix: mix === "" ? null : mix,
        correction,
        note,
      },
      wrong,
    );
    if (!done) return;
    tell({ text: say.theEarlierPottingIsIn(tag), entryId: done.entryId });
    setWhen("");
    setNote("");
  };

  return (
    <Form className="space-y-3" onSubmit={submit}>
      <RoughDateField
        needed
        className="max-w-72"
        label={say.whenWasIt}
        value={when}
        onChange={setWhen}
        fault={fault("when")}
      />
      {read.range && read.range.best < arrivedOn && (
        <p className="text-sm">{say.beforeItsArrivalOnRecord(arrivedOn)}</p>
      )}
      <SelectField<Which>
        className="max-w-96"
        label={say.intoWhichPot}
        value={which}
        onChange={setWhich}
        fault={fault("potLotId")}
        options={[
          ...(currentLot ? [["current", say.theOneItStandsIn(currentLot.name)] as const] : []),
          ["other", say.anotherOneWhichICan],
          ["unknown", say.nobodyRemembers],
        ]}
      />
      {which === "other" && (
        <PotFields draft={pot} onChange={setPot} fault={(path) => fault(`pot.${path}`)} units={units} />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label={common.mix}
          value={mix}
          onChange={setMix}
          options={[["", "unknown"] as const, ...READY_MIX_NAMES.map((m) => [m, MIX_WORDS[m]] as const)]}
        />
        <SelectField
          label={say.roots}
          value={correction}
          onChange={setCorrection}
          options={POTTED_CORRECTIONS.map((c) => [c, CORRECTION_WORDS[c].name] as const)}
        />
      </div>
      <TextField label={common.remark} value={note} onChange={setNote} fault={fault("note")} />
      <FormFaults faults={unplaced(failure, ["when", "potLotId", "pot", "note"])} />
      <button type="submit" className="btn btn-primary" disabled={busy}>
        {busy ? common.recording : say.putIntoItsHistory}
      </button>
    </Form>
  );
}

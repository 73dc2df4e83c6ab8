"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/log";
import { useState } from "react";
import { Form, FormFaults, TextField } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { RoughDateField, useRoughDate } from "@/features/kernel/rough-date";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { draftOf, type PotField, PotFields, readPot } from "../pots/pot-fields";
import {
  bodyOf,
  type Correctable,
  type CorrectableKind,
  CORRECTED_BY,
  type Correcting,
  type Draft,
  draftFrom,
  type OwnField,
} from "./correct-draft";
import { ArrivedFields, EndedFields, MeasuredFields, PottedFields, RootsFields } from "./correct-fields";

/** What was recorded, open to be said better: the old words stay in the history, everything after them is computed anew. */
export function CorrectForm({
  event,
  lots,
  onDone,
}: {
  event: Correctable;
  lots: { id: string; name: string }[];
  onDone: () => void;
}) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { payload } = event;
  const { send, busy, failure, beside } = useCommand<Correcting>(CORRECTED_BY[payload.kind as CorrectableKind]);
  const readDate = useRoughDate();
  const [draft, setDraft] = useState<Draft>(() => draftFrom(event));
  const [pot, setPot] = useState(() => draftOf(payload.kind === "measured" ? payload.pot : event.pot));
  const [potLeaves, setPotLeaves] = useState(payload.kind === "ended" && payload.potLeaves);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const set = (field: string) => (value: string) => setDraft((d) => ({ ...d, [field]: value }));
  const faultAt = beside<OwnField | `pot.${PotField}`>(problems);
  const fault = (...paths: Parameters<typeof faultAt>[0][]) => paths.map((p) => faultAt(p)).find(Boolean);
  const fields = { draft, set, fault: (...paths: string[]) => fault(...(paths as Parameters<typeof fault>)) };
  const withPot = payload.kind === "arrived" || (payload.kind === "measured" && payload.pot !== null);

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const when = readDate(draft.on);
    if (when.fault) wrong.on = when.fault;
    else if (when.range === null) wrong.on = say.aYearOrASeason;
    const last = readDate(draft.lastPotted ?? "");
    if (last.fault) wrong.lastPotted = last.fault;
    const read = withPot ? readPot(pot, units) : null;
    const potWord = read && Object.keys(read.problems).length === 0 ? read.pot : null;
    const untouched = event.pot === null && pot.litres === "";
    if (read && !untouched) for (const [path, message] of Object.entries(read.problems)) wrong[`pot.${path}`] = message;
    const sent = bodyOf(event, collectionId, draft, {
      on: when.range ?? event.on,
      last: last.range ?? null,
      pot: potWord,
      potLeaves,
    });
    setProblems(wrong);
    const done = await send(sent, wrong);
    if (!done) return;
    tell({ text: say.correctedEverythingAfterItIs, entryId: done.entryId });
    onDone();
  };

  return (
    <Form
      label={say.correctThisEntry}
      className="border-accent bg-base-200 rounded-box mt-2 space-y-3 border-l-4 p-3"
      onSubmit={submit}
    >
      <RoughDateField
        needed
        className="max-w-72"
        label={payload.kind === "arrived" ? say.arrived : common.when}
        value={draft.on}
        onChange={set("on")}
        fault={fault("on", "when", "arrivedOn")}
      />
      {payload.kind === "arrived" && <ArrivedFields {...fields} />}
      {withPot && <PotFields draft={pot} onChange={setPot} fault={(path) => fault(`pot.${path}`)} units={units} />}
      {payload.kind === "potted" && <PottedFields {...fields} lots={lots} />}
      {payload.kind === "roots-read" && <RootsFields {...fields} />}
      {payload.kind === "measured" && <MeasuredFields {...fields} />}
      {payload.kind === "ended" && <EndedFields {...fields} potLeaves={potLeaves} setPotLeaves={setPotLeaves} />}
      {(payload.kind === "noted" || payload.kind === "ended") && (
        <TextField
          label={payload.kind === "noted" ? common.note : common.remark}
          value={draft.text}
          onChange={set("text")}
          fault={fault("text", "note")}
        />
      )}
      <FormFaults
        faults={(failure?.faults ?? []).filter((f) => ["", "treeId", "replacesEventId", "pot"].includes(f.path))}
      />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {busy ? say.correcting : say.correct}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {common.leaveIt}
        </button>
      </div>
    </Form>
  );
}

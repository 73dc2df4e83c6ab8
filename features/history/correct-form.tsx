"use client";

import { useState } from "react";
import type { CommandCorrecting, CommandSent } from "@/contract/index";
import { writeRoughDate } from "@/core/dates/index";
import {
  ARRIVAL_FORMS,
  type ArrivalForm,
  DEATH_CAUSES,
  type DeathCause,
  type Ending,
  type EventPayload,
  type LoggedPayload,
} from "@/core/event/index";
import { READY_MIX_NAMES, type ReadyMixName } from "@/core/mix/index";
import { POTTED_CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import type { Pot } from "@/core/vessel/index";
import { readNumber, readOptional } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { RoughDateField, useRoughDate } from "@/features/kernel/rough-date";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { draftOf, type PotField, PotFields, readPot } from "../stores/pot-fields";
import {
  CAUSE_WORDS,
  CIRCLING_GRADES,
  CORRECTION_WORDS,
  ENDING_WORDS,
  FEEL_WORDS,
  FILL_GRADES,
  FORM_WORDS,
  MIX_WORDS,
} from "@/words/terms";

/** An event as the form starts from it. */
export interface Correctable {
  eventId: string;
  treeId: string;
  on: { best: string; from: string; to: string };
  potLotId: string | null;
  pot: Pot | null;
  payload: EventPayload;
  plants: number;
}

type Draft = Record<string, string>;
/** Fields of the form that are called otherwise than in the command. */
type OwnField = "depth" | "trunk" | "height" | "crown";

const CORRECTED_BY = {
  arrived: "correct-arrival",
  potted: "record-past-potting",
  "roots-read": "record-roots",
  measured: "record-measure",
  noted: "add-note",
  ended: "end-tree",
} as const satisfies { [K in EventPayload["kind"]]?: CommandCorrecting<K> };
type CorrectableKind = keyof typeof CORRECTED_BY;
type Correcting = (typeof CORRECTED_BY)[CorrectableKind];

export function canCorrect(payload: LoggedPayload): payload is EventPayload {
  return payload.kind in CORRECTED_BY && !(payload.kind === "ended" && payload.how === "merged");
}

function draftFrom({ payload, on, potLotId, plants }: Correctable): Draft {
  const draft: Draft = { on: writeRoughDate(on), potLotId: potLotId ?? "" };
  switch (payload.kind) {
    case "arrived":
      draft.form = payload.form;
      draft.lastPotted = writeRoughDate(payload.lastPotted);
      draft.depth = payload.depthToMixMm ? String(payload.depthToMixMm) : "";
      draft.count = String(plants);
      break;
    case "potted":
      draft.mix = typeof payload.mix === "string" ? payload.mix : "";
      draft.correction = payload.correction;
      break;
    case "roots-read":
      draft.fill = String(payload.fillGrade ?? "");
      draft.circling = String(payload.circlingGrade ?? "");
      draft.by = payload.by ?? "look";
      break;
    case "measured":
      draft.depth = payload.depthToMixMm ? String(payload.depthToMixMm) : "";
      draft.trunk = payload.trunkMm ? String(payload.trunkMm) : "";
      draft.height = payload.heightM ? String(payload.heightM) : "";
      draft.crown = payload.crownM ? String(payload.crownM) : "";
      break;
    case "noted":
      draft.text = payload.text;
      break;
    case "ended":
      draft.how = payload.how;
      draft.cause = payload.cause ?? "unknown";
      draft.count = String(payload.count);
      draft.text = payload.note;
      break;
  }
  return draft;
}

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
  const withPot = payload.kind === "arrived" || (payload.kind === "measured" && payload.pot !== null);

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const when = readDate(draft.on);
    if (when.fault) wrong.on = when.fault;
    else if (when.range === null) wrong.on = "A year or a season is enough, but it cannot be left open.";
    const last = readDate(draft.lastPotted ?? "");
    if (last.fault) wrong.lastPotted = last.fault;
    const optional = (field: string, kind: "mm" | "m") => readOptional(draft[field] ?? "", kind);
    const read = withPot ? readPot(pot, units) : null;
    const potWord = read && Object.keys(read.problems).length === 0 ? read.pot : null;
    const untouched = event.pot === null && pot.litres === "";
    if (read && !untouched) for (const [path, message] of Object.entries(read.problems)) wrong[`pot.${path}`] = message;
    const on = when.range ?? event.on;
    const count = Number.isNaN(readNumber(draft.count ?? "")) ? 0 : readNumber(draft.count ?? "");
    const about = { collectionId, replacesEventId: event.eventId, treeId: event.treeId };
    const body = (): CommandSent<Correcting> => {
      switch (payload.kind as CorrectableKind) {
        case "arrived":
          return {
            ...about,
            arrivedOn: on,
            form: draft.form as ArrivalForm,
            lastPotted: last.range ?? null,
            pot: potWord,
            depthToMixMm: optional("depth", "mm"),
            count,
          };
        case "potted":
          return {
            ...about,
            when: on,
            potLotId: draft.potLotId === "" ? null : draft.potLotId,
            pot: null,
            mix: draft.mix === "" ? null : (draft.mix as ReadyMixName),
            correction: draft.correction as CorrectionName,
          };
        case "roots-read":
          return {
            ...about,
            on,
            fillGrade: draft.fill === "" ? null : Number(draft.fill),
            circlingGrade: draft.circling === "" ? null : Number(draft.circling),
            by: draft.by === "feel" ? "feel" : "look",
          };
        case "measured":
          return {
            ...about,
            on,
            pot: potWord,
            depthToMixMm: optional("depth", "mm"),
            trunkMm: optional("trunk", "mm"),
            heightM: optional("height", "m"),
            crownM: optional("crown", "m"),
          };
        case "noted":
          return { ...about, on, text: draft.text };
        case "ended":
          return {
            ...about,
            on,
            how: draft.how as Exclude<Ending, "merged">,
            cause: draft.how === "died" ? (draft.cause as DeathCause) : null,
            count,
            potLeaves,
            note: draft.text,
          };
      }
    };
    const sent = body();
    setProblems(wrong);
    const done = await send(sent, wrong);
    if (!done) return;
    tell({ text: "Corrected: everything after it is calculated again.", entryId: done.entryId });
    onDone();
  };

  return (
    <Form
      label="Correct this entry"
      className="border-accent bg-base-200 rounded-box mt-2 space-y-3 border-l-4 p-3"
      onSubmit={submit}
    >
      <RoughDateField
        needed
        className="max-w-72"
        label={payload.kind === "arrived" ? "Arrived" : "When"}
        value={draft.on}
        onChange={set("on")}
        fault={fault("on", "when", "arrivedOn")}
      />
      {payload.kind === "arrived" && (
        <>
          <div className="grid gap-3 sm:grid-cols-2">
            <SelectField
              label="How it came"
              value={draft.form as ArrivalForm}
              onChange={set("form")}
              options={ARRIVAL_FORMS.map((f) => [f, FORM_WORDS[f]] as const)}
            />
            <RoughDateField
              label="Last potted before"
              value={draft.lastPotted}
              onChange={set("lastPotted")}
              fault={fault("lastPotted")}
            />
            <TextField
              label="Equal plants"
              numeric
              value={draft.count}
              onChange={set("count")}
              fault={fault("count")}
            />
            <TextField
              label="From the rim down to the mix"
              numeric
              suffix="mm"
              value={draft.depth}
              onChange={set("depth")}
              fault={fault("depth", "depthToMixMm")}
            />
          </div>
        </>
      )}
      {withPot && <PotFields draft={pot} onChange={setPot} fault={(path) => fault(`pot.${path}`)} units={units} />}
      {payload.kind === "potted" && (
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label="Into which pot"
            value={draft.potLotId}
            onChange={set("potLotId")}
            fault={fault("potLotId")}
            options={[["", "nobody remembers"] as const, ...lots.map((l) => [l.id, l.name] as const)]}
          />
          <SelectField
            label="Mix"
            value={draft.mix as ReadyMixName | ""}
            onChange={set("mix")}
            options={[["", "unknown"] as const, ...READY_MIX_NAMES.map((m) => [m, MIX_WORDS[m]] as const)]}
          />
          <SelectField
            label="Roots"
            value={draft.correction as CorrectionName}
            onChange={set("correction")}
            options={POTTED_CORRECTIONS.map((c) => [c, CORRECTION_WORDS[c].name] as const)}
          />
        </div>
      )}
      {payload.kind === "roots-read" && (
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label="How full"
            value={draft.fill}
            onChange={set("fill")}
            fault={fault("fillGrade")}
            options={[
              ["", "not looked at"] as const,
              ...(draft.by === "feel"
                ? FEEL_WORDS.map((w, i) => [String(i + 1), w.name] as const)
                : FILL_GRADES.map((w, i) => [String(i), `${i} ${w}`] as const)),
            ]}
          />
          {draft.by !== "feel" && (
            <SelectField
              label="Circling roots"
              value={draft.circling}
              onChange={set("circling")}
              options={[
                ["", "not looked at"] as const,
                ...CIRCLING_GRADES.map((w, i) => [String(i), `${i} ${w}`] as const),
              ]}
            />
          )}
        </div>
      )}
      {payload.kind === "measured" && (
        <div className="grid gap-3 sm:grid-cols-3">
          <TextField
            label="Rim to mix"
            numeric
            suffix="mm"
            value={draft.depth}
            onChange={set("depth")}
            fault={fault("depth")}
          />
          <TextField
            label="Trunk"
            numeric
            suffix="mm"
            value={draft.trunk}
            onChange={set("trunk")}
            fault={fault("trunk", "trunkMm")}
          />
          <TextField
            label="Height"
            numeric
            suffix="m"
            value={draft.height}
            onChange={set("height")}
            fault={fault("height", "heightM")}
          />
          <TextField
            label="Crown, across"
            numeric
            suffix="m"
            value={draft.crown}
            onChange={set("crown")}
            fault={fault("crown", "crownM")}
          />
        </div>
      )}
      {payload.kind === "ended" && (
        <>
          <div className="grid gap-3 sm:grid-cols-2">
            <SelectField
              label="How it left"
              value={draft.how as Ending}
              onChange={set("how")}
              options={(Object.keys(ENDING_WORDS) as Ending[])
                .filter((e) => e !== "merged")
                .map((e) => [e, ENDING_WORDS[e]] as const)}
            />
            {draft.how === "died" && (
              <SelectField
                label="Of what"
                value={draft.cause as DeathCause}
                onChange={set("cause")}
                options={DEATH_CAUSES.map((c) => [c, CAUSE_WORDS[c]] as const)}
              />
            )}
            <TextField label="Plants" numeric value={draft.count} onChange={set("count")} fault={fault("count")} />
          </div>
          <label className="flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={potLeaves}
              onChange={(e) => setPotLeaves(e.target.checked)}
            />
            the pot went with it
          </label>
        </>
      )}
      {(payload.kind === "noted" || payload.kind === "ended") && (
        <TextField
          label={payload.kind === "noted" ? "Note" : "Remark"}
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
          {busy ? "Correcting …" : "Correct"}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          Leave it
        </button>
      </div>
    </Form>
  );
}

"use client";

import { useState } from "react";
import type { Pot } from "@/core/vessel/index";
import { readNumber, readOptional } from "@/words/format";
import { Form, FormFaults, TextField } from "@/ui/fields";
import { loose, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { draftOf, emptyPotDraft, PotFields, readPot, type PotField } from "../stores/pot-fields";

const FIELDS = ["pot", "depthToMixMm", "trunkMm", "heightM", "crownM", "on"];

/** The pot measured with the tree in it: outside, by girth, by a finger to the mix, by its trade name, or about. */
export function MeasureForm({ treeId, tag, pot: known }: { treeId: string; tag: string; pot: Pot | null }) {
  const { collectionId, today, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at, beside } = useCommand("record-measure");
  const [measurePot, setMeasurePot] = useState(true);
  const [draft, setDraft] = useState({
    ...emptyPotDraft,
    known: "outside" as const,
    wall: known ? draftOf(known).wall : emptyPotDraft.wall,
  } as typeof emptyPotDraft);
  const [depth, setDepth] = useState("");
  const [trunk, setTrunk] = useState("");
  const [height, setHeight] = useState("");
  const [crown, setCrown] = useState("");
  const [on, setOn] = useState(today);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const fault = beside<`pot.${PotField}`>(problems);
  const depthMm = readNumber(depth, "mm");

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const read = measurePot ? readPot(draft, units) : null;
    if (read) for (const [path, message] of Object.entries(read.problems)) wrong[`pot.${path}`] = message;
    const body = {
      pot: read?.pot ?? null,
      depthToMixMm: readOptional(depth, "mm"),
      trunkMm: readOptional(trunk, "mm"),
      heightM: readOptional(height, "m"),
      crownM: readOptional(crown, "m"),
    };
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({ collectionId, treeId, on, ...body });
    if (!done) return;
    tell({ text: `${tag} is measured: its dates are computed anew.`, entryId: done.entryId });
    setDepth("");
    setTrunk("");
    setHeight("");
    setCrown("");
  };

  return (
    <Form className="space-y-3" onSubmit={submit}>
      <label className="flex min-h-11 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={measurePot}
          onChange={(e) => setMeasurePot(e.target.checked)}
        />
        the pot
      </label>
      {measurePot && (
        <PotFields
          draft={draft}
          onChange={setDraft}
          fault={(path) => fault(`pot.${path}`)}
          units={units}
          depthToMixMm={depthMm >= 0 ? depthMm : null}
        />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="A finger from the rim down to the mix"
          numeric
          suffix="mm"
          value={depth}
          onChange={setDepth}
          fault={fault("depthToMixMm")}
        />
        <TextField
          label="Trunk at the base"
          numeric
          suffix="mm"
          value={trunk}
          onChange={setTrunk}
          fault={fault("trunkMm")}
        />
        <TextField
          label="Height of the tree"
          numeric
          suffix="m"
          value={height}
          onChange={setHeight}
          fault={fault("heightM")}
        />
        <TextField
          label="Crown, across at its widest"
          numeric
          suffix="m"
          value={crown}
          onChange={setCrown}
          hint="for its place in winter quarters, and for wind"
          fault={fault("crownM")}
        />
        <TextField label="Measured on" type="date" max={today} value={on} onChange={setOn} fault={fault("on")} />
      </div>
      {at("pot") && !Object.keys(problems).length && <p className="text-error font-semibold">{at("pot")}</p>}
      <FormFaults faults={loose(failure, FIELDS)} />
      <button type="submit" className="btn btn-primary" disabled={busy}>
        {busy ? "Recording …" : "Record the measures"}
      </button>
    </Form>
  );
}

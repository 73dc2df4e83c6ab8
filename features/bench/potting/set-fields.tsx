"use client";

import * as say from "@/words/pages/bench/potting/set";
import type { CommandField } from "@/contract/index";
import type { WhatIsSet } from "@/core/potting/index";
import { SelectField, TextField } from "@/ui/fields";
import { BALL_FIELDS, type MeasureField, ROOT_FIELDS, type SetDraft } from "./set-draft";

const AS_WORDS: Record<WhatIsSet["as"], string> = {
  ball: say.theBallAsThisPot,
  measured: say.aBallMeasuredAtThe,
  "bare-root": say.bareRoots,
  "whole-pot": say.potAndAllItRots,
};

/** Fields that are folded away until they are wanted, or wrong. */
const FOLDED = ["offAxisMm", "tiltDeg", "flareDepthMm", "takenOffMm", "unionMm"] as const;

/** What is set, and how it shall stand. */
export function SetFields({
  draft,
  onChange,
  fault,
  decomposes,
  knownPot,
}: {
  draft: SetDraft;
  onChange: (draft: SetDraft) => void;
  fault: (path: CommandField<"record-potting"> | MeasureField) => string | undefined;
  /** The pot it stands in is of pressed fibre. */
  decomposes: boolean;
  /** Whether anyone has said which pot it stands in. */
  knownPot: boolean;
}) {
  const set = (part: Partial<SetDraft>) => onChange({ ...draft, ...part });
  const fields = draft.as === "measured" ? BALL_FIELDS[draft.shape] : draft.as === "bare-root" ? ROOT_FIELDS : [];
  const options = (Object.keys(AS_WORDS) as WhatIsSet["as"][]).filter(
    (as) => (as !== "whole-pot" || decomposes) && (knownPot || as === "measured" || as === "bare-root"),
  );
  const millimetres = (
    field: "offAxis" | "flareDepth" | "takenOff" | "union",
    path: "offAxisMm" | "flareDepthMm" | "takenOffMm" | "unionMm",
    label: string,
    hint: string,
  ) => (
    <TextField
      label={label}
      numeric
      suffix="mm"
      value={draft[field]}
      onChange={(text) => set({ [field]: text })}
      fault={fault(path)}
      hint={hint}
    />
  );
  return (
    <div className="space-y-4">
      <div className="grid gap-4 sm:grid-cols-3">
        <SelectField
          className={fields.length === 0 ? "sm:col-span-2" : ""}
          label={say.whatIsSet}
          value={draft.as}
          onChange={(as) => set({ as })}
          options={options.map((as) => [as, AS_WORDS[as]] as const)}
          fault={fault("set")}
        />
        {draft.as === "measured" && (
          <SelectField
            label={say.theBallIs}
            value={draft.shape}
            onChange={(shape) => set({ shape })}
            options={[
              ["round", "round"],
              ["square", "square"],
              ["rectangle", "long"],
            ]}
          />
        )}
        {fields.map(([field, label]) => (
          <TextField
            key={field}
            label={label}
            numeric
            suffix="mm"
            value={draft.measures[field] ?? ""}
            onChange={(text) => set({ measures: { ...draft.measures, [field]: text } })}
            fault={fault(field)}
          />
        ))}
      </div>
      <details open={FOLDED.some((f) => fault(f))}>
        <summary className="min-h-11 cursor-pointer font-medium">{say.flareGraftLeanAndFacing}</summary>
        <div className="mt-2 grid gap-4 sm:grid-cols-3">
          {millimetres("flareDepth", "flareDepthMm", say.flareLiesUnderTheSurface, say.emptyItCanBeSeen)}
          {millimetres("takenOff", "takenOffMm", say.ofWhichComesOffToday, say.downToTheFlareIf)}
          {millimetres("union", "unionMm", say.graftUnionAboveTheSurface, say.emptyNotGrafted)}
          {millimetres("offAxis", "offAxisMm", say.stemOffTheBallsMiddle, say.theBallIsShiftedNot)}
          <TextField
            label={say.leanFromUpright}
            numeric
            suffix="°"
            value={draft.tilt}
            onChange={(tilt) => set({ tilt })}
            fault={fault("tiltDeg")}
            hint={say.aBendCanBeSet}
          />
          <TextField
            label={say.facing}
            value={draft.facing}
            onChange={(facing) => set({ facing })}
            fault={fault("facing")}
            hint={say.whichSideLooksWhereSuch}
          />
        </div>
      </details>
    </div>
  );
}

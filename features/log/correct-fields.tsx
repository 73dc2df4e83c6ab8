"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/log";
import { ARRIVAL_FORMS, type ArrivalForm, DEATH_CAUSES, type DeathCause, type Ending } from "@/core/event/index";
import { READY_MIX_NAMES, type ReadyMixName } from "@/core/mix/index";
import { type CorrectionName, POTTED_CORRECTIONS } from "@/core/roots/index";
import { RoughDateField } from "@/features/kernel/rough-date";
import { SelectField, TextField } from "@/ui/fields";
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
import type { Draft } from "./correct-draft";

/** What a part of the form shows: the draft, how a field is changed, and what is wrong with it. */
export interface Fields<P extends string = string> {
  draft: Draft;
  set: (field: string) => (value: string) => void;
  fault: (...paths: P[]) => string | undefined;
}

/** How it came. */
export function ArrivedFields({ draft, set, fault }: Fields) {
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label={common.howItCame}
          value={draft.form as ArrivalForm}
          onChange={set("form")}
          options={ARRIVAL_FORMS.map((f) => [f, FORM_WORDS[f]] as const)}
        />
        <RoughDateField
          label={say.lastPottedBefore}
          value={draft.lastPotted}
          onChange={set("lastPotted")}
          fault={fault("lastPotted")}
        />
        <TextField label={say.equalPlants} numeric value={draft.count} onChange={set("count")} fault={fault("count")} />
        <TextField
          label={say.fromTheRimDownTo}
          numeric
          suffix="mm"
          value={draft.depth}
          onChange={set("depth")}
          fault={fault("depth", "depthToMixMm")}
        />
      </div>
    </>
  );
}

/** Into which pot and mix, and what was done to its roots. */
export function PottedFields({ draft, set, fault, lots }: Fields & { lots: { id: string; name: string }[] }) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <SelectField
        label={say.intoWhichPot}
        value={draft.potLotId}
        onChange={set("potLotId")}
        fault={fault("potLotId")}
        options={[["", say.nobodyRemembers] as const, ...lots.map((l) => [l.id, l.name] as const)]}
      />
      <SelectField
        label={common.mix}
        value={draft.mix as ReadyMixName | ""}
        onChange={set("mix")}
        options={[["", "unknown"] as const, ...READY_MIX_NAMES.map((m) => [m, MIX_WORDS[m]] as const)]}
      />
      <SelectField
        label={say.roots}
        value={draft.correction as CorrectionName}
        onChange={set("correction")}
        options={POTTED_CORRECTIONS.map((c) => [c, CORRECTION_WORDS[c].name] as const)}
      />
    </div>
  );
}

/** What was seen or felt of its ball. */
export function RootsFields({ draft, set, fault }: Fields) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <SelectField
        label={common.howFull}
        value={draft.fill}
        onChange={set("fill")}
        fault={fault("fillGrade")}
        options={[
          ["", say.notLookedAt] as const,
          ...(draft.by === "feel"
            ? FEEL_WORDS.map((w, i) => [String(i + 1), w.name] as const)
            : FILL_GRADES.map((w, i) => [String(i), `${i} ${w}`] as const)),
        ]}
      />
      {draft.by !== "feel" && (
        <SelectField
          label={common.circlingRoots}
          value={draft.circling}
          onChange={set("circling")}
          options={[
            ["", say.notLookedAt] as const,
            ...CIRCLING_GRADES.map((w, i) => [String(i), `${i} ${w}`] as const),
          ]}
        />
      )}
    </div>
  );
}

/** What the tape said. */
export function MeasuredFields({ draft, set, fault }: Fields) {
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <TextField
        label={say.rimToMix}
        numeric
        suffix="mm"
        value={draft.depth}
        onChange={set("depth")}
        fault={fault("depth")}
      />
      <TextField
        label={say.trunk}
        numeric
        suffix="mm"
        value={draft.trunk}
        onChange={set("trunk")}
        fault={fault("trunk", "trunkMm")}
      />
      <TextField
        label={common.height}
        numeric
        suffix="m"
        value={draft.height}
        onChange={set("height")}
        fault={fault("height", "heightM")}
      />
      <TextField
        label={say.crownAcross}
        numeric
        suffix="m"
        value={draft.crown}
        onChange={set("crown")}
        fault={fault("crown", "crownM")}
      />
    </div>
  );
}

/** How it left, and whether its pot went with it. */
export function EndedFields({
  draft,
  set,
  fault,
  potLeaves,
  setPotLeaves,
}: Fields & { potLeaves: boolean; setPotLeaves: (leaves: boolean) => void }) {
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label={say.howItLeft}
          value={draft.how as Ending}
          onChange={set("how")}
          options={(Object.keys(ENDING_WORDS) as Ending[])
            .filter((e) => e !== "merged")
            .map((e) => [e, ENDING_WORDS[e]] as const)}
        />
        {draft.how === "died" && (
          <SelectField
            label={common.ofWhat}
            value={draft.cause as DeathCause}
            onChange={set("cause")}
            options={DEATH_CAUSES.map((c) => [c, CAUSE_WORDS[c]] as const)}
          />
        )}
        <TextField label={say.plants} numeric value={draft.count} onChange={set("count")} fault={fault("count")} />
      </div>
      <label className="flex min-h-11 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={potLeaves}
          onChange={(e) => setPotLeaves(e.target.checked)}
        />
        {say.thePotWentWithIt}
      </label>
    </>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import { treeAt } from "@/features/kernel/addresses";
import { fault } from "@/contract/faults";
import { faultWords } from "@/words/faults";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { ARRIVAL_FORMS, type ArrivalForm, PURPOSES, type Purpose } from "@/core/event/index";
import { potSizeL } from "@/core/vessel/index";
import { readNumber, readOptional } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { emptyPotDraft, PotFields, potSizeWords, readPot, type PotField } from "../pots/pot-fields";
import { RoughDateField, useRoughDate } from "@/features/kernel/rough-date";
import { FORM_WORDS, PURPOSE_WORDS } from "@/words/terms";
import { KindField } from "./kind-field";
import { useKind } from "./use-kind";
import { useRecordingDay } from "@/features/kernel/recording-day";

const FIELDS = [
  "tag",
  "typedName",
  "kindId",
  "habit",
  "cultivar",
  "count",
  "arrivedOn",
  "lastPotted",
  "depthToMixMm",
  "rootstock",
  "pot",
  "finalVolumeL",
  "trunkMm",
  "heightM",
];

/** A tree in a short form: tag, kind, pot. The rest may wait. */
export function AddTreeForm({ takenTags, suggestedTag }: { takenTags: string[]; suggestedTag: string }) {
  const router = useRouter();
  const { collectionId, today, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at, beside } = useCommand("add-tree");
  const treeId = useRef<string | null>(null);
  const [tag, setTag] = useState(suggestedTag);
  const kind = useKind();
  const [cultivar, setCultivar] = useState("");
  const [purpose, setPurpose] = useState<Purpose>("ornament");
  const [count, setCount] = useState("1");
  const [form, setForm] = useState<ArrivalForm>("container");
  const { value: arrivedOn, set: setArrivedOn } = useRecordingDay();
  const [lastPotted, setLastPotted] = useState("");
  const [pot, setPot] = useState({ ...emptyPotDraft, known: "outside" } as typeof emptyPotDraft);
  const [depth, setDepth] = useState("");
  const [rootstock, setRootstock] = useState("");
  const readDate = useRoughDate();
  const [finalL, setFinalL] = useState("");
  const [trunk, setTrunk] = useState("");
  const [height, setHeight] = useState("");
  const [problems, setProblems] = useState<Record<string, string>>({});

  const depthMm = readNumber(depth, "mm");
  const faultAt = beside<`pot.${PotField}`>(problems);

  const submit = async () => {
    const wrong: Record<string, string> = {};
    if (takenTags.some((t) => t.toLowerCase() === tag.trim().toLowerCase()))
      wrong.tag = faultWords(fault("tag", "tag-taken", { tag: tag.trim() }), units);
    const plants = readNumber(count);
    const goal = finalL.trim() === "" ? null : potSizeL(finalL);
    const finalVolumeL = typeof goal === "object" ? null : goal;
    if (goal !== null && typeof goal === "object") wrong.finalVolumeL = potSizeWords(goal);
    const trunkMm = readOptional(trunk, "mm");
    const heightM = readOptional(height, "m");
    const read = readPot(pot, units);
    for (const [path, message] of Object.entries(read.problems)) wrong[`pot.${path}`] = message;
    const potted = readDate(lastPotted);
    if (potted.fault) wrong.lastPotted = potted.fault;
    const arrived = readDate(arrivedOn);
    if (arrived.fault) wrong.arrivedOn = arrived.fault;
    const depthToMixMm = readOptional(depth, "mm");
    setProblems(wrong);
    treeId.current ??= crypto.randomUUID();
    const done = await send(
      {
        collectionId,
        treeId: treeId.current,
        tag,
        ...kind.fields,
        cultivar,
        purpose,
        count: plants,
        form,
        arrivedOn: arrived.range ?? today,
        lastPotted: potted.range ?? null,
        pot: read.pot,
        depthToMixMm,
        rootstock,
        finalVolumeL,
        trunkMm,
        heightM,
      },
      wrong,
    );
    if (!done) return;
    tell({ text: say.isInYourCollection(tag.trim()), entryId: done.entryId });
    router.push(treeAt(collectionId, treeId.current));
  };

  return (
    <Form className="mx-auto max-w-2xl space-y-6" onSubmit={submit}>
      <h1 className="text-2xl">{say.addATree}</h1>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label={common.tag}
          value={tag}
          onChange={setTag}
          fault={faultAt("tag")}
          hint={say.whatStandsOnItsLabel}
        />
        <KindField kind={kind} fault={faultAt("typedName") ?? faultAt("kindId")} />
      </div>
      <fieldset className="border-base-300 rounded-box border p-3">
        <legend className="px-1 font-medium">{say.thePotItStandsIn}</legend>
        <PotFields
          draft={pot}
          onChange={setPot}
          fault={(path) => faultAt(`pot.${path}`)}
          units={units}
          depthToMixMm={depthMm >= 0 ? depthMm : null}
        />
        <TextField
          className="mt-3 max-w-72"
          label={say.aFingerFromTheRim}
          numeric
          suffix="mm"
          value={depth}
          onChange={setDepth}
          fault={faultAt("depthToMixMm")}
          hint={say.ifYouLikeItNarrows()}
        />
        {at("pot") && !problems.pot && <p className="text-error mt-2 text-sm font-semibold">{at("pot")}</p>}
      </fieldset>
      <RoughDateField
        className="max-w-96"
        label={say.whenWasItLastPotted}
        value={lastPotted}
        onChange={setLastPotted}
        fault={faultAt("lastPotted")}
      />
      <details className="border-base-300 rounded-box border p-3">
        <summary className="min-h-11 cursor-pointer content-center font-medium">{say.moreIfYouLikeCultivar}</summary>
        <div className="mt-3 grid gap-4 sm:grid-cols-2">
          <TextField label={common.variety} value={cultivar} onChange={setCultivar} fault={faultAt("cultivar")} />
          <SelectField
            label={common.whatItIsFor}
            value={purpose}
            onChange={setPurpose}
            options={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]] as const)}
          />
          <SelectField
            label={common.howItCame}
            value={form}
            onChange={setForm}
            options={ARRIVAL_FORMS.map((f) => [f, FORM_WORDS[f]] as const)}
          />
          <RoughDateField label={say.arrived} value={arrivedOn} onChange={setArrivedOn} fault={faultAt("arrivedOn")} />
          <TextField
            label={common.rootstock}
            value={rootstock}
            onChange={setRootstock}
            fault={faultAt("rootstock")}
            hint={say.mayBeLearnedLater}
          />
          <TextField
            label={say.equalPlantsInThisRecord}
            numeric
            value={count}
            onChange={setCount}
            fault={faultAt("count")}
            hint={say.aBatchIsOneRecord}
          />
          <TextField
            label={say.finalPotIfItHas}
            value={finalL}
            onChange={setFinalL}
            suffix={common.l}
            fault={faultAt("finalVolumeL")}
            hint={say.litresOr1515Gal()}
          />
          <TextField
            label={say.trunkAtTheBase}
            numeric
            value={trunk}
            onChange={setTrunk}
            suffix="mm"
            fault={faultAt("trunkMm")}
          />
          <TextField
            label={common.height}
            numeric
            value={height}
            onChange={setHeight}
            suffix="m"
            fault={faultAt("heightM")}
          />
        </div>
      </details>
      <FormFaults faults={unplaced(failure, FIELDS)} />
      <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
        {busy ? common.adding : say.addThisTree}
      </button>
    </Form>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import { treeAt } from "@/features/kernel/addresses";
import { fault } from "@/contract/faults";
import { faultWords } from "@/words/faults";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { ARRIVAL_FORMS, type ArrivalForm, PURPOSES, type Purpose } from "@/core/event/index";
import { potSizeL } from "@/core/vessel/index";
import { readNumber, readOptional } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { emptyPotDraft, PotFields, potSizeWords, readPot, type PotDraft } from "../pots/pot-fields";
import { useRoughDate, RoughDateInput } from "@/features/kernel/rough-date";
import { FORM_WORDS, PURPOSE_WORDS } from "@/words/terms";
import { KindField } from "./kind-field";
import { useKind } from "./use-kind";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput, useInput } from "@/ui/form/inputs";

/** A tree in a short form: tag, kind, pot. The rest may wait. */
export function AddTreeForm({ takenTags, suggestedTag }: { takenTags: string[]; suggestedTag: string }) {
  const router = useRouter();
  const { collectionId, today, units } = useAsOf();
  const { tell } = useNotice();
  const { value: arrivedOn } = useRecordingDay();
  const [treeId] = useState(() => crypto.randomUUID());
  const [start] = useState(() => startOf(suggestedTag, arrivedOn));
  const kind = useKind();
  const readDate = useRoughDate();
  const form = useCommandForm("add-tree", {
    start,
    input: (typed, wrong) => {
      const { tag, cultivar, purpose, form, rootstock } = typed;
      if (takenTags.some((t) => t.toLowerCase() === tag.trim().toLowerCase()))
        wrong("tag", faultWords(fault("tag", "tag-taken", { tag: tag.trim() }), units));
      const goal = typed.finalVolumeL.trim() === "" ? null : potSizeL(typed.finalVolumeL);
      if (goal !== null && typeof goal === "object") wrong("finalVolumeL", potSizeWords(goal));
      const read = readPot(typed.pot, units);
      for (const [path, message] of Object.entries(read.problems)) wrong(`pot.${path}` as "pot", message);
      const potted = readDate(typed.lastPotted);
      if (potted.fault) wrong("lastPotted", potted.fault);
      const arrived = readDate(typed.arrivedOn);
      if (arrived.fault) wrong("arrivedOn", arrived.fault);
      return {
        collectionId,
        treeId,
        tag,
        ...kind.fields,
        cultivar,
        purpose,
        count: readNumber(typed.count),
        form,
        arrivedOn: arrived.range ?? today,
        lastPotted: potted.range ?? null,
        pot: read.pot,
        depthToMixMm: readOptional(typed.depthToMixMm, "mm"),
        rootstock,
        finalVolumeL: typeof goal === "object" ? null : goal,
        trunkMm: readOptional(typed.trunkMm, "mm"),
        heightM: readOptional(typed.heightM, "m"),
      };
    },
    parts: ["pot", "typedName", "kindId", "habit"],
    done: ({ entryId }, { tag }) => {
      tell({ text: say.isInYourCollection(tag.trim()), entryId });
      router.push(treeAt(collectionId, treeId));
    },
  });
  return (
    <CommandForm of={form} className="mx-auto max-w-2xl space-y-6" button={[say.addThisTree, common.adding]} large>
      <h1 className="text-2xl">{say.addATree}</h1>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextInput name="tag" label={common.tag} hint={say.whatStandsOnItsLabel} />
        <KindField kind={kind} fault={form.at("typedName") ?? form.at("kindId") ?? form.at("habit")} />
      </div>
      <PotInputs at={form.at} />
      <RoughDateInput className="max-w-96" name="lastPotted" label={say.whenWasItLastPotted} />
      <MoreInputs />
    </CommandForm>
  );
}

const startOf = (tag: string, arrivedOn: string) => ({
  tag,
  cultivar: "",
  purpose: "ornament" as Purpose,
  count: "1",
  form: "container" as ArrivalForm,
  arrivedOn,
  lastPotted: "",
  pot: { ...emptyPotDraft, known: "outside" } as PotDraft,
  depthToMixMm: "",
  rootstock: "",
  finalVolumeL: "",
  trunkMm: "",
  heightM: "",
});

function PotInputs({ at }: { at: (path: string) => string | undefined }) {
  const { units } = useAsOf();
  const pot = useInput<PotDraft>("pot");
  const depthMm = readNumber(useInput<string>("depthToMixMm").value, "mm");
  return (
    <fieldset className="border-base-300 rounded-box border p-3">
      <legend className="px-1 font-medium">{say.thePotItStandsIn}</legend>
      <PotFields
        draft={pot.value}
        onChange={pot.onChange}
        fault={(path) => at(`pot.${path}`)}
        units={units}
        depthToMixMm={depthMm >= 0 ? depthMm : null}
      />
      <TextInput
        className="mt-3 max-w-72"
        name="depthToMixMm"
        label={say.aFingerFromTheRim}
        numeric
        suffix="mm"
        hint={say.ifYouLikeItNarrows()}
      />
      {pot.fault && <p className="text-error mt-2 text-sm font-semibold">{pot.fault}</p>}
    </fieldset>
  );
}

/** What may wait. */
function MoreInputs() {
  return (
    <details className="border-base-300 rounded-box border p-3">
      <summary className="min-h-11 cursor-pointer content-center font-medium">{say.moreIfYouLikeCultivar}</summary>
      <div className="mt-3 grid gap-4 sm:grid-cols-2">
        <TextInput name="cultivar" label={common.variety} />
        <ChoiceInput
          name="purpose"
          label={common.whatItIsFor}
          options={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]] as const)}
        />
        <ChoiceInput
          name="form"
          label={common.howItCame}
          options={ARRIVAL_FORMS.map((f) => [f, FORM_WORDS[f]] as const)}
        />
        <RoughDateInput name="arrivedOn" label={say.arrived} />
        <TextInput name="rootstock" label={common.rootstock} hint={say.mayBeLearnedLater} />
        <TextInput name="count" label={say.equalPlantsInThisRecord} numeric hint={say.aBatchIsOneRecord} />
        <TextInput name="finalVolumeL" label={say.finalPotIfItHas} suffix={common.l} hint={say.litresOr1515Gal()} />
        <TextInput name="trunkMm" label={say.trunkAtTheBase} numeric suffix="mm" />
        <TextInput name="heightM" label={common.height} numeric suffix="m" />
      </div>
    </details>
  );
}

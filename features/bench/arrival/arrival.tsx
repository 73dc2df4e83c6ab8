"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/arrival";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import type { InspectionVerdict } from "@/core/arrival/index";
import { ARRIVAL_FORMS, PURPOSES } from "@/core/event/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { day } from "@/words/format";
import { unplaced } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { PotFields } from "@/features/pots/pot-fields";
import { KindField } from "@/features/trees/kind-field";
import { ARRIVAL_VERDICT_WORDS, FORM_WORDS, PURPOSE_WORDS } from "@/words/terms";
import type { ArrivalContext } from "@/contract/queries";
import { findingText } from "@/words/arrival";
import { PAGE_WORDS } from "@/words/rooms";
import { BallQuestions, BareRoots, LifeQuestions, RestQuestions } from "./questions";
import { VerdictPanel } from "./verdict-panel";
import { useArrival } from "./use-arrival";

const FIELDS = ["tag", "typedName", "kindId", "cultivar", "pot", "rootstock", "arrivedOn"];

/** Looking over a plant before it is taken: what is tapped changes the verdict at once; taking it records all of it. */
export function Arrival({
  takenTags,
  suggestedTag,
  currency,
  unknown,
}: {
  takenTags: string[];
  suggestedTag: string;
  currency: string;
  unknown: ArrivalContext;
}) {
  const { collectionId, units } = useAsOf();
  const {
    seen,
    bare,
    kind,
    pot,
    tag,
    cultivar,
    rootstock,
    faultAt,
    verdict,
    context,
    price,
    arrivedOn,
    submit,
    busy,
    failure,
  } = useArrival({ takenTags, suggestedTag, unknown });
  const { d, set } = seen;

  return (
    <Form
      className="mx-auto grid max-w-5xl gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,24rem)]"
      onSubmit={submit}
    >
      <div className="space-y-5">
        <div>
          <h1 className="text-2xl">{PAGE_WORDS.arrival}</h1>
          <p>
            {say.lookItOverBeforeYou}
            <Link className="link" href={pageAt(collectionId, "add")}>
              {say.onlyEnterIt}
            </Link>
          </p>
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          <KindField kind={kind} fault={faultAt("typedName") ?? faultAt("kindId")} />
          <TextField
            label={common.tag}
            value={tag.value}
            onChange={tag.set}
            fault={faultAt("tag")}
            hint={say.whatStandsOnItsLabel}
          />
          <SelectField
            label={common.howItCame}
            value={d.form}
            onChange={(form) => set({ form })}
            options={ARRIVAL_FORMS.map((f) => [f, FORM_WORDS[f]] as const)}
          />
          <SelectField
            label={common.whatItIsFor}
            value={d.purpose}
            onChange={(purpose) => set({ purpose })}
            options={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]] as const)}
          />
        </div>
        {!bare && (
          <fieldset className="border-base-300 rounded-box border p-3">
            <legend className="px-1 font-medium">{say.thePotItCameIn}</legend>
            <PotFields
              draft={pot.draft}
              onChange={pot.set}
              fault={(path) => faultAt(`pot.${path}`)}
              units={units}
              depthToMixMm={null}
            />
          </fieldset>
        )}
        {bare ? <BareRoots {...seen} /> : <BallQuestions {...seen} />}
        <LifeQuestions {...seen} />
        <RestQuestions {...seen} currency={currency}>
          <TextField
            label={common.variety}
            value={cultivar.value}
            onChange={cultivar.set}
            fault={faultAt("cultivar")}
          />
          <TextField
            label={common.rootstock}
            value={rootstock.value}
            onChange={rootstock.set}
            fault={faultAt("rootstock")}
          />
        </RestQuestions>
        <FormFaults faults={unplaced(failure, FIELDS)} />
      </div>
      <InShort verdict={verdict} />
      <div className="lg:sticky lg:top-2 lg:self-start">
        <VerdictPanel
          verdict={verdict}
          context={context}
          kindNamed={kind.chosen !== null}
          currency={currency}
          price={price}
        />
        <button
          type="submit"
          className={`btn mt-3 h-16 w-full text-lg ${verdict.verdict === "refuse" ? "" : "btn-primary"}`}
          disabled={busy}
        >
          {busy ? common.recording : verdict.verdict === "refuse" ? say.acceptAllTheSame : say.accept}
        </button>
        <p className="mt-2 text-sm">{say.movingPlantsAndSoilCan(day(arrivedOn))}</p>
      </div>
    </Form>
  );
}

/** On a phone: the verdict so far, at the foot of the questions. */
function InShort({ verdict }: { verdict: InspectionVerdict }) {
  const { units } = useAsOf();
  return (
    <a
      href="#verdict"
      className="bg-base-100 border-base-300 sticky bottom-14 z-10 flex min-h-12 sm:bottom-0 items-center gap-2 border-t-2 px-1 lg:hidden"
    >
      <b>{ARRIVAL_VERDICT_WORDS[verdict.verdict]}</b>
      <span className="truncate text-sm">
        {verdict.found[0] ? findingText(verdict.found[0].code, verdict.found[0].figures, units) : say.nothingFoundSoFar}
      </span>
    </a>
  );
}

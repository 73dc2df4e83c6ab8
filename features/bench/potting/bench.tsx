"use client";

import { type Potting, type PottingFacts, usePotting } from "./use-potting";
import { CutInputs } from "./cut-inputs";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/bench";
import { faultOfMisfit } from "@/contract/faults";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { potAsked } from "@/core/suits/index";
import type { PottingPlan } from "@/core/potting/index";
import { brimHeightMm, footWidthMm, wallOf, WALL } from "@/core/vessel/index";
import { day, number, percent } from "@/words/format";
import { Caution, Form, FormFaults } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { LIMIT_BECAUSE } from "@/words/terms";
import { Cautions } from "./cautions";
import { faultWords } from "@/words/faults";
import { MeasuredAfter } from "./measured-after";
import { Numbers, PlanDrawing } from "./plan-view";
import { PotChoice } from "./pot-choice";
import { SetFields } from "./set-fields";
import { Standing } from "./standing";
import { useDayWord } from "@/features/kernel/recording-day";
import { CheckInput } from "@/ui/form/inputs";
import { FormProvider } from "react-hook-form";

/** One potting with its numbers in hand: base layer, side gap, fill line, litres, mass; "Potted" records it. */
export function PottingBench(facts: PottingFacts) {
  const { collectionId, units } = useAsOf();
  const { tree, decided, state } = facts;
  const potting = usePotting(facts);
  const { form, plan, chosen, misfit } = potting;
  return (
    <div>
      <p className="text-sm">
        <Link className="link" href={treeAt(collectionId, tree.id)}>
          {tree.tag} · {tree.name}
        </Link>
        {tree.count > 1 && say.plantsTheFiguresAreFor(number(tree.count))}
      </p>
      <h1 className="text-2xl">{say.potUp(tree.tag)}</h1>
      {decided.notToday && (
        <p className="text-warning mt-1 font-semibold" data-testid="closed-window">
          {say.ifThePotHasBroken(decided.notToday)}
        </p>
      )}
      <div className="mt-3 grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
        <div className="lg:sticky lg:top-2 lg:self-start">
          {plan && chosen ? (
            <PlanDrawing plan={plan} name={chosen.name} tag={tree.tag} state={state} tiltDeg={potting.tiltDeg} />
          ) : (
            <p className="py-10">{chosen ? say.measureWhatIsSetIts : say.chooseAPotItsSection}</p>
          )}
        </div>
        <FormProvider {...form.form}>
          <Form className="space-y-5" onSubmit={form.submit}>
            {plan && <Numbers plan={plan} range={potting.range} />}
            {misfit && <FormFaults faults={[{ message: faultWords(faultOfMisfit(misfit), units) }]} />}
            <div className="no-print space-y-5">
              {decided.wanted && <p data-testid="wanted">{say.itIsToHave(decided.wanted)}</p>}
              <PotAndSetting facts={facts} potting={potting} />
              <CutInputs facts={facts} potting={potting} />
            </div>
            <Cautions plan={plan} hazards={tree.hazards} calendar={facts.calendar} />
            <ClosedWindow potting={potting} />
            {plan && <InWind facts={facts} plan={plan} />}
            <CheckInput className="no-print" name="staked" label={say.itRockedAndWasStaked} />
            <MeasuredAfter
              draft={potting.typed.after}
              onChange={(after) => form.form.setValue("after", after)}
              fault={form.at}
              plan={plan}
            />
            <FormFaults faults={form.unplaced} />
            <button
              type="submit"
              className="no-print btn btn-primary h-16 w-full text-xl sm:w-auto sm:px-12"
              disabled={form.busy || misfit !== null}
            >
              {form.busy ? common.recording : say.potted}
            </button>
          </Form>
        </FormProvider>
      </div>
    </div>
  );
}

/** Which pot, and what is set into it. */
function PotAndSetting({ facts, potting }: { facts: PottingFacts; potting: Potting }) {
  const { now, tree } = facts;
  const { form, typed } = potting;
  return (
    <>
      <PotChoice
        stands={facts.stands}
        store={facts.store}
        state={facts.state}
        fits={facts.fits}
        currentLot={facts.currentLot}
        potNote={potAsked(tree.values)}
        chosen={typed.potLotId}
        onChoose={(lotId) => form.form.setValue("potLotId", lotId)}
        fault={form.at("potLotId")}
      />
      <SetFields
        draft={typed.setting}
        onChange={(setting) => form.form.setValue("setting", setting)}
        fault={form.at}
        decomposes={now.pot !== null && WALL[wallOf(now.pot)].rots}
        knownPot={now.pot !== null}
      />
    </>
  );
}

/** What speaks against the day. */
function ClosedWindow({ potting: { warned, closed } }: { potting: Potting }) {
  const { today } = useAsOf();
  const when = useDayWord();
  if (!warned) return null;
  return (
    <Caution className="mt-2">
      <p className="font-semibold" data-testid="closed-window">
        {say.theWindowForThisWork(when, LIMIT_BECAUSE[warned.limiting])}
      </p>
      <p>
        {say.doneItWouldEndBadly(
          when,
          percent(1 - warned.safe),
          warned.opens ? say.itOpens(day(warned.opens, today)) : "",
          closed ? say.ifYouDoItAll : "",
        )}
      </p>
    </Caution>
  );
}

function InWind({ facts: { tree, state, calendar }, plan }: { facts: PottingFacts; plan: PottingPlan }) {
  return (
    <details className="no-print">
      <summary className="min-h-11 cursor-pointer font-medium">{say.inWindAndHowIt}</summary>
      <Standing
        facts={{
          wetKg: plan.wetMassKg.total,
          dryKg: plan.dryMassKg,
          guessed: plan.wetMassKg.guessed,
          potHeightMm: brimHeightMm(plan.vessel),
          baseWidthMm: footWidthMm(plan.vessel),
          volumeL: plan.mixL,
          heightM: tree.heightM,
          kindHeightM: tree.values.potHeightM,
          wind: tree.values.wind,
          crownM: tree.crownM,
          inLeaf: state.wood.stage !== "dormant" && state.wood.stage !== "swelling",
          people: calendar,
        }}
      />
    </details>
  );
}

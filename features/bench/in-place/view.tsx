"use client";

import { type Cutting, type InPlaceFacts, PART_WORDS, useCutting, type Way, WAYS } from "./use-cutting";
import { CutFigures } from "./cut-figures";
import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/in-place";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import {
  IN_PLACE_FIGURES,
  type InPlaceInput,
  keepOffMm,
  SECTORS,
  type Sector,
  type Side,
  SIDES,
} from "@/core/inplace/index";
import { Caution, Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { celsius, day, millimetres, number, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { HAZARD_WORDS, LIMIT_BECAUSE } from "@/words/terms";
import { AboveDrawing } from "./above";
import { useDayWord } from "@/features/kernel/recording-day";
import { CheckInput, ChoiceInput, TextInput } from "@/ui/form/inputs";
import { DayInput } from "@/features/kernel/rough-date";
import { FormProvider } from "react-hook-form";

/** Renewing a ball where it stands: what to bore or slice this year, drawn from above, and whose turn it is in the years to come. */
export function InPlaceView({ facts }: { facts: InPlaceFacts }) {
  const { collectionId, units } = useAsOf();
  const tree = treeAt(collectionId, facts.treeId);
  return (
    <article className="mx-auto max-w-5xl">
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">{say.rootRenewalInPlace(facts.tag)}</h1>
      {facts.ball ? (
        <Planner facts={facts} ball={facts.ball} />
      ) : (
        <p className="mt-4">
          {say.nobodyHasSaidWhichPot}
          <Link className="link" href={`${tree}#measure`}>
            {say.measureIt}
          </Link>
          {say.firstNumberAndPlaceOf}
        </p>
      )}
      <Caution className="mt-4">
        <p className="font-semibold">{say.augersAndSawsBothHands(millimetres(IN_PLACE_FIGURES.coreStopMm, units))}</p>
        <p>{say.guyItBeforeASide}</p>
        <p>{say.dampTheMixItCan}</p>
        {facts.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
      </Caution>
    </article>
  );
}

function Planner({ facts, ball }: { facts: InPlaceFacts; ball: InPlaceInput }) {
  const { units } = useAsOf();
  const cutting = useCutting(facts, ball);
  const { form, typed, cores, slice, retained, turns } = cutting;
  return (
    <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
      <div>
        <Reasoned
          reason={say.theBallFromAboveTo(
            facts.potName ?? say.itsPot,
            millimetres(keepOffMm(ball), units),
            facts.trunkKnown ? "" : say.whichNobodyHasMeasured,
            millimetres(IN_PLACE_FIGURES.wallMarginMm, units),
          )}
        >
          <AboveDrawing ball={ball} cores={cores} slice={slice} units={units} />
        </Reasoned>
      </div>
      <div className="space-y-4">
        <WhenItMayBeDone facts={facts} window={cutting.window} />
        <FormProvider {...form.form}>
          <Form className="space-y-4" onSubmit={form.submit} label={common.rootRenewalInPlace}>
            <WhereToCut facts={facts} cutting={cutting} />
            <CutFigures cutting={cutting} />
            <Steps way={typed.way} facts={facts} />
            <fieldset className="border-base-300 rounded-box border p-3">
              <legend className="px-1 font-medium">{say.asItWasReallyDone}</legend>
              <div className="grid gap-3 sm:grid-cols-2">
                <TextInput
                  name="retainedShare"
                  label={say.shareOfRootsKept}
                  numeric
                  hint={say.asPlannedLeaveItEmpty(percent(retained))}
                />
                <DayInput name="on" label={common.doneOn} />
                {typed.way === "cores" && (
                  <CheckInput name="wall" label={say.theHolesReachedTheWall} className="sm:col-span-2" />
                )}
              </div>
              <FormFaults faults={form.unplaced} />
              <button
                type="submit"
                className="btn btn-primary mt-3 h-14 w-full text-lg sm:w-auto sm:px-10"
                disabled={form.busy}
              >
                {form.busy ? common.recording : say.doneRecordIt}
              </button>
            </fieldset>
          </Form>
        </FormProvider>
        <section aria-labelledby="turns">
          <h2 id="turns" className="text-lg">
            {say.overTheYears}
          </h2>
          <ol className="list-decimal pl-6" data-testid="turns">
            {turns.map((t) => (
              <li key={`${t.year}-${t.part}`}>
                {t.year}: {PART_WORDS[t.part]}
                {t.done ? say.done : ""}
              </li>
            ))}
          </ol>
          <p className="text-sm">{say.theNextSideOnlyIf(percent(IN_PLACE_FIGURES.shootsShare))}</p>
        </section>
      </div>
    </div>
  );
}

function WhenItMayBeDone({ facts, window }: { facts: InPlaceFacts; window: Cutting["window"] }) {
  const { today, units } = useAsOf();
  const when = useDayWord();
  return (
    <p className="text-lg" data-testid="in-place-window">
      {window === undefined
        ? say.noWindowIsKnownFor
        : window.open
          ? say.theSeasonForItIs(window.closes ? common.until(day(window.closes, today)) : "")
          : say.not(
              when,
              LIMIT_BECAUSE[window.limiting],
              window.opens ? say.itOpens(day(window.opens, today)) : "",
            )}{" "}
      {facts.evergreen
        ? say.evergreensBeforeTheFlushRoots(celsius(facts.springRootZoneC, units))
        : say.deciduousTreesInDormancy}
    </p>
  );
}

/** The way of it, the side whose turn it is, and how much. */
function WhereToCut({ facts, cutting }: { facts: InPlaceFacts; cutting: Cutting }) {
  const { form, typed, part, next, cores } = cutting;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <ChoiceInput name="way" label={say.how} options={WAYS} />
      <SelectField
        label={say.where}
        value={part}
        onChange={(p) =>
          typed.way === "cores" ? form.form.setValue("cores", p as Sector) : form.form.setValue("slices", p as Side)
        }
        options={(typed.way === "cores" ? SECTORS : SIDES).map((p) => [p, PART_WORDS[p]] as const)}
        hint={say.itsTurn(PART_WORDS[next.part], next.year > facts.year ? say.from(next.year) : "")}
      />
      {typed.way === "cores" && (
        <>
          <TextField
            label={say.augerMm}
            numeric
            value={typed.widthMm}
            onChange={(text) => form.form.setValue("widthMm", text)}
            fault={form.at("widthMm") ?? (cores ? undefined : say.aWidthFrom10To)}
          />
          <TextInput
            name="share"
            label={say.shareOfTheBall}
            numeric
            hint={say.atMostAYear(number(100 * IN_PLACE_FIGURES.coreMostShare))}
          />
        </>
      )}
    </div>
  );
}

/** The work in order, with its stop rules. */
function Steps({ way, facts }: { way: Way; facts: InPlaceFacts }) {
  const { units } = useAsOf();
  const [low, high] = IN_PLACE_FIGURES.noNitrogenWeeks;
  return (
    <ol className="list-decimal space-y-1 pl-5">
      <li>
        {say.topToOfSpentMix(
          millimetres(IN_PLACE_FIGURES.topLowMm, units),
          millimetres(IN_PLACE_FIGURES.topHighMm, units),
        )}
      </li>
      {way === "cores" ? (
        <>
          <li>{say.probeEachPlaceWithA}</li>
          <li>{say.stopAtARootThicker(millimetres(IN_PLACE_FIGURES.coreStopMm, units))}</li>
        </>
      ) : (
        <>
          <li>{say.unboltTheSideOrCut}</li>
          <li>{say.sliceAtFullDepthStop(millimetres(IN_PLACE_FIGURES.sliceStopMm, units))}</li>
        </>
      )}
      <li>{say.refillWithMixAsFine}</li>
      <li>{say.soakTwiceAndReWet}</li>
      <li>{say.guyItAgainstWindShade(number(low), number(high), facts.evergreen ? "" : say.ofGrowth)}</li>
    </ol>
  );
}

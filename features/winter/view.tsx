"use client";

import * as say from "@/words/pages/winter/main";
import { useEffect, useRef, useState } from "react";
import { useAsOf } from "@/features/kernel/as-of";
import { CROWN_ROOM, HAND_M } from "@/model/index";
import { FormFaults, Reasoned } from "@/ui/fields";
import { day, millimetres, percent } from "@/words/format";
import { winterWords } from "@/words/layout";
import { brokenWords, proofWords, summary } from "@/words/layout-plan";
import { type Chosen, LayoutDrawing } from "./layout-drawing";
import { LayoutPanel } from "./layout-panel";
import { PlanBar } from "./plan-bar";
import { type ShelterFacts, useLayout } from "./use-layout";

function Heading({ facts, children }: { facts: ShelterFacts; children: string }) {
  const { today, units } = useAsOf();
  return (
    <>
      <h1 className="text-2xl">{say.winterLayout(winterWords(facts.winter, facts.southern))}</h1>
      <Reasoned
        reason={say.eachTreesRootsAndWood(
          facts.calculatedOn ? say.calculatedOn(day(facts.calculatedOn, today)) : "",
          millimetres(1000 * HAND_M, units),
          percent(CROWN_ROOM.evergreen),
          percent(CROWN_ROOM.leafless),
          percent(facts.risk),
          facts.guessedWeather ? say.theWeatherYearsAreA : "",
        )}
      >
        <p className="text-lg" data-testid="shelter-words">
          {children}
        </p>
      </Reasoned>
    </>
  );
}

export function ShelterView({ facts }: { facts: ShelterFacts }) {
  const layout = useLayout(facts);
  const { plan, running } = layout;
  const [chosen, setChosen] = useState<Chosen>(null);
  const panel = useRef<HTMLDivElement>(null);
  // On a phone what was chosen is shown below the drawing.
  useEffect(() => {
    if (chosen !== null) panel.current?.scrollIntoView({ block: "nearest" });
  }, [chosen]);
  const calculated = facts.data.outlooks.length > 0;
  return (
    <article>
      <Heading facts={facts}>
        {summary({
          as: plan.shown.as,
          inside: layout.inside.length,
          all: facts.data.standings.length,
          danger: layout.danger.length,
          calculated,
        })}
      </Heading>
      <PlanBar
        as={plan.shown.as}
        changed={plan.changed}
        kept={facts.kept !== null}
        proof={facts.found && proofWords(plan.cost, facts.found)}
        minutes={layout.minutes}
        onMinutes={layout.setMinutes}
        fault={layout.minutesFault}
        running={running}
        onEnd={layout.ended}
        busy={layout.busy}
        onPlace={layout.placeAll}
        onKeep={layout.keepAll}
        onDrop={plan.drop}
      />
      <FormFaults faults={layout.faults} />
      {facts.failed && !running && <FormFaults faults={[{ message: facts.failed }]} />}
      {calculated && !facts.fresh && !running && (
        <p className="mt-2 text-sm" data-testid="stale">
          {say.treesPlacesOrTheWeather}
        </p>
      )}
      {plan.broken.length > 0 && plan.shown.as !== "now" && (
        <p role="alert" className="text-error mt-2 text-sm font-semibold" data-testid="broken">
          {brokenWords(plan.broken, layout.byId, layout.nameOf)}
        </p>
      )}
      <p className="min-h-6 text-sm" role="status" data-testid="change">
        {layout.status}
      </p>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <LayoutDrawing facts={facts} layout={layout} chosen={chosen} onChoose={setChosen} />
        <div
          ref={panel}
          className="space-y-4 lg:sticky lg:top-2 lg:max-h-[calc(100vh-1rem)] lg:self-start lg:overflow-y-auto"
        >
          <LayoutPanel facts={facts} layout={layout} chosen={chosen} onChoose={setChosen} />
        </div>
      </div>
    </article>
  );
}

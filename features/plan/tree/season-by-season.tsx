"use client";

import * as say from "@/words/pages/plan/tree/school";
import { type LadderProblem, type LadderRow, type LadderStep, tieFromMs } from "@/core/ladder/index";
import { kilograms, number, percent, litres, type Units, day } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import type { LadderFacts } from "./facts";
import { reasonWords, ACTION_WORDS, potName } from "@/words/ladder";
import { USUAL_GUST_MS } from "@/core/wind/index";
import { CORRECTION_WORDS } from "@/words/terms";
import { addYears, growingSeason, toDay } from "@/core/dates/index";
import { operationOfStep } from "./windows";

/** The plan in words, season by season. */
export function SeasonBySeason({
  steps,
  year,
  facts,
  problem,
  row,
}: {
  steps: LadderStep[];
  year: (season: number) => string;
  facts: LadderFacts;
  problem: LadderProblem;
  row: LadderRow;
}) {
  const { units } = useAsOf();
  return (
    <details className="mt-1">
      <summary className="min-h-9 cursor-pointer text-sm">{say.seasonBySeason}</summary>
      <ol className="grid gap-x-6 gap-y-1 text-sm sm:grid-cols-2 lg:grid-cols-3" data-testid="steps">
        {steps.map((step, i) => (
          <li key={step.season}>
            <b>{year(step.season)}</b>
            {say.thenFullTurningBecause(
              stepWords(step, facts, units),
              percent(step.fill),
              number(step.circling, 1),
              step.massKg > 0 ? `, ${kilograms(step.massKg, units)}` : "",
              windWords(tieFromMs(problem, step)),
              reasonWords(
                row.reasons[i].reason,
                percent(row.reasons[i].fill),
                number(row.reasons[i].circling, 1),
                number(row.reasons[i].mixAgeYears, 1),
              ),
            )}
          </li>
        ))}
      </ol>
    </details>
  );
}

function windWords(tieFrom: number | null): string {
  return tieFrom !== null && tieFrom < USUAL_GUST_MS ? say.toBeTiedFromGusts(number(tieFrom)) : "";
}

function stepWords(step: LadderStep, facts: LadderFacts, units: Units): string {
  if (step.action === "stay") return step.massKg === 0 ? say.inTheGround : "stay";
  const window = windowWords(step, facts);
  const work = say.minutes(number(step.minutes));
  if (step.action !== "up-pot")
    return `${ACTION_WORDS[step.action].long}${window} (${step.mixL > 0 ? say.ofNewMix(litres(step.mixL, units)) : ""}${work})`;
  const how = step.correction ? `, ${CORRECTION_WORDS[step.correction].name.toLowerCase()}` : "";
  const money = step.money > 0 ? `, ${number(step.money)} ${facts.currency}` : "";
  return say.intoOfNewMix(
    litres(step.volumeL, units),
    potName(step, facts, units),
    how,
    window,
    litres(step.mixL, units),
    work,
    money,
  );
}

/** The days a step's window usually spans in its season; empty where the work has none here. */
function windowWords(step: LadderStep, facts: LadderFacts): string {
  const operation = operationOfStep(step, facts.rootShare);
  const usual = operation && facts.windows[operation];
  if (!usual) return operation ? say.inNoWindowTheNext : "";
  const own = growingSeason(toDay(usual.from), facts.southern ? -40 : 40);
  const by = facts.firstSeason + step.season - own;
  const early = usual.opens
    ? say.mayOpenFromTo(day(addYears(usual.opens[0], by)), day(addYears(usual.opens[2], by)))
    : "";
  return say.to(day(addYears(usual.from, by)), day(addYears(usual.to, by)), early);
}

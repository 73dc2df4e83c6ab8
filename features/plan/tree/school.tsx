"use client";

import * as say from "@/words/pages/plan/tree/school";
import { addYears, growingSeason, toDay } from "@/core/dates/index";
import {
  cropAt,
  type FixedStep,
  ladderInputsOf,
  type LadderProblem,
  type LadderRow,
  type LadderStep,
  sizeAt,
  tieFromMs,
} from "@/core/ladder/index";
import { USUAL_GUST_MS } from "@/core/wind/index";
import { FormFaults, Why } from "@/ui/fields";
import { day, kilograms, litres, number, percent, type Units } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CORRECTION_WORDS } from "@/words/terms";
import { ChangeStep } from "./change-step";
import type { LadderFacts } from "./facts";
import { movedStep, otherPot } from "./fixes";
import { LadderDrawing } from "./row";
import { operationOfStep } from "./windows";
import { ACTION_WORDS, counted, PART_WORDS, potName, reasonWords, SCHOOL_WORDS, yearWords } from "@/words/ladder";

/** One school's ladder: the row of pots, its figures, its steps, and what of it is asked otherwise. */
export function SchoolRow({
  row,
  facts,
  problem,
  fixes,
  largestL,
  inFocus,
  onFocus,
  onFix,
}: {
  row: LadderRow;
  facts: LadderFacts;
  /** As asked. */
  problem: LadderProblem;
  fixes: FixedStep[];
  largestL: number;
  inFocus: boolean;
  onFocus: () => void;
  onFix: (fixes: FixedStep[]) => void;
}) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("choose-ladder");
  const words = SCHOOL_WORDS[row.planner];
  const followed = facts.chosen?.school === row.planner;
  const year = (season: number) => yearWords(facts.firstSeason + season, facts.southern);
  const steps = row.steps.slice(0, facts.shown);
  const follow = async () => {
    const done = await send({
      collectionId,
      treeId: facts.treeId,
      plan: {
        school: row.planner,
        goalL: problem.goal.minL,
        cost: row.cost,
        inputs: ladderInputsOf(problem),
        digest: facts.digest,
        steps: steps.map((step) => ({
          season: facts.firstSeason + step.season,
          action: step.action,
          correction: step.correction,
          volumeL: step.volumeL,
          pot: potName(step, facts, units),
          potId: step.potId,
          mixL: step.mixL,
          minutes: step.minutes,
          massKg: step.massKg,
        })),
      },
    });
    if (done) tell({ text: say.follows(facts.tag, words.name.toLowerCase()), entryId: done.entryId });
  };
  const fix = (next: FixedStep[]) => {
    onFocus();
    onFix(next);
  };
  return (
    <section
      aria-labelledby={`s-${row.planner}`}
      data-testid={`school-${row.planner}`}
      className={`border-base-300 border-t pt-2 ${inFocus ? "" : "hidden sm:block"}`}
      onFocus={onFocus}
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 id={`s-${row.planner}`} className="text-lg">
          {words.name}
        </h2>
        <span className="text-sm">{words.what}</span>
        {(facts.chosen?.school ?? facts.school) === row.planner && (
          <span className="badge badge-primary badge-outline">{facts.chosen ? say.followed : say.itsPlan}</span>
        )}
        <button
          type="button"
          className={`btn no-print ml-auto min-h-11 ${followed ? "" : "btn-primary"}`}
          disabled={busy}
          onClick={() => void follow()}
        >
          {followed ? say.useItFromToday : say.useThisPlan}
        </button>
      </div>
      {facts.says[row.planner] && (
        <p className="text-sm" data-testid="says">
          <b>{say.today}</b> {facts.says[row.planner]}
        </p>
      )}
      <LadderDrawing
        steps={row.steps}
        shown={facts.shown}
        liftKg={problem.site.liftKg}
        largestL={largestL}
        label={year}
        units={units}
        handles={{
          onMove: (season, by) => fix(movedStep(row, fixes, season, by, facts.shown)),
          onPot: (season, direction) => fix(otherPot(row, problem.pots, fixes, season, direction)),
        }}
      />
      <Why
        className="text-sm"
        reason={say.totalInTheSchoolsOwn(number(row.cost), mostOf(row), number(facts.shown), percent(row.growthKept))}
      >
        <span data-testid="figures">{figures(row, facts, problem.budget, units)}</span>
      </Why>
      {row.change && (
        <p className={row.change.possible ? "font-medium" : "text-warning font-semibold"} data-testid="change">
          {row.change.possible
            ? say.asYouAskedTheRest(
                number(row.change.dearer, 1),
                percent(row.change.dearer / Math.max(1, row.cost - row.change.dearer)),
              )
            : say.notSoAStepIs}{" "}
          <button type="button" className="link" onClick={() => fix([])}>
            {say.asItWas}
          </button>
        </p>
      )}
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
      <ChangeStep
        name={words.name}
        row={row}
        facts={facts}
        problem={problem}
        year={year}
        onChange={(step) => fix([...fixes.filter((f) => f.season !== step.season), step])}
      />
      <FormFaults faults={failure?.faults ?? []} />
    </section>
  );
}

function windWords(tieFrom: number | null): string {
  return tieFrom !== null && tieFrom < USUAL_GUST_MS ? say.toBeTiedFromGusts(number(tieFrom)) : "";
}

function mostOf(row: LadderRow): string {
  return Object.entries(row.parts)
    .sort((a, b) => b[1] - a[1])
    .slice(0, 3)
    .map(([part, value]) => `${PART_WORDS[part as keyof typeof PART_WORDS]} ${number(value)}`)
    .join(", ");
}

function figures(row: LadderRow, facts: LadderFacts, budget: number | null | undefined, units: Units): string {
  const { summary: s } = row;
  const out = row.steps.find((step) => step.action === "plant-out");
  return [
    out
      ? say.intoTheGroundAfterOut(
          counted(out.season + 1, "season"),
          litres(out.volumeL, units),
          s.seasonsToGoal === null ? say.insteadOf(litres(facts.problem.goal.minL, units)) : "",
        )
      : s.seasonsToGoal === null
        ? say.notAtTheGoalWithin(counted(facts.shown, "season"))
        : say.atTheGoalAfter(counted(s.seasonsToGoal, "season")),
    say.boundIn(counted(s.seasonsBound, "season")),
    say.rotRiskUpTo(percent(s.rotRisk)),
    counted(s.handlings, "handling"),
    say.heaviest(
      kilograms(s.heaviestKg, units),
      s.seasonsTooHeavy > 0 ? say.aboveTheLimit(counted(s.seasonsTooHeavy, "season")) : "",
    ),
    say.growthKept(percent(row.growthKept)),
    row.pruningEvery === null
      ? ""
      : row.pruningEvery < 1.05
        ? say.prunedEverySeasonInIts
        : say.prunedEverySeasonsInIts(number(row.pruningEvery, 1)),
    endWords(row, facts),
    say.aboutAndHours(
      number(s.money),
      facts.currency,
      budget != null && s.money > budget ? say.whichIsTheLeastThere : "",
      number(s.minutes / 60, 1),
    ),
  ]
    .filter(Boolean)
    .join("; ")
    .concat(".");
}

/** What it comes to in the long run: size and, for a crop, the harvest, each with its ends. */
function endWords(row: LadderRow, facts: LadderFacts): string {
  const { volumeL } = row.steps[facts.shown - 1];
  const size = sizeAt(volumeL, facts.problem.tree.volumeL);
  const tree = say.theTreeTimesItsWeight(number(size.mid, 1), number(size.low, 1), number(size.high, 1));
  if (!facts.cropL) return tree;
  const crop = cropAt(volumeL, facts.cropL);
  return say.ofItsBestCrop(tree, percent(crop.mid), percent(crop.low), percent(crop.high));
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

"use client";

import { AsAsked } from "./as-asked";
import { SeasonBySeason } from "./season-by-season";
import * as say from "@/words/pages/plan/tree/school";
import {
  cropAt,
  type FixedStep,
  ladderInputsOf,
  type LadderProblem,
  type LadderRow,
  sizeAt,
} from "@/core/ladder/index";
import { FormFaults, Why } from "@/ui/fields";
import { kilograms, litres, number, percent, type Units } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { ChangeStep } from "./change-step";
import type { LadderFacts } from "./facts";
import { movedStep, otherPot } from "./fixes";
import { LadderDrawing } from "./row";
import { counted, PART_WORDS, potName, SCHOOL_WORDS, yearWords } from "@/words/ladder";

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
      {row.change && <AsAsked change={row.change} cost={row.cost} fix={fix} />}
      <SeasonBySeason steps={steps} year={year} facts={facts} problem={problem} row={row} />
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

"use client";

import {
  cropAt,
  type LadderDetail,
  type LadderProblem,
  type LadderRow,
  mostLiftedL,
  noGoodPlan,
  sizeAt,
  type Sized,
} from "@/core/ladder/index";
import { Facts, Reasoned } from "@/ui/fields";
import { kilograms, litres, number, percent, type Units } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import type { LadderFacts } from "./facts";
import { CONSTRAINT_WORDS, counted, SCHOOL_WORDS, yearWords } from "@/words/ladder";

const times = ({ low, mid, high }: Sized) => `${number(mid, 1)} times (${number(low, 1)}–${number(high, 1)})`;

/** How sure the ladder in focus is, what a look at the roots would be worth, what stands in the way, and where it ends. */
export function Detail({
  row,
  detail,
  facts,
  problem,
}: {
  row: LadderRow;
  detail: LadderDetail | null;
  facts: LadderFacts;
  problem: LadderProblem;
}) {
  const { units } = useAsOf();
  const year = (season: number) => yearWords(facts.firstSeason + season, facts.southern);
  const last = row.steps[facts.shown - 1];
  const name = SCHOOL_WORDS[row.planner].name.toLowerCase();
  return (
    <section aria-labelledby="detail" className="border-base-300 mt-4 border-t pt-2" data-testid="detail">
      <h2 id="detail" className="text-lg">
        {SCHOOL_WORDS[row.planner].name}: how sure, and where it ends
      </h2>
      <Goal row={row} detail={detail} facts={facts} problem={problem} year={year} />
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-2">
        <Reasoned
          reason={
            <>
              From five paces as likely as each other: this tree’s own spread (standard deviation{" "}
              {number(facts.doubt.vigourSd, 2)} of the logarithm) and {percent(facts.doubt.warmthSd)} of warmth a
              season, evened out over the seasons of a step. Each is planned anew; the ends are the slow and the quick
              tree, one in ten beyond each.
            </>
          }
        >
          <h3 className="font-semibold">When its steps may come</h3>
          {detail === null ? (
            <p className="text-sm">Working it out …</p>
          ) : detail.bands.length === 0 ? (
            <p className="text-sm">No step in it.</p>
          ) : (
            <ul className="text-sm" data-testid="bands">
              {detail.bands
                .filter((b) => b.season < facts.shown)
                .map((b) => (
                  <li key={b.season}>
                    {row.steps[b.season].action === "plant-out" ? "Out" : litres(row.steps[b.season].volumeL, units)}:{" "}
                    <b>{year(b.season)}</b>, {bandWords(b, year)}
                  </li>
                ))}
            </ul>
          )}
        </Reasoned>
        <Reasoned
          reason={
            <>
              The best single plan followed blindly over all five paces against a plan that suits each; a look leaves{" "}
              {percent(facts.leftAfterLook)} of the doubt (variance). Whoever plans anew each year loses less. Our
              calculation, not a measurement.
            </>
          }
        >
          <h3 className="font-semibold">What a look at the roots is worth</h3>
          <p className="text-sm" data-testid="worth">
            {detail === null ? "Working it out …" : worthWords(detail, name)}
          </p>
        </Reasoned>
      </div>
      <h3 className="mt-2 font-semibold">After {counted(facts.shown, "season")}</h3>
      <Reasoned
        reason={
          <>
            Mass in the long run goes with volume to the power .516 (43 % more for twice the volume: mean over species
            of Poorter and others, Functional Plant Biology 39, 2012), .37 to .67 for a single tree; crop with .75, .5
            to 1 (our judgement after growers’ counts). Both are guesses until this tree is measured and counted.
          </>
        }
      >
        <Facts columns facts={endFacts(last.volumeL, facts, problem, units)} testId="ends" />
      </Reasoned>
    </section>
  );
}

function bandWords(b: LadderDetail["bands"][number], year: (season: number) => string): string {
  const late = b.late === null ? "not within the plan if it is slow" : `${year(b.late)} if it is slow`;
  const early = b.early === null ? "" : `${year(b.early)} if it is quick; `;
  return b.early === b.late && b.late !== null ? "quick or slow" : early + late;
}

function worthWords({ worth }: LadderDetail, name: string): string {
  const loss = worth.blind - worth.knowing;
  if (loss < 0.005 * worth.knowing)
    return `Hardly anything: ${name} suits a quick tree and a slow one alike (not knowing costs ${percent(Math.max(0, loss) / worth.knowing)} of the plan).`;
  const safest =
    Math.abs(Math.log(worth.safestPace)) < 0.05
      ? "this one"
      : `that of a tree ${number(worth.safestPace, 1)} times as quick (set Vigour to see it)`;
  return `Not knowing its pace costs ${percent(loss / worth.knowing)} of the plan if one is followed blindly, and the safest to follow then is ${safest}. One look now saves about ${percent(worth.check / worth.knowing)}, ${number(worth.check, 1)} in the school’s unit.`;
}

function Goal({
  row,
  detail,
  facts,
  problem,
  year,
}: {
  row: LadderRow;
  detail: LadderDetail | null;
  facts: LadderFacts;
  problem: LadderProblem;
  year: (season: number) => string;
}) {
  const { units } = useAsOf();
  const liftedL = mostLiftedL(problem);
  const grown = row.steps.some((s) => s.massKg > problem.site.liftKg);
  return (
    <>
      {row.summary.seasonsToGoal === null && (
        <p className="text-warning mt-1 font-semibold" data-testid="reliefs">
          It does not get to {litres(problem.goal.minL, units)} within {counted(facts.shown, "season")}.{" "}
          {detail === null
            ? "Looking for what would have to give …"
            : detail.reliefs.length === 0
              ? "Nothing we can relax alone or in pairs changes that: a smaller goal is the way."
              : `It would with ${detail.reliefs
                  .slice(0, 4)
                  .map((r) => `${r.constraints.map((c) => CONSTRAINT_WORDS[c]).join(" and ")} (${year(r.season)})`)
                  .join("; or with ")}.`}
        </p>
      )}
      {noGoodPlan(problem, row.summary, facts.shown) && (
        <p className="text-warning mt-1 font-semibold" data-testid="no-good-plan">
          There is no good plan for it here: its tap root bears no root pruning, and it would be bound in{" "}
          {number(row.summary.seasonsBound)} of {counted(facts.shown, "season")}. A larger goal, a deep air-pruning pot
          or the ground would do it better.
        </p>
      )}
      {liftedL !== null && liftedL < problem.goal.maxL && (
        <p className="mt-1" data-testid="lift-end">
          Carried in for the winter it stops growing near {litres(liftedL, units)}: beyond that{" "}
          {kilograms(problem.site.liftKg, units)} are not enough.
          {grown ? " This plan goes beyond, and counts it." : ""}
        </p>
      )}
    </>
  );
}

function endFacts(volumeL: number, facts: LadderFacts, problem: LadderProblem, units: Units) {
  const list: [string, string][] = [
    ["Pot", litres(volumeL, units)],
    ["Mass of the tree in the long run, against its pot of today", times(sizeAt(volumeL, problem.tree.volumeL))],
  ];
  if (facts.cropL) {
    const crop = cropAt(volumeL, facts.cropL);
    list.push([
      `Crop, of that in its best ${litres(facts.cropL[0], units)}–${litres(facts.cropL[1], units)}`,
      `${percent(crop.mid)} (${percent(crop.low)}–${percent(crop.high)})`,
    ]);
  }
  return list;
}

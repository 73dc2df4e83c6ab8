"use client";

import * as say from "@/words/pages/plan/tree/detail";
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

const times = ({ low, mid, high }: Sized) => say.times(number(mid, 1), number(low, 1), number(high, 1));

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
        {say.howSureAndWhereIt(SCHOOL_WORDS[row.planner].name)}
      </h2>
      <Goal row={row} detail={detail} facts={facts} problem={problem} year={year} />
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-2">
        <Reasoned reason={say.fromFivePacesAsLikely(number(facts.doubt.vigourSd, 2), percent(facts.doubt.warmthSd))}>
          <h3 className="font-semibold">{say.whenItsStepsMayCome}</h3>
          {detail === null ? (
            <p className="text-sm">{say.workingItOut}</p>
          ) : detail.bands.length === 0 ? (
            <p className="text-sm">{say.noStepInIt}</p>
          ) : (
            <ul className="text-sm" data-testid="bands">
              {detail.bands
                .filter((b) => b.season < facts.shown)
                .map((b) => (
                  <li key={b.season}>
                    {row.steps[b.season].action === "plant-out" ? say.out : litres(row.steps[b.season].volumeL, units)}:{" "}
                    <b>{year(b.season)}</b>, {bandWords(b, year)}
                  </li>
                ))}
            </ul>
          )}
        </Reasoned>
        <Reasoned reason={say.theBestSinglePlanFollowed(percent(facts.leftAfterLook))}>
          <h3 className="font-semibold">{say.whatALookAtThe}</h3>
          <p className="text-sm" data-testid="worth">
            {detail === null ? say.workingItOut : worthWords(detail, name)}
          </p>
        </Reasoned>
      </div>
      <h3 className="mt-2 font-semibold">{say.after(counted(facts.shown, "season"))}</h3>
      <Reasoned reason={say.massInTheLongRun()}>
        <Facts columns facts={endFacts(last.volumeL, facts, problem, units)} testId="ends" />
      </Reasoned>
    </section>
  );
}

function bandWords(b: LadderDetail["bands"][number], year: (season: number) => string): string {
  const late = b.late === null ? say.notWithinThePlanIf : say.ifItIsSlow(year(b.late));
  const early = b.early === null ? "" : say.ifItIsQuick(year(b.early));
  return b.early === b.late && b.late !== null ? say.quickOrSlow : early + late;
}

function worthWords({ worth }: LadderDetail, name: string): string {
  const loss = worth.blind - worth.knowing;
  if (loss < 0.005 * worth.knowing)
    return say.hardlyAnythingSuitsAQuick(name, percent(Math.max(0, loss) / worth.knowing));
  const safest =
    Math.abs(Math.log(worth.safestPace)) < 0.05 ? say.thisOne : say.thatOfATreeTimes(number(worth.safestPace, 1));
  return say.notKnowingItsPaceCosts(
    percent(loss / worth.knowing),
    safest,
    percent(worth.check / worth.knowing),
    number(worth.check, 1),
  );
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
          {say.itDoesNotGetTo(
            litres(problem.goal.minL, units),
            counted(facts.shown, "season"),
            detail === null
              ? say.lookingForWhatWouldHave
              : detail.reliefs.length === 0
                ? say.nothingWeCanRelaxAlone
                : say.itWouldWith(
                    detail.reliefs
                      .slice(0, 4)
                      .map((r) => `${r.constraints.map((c) => CONSTRAINT_WORDS[c]).join(" and ")} (${year(r.season)})`)
                      .join("; or with "),
                  ),
          )}
        </p>
      )}
      {noGoodPlan(problem, row.summary, facts.shown) && (
        <p className="text-warning mt-1 font-semibold" data-testid="no-good-plan">
          {say.thereIsNoGoodPlan(number(row.summary.seasonsBound), counted(facts.shown, "season"))}
        </p>
      )}
      {liftedL !== null && liftedL < problem.goal.maxL && (
        <p className="mt-1" data-testid="lift-end">
          {say.carriedInForTheWinter(
            litres(liftedL, units),
            kilograms(problem.site.liftKg, units),
            grown ? say.thisPlanGoesBeyondAnd : "",
          )}
        </p>
      )}
    </>
  );
}

function endFacts(volumeL: number, facts: LadderFacts, problem: LadderProblem, units: Units) {
  const list: [string, string][] = [
    ["Pot", litres(volumeL, units)],
    [say.massOfTheTreeIn, times(sizeAt(volumeL, problem.tree.volumeL))],
  ];
  if (facts.cropL) {
    const crop = cropAt(volumeL, facts.cropL);
    list.push([
      say.cropOfThatInIts(litres(facts.cropL[0], units), litres(facts.cropL[1], units)),
      `${percent(crop.mid)} (${percent(crop.low)}–${percent(crop.high)})`,
    ]);
  }
  return list;
}

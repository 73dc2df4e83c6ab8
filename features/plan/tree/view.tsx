"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/tree/main";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useMemo, useState } from "react";
import {
  type FixedStep,
  changedInputs,
  ladderInputsOf,
  type LadderRow,
  type LadderWeights,
  type Planner,
  type WhatIf,
} from "@/core/ladder/index";
import { Caution, Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { day, degreeDays, kilograms, litres, number } from "@/words/format";
import { shareWords } from "@/words/plan";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { Detail } from "./detail";
import type { Chosen, LadderFacts } from "./facts";
import { OwnWeights } from "./own-weights";
import { SchoolRow } from "./school";
import { useLadder, type Fixes } from "./use-ladder";
import { WhatIfPanel } from "./what-if";
import { ACTION_WORDS, counted, INPUT_WORDS, SCHOOL_WORDS, yearWords } from "@/words/ladder";

const NO_FIXES: FixedStep[] = [];

/** One tree's ladders of pots, school beside school on one ground. */
export function LadderView({ facts }: { facts: LadderFacts }) {
  const { collectionId, units } = useAsOf();
  const tree = treeAt(collectionId, facts.treeId);
  const [ask, setAsk] = useState<WhatIf>({});
  const [fixes, setFixes] = useState<Fixes>({});
  const [own, setOwn] = useState<LadderWeights | null>(facts.own);
  const [focus, setFocus] = useState<Planner>(facts.chosen?.school ?? facts.school);
  const settled = focus === "own" && own === null ? "small-steps" : focus;
  const { rows, detail, problem, busy } = useLadder(
    facts,
    useMemo(() => ({ ask, fixes, own, focus: settled }), [ask, fixes, own, settled]),
  );
  const inFocus = rows.find((r) => r.planner === settled) ?? rows[0];
  const largestL = Math.max(...rows.flatMap((r) => r.steps.map((s) => s.volumeL)));
  const { site, goal } = problem;
  return (
    <article aria-busy={busy}>
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">{say.planOf(facts.tag)}</h1>
      {facts.chosen && <Followed chosen={facts.chosen} facts={facts} />}
      <Reasoned
        className="mt-2"
        reason={say.eachSeasonOneOfStay(
          goal.plantOut ? say.plantOut : "",
          degreeDays(site.seasonDegreeDays, units),
          number(site.mixPricePerL, 2),
          facts.mixPriced ? say.byTheBagsOnOffer : say.aGuess,
          facts.guess ? common.andItsSpeciesIsA : "",
        )}
      >
        <p data-testid="aim">
          {say.toWithToLift(
            litres(goal.minL, units),
            goal.plantOut
              ? say.thenIntoTheGroundIn(yearWords(facts.firstSeason + goal.plantOut.season, facts.southern))
              : "",
            kilograms(site.liftKg, units),
            site.movedForWinter ? say.carriedInForTheWinter : "",
            difference(rows),
          )}
        </p>
      </Reasoned>
      {shareWords(facts.share) && <p className="mt-1 text-sm">{shareWords(facts.share)}</p>}
      {facts.set && (
        <p className="mt-1 text-sm">
          {say.oneOfTheSetTrees(facts.set)}
          <Link className="link" href={pageAt(collectionId, "plan")}>
            {say.planOfTheWholeCollection}
          </Link>
          {say.keepsThem}
        </p>
      )}
      <div className="flex flex-col">
        {/* On a phone the answers come first. */}
        <div className="max-sm:order-2 max-sm:mt-4">
          <WhatIfPanel ask={ask} problem={facts.problem} units={units} currency={facts.currency} onAsk={setAsk} />
          <OwnWeights own={own} focus={settled} onOwn={setOwn} />
        </div>
        <div>
          <div className="mt-3 sm:hidden">
            <SelectField<Planner>
              label={say.school}
              value={settled}
              onChange={setFocus}
              options={rows.map((r) => [r.planner, SCHOOL_WORDS[r.planner].name] as const)}
            />
          </div>
          <div className="mt-3 space-y-5">
            {rows.map((row) => (
              <SchoolRow
                key={row.planner}
                row={row}
                facts={facts}
                problem={problem}
                fixes={fixes[row.planner] ?? NO_FIXES}
                largestL={largestL}
                inFocus={row.planner === settled}
                onFocus={() => setFocus(row.planner)}
                onFix={(next) => setFixes((now) => ({ ...now, [row.planner]: next }))}
              />
            ))}
          </div>
        </div>
      </div>
      {inFocus && (
        <Detail row={inFocus} detail={detail?.of === inFocus ? detail.detail : null} facts={facts} problem={problem} />
      )}
      <PlantOut facts={facts} />
      <Caution className="mt-4">
        <p>{say.massesAreWetPotAnd}</p>
      </Caution>
    </article>
  );
}

/** The plan that is followed, and what has changed since it was chosen. */
function Followed({ chosen, facts }: { chosen: Chosen; facts: LadderFacts }) {
  const { units } = useAsOf();
  const next = chosen.steps.find((s) => s.action !== "stay" && s.season >= facts.firstSeason);
  const changed = chosen.inputs ? changedInputs(chosen.inputs, ladderInputsOf(facts.problem)) : [];
  return (
    <>
      <p className="mt-1 text-lg" data-testid="chosen">
        {say.followedSinceTo(
          day(chosen.on),
          SCHOOL_WORDS[chosen.school].name.toLowerCase(),
          litres(chosen.goalL, units),
          next
            ? say.nextStep(
                yearWords(next.season, facts.southern),
                next.action === "up-pot" ? say.into(litres(next.volumeL, units)) : ACTION_WORDS[next.action].long,
              )
            : say.nothingMoreToDoIn,
        )}
      </p>
      {changed.length > 0 && (
        <p className="text-sm" data-testid="changed">
          {say.sinceThenTheseHaveChanged(changed.map((k) => INPUT_WORDS[k]).join(", "))}
        </p>
      )}
    </>
  );
}

/** What the schools differ by, in a sentence. */
function difference(rows: readonly LadderRow[]): string {
  const fewest = rows.reduce((a, b) => (b.summary.handlings < a.summary.handlings ? b : a));
  const soonest = rows.reduce((a, b) => ((b.summary.seasonsToGoal ?? 99) < (a.summary.seasonsToGoal ?? 99) ? b : a));
  const name = (r: LadderRow) => SCHOOL_WORDS[r.planner].name.toLowerCase();
  const first =
    soonest.summary.seasonsToGoal === null
      ? say.noneOfThemReachesIt
      : say.isThereFirstAfter(name(soonest), counted(soonest.summary.seasonsToGoal, "season"));
  return say.isLiftedLeast(first, name(fewest), counted(fewest.summary.handlings, "time"));
}

/** A tree grown on for the ground: the season it is to go out. */
function PlantOut({ facts }: { facts: LadderFacts }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("describe-tree");
  const [season, setSeason] = useState(facts.plantOutSeason === null ? "" : String(facts.plantOutSeason));
  const [fault, setFault] = useState<string | undefined>();
  const keep = async () => {
    const text = season.trim().slice(0, 4);
    const value = text === "" ? null : Number(text);
    const last = facts.firstSeason + facts.rows[0].steps.length - 1;
    if (value !== null && !(Number.isInteger(value) && value >= facts.firstSeason && value <= last)) {
      setFault(say.aYearFromToOr(facts.firstSeason, last));
      return;
    }
    setFault(undefined);
    const done = await send({
      collectionId,
      treeId: facts.treeId,
      changes: { plantOutSeason: value },
    });
    if (done)
      tell({
        text: value === null ? say.staysInPots(facts.tag) : say.goesIntoTheGroundIn(facts.tag, value),
        entryId: done.entryId,
      });
  };
  return (
    <details className="no-print mt-3" open={facts.plantOutSeason !== null}>
      <summary className="min-h-9 cursor-pointer">{say.plantItOut}</summary>
      <Form className="flex flex-wrap items-end gap-3" label={say.plantItOut} onSubmit={keep}>
        <TextField
          className="w-48"
          label={say.inTheGrowingSeason}
          numeric
          value={season}
          onChange={setSeason}
          fault={fault}
          hint={say.emptyItStaysInPots}
        />
        <button type="submit" className="btn min-h-11" disabled={busy}>
          {common.keepIt}
        </button>
      </Form>
      <FormFaults faults={failure?.faults ?? []} />
    </details>
  );
}

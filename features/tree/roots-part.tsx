"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/roots";
import dynamic from "next/dynamic";
import Link from "next/link";
import type { TreePicture } from "@/model/index";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { useRecord } from "@/features/kernel/record-wish";
import { Why } from "@/ui/fields";
import { Icon } from "@/ui/icon";
import { day, fullness, number, percent } from "@/words/format";
import { RECORD_WORDS } from "@/words/record";
import { HABIT_WORDS, STAGE_WORD, WOOD_WORD } from "@/words/terms";
import { fullBand } from "@/words/tree-page";
import type { TreeFacts } from "./facts";
import { Folded } from "@/ui/folded";
import { Ways } from "./ways";

// Its form is fetched when it is opened: most visits measure nothing.
const MeasureForm = dynamic(() => import("@/features/tree/measure/measure-form").then((m) => m.MeasureForm), {
  ssr: false,
});

/** What is believed of its roots and its wood, and what narrows it. */
export function RootsPart({ facts, picture, on }: { facts: TreeFacts; picture: TreePicture; on: string }) {
  const { collectionId, settledOn, today } = useAsOf();
  const record = useRecord();
  const { state } = picture;
  const lot = facts.lots.find((l) => l.id === state.lotId);
  const to = (part: Parameters<typeof treeAt>[2]) => treeAt(collectionId, facts.id, part);
  return (
    <div className="space-y-4">
      <div className="grid gap-x-8 gap-y-3 sm:grid-cols-2 xl:grid-cols-3">
        <Why reason={<FillReason facts={facts} picture={picture} />}>
          <b>{common.howFull}</b> <span data-testid="fill">{fullness(state.fill.p50)}</span> ({fullBand(state.fill)}) ·{" "}
          {STAGE_WORD[state.stage]}
        </Why>
        <Due facts={facts} picture={picture} on={on} />
        <Why
          reason={say.howMuchOfThisSeasons(
            percent(state.wood.ripe.p50),
            fullBand(state.wood.ripe),
            state.wood.ripe.basis === "guess" ? say.aGuessForThisHabit : say.typicalForItsHabit,
          )}
        >
          <b>{say.wood}</b> {WOOD_WORD[state.wood.stage]}
          {state.wood.stage === "dormant" || state.wood.stage === "resting"
            ? ""
            : say.hardened(percent(state.wood.ripe.p50))}
        </Why>
      </div>
      <Ways>
        <button
          type="button"
          className="btn btn-sm min-h-11"
          onClick={() => record({ trees: [{ id: facts.id, tag: facts.tag }], thing: "roots" })}
        >
          <Icon name="roots" />
          {RECORD_WORDS.roots}
        </button>
        <Link className="btn btn-sm min-h-11" href={to("roots")}>
          {say.checkTheRootsFaceBy}
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("correct")} prefetch={false}>
          {common.rootWork}
        </Link>
        <Link
          prefetch={false}
          href={pageAt(
            collectionId,
            "climate/wood",
            `?tree=${facts.id}${settledOn === today ? "" : `&on=${settledOn}`}`,
          )}
          className="btn btn-sm min-h-11"
        >
          {say.woodHardiness}
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("learning")} prefetch={false}>
          {say.rootHistory}
        </Link>
      </Ways>
      <Folded id="measure" title={common.measureItsPot}>
        <MeasureForm treeId={facts.id} tag={facts.tag} pot={lot?.pot ?? null} />
      </Folded>
    </div>
  );
}

function FillReason({ facts, picture: { state } }: { facts: TreeFacts; picture: TreePicture }) {
  return (
    <>
      {say.rootsHaveExploredOfThe(
        fullness(state.fill.p50),
        fullBand(state.fill),
        state.pottedOn ? say.thePottingOn(day(state.pottedOn)) : say.aWideGuessAtArrival,
        number(state.vigour.p50, 2),
        number(state.vigour.p10, 2),
        number(state.vigour.p90, 2),
        state.fill.basis,
      )}
      {!facts.listed && say.itsSpeciesIsNotIn(facts.habit ? HABIT_WORDS[facts.habit].what : say.aWideGuess)}
      {say.theGrowthModelIsOur}
    </>
  );
}

function Due({ facts, picture: { state }, on }: { facts: TreeFacts; picture: TreePicture; on: string }) {
  const { due } = state;
  const words = "none" in due ? "—" : due.p50 === null ? say.notForYears : state.isDue ? "now" : day(due.p50, on);
  return (
    <Why
      reason={say.dueIsTheFirstOf(
        percent(state.dueFill),
        state.dueBy === "circling" ? say.circlingComesFirstHere : say.fillComesFirstHere,
        number(state.circling.p50, 1),
        number(state.circling.p10, 1),
        number(state.circling.p90, 1),
        "none" in due
          ? ""
          : say.eightTimesInTenBetween(
              due.p10 ? day(due.p10) : "now",
              due.p90 ? day(due.p90) : say.moreThanSevenYearsFrom,
            ),
        facts.frost.source,
      )}
    >
      <b>{say.due}</b> <span data-testid="due">{words}</span>
      {!("none" in due) && due.p10 && due.p90 && !state.isDue ? say.betweenAnd(day(due.p10, on), day(due.p90, on)) : ""}
    </Why>
  );
}

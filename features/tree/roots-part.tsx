"use client";

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
          <b>How full</b> <span data-testid="fill">{fullness(state.fill.p50)}</span> ({fullBand(state.fill)}) ·{" "}
          {STAGE_WORD[state.stage]}
        </Why>
        <Due facts={facts} picture={picture} on={on} />
        <Why
          reason={
            <>
              How much of this season’s wood has hardened: {percent(state.wood.ripe.p50)} ({fullBand(state.wood.ripe)}),
              by warmth after bud break, faster once growth has stopped; growth stops by heat, short days or cool
              nights, as its habit goes. The figures are our own calibration:
              {state.wood.ripe.basis === "guess" ? " a guess for this habit." : " typical for its habit."}
            </>
          }
        >
          <b>Wood</b> {WOOD_WORD[state.wood.stage]}
          {state.wood.stage === "dormant" || state.wood.stage === "resting"
            ? ""
            : `, ${percent(state.wood.ripe.p50)} hardened`}
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
          Check the roots, face by face
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("correct")} prefetch={false}>
          Root work
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
          Wood & hardiness
        </Link>
        <Link className="btn btn-sm min-h-11" href={to("learning")} prefetch={false}>
          Root history
        </Link>
      </Ways>
      <Folded id="measure" title="Measure its pot">
        <MeasureForm treeId={facts.id} tag={facts.tag} pot={lot?.pot ?? null} />
      </Folded>
    </div>
  );
}

function FillReason({ facts, picture: { state } }: { facts: TreeFacts; picture: TreePicture }) {
  return (
    <>
      Roots have explored {fullness(state.fill.p50)} of the mix; eight times in ten it is {fullBand(state.fill)}. From{" "}
      {state.pottedOn ? `the potting on ${day(state.pottedOn)}` : "a wide guess at arrival"}, the warmth of its root
      zone since, and this tree’s own pace: {number(state.vigour.p50, 2)} times that of its species (
      {number(state.vigour.p10, 2)} to {number(state.vigour.p90, 2)}). Basis: {state.fill.basis}.
      {!facts.listed &&
        ` Its species is not in the library: ${facts.habit ? HABIT_WORDS[facts.habit].what : "a wide guess"}.`}{" "}
      The growth model is our own, calibrated to experience: a root check corrects it.
    </>
  );
}

function Due({ facts, picture: { state }, on }: { facts: TreeFacts; picture: TreePicture; on: string }) {
  const { due } = state;
  const words = "none" in due ? "—" : due.p50 === null ? "not for years" : state.isDue ? "now" : day(due.p50, on);
  return (
    <Why
      reason={
        <>
          Due is the first of two: roots fill {percent(state.dueFill)} of the mix, or circling reaches grade 2.{" "}
          {state.dueBy === "circling" ? "Circling comes first here." : "Fill comes first here."} Circling today: grade{" "}
          {number(state.circling.p50, 1)} ({number(state.circling.p10, 1)} to {number(state.circling.p90, 1)}).{" "}
          {"none" in due
            ? ""
            : `Eight times in ten between ${due.p10 ? day(due.p10) : "now"} and ${due.p90 ? day(due.p90) : "more than seven years from now"}.`}{" "}
          Coming warmth: the mean of this site’s weather years, {facts.frost.source}.
        </>
      }
    >
      <b>Due</b> <span data-testid="due">{words}</span>
      {!("none" in due) && due.p10 && due.p90 && !state.isDue
        ? ` (between ${day(due.p10, on)} and ${day(due.p90, on)})`
        : ""}
    </Why>
  );
}

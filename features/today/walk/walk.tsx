"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/today/walk";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { mixEstimate } from "@/core/vessel/index";
import { litres, number } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { FEEL_WORDS } from "@/words/terms";
import { WALK_STEPS, type WalkStep } from "./draft";
import { useWalk, type Walk, type WalkProps } from "./use-walk";
import { StepQuestion } from "./steps";
import { SIZES } from "./sizes";

const TITLES: Record<WalkStep, string> = {
  tag: say.whatStandsOnItsTag,
  kind: "What is it?",
  width: say.howWideIsTheRim,
  height: say.howHighIsThePot,
  feel: say.howDoesTheBallFeel,
  photo: say.aPhotograph,
};

/** Tree after tree with one thumb: each is saved by itself, and the round can be left and taken up again at any step. */
export function WalkRound(props: WalkProps) {
  const walk = useWalk(props);
  return walk ? <Round walk={walk} usual={props.usual} /> : <p className="py-10 text-center">…</p>;
}

function Round({ walk, usual }: { walk: Walk; usual: WalkProps["usual"] }) {
  const { collectionId, units } = useAsOf();
  const { draft, memory, known, pot, picture, lost, faults, busy, go, onward, save } = walk;
  const volume = pot ? mixEstimate(pot) : null;
  const size = SIZES[units];
  const shown = (mm: number) => `${number(mm / size.mm, 1)} ${size.unit}`;
  const summary: [WalkStep, string][] = [
    ["tag", draft.tag || "tag"],
    ["kind", known ? known.name : draft.kind || "kind"],
    ["width", draft.widthMm === null ? "width" : shown(draft.widthMm)],
    ["height", draft.heightMm === null ? "height" : shown(draft.heightMm)],
    ["feel", draft.feel === null ? "feel" : FEEL_WORDS[draft.feel - 1].name],
    ["photo", picture ? "photo ✓" : "photo"],
  ];

  return (
    <div className="mx-auto flex min-h-[calc(100dvh-9.5rem)] max-w-md flex-col">
      <div className="flex items-baseline gap-3">
        <h1 className="text-xl">{say.walkRound}</h1>
        <span className="text-sm">
          {memory.saved === 0 ? say.eachTreeIsSavedBy : say.savedOnThisDevice(memory.saved)}
        </span>
        <Link href={pageAt(collectionId, "trees")} className="link ml-auto flex min-h-11 items-center">
          {common.later}
        </Link>
      </div>
      <ol className="mt-2 grid grid-cols-3 gap-1" aria-label={say.thisTree}>
        {summary.map(([step, words]) => (
          <li key={step}>
            <button
              type="button"
              disabled={step === "kind" && known !== undefined}
              onClick={() => go(step)}
              aria-current={draft.step === step ? "step" : undefined}
              className={`rounded-field h-12 w-full truncate border px-2 text-sm ${draft.step === step ? "border-primary bg-base-200 font-semibold" : "border-base-300"}`}
            >
              {words}
            </button>
          </li>
        ))}
      </ol>
      {volume && (
        <p className="mt-2 text-center" aria-live="polite" data-testid="walk-volume">
          {say.about}
          <b>{litres(volume.p50, units)}</b>
          {say.ofMixBetweenAnd(litres(volume.p10, units), litres(volume.p90, units))}
        </p>
      )}
      {lost && (
        <p role="alert" className="text-error mt-2 font-semibold">
          {say.thePhotographOfCouldNot(lost.tag)}
          {lost.fault}{" "}
          <button type="button" className="btn btn-sm" onClick={lost.again}>
            {say.tryAgain}
          </button>
        </p>
      )}
      <div className="mt-auto pt-4">
        <h2 className="mb-3 text-center text-lg">{TITLES[draft.step]}</h2>
        <FormFaults faults={faults} />
        <StepQuestion walk={walk} usual={usual} />
        <div className="mt-3 grid grid-cols-[1fr_2fr] gap-2">
          <button
            type="button"
            className={`btn h-16 ${draft.step === "tag" ? "invisible" : ""}`}
            onClick={() =>
              go(WALK_STEPS[Math.max(0, WALK_STEPS.indexOf(draft.step) - (known && draft.step === "width" ? 2 : 1))])
            }
          >
            {say.back}
          </button>
          {draft.step === "photo" ? (
            <button type="button" className="btn btn-primary h-16 text-lg" disabled={busy} onClick={() => void save()}>
              {busy ? common.saving : say.saveNextTree}
            </button>
          ) : (
            <button
              type="button"
              className={`btn h-16 ${draft.step === "kind" || draft.step === "tag" ? "invisible" : ""}`}
              onClick={() => onward({})}
            >
              {say.skip}
            </button>
          )}
        </div>
      </div>
    </div>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/pot-choice";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { type ReactNode, useState } from "react";
import type { PotFit, StorePot } from "@/core/ladder/index";
import type { LotRecord } from "@/core/records/index";
import type { TreeState } from "@/model/index";
import type { KindValues } from "@/core/species/index";
import { potRemarks } from "@/core/suits/index";
import { brimEstimate } from "@/core/vessel/index";
import { POT_REMARK_WORDS } from "@/words/suits";
import { litres, number, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { CONDITION_WORDS, MISFIT_WORDS } from "@/words/terms";

/** What is known of the pot a tree stands in: described, a guess, or none at all. */
export type Stands = "described" | "guessed" | "bare";

/** As many as a look can take in; the best come first. */
const FIRST = 6;

/** Pots of the store that suit, best first; the others with the reason on demand. */
export function PotChoice({
  stands,
  store,
  state,
  fits,
  currentLot,
  potNote,
  chosen,
  onChoose,
  fault,
}: {
  stands: Stands;
  store: StorePot[];
  state: TreeState;
  /** How its ball fits each free pot, the best first. */
  fits: PotFit[];
  currentLot: LotRecord | null;
  /** What its species asks of its pots. */
  potNote: KindValues["potNote"];
  chosen: string | null;
  onChoose: (id: string) => void;
  fault?: string;
}) {
  const { collectionId, units } = useAsOf();
  const [all, setAll] = useState(false);
  const rows = fits
    .map((fit) => ({ fit, pot: store.find((p) => p.lotId === fit.lotId) }))
    .filter((r) => r.pot !== undefined);
  const fitting = rows.filter((r) => r.fit.misfit === null);
  const shown = all ? rows : fitting.slice(0, FIRST);
  return (
    <fieldset>
      <legend className="font-medium">{common.pot}</legend>
      {rows.length > 0 && stands !== "described" && (
        <p className="text-sm" data-testid="pots-by-guess">
          {stands === "bare"
            ? say.bareRootsThePotsAre
            : say.nobodyHasSaidWhichPot(
                litres(state.volumeL.p50, units),
                litres(state.volumeL.p10, units),
                litres(state.volumeL.p90, units),
              )}
        </p>
      )}
      {rows.length === 0 && (
        <p>
          {say.theStoreIsEmpty}
          <Link className="link" href={pageAt(collectionId, "pots")}>
            {say.putPotsInStore}
          </Link>
        </p>
      )}
      {rows.length > 0 && fitting.length === 0 && (
        <p className="text-warning font-semibold">
          {say.nothingInStoreFitsWell}
          <Link className="link" href={pageAt(collectionId, "pots", `?tree=${state.treeId}`)}>
            {say.holdItsBallAgainstThe}
          </Link>
        </p>
      )}
      <div className="mt-1 grid gap-2 sm:grid-cols-2">
        {shown.map(({ fit, pot }) => (
          <PotOption key={fit.lotId} chosen={chosen === fit.lotId} onChoose={() => onChoose(fit.lotId)}>
            <b>{pot!.name}</b> <span className="text-sm">{say.free(number(pot!.free))}</span>
            {pot!.condition === "wash" && (
              <span className="text-warning block text-sm font-semibold">{say.first(CONDITION_WORDS.wash)}</span>
            )}
            <span className="block text-sm">
              {fit.misfit
                ? MISFIT_WORDS[fit.misfit]
                : stands === "bare"
                  ? say.toTheBrim(litres(brimEstimate(pot!.pot).p50, units))
                  : say.timesTheMixFilledBy(number(fit.ratio, 1), percent(fit.fillAtSeasonEnd))}
            </span>
            {!fit.misfit &&
              potRemarks(potNote, pot!.pot).map((remark) => (
                <span key={remark} className="text-warning block text-sm">
                  {POT_REMARK_WORDS[remark]}
                </span>
              ))}
          </PotOption>
        ))}
        {all && currentLot && (
          <PotOption chosen={chosen === currentLot.id} onChoose={() => onChoose(currentLot.id)}>
            <b>{say.theSamePotAgain}</b>
            <span className="block text-sm">
              {say.afterRootPruning(currentLot.name, litres(state.volumeL.p50, units))}
            </span>
          </PotOption>
        )}
      </div>
      {!all && (
        <button type="button" className="btn btn-sm mt-2" onClick={() => setAll(true)}>
          {fitting.length > FIRST ? say.showAllPotsWithThe : say.showTheOthersWithThe}
        </button>
      )}
      {fault && (
        <p role="alert" className="text-error mt-1 font-semibold">
          {fault}
        </p>
      )}
    </fieldset>
  );
}

/** One pot to be chosen. */
function PotOption({ chosen, onChoose, children }: { chosen: boolean; onChoose: () => void; children: ReactNode }) {
  return (
    <label
      className={`rounded-field flex min-h-14 cursor-pointer items-center gap-3 border px-3 py-1 ${chosen ? "border-primary bg-base-200" : "border-base-300"}`}
    >
      <input type="radio" name="pot" className="radio radio-sm" checked={chosen} onChange={onChoose} />
      <span className="leading-tight">{children}</span>
    </label>
  );
}

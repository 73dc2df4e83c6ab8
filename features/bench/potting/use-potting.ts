"use client";

import * as say from "@/words/pages/bench/potting/bench";
import { treeAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import type { Hazard, KindValues } from "@/core/species/index";
import type { PotFit, StorePot } from "@/core/ladder/index";
import type { CorrectionName } from "@/core/roots/index";
import type { TreeState } from "@/model/index";
import type { GrowersCalendar } from "@/core/people/index";
import type { LotRecord, MixChoice } from "@/core/records/index";
import { planPotting, type PottedNow, type PottingChoice, pottingFault, pottingRange } from "@/core/potting/index";
import { brimHeightMm } from "@/core/vessel/index";
import { readNumber } from "@/words/format";
import { type Limit, type Operation, operationOf } from "@/core/window/index";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { type MeasuredDraft, noMeasures, readMeasured } from "./measured-after";
import type { Stands } from "./pot-choice";
import { emptySetDraft, readSet, type SetDraft, MEASURE_FIELDS } from "./set-draft";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { useCommandForm } from "@/features/kernel/command-form";
import { useWatch } from "react-hook-form";

/** What the decision about the tree asks of this bench. */
export interface Decided {
  correction: CorrectionName | null;
  lotId: string | null;
  /** Off each side of the ball, for that pot. */
  trimSideMm: number;
  /** The litres it is to have. */
  wanted: string | null;
  /** The decision in a sentence, where it is not for today. */
  notToday: string | null;
}

export interface PottingFacts {
  tree: {
    id: string;
    tag: string;
    name: string;
    count: number;
    trunkMm: number | null;
    heightM: number | null;
    crownM: number | null;
    values: KindValues;
    hazards: readonly Hazard[];
  };
  now: PottedNow;
  ageYears: number;
  stands: Stands;
  /** Spread of bare roots, where it was measured when they came. */
  spreadMm: number | null;
  /** The flare proud of the mix, as it is usual for a tree of this age, mm. */
  usualCrownMm: number;
  state: TreeState;
  decided: Decided;
  fits: PotFit[];
  currentLot: LotRecord | null;
  store: StorePot[];
  mixes: MixChoice[];
  /** The mix to start with. */
  usualMix: string;
  calendar: GrowersCalendar;
  /** What the reading of the roots asked for. */
  asked: { correction: CorrectionName | null; keptPercent: number | null };
  /** Today’s windows of every correction. */
  windows: { operation: Operation; open: boolean; limiting: Limit; safe: number; opens: string | null }[];
}

/** A potting as it is typed. */
interface Typed {
  potLotId: string | null;
  mix: string;
  correction: CorrectionName;
  retainedShare: string;
  crownMm: string;
  bottomLayerMm: string;
  trimSideMm: string;
  setting: SetDraft;
  after: MeasuredDraft;
  on: string;
  staked: boolean;
}

/** Fields of the command that stand within the setting and the measures. */
const PARTS = ["set", "offAxisMm", "tiltDeg", "facing", "flareDepthMm", "takenOffMm", "unionMm", "measured"];

function startOf(facts: PottingFacts, on: string): Typed {
  const { asked, decided, fits, spreadMm, stands } = facts;
  const best = fits.find((p) => p.lotId === decided.lotId) ?? fits.find((p) => p.misfit === null) ?? null;
  return {
    potLotId: best?.lotId ?? null,
    mix: facts.usualMix,
    correction: asked.correction ?? decided.correction ?? facts.state.correction,
    retainedShare: asked.keptPercent === null ? "" : String(asked.keptPercent),
    crownMm: String(facts.usualCrownMm),
    bottomLayerMm: "0",
    trimSideMm: String(decided.trimSideMm),
    setting: {
      ...emptySetDraft,
      as: stands === "bare" ? ("bare-root" as const) : emptySetDraft.as,
      // Measured when it came: not typed twice.
      measures: spreadMm === null ? {} : { spreadMm: String(spreadMm) },
    },
    after: noMeasures,
    on,
    staked: false,
  };
}

function brimHeightMmOf(pot: StorePot): number {
  return pot.pot.known === "measured" ? brimHeightMm(pot.pot.vessel) : 2000;
}

/** One potting: what is typed, what it comes to, and the command that records it. */
export function usePotting(facts: PottingFacts) {
  const { tree, now, ageYears, store, currentLot, mixes, windows } = facts;
  const router = useRouter();
  const { collectionId, today, on } = useAsOf();
  const { tell } = useNotice();
  const { value: recordedOn } = useRecordingDay();
  const [start] = useState(() => startOf(facts, recordedOn));
  const readKept = (text: string) => (text.trim() === "" ? null : readNumber(text));
  const form = useCommandForm("record-potting", {
    start,
    input: (typed, wrong) => {
      const set = readSet(typed.setting);
      const measured = readMeasured(typed.after);
      for (const [path, message] of Object.entries({ ...set.problems, ...measured.problems }))
        wrong(path as Parameters<typeof wrong>[0], message);
      const kept = readKept(typed.retainedShare);
      const closed = closedFor(typed);
      return {
        collectionId,
        treeId: tree.id,
        on: typed.on,
        potLotId: typed.potLotId ?? "",
        mix: typed.mix,
        correction: typed.correction,
        retainedShare: kept === null ? null : kept / 100,
        crownMm: readNumber(typed.crownMm, "mm"),
        bottomLayerMm: readNumber(typed.bottomLayerMm, "mm"),
        trimSideMm: readNumber(typed.trimSideMm, "mm"),
        ...set.read,
        measured: measured.values,
        staked: typed.staked,
        despite: closed && { limiting: closed.limiting, safe: closed.safe },
      };
    },
    parts: [...PARTS, ...MEASURE_FIELDS],
    after: (typed) => typed,
    done: ({ entryId }) => {
      tell({ text: say.isPottedSoakItTwice(tree.tag), entryId });
      router.push(treeAt(collectionId, tree.id));
    },
  });
  const typed = useWatch({ control: form.form.control }) as Typed;
  const windowOf = (correction: CorrectionName) => windows.find((w) => w.operation === operationOf(correction));
  // What is recorded for an earlier day is judged by nobody.
  const closedFor = ({ correction, on: doneOn }: Typed) => {
    const window = windowOf(correction);
    return window && !window.open && doneOn === on ? window : null;
  };
  const closed = closedFor(typed);
  const window = windowOf(typed.correction);

  const chosen = useMemo(
    () =>
      store.find((p) => p.lotId === typed.potLotId) ??
      (currentLot && typed.potLotId === currentLot.id
        ? { lotId: currentLot.id, name: currentLot.name, pot: currentLot.pot, free: 1 }
        : null),
    [store, typed.potLotId, currentLot],
  );
  const mix = mixes.find((m) => m.key === typed.mix) ?? mixes[0];
  const crownMm = readNumber(typed.crownMm, "mm");
  const bottomLayerMm = readNumber(typed.bottomLayerMm, "mm");
  const trimSideMm = readNumber(typed.trimSideMm, "mm");
  const keptPercent = readKept(typed.retainedShare);
  const set = useMemo(() => readSet(typed.setting), [typed.setting]);
  const { correction } = typed;
  const choice = useMemo((): PottingChoice | null => {
    if (!chosen || !set.read || !(crownMm >= 0) || !(bottomLayerMm >= 0) || !(trimSideMm >= 0)) return null;
    if (bottomLayerMm > brimHeightMmOf(chosen) / 2) return null;
    return {
      pot: chosen.pot,
      mix: mix.mix,
      mixAgeYears: mix.ageYears,
      correction,
      retainedShare: keptPercent === null || !(keptPercent > 0) ? null : keptPercent / 100,
      crownMm,
      bottomLayerMm,
      trimSideMm,
      ...set.read,
    };
  }, [chosen, mix, correction, keptPercent, crownMm, bottomLayerMm, trimSideMm, set]);
  const plan = useMemo(() => choice && planPotting(now, ageYears, tree, choice), [now, ageYears, tree, choice]);
  const range = useMemo(() => choice && pottingRange(now, ageYears, tree, choice), [now, ageYears, tree, choice]);
  return {
    form,
    typed,
    chosen,
    mix,
    bottomLayerMm,
    tiltDeg: set.read?.tiltDeg ?? 0,
    plan,
    range,
    misfit: plan ? pottingFault(plan) : null,
    closed,
    // Seen as of a day ahead it is a look at that day; what is recorded is of today.
    warned: closed ?? (window && !window.open && on > today ? window : null),
  };
}
export type Potting = ReturnType<typeof usePotting>;

import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { mixChoices, storeAt, usualMix, yearsInPot } from "@/core/tree/index";
import { BALL_CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { operationOf } from "@/core/window/index";
import { collectionView } from "../shell/data";
import { mixName } from "../stores/mix-words";
import { treeOn } from "../tree/tree-on";
import { PottingBench } from "./bench";

/** Potting always works on today: what is ahead is planned elsewhere. */
export async function PottingScreen({
  collectionId,
  treeId,
  correction,
  keptShare,
}: {
  collectionId: string;
  treeId: string;
  /** What the reading of the roots asked for, and the share it keeps. */
  correction?: string;
  keptShare?: string;
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded, today } = view;
  const on = toDay(today);
  const facts = treeOn(view, treeId, on);
  if (!facts) notFound();
  const { tree, profile, replayed, state } = facts;
  const store = storeAt(loaded.indexed, on).filter((p) => p.free > 0);
  const windows = facts.windows([...new Set(BALL_CORRECTIONS.map(operationOf))]);
  const mixes = mixChoices(loaded.stores, on).map((m) => ({ ...m, name: mixName(m) }));
  return (
    <PottingBench
      asked={{
        correction: BALL_CORRECTIONS.includes(correction as CorrectionName) ? (correction as CorrectionName) : null,
        keptPercent:
          keptShare !== undefined && Number(keptShare) > 0 && Number(keptShare) < 1
            ? Math.round(100 * Number(keptShare))
            : null,
      }}
      tree={{
        id: tree.id,
        tag: tree.tag,
        name: profile.name,
        count: tree.count,
        trunkMm: tree.trunkMm,
        heightM: tree.heightM,
        crownM: tree.crownM ?? null,
        hazards: profile.hazards,
      }}
      now={{
        pot: replayed.pot,
        fillHeightMm: replayed.fillHeightMm,
        bottomLayerMm: replayed.bottomLayerMm,
        mix: replayed.mix,
        mixStartAgeYears: replayed.mixStartAgeYears,
      }}
      ageYears={yearsInPot(replayed, on)}
      state={state}
      currentLot={loaded.lots.find((l) => l.id === replayed.lotId) ?? null}
      store={store}
      mixes={mixes}
      usualMix={usualMix(mixes, loaded.indexed.records.events)}
      calendar={loaded.calendar}
      windows={windows.map(({ operation, open, limiting, safe, periods }) => ({
        operation,
        open,
        limiting,
        safe,
        opens: periods[0]?.from ?? null,
      }))}
    />
  );
}

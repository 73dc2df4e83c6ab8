import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { profileOf } from "@/core/species/index";
import { mixChoices, replay, storeAt, treeAt, tracksOf, treeWindows, usualMix, yearsInPot } from "@/core/tree/index";
import { CORRECTION_NAMES } from "@/core/roots/index";
import { operationOf } from "@/core/window/index";
import { windowOptions } from "../collection/load";
import { collectionView } from "../shell/data";
import { mixName } from "../stores/mix-words";
import { PottingBench } from "./bench";

/** Potting always works on today: what is ahead is planned elsewhere. */
export async function PottingScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded, context, today } = view;
  const tree = loaded.trees.find((t) => t.id === treeId);
  if (!tree) notFound();
  const on = toDay(today);
  const events = loaded.indexed.eventsByTree.get(treeId) ?? [];
  const profile = profileOf(tree);
  const replayed = replay(events, loaded.indexed.lots, profile, tracksOf(context, tree, on).warmth, on);
  const store = storeAt(loaded.indexed, on).filter((p) => p.free > 0);
  const state = treeAt(tree, events, loaded.indexed.lots, store, context, tracksOf(context, tree, on), on);
  if (!replayed || !state) notFound();
  const windows = treeWindows({
    sites: view.places,
    tree,
    profile,
    events,
    replayed,
    calendar: loaded.calendar,
    away: context.away,
    options: windowOptions(view.collection),
    on,
    operations: [...new Set(CORRECTION_NAMES.map(operationOf))],
    withoutCurves: true,
  });
  const mixes = mixChoices(loaded.stores, on).map((m) => ({ ...m, name: mixName(m) }));
  return (
    <PottingBench
      tree={{
        id: tree.id,
        tag: tree.tag,
        name: profile.name,
        count: tree.count,
        trunkMm: tree.trunkMm,
        heightM: tree.heightM,
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

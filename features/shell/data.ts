import "server-only";
import { cache } from "react";
import { frostProbabilityBySlot } from "@/core/climate/index";
import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import { collectionAt, type ReplayContext, type TreeState } from "@/core/tree/index";
import { profileOf } from "@/core/species/index";
import { woodOn } from "@/core/tree/index";
import { firstRing } from "../almanac/ahead";
import { type CollectionView, stateKey, viewCollection } from "../collection/load";

/** One read of a collection per request, however many parts of the page ask. */
export const collectionView = cache(viewCollection);

const stateCache = new Map<string, TreeState[]>();

/** States of all trees on a day, kept by revision: the answer can only change with the records. */
export function statesOn(view: CollectionView, on: string): TreeState[] {
  const { collection, today } = view;
  const key = `${stateKey(collection)}:${collection.revision}:${today}:${on}`;
  const found = stateCache.get(key);
  if (found) return found;
  const states = collectionAt(view.loaded.indexed, view.context, toDay(on));
  stateCache.set(key, states);
  while (stateCache.size > 12) stateCache.delete(stateCache.keys().next().value!);
  return states;
}

export interface StripData {
  /** The weather behind everything shown is guessed from four answers. */
  guessed: boolean;
  /** Chance of frost within the days around, by calendar slot, per cent. */
  frost: number[];
  /** Wood of the collection by week from `woodFrom` on: mean ripeness (0–100) of what has leaves, and the leafless share (0–100). */
  woodFrom: string;
  wood: { ripe: number; leafless: number }[];
  /** Days on which the last safe day of so many trees lies. */
  closing: { on: string; count: number }[];
  /** A night the keeper wants to be told of. */
  alarm: { name: string; on: string; chance: number } | null;
}

const WEEK = 7;

export function stripData(view: CollectionView): StripData {
  const { site, context, loaded } = view;
  const probability = frostProbabilityBySlot(site.latitudeDeg, site.minima.startDay, site.minima.tminC, 0);
  const keys = loaded.trees.map((tree) => profileOf(tree).key);
  const [from, weeks] = woodRange(context, keys);
  const counts = new Map<string, number>();
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + 1);
  const closing = new Map<string, number>();
  for (const state of statesOn(view, view.today)) {
    if (!Number.isFinite(state.pressDays) || Math.abs(state.pressDays) > 400) continue;
    // By the week: notches a day apart could not be told apart.
    const on = toIso(Math.round((toDay(view.today) + state.pressDays) / WEEK) * WEEK);
    closing.set(on, (closing.get(on) ?? 0) + 1);
  }
  return {
    guessed: context.guessedWeather,
    frost: Array.from(probability, (p) => Math.round(100 * p)),
    woodFrom: toIso(from),
    wood: Array.from({ length: weeks }, (_, w) => woodWeek(context, counts, from + w * WEEK)),
    closing: [...closing].map(([on, count]) => ({ on, count })),
    alarm: firstRing(view),
  };
}

function woodRange(context: ReplayContext, keys: string[]): [DayNumber, number] {
  if (keys.length === 0) return [context.today, 0];
  const series = context.kinds[keys[0]].wood;
  return [series.startDay, Math.floor(series.phase.length / WEEK)];
}

function woodWeek(context: ReplayContext, counts: Map<string, number>, day: DayNumber) {
  let [ripe, leafy, leafless] = [0, 0, 0];
  for (const [key, n] of counts) {
    const { stage, ripe: r } = woodOn(context.kinds[key], day);
    if (stage === "dormant" || stage === "swelling") leafless += n;
    else {
      ripe += n * r.p50;
      leafy += n;
    }
  }
  return {
    ripe: leafy > 0 ? Math.round((100 * ripe) / leafy) : 0,
    leafless: Math.round((100 * leafless) / Math.max(1, leafy + leafless)),
  };
}

import { type DayNumber, toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import type { IndexedRecords, TreeRecord } from "@/core/records/index";
import { EyePool, type EyeWord, wordOfEye } from "@/core/roots/index";
import { onStock } from "@/core/species/index";
import type { EyePrior, Eyes } from "./context";
import type { PaceTracks } from "./mates";
import { replay } from "./replay";

/** A change smaller than this is not worth a step of its own, in logit fill. */
const STEP = 0.04;

const isLook = ({ payload }: LoggedEvent) => payload.kind === "roots-read" && payload.fillGrade !== null;

/** What one tree's own looks say of the eye, from a day on. */
interface Word {
  treeId: string;
  on: DayNumber;
  says: EyeWord[];
}

function wordsOf(
  tree: TreeRecord,
  indexed: IndexedRecords,
  tracksOn: (tree: TreeRecord, on: DayNumber) => PaceTracks,
  today: DayNumber,
): Word[] {
  const events = indexed.eventsByTree.get(tree.id) ?? [];
  const days = new Set(events.flatMap((e) => (e.treeId === tree.id && isLook(e) ? [toDay(e.on.best)] : [])));
  return [...days].flatMap((on) => {
    if (on > today) return [];
    const kind = tracksOn(tree, on);
    const state = replay(events, indexed.lots, onStock(kind.profile, tree.stockPace), kind.warmth, on);
    const said = state && wordOfEye(state.belief);
    return state ? [{ treeId: tree.id, on, says: said ? [{ ...said, kind: kind.profile.key }] : [] }] : [];
  });
}

/**
 * What all trees that were looked at say of the eye that looked, look by look: one grower, one eye. Each tree's own word, and that of the
 * batch it was taken from, is left out of what it starts from, since its replay brings it.
 */
export function eyesAmong(
  indexed: IndexedRecords,
  tracksOn: (tree: TreeRecord, on: DayNumber) => PaceTracks,
  today: DayNumber,
): Eyes {
  const { trees } = indexed.records;
  const words = trees.flatMap((tree) => wordsOf(tree, indexed, tracksOn, today)).sort((a, b) => a.on - b.on);
  const heard = new Map<string, string[]>();
  for (const { id } of trees) {
    const looks = (indexed.eventsByTree.get(id) ?? []).filter(isLook);
    const own = [...new Set(looks.flatMap((e) => e.treeId ?? []))];
    if (own.length > 0) heard.set(id, own);
  }
  const eyes: Eyes = { all: [], of: {} };
  const known = new Map<string, EyeWord[]>();
  for (const [i, word] of words.entries()) {
    known.set(word.treeId, word.says);
    if (words[i + 1]?.on === word.on) continue;
    const pool = new EyePool([...known.values()].flat());
    step(eyes.all, word.on, pool.without([]));
    for (const [id, own] of heard)
      step((eyes.of[id] ??= []), word.on, pool.without(own.flatMap((of) => known.get(of) ?? [])));
  }
  return eyes;
}

function step(steps: EyePrior[], from: DayNumber, eye: { mean: number; sd: number }): void {
  const last = steps.at(-1);
  if (last && Math.abs(last.mean - eye.mean) < STEP && Math.abs(last.sd - eye.sd) < STEP) return;
  steps.push({ from, ...eye });
}

/** What is known of the eye on a day, apart from what a tree's own looks say of it; null before anything is, and where nobody looked. */
export function eyeOn({ of }: Eyes, treeId: string, on: DayNumber): EyePrior | null {
  return of[treeId]?.findLast((s) => s.from <= on) ?? null;
}

import type { DayNumber } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import { evidenceOf, lnFactorOf, type Normal, type PaceEvidence, poolOf, priorFrom } from "@/core/roots/index";
import { profileOf } from "@/core/species/index";
import type { TreeRecord } from "@/core/records/index";
import type { MatePrior } from "./context";
import { type Ground, hear, type Heard } from "./heard";

/** A change smaller than this is not worth a step of its own. */
const STEP_MEAN = 0.02;
const STEP_VARIANCE = 0.03;

const speaksOfPace = ({ payload }: LoggedEvent) => payload.kind === "roots-read" || payload.kind === "rerooting-read";

interface Voice {
  tree: TreeRecord;
  sort: string | null;
  checks: { on: DayNumber; said: Normal | null }[];
}

/** What a tree's own checks said of its pace, check by check. */
function voiceOf(tree: TreeRecord, ground: Ground, heard: Heard<Normal | null>): Voice {
  const checks = hear(heard, tree, ground, speaksOfPace, (state, profile) =>
    evidenceOf({ mean: 0, variance: profile.vigourSd ** 2 }, lnFactorOf(state.belief, profile.kPerDegreeDay)),
  );
  const sort = tree.cultivar?.trim().toLocaleLowerCase() ?? "";
  return { tree, sort: sort === "" ? null : sort, checks };
}

const evidenceAt = (voice: Voice, on: DayNumber): Normal | null =>
  voice.checks.filter((s) => s.on <= on).at(-1)?.said ?? null;

/** By tree of one kind, what its mates let one expect of its pace, step by step as they were looked at. */
export function matePriorsAmong(
  trees: readonly TreeRecord[],
  ground: Ground,
  heard: Heard<Normal | null>,
): Record<string, MatePrior[]> {
  const priors: Record<string, MatePrior[]> = {};
  if (trees.length < 2) return priors;
  const voices = trees.map((tree) => voiceOf(tree, ground, heard));
  const days = [...new Set(voices.flatMap((v) => v.checks.map((s) => s.on)))].sort((a, b) => a - b);
  const total = profileOf(trees[0]).vigourSd ** 2;
  for (const on of days) {
    const known = voices.map((v) => evidenceAt(v, on));
    const evidence = voices.flatMap((v, i): PaceEvidence[] => (known[i] ? [{ ...known[i], sort: v.sort }] : []));
    if (evidence.length === 0) continue;
    const pool = poolOf(total, evidence);
    voices.forEach((v, i) => {
      const { mean, variance, mates } = priorFrom(pool, v.sort, known[i]);
      if (mates === 0) return;
      const steps = (priors[v.tree.id] ??= []);
      const last = steps.at(-1);
      const small =
        last &&
        Math.abs(last.mean - mean) < STEP_MEAN &&
        Math.abs(last.variance - variance) < STEP_VARIANCE * last.variance;
      if (!small) steps.push({ from: on, mean, variance, mates });
    });
  }
  return priors;
}

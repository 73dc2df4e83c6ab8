import type { DayNumber } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import type { TreeRecord } from "@/core/records/index";
import { EyePool, type EyeWord, wordOfEye } from "@/core/roots/index";
import type { EyePrior } from "./context";
import { type Ground, hear, type Heard } from "./heard";

/** A change smaller than this is not worth a step of its own, in logit fill. */
const STEP = 0.04;

const isLook = ({ payload }: LoggedEvent) => payload.kind === "roots-read" && payload.fillGrade !== null;

function wordsOf(tree: TreeRecord, ground: Ground, heard: Heard<EyeWord[]>): (Word & { treeId: string })[] {
  const words = hear(heard, tree, ground, isLook, ({ belief }, { key }) => {
    const said = wordOfEye(belief);
    return said ? [{ ...said, kind: key }] : [];
  });
  return words.map(({ on, said }) => ({ treeId: tree.id, on, says: said }));
}

/** What one tree's own looks say of the eye, from a day on. */
interface Word {
  on: DayNumber;
  says: EyeWord[];
}

/**
 * What all trees that were looked at say of the eye that looked, look by look: one grower, one eye. Each tree's own word, and that of the
 * batch it was taken from, is left out of what it starts from, since its replay brings it.
 */
export class EyesAmong {
  /** All words known from a day on. */
  private readonly known: { on: DayNumber; pool: EyePool }[] = [];
  private readonly words = new Map<string, Word[]>();
  private readonly priors = new Map<string, EyePrior[]>();

  constructor(
    private readonly ground: Ground,
    heard: Heard<EyeWord[]>,
  ) {
    const { trees } = ground.indexed.records;
    const said = trees.flatMap((tree) => wordsOf(tree, ground, heard)).sort((a, b) => a.on - b.on);
    let pool = new EyePool([]);
    for (const [i, { treeId, on, says }] of said.entries()) {
      const own = this.words.get(treeId) ?? [];
      pool = pool.after(own.at(-1)?.says ?? [], says);
      this.words.set(treeId, [...own, { on, says }]);
      if (said[i + 1]?.on !== on) this.known.push({ on, pool });
    }
  }

  /** From all looks. */
  get all(): EyePrior[] {
    return this.without([]);
  }

  /** From the looks at all other trees; nothing for a tree that nobody looked at. */
  of(treeId: string): EyePrior[] {
    let priors = this.priors.get(treeId);
    if (!priors) {
      const looks = (this.ground.indexed.eventsByTree.get(treeId) ?? []).filter(isLook);
      const own = [...new Set(looks.flatMap((e) => e.treeId ?? []))];
      this.priors.set(treeId, (priors = own.length > 0 ? this.without(own) : []));
    }
    return priors;
  }

  private without(trees: readonly string[]): EyePrior[] {
    const steps: EyePrior[] = [];
    const saidBy = (id: string, on: DayNumber) => this.words.get(id)?.findLast((word) => word.on <= on)?.says ?? [];
    for (const { on, pool } of this.known) step(steps, on, pool.without(trees.flatMap((id) => saidBy(id, on))));
    return steps;
  }
}

function step(steps: EyePrior[], from: DayNumber, eye: { mean: number; sd: number }): void {
  const last = steps.at(-1);
  if (last && Math.abs(last.mean - eye.mean) < STEP && Math.abs(last.sd - eye.sd) < STEP) return;
  steps.push({ from, ...eye });
}

/** The last of them that has begun: null before anything is known. */
export function eyeOn(steps: readonly EyePrior[], on: DayNumber): EyePrior | null {
  return steps.findLast((s) => s.from <= on) ?? null;
}

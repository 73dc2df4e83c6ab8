import type { CommandRead } from "@/contract/index";
import { fault } from "@/contract/faults";
import type { RecordedForTrees } from "@/contract/many";
import { toDay } from "@/core/dates/index";
import { subject } from "@/core/event/index";
import { freeOf, plantsOn } from "@/core/records/index";
import { recordHealth } from "@/features/tree/condition/commands";
import { endTree } from "@/features/tree/identity/commands";
import { asHappened, findTree } from "@/features/kernel/days";
import { type Command, command, type CommandContext, Refusal, refuse } from "@/features/kernel/define";
import { addNote } from "@/features/bench/notes/commands";
import { recordPotting } from "@/features/bench/potting/commands";
import { recordRoots } from "@/features/bench/roots/commands";
import { rootsOf } from "@/features/trees/shared-pot";
import { recordPruning } from "@/features/climate/wood/commands";
import { FOR_TREES_WORDS } from "@/words/record";

/** How each thing is recorded of one tree. */
const OF_ONE: Record<RecordedForTrees["kind"], Command> = {
  note: addNote,
  pruned: recordPruning,
  "roots-read": recordRoots,
  health: recordHealth,
  ended: endTree,
  potted: recordPotting,
};

/** The same thing done to several trees: one entry. What one of them cannot take is refused for all, with its name. */
export const recordForTrees = command("record-for-trees", {
  subjects: (v) => [
    ...v.treeIds.map(subject.tree),
    ...(v.what.kind === "potted" ? [subject.pots(v.what.potLotId)] : []),
  ],
  run: async (context, { treeIds, what }) => {
    const trees = [...new Set(treeIds)].map((id) => findTree(context, id, "treeIds"));
    if (what.kind === "potted") refuseTooFewPots(context, trees, what);
    if (what.kind === "potted" || what.kind === "ended") await refusePotMates(context, trees, asHappened(what.on).best);
    const one: CommandContext = { ...context, note: () => undefined };
    for (const [i, tree] of trees.entries()) {
      try {
        await OF_ONE[what.kind].run(one, inputOf(context, tree.id, what));
      } catch (err) {
        if (!(err instanceof Refusal)) throw err;
        const at = err.faults.map((f) => ({ ...f, path: `what.${f.path}` }));
        throw new Refusal(trees.length === 1 ? at : [fault("treeIds", "one-of-them", { tag: tree.tag }), ...at]);
      }
      context.progress(i + 1, trees.length);
    }
    const { length } = trees;
    context.note(`${length === 1 ? trees[0].tag : `${length} trees`}: ${FOR_TREES_WORDS[what.kind]}`);
    return { trees: length };
  },
});

/** What the tree's own command is handed. */
function inputOf(
  context: CommandContext,
  treeId: string,
  { kind, ...what }: RecordedForTrees,
): Record<string, unknown> {
  const of = { treeId, ...what };
  if (kind === "roots-read")
    return { ...of, reading: null, confirmed: false } satisfies Partial<CommandRead<"record-roots">>;
  if (kind === "ended") return { ...of, count: plantsLeft(context, treeId, asHappened(what.on).best) };
  if (kind === "potted") return { ...of, ...PLAIN_POTTING };
  return of;
}

/** All plants of a record: what may still leave on a day. At least one, so that who has left already is told so. */
function plantsLeft({ loaded, today }: CommandContext, treeId: string, on: string): number {
  const steps = loaded.indexed.presence.get(treeId) ?? [];
  return Math.max(1, Math.min(plantsOn(steps, toDay(on)), plantsOn(steps, toDay(today))));
}

/** Set on its ball at the usual depth, nothing measured. */
const PLAIN_POTTING: Omit<CommandRead<"record-potting">, "treeId" | "on" | "potLotId" | "mix" | "correction"> = {
  retainedShare: null,
  crownMm: 0,
  bottomLayerMm: 0,
  set: { as: "ball" },
  offAxisMm: 0,
  tiltDeg: 0,
  facing: "",
  flareDepthMm: 0,
  takenOffMm: 0,
  trimSideMm: 0,
  unionMm: null,
  staked: false,
  despite: null,
  measured: { rimMm: null, looseMixL: null, wetKg: null },
};

/** Who leaves a shared pot leaves its mix to the others: two that leave it at once would each leave it to the other. */
async function refusePotMates(
  context: CommandContext,
  trees: readonly { id: string; tag: string }[],
  on: string,
): Promise<void> {
  const chosen = new Set(trees.map((t) => t.id));
  for (const { id, tag } of trees) {
    const together = (await rootsOf(context, id, on))?.together ?? [];
    if (together.some((mate) => mate !== id && chosen.has(mate))) refuse("treeIds", "shares-its-pot", { tag });
  }
}

/** Each potting looks at the store as it is before all of them: whether there is enough for all is asked first. */
function refuseTooFewPots(
  context: CommandContext,
  trees: readonly { id: string }[],
  { potLotId, mix, on }: Extract<RecordedForTrees, { kind: "potted" }>,
): void {
  const { indexed } = context.loaded;
  // Reclaimed mix runs out litre by litre: it is given to one tree at a time.
  if (mix.startsWith("reclaimed:") && trees.length > 1) refuse("what.mix", "mix-gone");
  const plants = trees.reduce((n, { id }) => n + plantsOn(indexed.presence.get(id) ?? [], toDay(on)), 0);
  const free = freeOf(indexed, potLotId, toDay(context.today));
  if (trees.length > 1 && plants > free) refuse("what.potLotId", "too-few-pots-free", { plants, free });
}

import { yardOf } from "../kernel/collection/load";
import { findTree, happening } from "../kernel/days";
import type { CommandContext } from "../kernel/define";

/** Roots and pot of a tree on a day, and who shares it; null before it came. */
export async function rootsOf(context: CommandContext, treeId: string, on: string) {
  return (await yardOf(context)).tree(findTree(context, treeId).id)?.on(on)?.roots ?? null;
}

/** The other plants of its pot have the mix to themselves, in equal shares. */
export function shareAmong(
  context: CommandContext,
  stay: readonly string[],
  potLotId: string | null,
  on: string,
): void {
  for (const treeId of stay)
    context.record(
      happening({ kind: "joined", share: 1 / stay.length, together: [...stay], correction: "none" }, on, {
        treeId,
        potLotId,
      }),
    );
}

/** The plants of one pot stand apart again, as far as the records go: this one has left it, the others share what is left. */
export function leavePot(
  context: CommandContext,
  together: readonly string[],
  treeId: string,
  lotId: string | null,
  on: string,
): void {
  const stay = together.filter((id) => id !== treeId);
  if (stay.length > 0) shareAmong(context, stay, lotId, on);
}

import type { PlannedLadder } from "./collection";
import { groundM2 } from "./year";
import type { LadderProblem } from "./model";

/** A tree that shares its room with the others. */
export interface RoomTask {
  treeId: string;
  problem: Pick<LadderProblem, "pots" | "site">;
  plants: number;
  agreed: readonly unknown[];
}

/** Ground its pot takes, m²; 0 once it is in the ground. */
export function potWidthMm({ pots }: Pick<LadderProblem, "pots">, potIndex: number): number | null {
  const pot = pots.at(potIndex);
  return pot ? (pot.widthMm ?? pot.heightMm) : null;
}

/** Trees that must wait a season for want of room, with what that costs: those for which waiting costs least for the room it gives. */
export function heldBySpace(
  tasks: readonly RoomTask[],
  ladders: ReadonlyMap<string, PlannedLadder>,
  room: { summerM2: number | null; winterM2: number | null } | null,
): Map<string, { season: number; cost: number }> {
  const held = new Map<string, { season: number; cost: number }>();
  if (!room) return held;
  for (const [most, counts] of [
    [room.summerM2, () => true],
    [room.winterM2, (t: RoomTask) => t.problem.site.movedForWinter],
  ] as const) {
    if (most === null) continue;
    const of = tasks.filter(counts);
    const area = (t: RoomTask, i: number) => t.plants * groundM2(potWidthMm(t.problem, i) ?? 0);
    const at = (t: RoomTask) =>
      held.get(t.treeId)?.season === 0 ? 0 : (ladders.get(t.treeId)!.plan.steps[0]?.pot ?? 0);
    let used = of.reduce((sum, t) => sum + area(t, at(t)), 0);
    const may = of
      .flatMap((t) => {
        const { nextStep, holdCost } = ladders.get(t.treeId)!;
        const gain = area(t, at(t)) - area(t, 0);
        // What was agreed to is not taken back for want of room.
        return t.agreed.length === 0 && nextStep === 0 && holdCost !== null && gain > 0 && !held.has(t.treeId)
          ? [{ treeId: t.treeId, cost: holdCost, gain }]
          : [];
      })
      .sort((a, b) => a.cost / a.gain - b.cost / b.gain);
    for (const m of may) {
      if (used <= most) break;
      held.set(m.treeId, { season: 0, cost: m.cost });
      used -= m.gain;
    }
  }
  return held;
}

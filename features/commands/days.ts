import type { CommandContext } from "./define";
import { refuse } from "./define";

/** Recorded days lie in the past or today; what is ahead is a plan. */
export function refuseFuture(context: CommandContext, day: string, path = "on"): void {
  if (day > context.today)
    refuse(path, `${day} has not come yet. Record it on the day it is done; what is ahead is planned, not recorded.`);
}

/** Nothing happened to a tree before it arrived. */
export function refuseBeforeArrival(context: CommandContext, treeId: string, day: string, path = "on"): void {
  const arrived = context.loaded.indexed.eventsByTree.get(treeId)?.find((e) => e.payload.kind === "arrived");
  if (arrived && day < arrived.on.best)
    refuse(path, `This tree arrived on ${arrived.on.best}: nothing can have been done to it before.`);
}

export function exactDay(day: string) {
  return { best: day, from: day, to: day };
}

export function findTree(context: CommandContext, treeId: string) {
  const tree = context.loaded.trees.find((t) => t.id === treeId);
  return tree ?? refuse("treeId", "This tree is not in the collection any more. Go back to the Yard.");
}

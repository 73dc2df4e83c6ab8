import { randomUUID } from "node:crypto";
import type { When } from "@/contract/index";
import type { Happened } from "@/core/event/index";
import type { StoredTree } from "@/data/trees";
import { type CommandContext, type NewEvent, refuse } from "./define";

export function exactDay(day: string): Happened {
  return { best: day, from: day, to: day };
}

export function asHappened(when: When): Happened {
  return typeof when === "string" ? exactDay(when) : when;
}

/** Recorded days lie in the past or today; what is ahead is a plan. */
export function refuseFuture(context: CommandContext, when: When, path = "on"): void {
  const day = asHappened(when).to;
  if (day > context.today) refuse(path, "future-day", { day });
}

/** Nothing happened to a tree before it arrived. */
export function refuseBeforeArrival(context: CommandContext, treeId: string, when: When, path = "on"): void {
  const arrived = arrivalOf(context, treeId);
  if (arrived && asHappened(when).best < arrived.on.best) refuse(path, "before-arrival", { arrived: arrived.on.best });
}

export function arrivalOf(context: CommandContext, treeId: string) {
  return context.loaded.indexed.eventsByTree.get(treeId)?.find((e) => e.payload.kind === "arrived");
}

export function findTree(context: CommandContext, treeId: string, path = "treeId"): StoredTree {
  const tree = context.loaded.trees.find((t) => t.id === treeId);
  return tree ?? refuse(path, "tree-gone");
}

/** An event as a command makes it; what it is not about stays empty. */
export function happening(payload: NewEvent["payload"], on: When, about: Partial<NewEvent> = {}): NewEvent {
  return { id: randomUUID(), treeId: null, potLotId: null, ...about, on: asHappened(on), payload };
}

import { z } from "zod";
import { type Wall, WALLS } from "@/core/vessel/index";

/** The tree one stands in front of, as far as it has been answered. Kept on this device until it is saved. */
export const walkDraft = z.object({
  step: z.enum(["tag", "kind", "width", "height", "feel", "photo"]),
  tag: z.string(),
  kind: z.string(),
  wall: z.enum(WALLS),
  widthMm: z.number().nullable(),
  heightMm: z.number().nullable(),
  feel: z.number().int().min(1).max(4).nullable(),
  treeId: z.string(),
});
export type WalkDraft = z.infer<typeof walkDraft>;
export type WalkStep = WalkDraft["step"];
export const WALK_STEPS: WalkStep[] = ["tag", "kind", "width", "height", "feel", "photo"];

/** What is remembered from tree to tree: the last answers are the likeliest ones. */
export interface WalkMemory {
  /** Kinds used on this round, newest first. */
  kinds: string[];
  wall: Wall;
  saved: number;
}

export function freshDraft(tag: string, memory: WalkMemory, treeId: string): WalkDraft {
  return { step: "tag", tag, kind: "", wall: memory.wall, widthMm: null, heightMm: null, feel: null, treeId };
}

const KINDS_KEPT = 5;

/** The memory after a tree was saved. */
export function remembered(memory: WalkMemory, draft: WalkDraft): WalkMemory {
  const kinds = draft.kind === "" ? memory.kinds : [draft.kind, ...memory.kinds.filter((k) => k !== draft.kind)];
  return { kinds: kinds.slice(0, KINDS_KEPT), wall: draft.wall, saved: memory.saved + 1 };
}

/** The step after this one; a tree that is on record is not asked its species again. */
export function stepAfter(step: WalkStep, known: boolean): WalkStep {
  if (step === "tag" && known) return "width";
  return WALK_STEPS[Math.min(WALK_STEPS.length - 1, WALK_STEPS.indexOf(step) + 1)];
}

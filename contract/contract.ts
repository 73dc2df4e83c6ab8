import type { z } from "zod";
import type { EventKind } from "@/core/event/index";

/** A write as both sides know it: what it takes and what it answers. What it does stands in a room's `commands.ts`. */
export interface Contract<N extends string, I extends z.ZodType, R extends z.ZodType, K extends EventKind = EventKind> {
  name: N;
  /** What is sent, without its envelope. */
  input: I;
  result: R;
  /** Kinds of events it may replace by a better one. */
  corrects: readonly K[];
}

export function contract<N extends string, I extends z.ZodType, R extends z.ZodType, K extends EventKind = never>(
  name: N,
  input: I,
  result: R,
  corrects: readonly K[] = [],
): Contract<N, I, R, K> {
  return { name, input, result, corrects };
}

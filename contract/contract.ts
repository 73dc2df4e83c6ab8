import { z } from "zod";

/** A write as both sides know it: what it takes and what it answers. What it does stands in a room's `commands.ts`. */
export interface Contract<N extends string, I extends z.ZodType, R extends z.ZodType> {
  name: N;
  /** What is sent, without its envelope. */
  input: I;
  result: R;
}

export function contract<N extends string, I extends z.ZodType, R extends z.ZodType>(
  name: N,
  input: I,
  result: R,
): Contract<N, I, R> {
  return { name, input, result };
}

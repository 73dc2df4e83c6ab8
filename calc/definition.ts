import type { z } from "zod";

/** One calculation as the outside sees it. */
export interface Calculation {
  name: string;
  about: string;
  input: z.ZodType;
  run: (input: unknown) => unknown;
  /** Answers later and keeps a thread busy until then: a server runs it in its pool. */
  slow: boolean;
}

/** An input that is well-formed but impossible: answered like any other fault. */
export class CalcProblem {
  constructor(
    readonly path: string,
    readonly message: string,
  ) {}
}

/** Keeps input schema and function in step. */
export function define<S extends z.ZodType>(
  name: string,
  about: string,
  input: S,
  run: (input: z.output<S>) => unknown,
): Calculation {
  // Sound because `calculate` only ever passes what this schema parsed.
  return { name, about, input, run: run as (input: unknown) => unknown, slow: false };
}

/** One that answers later. */
export function defineSlow<S extends z.ZodType>(
  name: string,
  about: string,
  input: S,
  run: (input: z.output<S>) => Promise<unknown>,
): Calculation {
  return { ...define(name, about, input, run), slow: true };
}

import type { FieldErrors, FieldValues, Resolver } from "react-hook-form";

/** What is wrong at a field, in words. */
export interface FieldProblem {
  path: string;
  message: string;
}

/** Problems nested as react-hook-form keeps them; the first of a field counts. */
export function errorsOf<V extends FieldValues>(problems: readonly FieldProblem[]): FieldErrors<V> {
  const errors: Record<string, unknown> = {};
  for (const { path, message } of problems) {
    const parts = path === "" ? ["root"] : path.split(".");
    let at = errors;
    for (const part of parts.slice(0, -1)) at = (at[part] ??= {}) as Record<string, unknown>;
    at[parts.at(-1)!] ??= { type: "fault", message };
  }
  return errors as FieldErrors<V>;
}

/** Checks a form by what finds its problems: the same rule as the server's. */
export function resolverOf<V extends FieldValues>(find: (values: V) => Promise<readonly FieldProblem[]>): Resolver<V> {
  return async (values) => {
    const problems = await find(values);
    return problems.length === 0 ? { values, errors: {} } : { values: {}, errors: errorsOf<V>(problems) };
  };
}

import type { FieldValues } from "react-hook-form";

/** Whether a form has a field a fault can stand at: the path itself, or one above it that is a field and no group of fields. */
export function hasField(start: FieldValues, path: string): boolean {
  let at: unknown = start;
  for (const part of path.split(".")) {
    if (typeof at !== "object" || at === null || Array.isArray(at)) return true;
    if (!(part in at)) return false;
    at = (at as Record<string, unknown>)[part];
  }
  return true;
}

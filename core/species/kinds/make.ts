import type { Habit } from "../../wood/index";
import type { FieldName, Kind, KindValues, Reference } from "../fields";

interface Known {
  /** Published values as remembered, by field. */
  M?: string;
  /** Published and sure. */
  H?: string;
  references?: Partial<Record<FieldName, Reference>>;
}

/** An entry of the library. Whatever `known` does not name is growers' practice and our judgement (L). */
export function kind(
  id: string,
  names: string,
  scientific: string,
  habit: Habit,
  note: string,
  values: Partial<KindValues>,
  known: Known = {},
): Kind {
  const marks: Kind["marks"] = {};
  for (const mark of ["H", "M"] as const)
    for (const field of known[mark]?.split(" ") ?? []) marks[field as FieldName] = mark;
  return { id, names: names.split("; "), scientific, habit, note, values, marks, references: known.references };
}

/** An entry whose every field is set for the kind itself. */
export function complete(
  id: string,
  names: string,
  scientific: string,
  habit: Habit,
  note: string,
  values: KindValues,
  known: Known = {},
): Kind {
  return kind(id, names, scientific, habit, note, values, known);
}

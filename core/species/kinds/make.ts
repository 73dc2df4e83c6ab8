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

/** Fields that came later and are said where somebody knows them. */
type Later = "bringInNightC" | "potHeightM";

/** An entry whose every field is set for the kind itself. */
export function complete(
  id: string,
  names: string,
  scientific: string,
  habit: Habit,
  note: string,
  values: Omit<KindValues, Later> & Partial<Pick<KindValues, Later>>,
  known: Known = {},
): Kind {
  return kind(id, names, scientific, habit, note, values, known);
}

/** How well a line was remembered: B well, C judged from its kin. */
export type Recall = "B" | "C";
export const RECALLED = { B: "well", C: "judged" } as const;

/** An entry written down from memory as a whole: every value of it is practice (L). */
export function recalled(
  id: string,
  names: string,
  scientific: string,
  habit: Habit,
  recall: Recall,
  note: string,
  values: Partial<KindValues>,
): Kind {
  return { ...kind(id, names, scientific, habit, note, values), recalled: RECALLED[recall] };
}

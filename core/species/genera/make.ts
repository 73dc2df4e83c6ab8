import type { Habit } from "../../wood/index";
import type { Genus, KindValues } from "../fields";
import { RECALLED, type Recall } from "../kinds/make";

/** The kind that stands for a genus. */
const genusId = (name: string) => `genus-${name.toLowerCase()}`;

export function genus(
  name: string,
  names: string,
  family: string,
  habit: Habit,
  recall: Recall,
  differs: boolean,
  note: string,
  values: Partial<KindValues>,
): Genus {
  return {
    id: genusId(name),
    names: names === "" ? [name] : names.split("; ").map((n) => n.charAt(0).toUpperCase() + n.slice(1)),
    scientific: name,
    family,
    habit,
    note,
    values,
    rank: "genus",
    differs,
    recalled: RECALLED[recall],
  };
}

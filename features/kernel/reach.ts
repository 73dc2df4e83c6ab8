import { type DatedThing, outOfReach, YEARS_AHEAD, YEARS_BACK } from "@/core/dates/index";
import { type Fault, fault } from "@/contract/faults";

/** Commands whose days are not of a tree; all others may go back as far as a tree is old. */
export const NOT_OF_TREES: ReadonlySet<string> = new Set([
  "record-absence",
  "stock-pots",
  "add-pots",
  "discard-pots",
  "set-pot-condition",
  "import-pots",
  "set-task",
  "answer-today",
]);

/** Names under which commands take days; free text under any other name is never looked at. */
export const DAY_FIELDS: ReadonlySet<string> = new Set([
  "on",
  "when",
  "best",
  "from",
  "to",
  "arrivedOn",
  "arrived",
  "lastPotted",
  "raisedOn",
  "since",
  "first",
  "until",
]);

/** Days of an input that can only be a slip of the keys, each at its field. */
export function datesOutOfReach(command: string, input: unknown, today: string): Fault[] {
  const of: DatedThing = NOT_OF_TREES.has(command) ? "other" : "tree";
  const faults: Fault[] = [];
  const look = (value: unknown, path: string, name: string): void => {
    if (typeof value === "string") {
      const slip = DAY_FIELDS.has(name) ? outOfReach(value, today, of) : null;
      if (slip === "too-old") faults.push(fault(path, "too-old", { years: YEARS_BACK[of] }));
      if (slip === "too-far") faults.push(fault(path, "too-far-ahead", { years: YEARS_AHEAD }));
    } else if (Array.isArray(value)) {
      value.forEach((item, i) => look(item, `${path}.${i}`, name));
    } else if (typeof value === "object" && value !== null && !ArrayBuffer.isView(value)) {
      for (const [key, item] of Object.entries(value)) look(item, path === "" ? key : `${path}.${key}`, key);
    }
  };
  look(input, "", "");
  return faults.slice(0, 50);
}

import { FRUIT_CLOCKS } from "../wood/index";
import { foldName, genusNamed, kindNamed } from "./named";

/** A kind with how early its fruit is, as growers name them together: "apple-early", "late grape", "fig (breba)". */
export interface SortNamed {
  kindId: string;
  /** Named among the fruit clocks of its kind; null where nobody said. */
  sort: string | null;
}

const SORTS = [...new Set(Object.values(FRUIT_CLOCKS).flatMap((clocks) => Object.keys(clocks)))];

/** Words of flowers that the library does not tell apart. */
const FORMS = new Set(["double", "single"]);

/**
 * @example sortNamed("apple-early") // { kindId: "apple", sort: "early" }
 * @example sortNamed("Fig") // { kindId: "fig", sort: null }
 */
export function sortNamed(text: string): SortNamed | null {
  const whole = kindNamed(text) ?? genusNamed(text);
  if (whole !== null) return { kindId: whole, sort: null };
  const words = foldName(text)
    .split(" ")
    .filter((word) => !FORMS.has(word));
  const sort = words.find((word) => SORTS.includes(word));
  const kindId = kindNamed(words.filter((word) => word !== sort).join(" "));
  return kindId !== null && (!sort || FRUIT_CLOCKS[kindId]?.[sort]) ? { kindId, sort: sort ?? null } : null;
}

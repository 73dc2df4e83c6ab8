"use client";

import { useSearchParams } from "next/navigation";
import { useCallback, useState } from "react";
import { z } from "zod";
import { HEADLINE_CODES } from "@/core/decision/index";
import { HEALTH_STATES } from "@/core/event/index";
import { writeAddress } from "@/features/kernel/put-day";
import {
  DUE_WITHIN,
  GROUPS,
  MISSING,
  NO_FILTER,
  POT_SIZES,
  SORTS,
  type TreeFilter,
  type TreeGroup,
} from "./tree-filter";

const keysOf = <T extends object>(of: T) => Object.keys(of) as (keyof T & string)[];
/** One of these, or no question. */
const oneOf = <T extends string>(values: readonly T[]) =>
  z.union([z.enum(values as unknown as [T, ...T[]]), z.literal("")]).catch("");

/** How a list of trees is looked at: what it is narrowed to, its order, groups and form. What cannot be read is no question. */
export const treesAsked = z.object({
  text: z.string().max(120).catch(""),
  place: z.string().max(60).catch(""),
  species: z.string().max(160).catch(""),
  status: oneOf(HEADLINE_CODES),
  due: oneOf(keysOf(DUE_WITHIN)),
  pot: oneOf(keysOf(POT_SIZES)),
  health: oneOf(HEALTH_STATES),
  missing: oneOf([...MISSING, "any"] as const),
  sort: z.enum(SORTS).catch("urgency"),
  group: z.enum([...GROUPS, "auto"]).catch("auto"),
  view: z.enum(["pictures", "rows"]).catch("pictures"),
});
export type TreesAsked = z.output<typeof treesAsked>;

const USUAL: TreesAsked = { ...NO_FILTER, sort: "urgency", group: "auto", view: "pictures" };

/** Above so many trees they are drawn place by place where nobody says otherwise. */
const BY_PLACE_ABOVE = 60;
export const groupOf = (asked: TreesAsked, trees: number): TreeGroup =>
  asked.group === "auto" ? (trees > BY_PLACE_ABOVE ? "place" : "none") : asked.group;
export const filterOf = ({ sort: _, group: __, view: ___, ...filter }: TreesAsked): TreeFilter => filter;

/** What the address asks of the list; a change stands in the address at once, so that going back finds it again. */
export function useTreesAsked() {
  const query = useSearchParams();
  const [asked, setAsked] = useState<TreesAsked>(() => treesAsked.parse({ ...USUAL, ...Object.fromEntries(query) }));
  const ask = useCallback(
    (changes: Partial<TreesAsked>) => {
      const next = { ...asked, ...changes };
      setAsked(next);
      writeAddress((address) => {
        address.delete("choose");
        for (const key of keysOf(USUAL)) {
          if (next[key] === USUAL[key]) address.delete(key);
          else address.set(key, next[key]);
        }
      });
    },
    [asked],
  );
  return { asked, ask, clear: () => ask(NO_FILTER), choose: query.get("choose") };
}

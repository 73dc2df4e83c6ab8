"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["almanac", FIRST_PAGE_WORDS.almanac],
  ["almanac/ahead", PAGE_WORDS["almanac/ahead"]],
  ["almanac/wood", PAGE_WORDS["almanac/wood"]],
  ["almanac/kinds", PAGE_WORDS["almanac/kinds"]],
  ["almanac/places", PAGE_WORDS["almanac/places"]],
  ["almanac/records", PAGE_WORDS["almanac/records"]],
] as const satisfies readonly (readonly [Page, string])[];

/** The pages of the room. */
export function AlmanacNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label={ROOM_WORDS.almanac} parts={PARTS} at={at} />;
}

"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["trees", FIRST_PAGE_WORDS.trees],
  ["trees/windows", PAGE_WORDS["trees/windows"]],
] as const satisfies readonly (readonly [Page, string])[];

/** The pages of the room. */
export function TreesNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label={ROOM_WORDS.trees} parts={PARTS} at={at} />;
}

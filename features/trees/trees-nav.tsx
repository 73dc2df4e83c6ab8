"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["yard", FIRST_PAGE_WORDS.yard],
  ["yard/windows", PAGE_WORDS["yard/windows"]],
] as const satisfies readonly (readonly [Page, string])[];

/** The pages of the room. */
export function TreesNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label={ROOM_WORDS.yard} parts={PARTS} at={at} />;
}

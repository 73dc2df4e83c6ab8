"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["winter", FIRST_PAGE_WORDS.winter],
  ["winter/moves", PAGE_WORDS["winter/moves"]],
  ["winter/watch", PAGE_WORDS["winter/watch"]],
  ["winter/print", PAGE_WORDS["winter/print"]],
] as const satisfies readonly (readonly [Page, string])[];

/** The pages of the room. */
export function WinterNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label={ROOM_WORDS.winter} parts={PARTS} at={at} />;
}

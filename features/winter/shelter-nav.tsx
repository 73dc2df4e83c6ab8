"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["shelter", FIRST_PAGE_WORDS.shelter],
  ["shelter/moves", PAGE_WORDS["shelter/moves"]],
  ["shelter/watch", PAGE_WORDS["shelter/watch"]],
  ["shelter/print", PAGE_WORDS["shelter/print"]],
] as const satisfies readonly (readonly [Page, string])[];

/** The pages of the room. */
export function ShelterNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label={ROOM_WORDS.shelter} parts={PARTS} at={at} />;
}

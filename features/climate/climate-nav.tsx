"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["climate", FIRST_PAGE_WORDS.climate],
  ["climate/ahead", PAGE_WORDS["climate/ahead"]],
  ["climate/wood", PAGE_WORDS["climate/wood"]],
  ["climate/species", PAGE_WORDS["climate/species"]],
  ["climate/places", PAGE_WORDS["climate/places"]],
  ["climate/records", PAGE_WORDS["climate/records"]],
] as const satisfies readonly (readonly [Page, string])[];

/** The pages of the room. */
export function ClimateNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label={ROOM_WORDS.climate} parts={PARTS} at={at} />;
}

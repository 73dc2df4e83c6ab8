"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["pots", FIRST_PAGE_WORDS.pots],
  ["pots/mixes", PAGE_WORDS["pots/mixes"]],
  ["pots/library", PAGE_WORDS["pots/library"]],
  ["pots/mixing", PAGE_WORDS["pots/mixing"]],
  ["pots/big", PAGE_WORDS["pots/big"]],
  ["pots/products", PAGE_WORDS["pots/products"]],
  ["pots/figures", PAGE_WORDS["pots/figures"]],
] as const satisfies readonly (readonly [Page, string])[];
export type StoresPart = (typeof PARTS)[number][0];

/** The pages of the room. */
export function PotsNav({ at }: { at: StoresPart }) {
  return <SubNav label={ROOM_WORDS.pots} parts={PARTS} at={at} />;
}

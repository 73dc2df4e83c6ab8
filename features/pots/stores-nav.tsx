"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";
import { FIRST_PAGE_WORDS, PAGE_WORDS, ROOM_WORDS } from "@/words/rooms";

const PARTS = [
  ["stores", FIRST_PAGE_WORDS.stores],
  ["stores/mixes", PAGE_WORDS["stores/mixes"]],
  ["stores/library", PAGE_WORDS["stores/library"]],
  ["stores/mixing", PAGE_WORDS["stores/mixing"]],
  ["stores/big", PAGE_WORDS["stores/big"]],
  ["stores/products", PAGE_WORDS["stores/products"]],
  ["stores/figures", PAGE_WORDS["stores/figures"]],
] as const satisfies readonly (readonly [Page, string])[];
export type StoresPart = (typeof PARTS)[number][0];

/** The pages of the room. */
export function StoresNav({ at }: { at: StoresPart }) {
  return <SubNav label={ROOM_WORDS.stores} parts={PARTS} at={at} />;
}

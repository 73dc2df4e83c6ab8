"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["stores", "Pots"],
  ["stores/mixes", "Mixes in the pot"],
  ["stores/library", "Recipes and components"],
  ["stores/mixing", "Mixing and bags"],
  ["stores/big", "Big containers"],
  ["stores/products", "Cans and caps"],
  ["stores/figures", "Figures and sources"],
] as const satisfies readonly (readonly [Page, string])[];
export type StoresPart = (typeof PARTS)[number][0];

/** The rooms of the Stores. */
export function StoresNav({ at }: { at: StoresPart }) {
  return <SubNav label="Stores" parts={PARTS} at={at} />;
}

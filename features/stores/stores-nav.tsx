"use client";

import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["", "Pots"],
  ["mixes", "Mixes in the pot"],
  ["library", "Recipes and components"],
  ["mixing", "Mixing and bags"],
  ["big", "Big containers"],
  ["products", "Cans and caps"],
  ["figures", "Figures and sources"],
] as const;
export type StoresPart = (typeof PARTS)[number][0];

/** The rooms of the Stores. */
export function StoresNav({ at }: { at: StoresPart }) {
  return <SubNav label="Stores" base="stores" parts={PARTS} at={at} />;
}

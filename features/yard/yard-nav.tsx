"use client";

import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["", "The yard"],
  ["windows", "The year’s windows"],
] as const;

/** The rooms of the Yard. */
export function YardNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label="Yard" base="yard" parts={PARTS} at={at} />;
}

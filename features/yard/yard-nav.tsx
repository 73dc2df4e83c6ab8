"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["yard", "The yard"],
  ["yard/windows", "The year’s windows"],
] as const satisfies readonly (readonly [Page, string])[];

/** The rooms of the Yard. */
export function YardNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label="Yard" parts={PARTS} at={at} />;
}

"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["shelter", "Who stands where"],
  ["shelter/moves", "The moves"],
  ["shelter/watch", "Winter watch"],
  ["shelter/print", "For the wall"],
] as const satisfies readonly (readonly [Page, string])[];

/** The rooms of the Shelter. */
export function ShelterNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label="Shelter" parts={PARTS} at={at} />;
}

"use client";

import type { Page } from "@/features/kernel/addresses";
import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["almanac", "The site’s year"],
  ["almanac/ahead", "Ten days ahead"],
  ["almanac/wood", "Wood and hardiness"],
  ["almanac/kinds", "Kinds"],
  ["almanac/places", "Places"],
  ["almanac/records", "Records and climate"],
] as const satisfies readonly (readonly [Page, string])[];

/** The rooms of the Almanac. */
export function AlmanacNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label="Almanac" parts={PARTS} at={at} />;
}

"use client";

import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["", "The site’s year"],
  ["ahead", "Ten days ahead"],
  ["wood", "Wood and hardiness"],
  ["kinds", "Kinds"],
  ["places", "Places"],
  ["records", "Records and climate"],
] as const;

/** The rooms of the Almanac. */
export function AlmanacNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label="Almanac" base="almanac" parts={PARTS} at={at} />;
}

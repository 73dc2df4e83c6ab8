"use client";

import { SubNav } from "@/features/kernel/sub-nav";

const PARTS = [
  ["", "Who stands where"],
  ["moves", "The moves"],
  ["watch", "Winter watch"],
  ["print", "For the wall"],
] as const;

/** The rooms of the Shelter. */
export function ShelterNav({ at }: { at: (typeof PARTS)[number][0] }) {
  return <SubNav label="Shelter" base="shelter" parts={PARTS} at={at} />;
}

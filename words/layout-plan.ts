import type { PlacedPlan, Standing } from "@/core/shelter/index";
import { floorM2, type PlaceBuild } from "@/core/winter/index";
import { kilograms, number, percent, type Units } from "./format";

export function summary(v: { as: string; inside: number; all: number; danger: number; calculated: boolean }): string {
  if (v.all === 0) return "No tree has a pot yet: add trees and say what they stand in.";
  const where = `${number(v.inside)} of ${number(v.all)} pots in winter quarters`;
  const fate = !v.calculated
    ? "what that does to them has not been calculated yet"
    : v.danger === 0
      ? "none of them in danger"
      : `${number(v.danger)} in danger`;
  const what = { now: "As they stand today", kept: "As planned", quick: "A quick answer", best: "The best found" }[
    v.as
  ];
  return `${what}: ${where}, ${fate}.`;
}

export function proofWords(cost: number, { plan, quickCost }: { plan: PlacedPlan; quickCost: number }): string {
  const gap =
    plan.boundCost === null ? null : Math.max(0, (plan.cost - plan.boundCost) / Math.max(1, Math.abs(plan.cost)));
  const proof =
    gap === null
      ? "The solver found nothing in its time: this is the quick answer."
      : `At most ${gap < 0.005 ? "half a per cent" : percent(gap)} above the best there can be.`;
  const quick =
    quickCost > plan.cost * 1.001 ? ` The quick answer was ${percent(quickCost / plan.cost - 1)} dearer.` : "";
  return `${number(cost)} points. ${proof}${quick}`;
}

export function brokenWords(
  broken: readonly string[],
  byId: ReadonlyMap<string, Standing>,
  nameOf: (id: string) => string,
): string {
  const WORDS: Record<string, string> = {
    height: "is too tall for its place",
    door: "does not get through the door",
    lift: "is too heavy to be carried there",
    floor: "is too heavy for the floor",
    area: "has no room",
    mass: "is loaded more than its floor bears",
    group: "stands apart from its group",
    minutes: "takes more carrying than you allow",
    unnamed: "has not been calculated there yet",
  };
  return `${broken
    .slice(0, 6)
    .map((text) => {
      const [id, why] = text.split(": ");
      const s = byId.get(id);
      return `${s ? s.tag : nameOf(id)} ${!s && why === "area" ? "is overfull" : (WORDS[why] ?? why)}`;
    })
    .join("; ")}${broken.length > 6 ? `; and ${broken.length - 6} more` : ""}. Place them anew.`;
}

export function usedWords(
  build: PlaceBuild,
  inside: readonly Standing[],
  shown: { assignment: Record<string, string> },
  id: string,
  units: Units,
): string {
  const there = inside.filter((s) => shown.assignment[s.id] === id);
  const area = floorM2(build);
  const ground = there.reduce((sum, s) => sum + (Math.PI / 4) * s.widthM ** 2, 0);
  const kg = there.reduce((sum, s) => sum + s.massKg, 0);
  const pots = there.length === 1 ? "1 pot" : `${number(there.length)} pots`;
  return there.length === 0
    ? "empty"
    : `${pots}, ${area === null ? "" : `${percent(ground / area)} of its floor, `}${kilograms(kg, units)}`;
}

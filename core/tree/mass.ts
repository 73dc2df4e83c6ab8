/** Mass of a tree above its ball, kg: half a cone of green wood at 900 kg/m³, crown and leaves ×1.6; leafless ×.85. Judgement (L). */
export function treeMassKg(trunkMm: number, heightM: number, leafless = false): number {
  const d = trunkMm / 1000;
  return 0.5 * 900 * (Math.PI / 4) * d ** 2 * heightM * 1.6 * (leafless ? 0.85 : 1);
}

/** How a mass may be carried, after general manual-handling guidance (remembered): limits may be lowered, never raised above local rules. */
export type LiftAdvice = "easy" | "raise-first" | "volunteer-limit" | "two-people" | "machine" | "professional";

/** Nobody lifts more than this alone, whatever they say of themselves: general guidance, local rules may be stricter. */
export const SOLO_LIMIT_KG = 25;

const LIFT_STEPS: [number, LiftAdvice][] = [
  [10, "easy"],
  [16, "raise-first"],
  [SOLO_LIMIT_KG, "volunteer-limit"],
  [33, "two-people"],
  [200, "machine"],
];

/** `volunteer-limit`: one strong person at waist height only; above the solo limit never alone. */
export function liftAdvice(massKg: number): LiftAdvice {
  return LIFT_STEPS.find(([most]) => massKg <= most)?.[1] ?? "professional";
}

/** Mass of a tree above its ball, kg: half a cone of green wood at 900 kg/m³, crown and leaves ×1.6; leafless ×.85. Judgement (L). */
export function treeMassKg(trunkMm: number, heightM: number, leafless = false): number {
  const d = trunkMm / 1000;
  return 0.5 * 900 * (Math.PI / 4) * d ** 2 * heightM * 1.6 * (leafless ? 0.85 : 1);
}

/** How a mass may be carried, after general manual-handling guidance (remembered): limits may be lowered, never raised above local rules. */
export type LiftAdvice = "easy" | "raise-first" | "volunteer-limit" | "two-people" | "machine" | "professional";

/** Nobody lifts more than this alone, whatever they say of themselves: general guidance, local rules may be stricter. */
export const SOLO_LIMIT_KG = 25;

/** From the floor more than this is raised first; above the second one a volunteer does not lift alone; two together at best; above the last a firm's work. */
export const LIFT_FROM_FLOOR_KG = 10;
export const VOLUNTEER_LIMIT_KG = 16;
export const PAIR_LIMIT_KG = 33;
export const MACHINE_LIMIT_KG = 200;

const LIFT_STEPS: [number, LiftAdvice][] = [
  [LIFT_FROM_FLOOR_KG, "easy"],
  [VOLUNTEER_LIMIT_KG, "raise-first"],
  [SOLO_LIMIT_KG, "volunteer-limit"],
  [PAIR_LIMIT_KG, "two-people"],
  [MACHINE_LIMIT_KG, "machine"],
];

/**
 * `volunteer-limit`: one strong person at waist height only; above the solo limit never alone.
 * @example liftAdvice(18) // "volunteer-limit"
 */
export function liftAdvice(massKg: number): LiftAdvice {
  return LIFT_STEPS.find(([most]) => massKg <= most)?.[1] ?? "professional";
}

import type { CarryLimits } from "../shelter/index";
import { LIFT_FROM_FLOOR_KG, MACHINE_LIMIT_KG, VOLUNTEER_LIMIT_KG } from "../mass/index";
import { pairLimitKg, type Person, soloLimitKg } from "./people";

/** Ways of getting a pot from here to there, from the lightest to the heaviest. */
export const CARRY_WAYS = ["floor", "alone", "two-level", "two-steps", "truck", "hoist", "professional"] as const;
export type CarryWay = (typeof CARRY_WAYS)[number];

export interface WayToCarry {
  way: CarryWay;
  /** What this way manages, kg; null: whatever the firm's gear is rated for. */
  limitKg: number | null;
  can: boolean;
  /** Who it would be, where people are on record. */
  who: string[];
}

/** Two on a stair manage half of what they do on the level (after manual-handling guidance, remembered). */
export const STEPS_SHARE = 0.5;

/**
 * Every way of moving a mass, with its limit and who could. Limits are general guidance, lowered by each person's own; nobody on
 * record counts as a volunteer.
 */
export function waysToCarry(massKg: number, present: readonly Person[]): WayToCarry[] {
  const hands = [...present].sort((a, b) => b.liftKg - a.liftKg);
  const [first, second] = hands;
  const volunteer = { liftKg: VOLUNTEER_LIMIT_KG };
  const alone = soloLimitKg(first ?? volunteer);
  const pair = pairLimitKg(first ?? volunteer, second ?? volunteer);
  const one = first ? [first.name] : [];
  const two = first && second ? [first.name, second.name] : [];
  const row = (way: CarryWay, limitKg: number | null, who: string[], can = limitKg === null || massKg <= limitKg) => ({
    way,
    limitKg,
    who,
    can,
  });
  // One person on record is no pair.
  const noPair = hands.length === 1;
  return [
    row("floor", Math.min(LIFT_FROM_FLOOR_KG, alone), one),
    row("alone", alone, one),
    row("two-level", pair, two, !noPair && massKg <= pair),
    row("two-steps", pair * STEPS_SHARE, two, !noPair && massKg <= pair * STEPS_SHARE),
    row("truck", MACHINE_LIMIT_KG, []),
    row("hoist", MACHINE_LIMIT_KG, []),
    row("professional", null, []),
  ];
}

/** What a collection's people carry, whoever is there that day; a sack truck is taken to be at hand. */
export function carryLimitsOf(people: readonly Person[]): CarryLimits {
  const rows = new Map(waysToCarry(0, people).map((w) => [w.way, w]));
  const limit = (way: CarryWay) => (rows.get(way)!.can ? (rows.get(way)!.limitKg ?? 0) : 0);
  return {
    aloneKg: limit("alone"),
    pairKg: limit("two-level"),
    pairStepsKg: limit("two-steps"),
    truckKg: limit("truck"),
  };
}

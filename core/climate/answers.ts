import { z } from "zod";
import { frostSlotOf, toDay } from "../dates/index";

const frostDay = z.string().regex(/^\d{2}-\d{2}$/);

/**
 * What a grower can say of a site without a weather record. Only where it is must be said: the rest is guessed from there and pulled by
 * each further answer. Frost days are `MM-DD`, null where it never freezes; what is left out nobody has said.
 */
export const answersSchema = z.object({
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
  elevationM: z.number().min(-450).max(6000),
  coldestNightC: z.number().min(-65).max(25).optional(),
  lastSpringFrost: frostDay.nullable().optional(),
  firstAutumnFrost: frostDay.nullable().optional(),
  /** A usual hot afternoon of the hottest month, °C. */
  hotAfternoonC: z.number().min(-10).max(55).optional(),
});
export type SiteAnswers = z.infer<typeof answersSchema>;

export type AnswerFault =
  | {
      field: "lastSpringFrost" | "firstAutumnFrost";
      code: "no-such-day" | "wrong-half-of-year" | "one-without-the-other";
    }
  | { field: "coldestNightC"; code: "frost-without-cold" | "cold-without-frost" }
  | { field: "hotAfternoonC"; code: "hot-below-cold" };

/** A year in which the hottest afternoons are not warmer than the coldest night by this much there is nowhere, K. */
const LEAST_YEAR_RANGE_C = 8;

/** Day of the frost year of an `MM-DD`, null when there is no such day (29 February is taken as the 28th). */
export function slotInFrostYear(monthDay: string, latitudeDeg: number): number | null {
  try {
    return frostSlotOf(toDay(`2004-${monthDay}`), latitudeDeg);
  } catch {
    return null;
  }
}

/** Spring frosts end in the second half of the frost year, autumn frosts begin in the first. */
const HALF_YEAR_SLOT = 190;

/** What does not fit together in the answers; empty when they do. */
export function answerFaults(answers: SiteAnswers): AnswerFault[] {
  const faults: AnswerFault[] = [];
  const check = (field: "lastSpringFrost" | "firstAutumnFrost", inHalf: (slot: number) => boolean) => {
    const text = answers[field];
    if (text === null || text === undefined) return;
    const slot = slotInFrostYear(text, answers.latitudeDeg);
    if (slot === null) faults.push({ field, code: "no-such-day" });
    else if (!inHalf(slot)) faults.push({ field, code: "wrong-half-of-year" });
  };
  check("lastSpringFrost", (slot) => slot >= HALF_YEAR_SLOT);
  check("firstAutumnFrost", (slot) => slot < HALF_YEAR_SLOT);
  const { coldestNightC, hotAfternoonC } = answers;
  if ((answers.lastSpringFrost === null) !== (answers.firstAutumnFrost === null)) {
    faults.push({
      field: answers.lastSpringFrost === null ? "lastSpringFrost" : "firstAutumnFrost",
      code: "one-without-the-other",
    });
  }
  const frosty = typeof answers.lastSpringFrost === "string" || typeof answers.firstAutumnFrost === "string";
  const never = answers.lastSpringFrost === null && answers.firstAutumnFrost === null;
  if (frosty && coldestNightC !== undefined && coldestNightC > 0)
    faults.push({ field: "coldestNightC", code: "frost-without-cold" });
  if (never && coldestNightC !== undefined && coldestNightC < 0)
    faults.push({ field: "coldestNightC", code: "cold-without-frost" });
  if (hotAfternoonC !== undefined && coldestNightC !== undefined && hotAfternoonC < coldestNightC + LEAST_YEAR_RANGE_C)
    faults.push({ field: "hotAfternoonC", code: "hot-below-cold" });
  return faults;
}

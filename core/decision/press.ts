import { type DayNumber, toDay } from "../dates/index";
import type { Decision } from "./decision";

/** Where no end is in sight a tree presses as if there were this long, days. */
const UNPRESSED_DAYS = 180;
/** A look that would tell whether it is due presses no more than a due tree with a season before it. */
const LOOK_DAYS = 60;

/**
 * Days until something is lost by waiting: negative for what should have been done, Infinity where nothing presses. It orders lists.
 */
export function pressDays({ headline }: Decision, on: DayNumber): number {
  const left = (day: string | null, otherwise: number) => (day === null ? otherwise : toDay(day) - on);
  switch (headline.code) {
    case "rescue":
      return Math.min(0, left(headline.to, 0)) - 1000;
    case "do-now":
      return left(headline.to, UNPRESSED_DAYS) - 500;
    case "do-by":
    case "plant-out":
      return left(headline.to, UNPRESSED_DAYS);
    case "in-place":
    case "wait":
      return left(headline.to ?? headline.from, UNPRESSED_DAYS);
    case "check-first":
      return Math.max(LOOK_DAYS, left(headline.from, LOOK_DAYS));
    case "not-due":
    case "hold":
      return left(headline.from, Infinity) + UNPRESSED_DAYS;
    case "settle":
    case "give-up":
      return Infinity;
  }
}

/** What should have been done already: it comes before all else. */
export const isOverdue = ({ headline }: Pick<Decision, "headline">) =>
  headline.code === "do-now" || headline.code === "rescue";

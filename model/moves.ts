import { toDay } from "@/core/dates/index";
import type { TreeState } from "./state";

/** The dates a grower goes by, of one tree, as they stood on one day. */
export interface TreeDates {
  due: string | null;
  opens: string | null;
  moveBy: string | null;
}

const DATE_KINDS = ["due", "opens", "moveBy"] as const;
export type DateKind = (typeof DATE_KINDS)[number];

/** Dates that shift by this many days or fewer are not worth a line. */
export const NOTICED_DAYS = 5;
/** A window that opens this much later is the next one, not the same one moved. */
const OTHER_WINDOW_DAYS = 150;

/** `moveBy` is the last safe day of the window that matters: the open one, or the next. */
export function datesOf(state: TreeState): TreeDates {
  const { period } = state.window;
  return {
    due: "none" in state.due ? null : state.due.p50,
    opens: period && period.from > state.on ? period.from : null,
    moveBy: period && period.closedBy !== "none" ? period.to : null,
  };
}

export type MoveCause = "check" | "correction" | "record" | "weather" | "model" | "people";

export interface DateMove {
  treeId: string;
  which: DateKind;
  before: string;
  after: string;
  days: number;
  cause: MoveCause;
}

/** What may have moved a tree's dates since a look, as far as the records tell. */
export interface CauseFacts {
  /** The word for the newest thing recorded about the tree since, if anything was. */
  recorded: "check" | "correction" | "record" | null;
  modelChanged: boolean;
  peopleChanged: boolean;
}

/** Shift between two dates; null where they cannot be compared or the first has simply come. */
function shift(before: string | null, after: string | null, today: string): number | null {
  if (before === null || after === null || before <= today) return null;
  const days = toDay(after) - toDay(before);
  return Math.abs(days) > OTHER_WINDOW_DAYS * 4 ? null : days;
}

/**
 * Which of a tree's dates moved since a look, and why. `held` are the dates as they would stand today had nothing been recorded since:
 * what lies between them and the look is the weather (or the model), what lies between them and now is what was recorded.
 */
export function movesBetween(
  treeId: string,
  then: TreeDates,
  held: TreeDates | null,
  now: TreeDates,
  today: string,
  facts: CauseFacts,
): DateMove[] {
  return DATE_KINDS.flatMap((which) => {
    const days = shift(then[which], now[which], today);
    if (days === null || Math.abs(days) <= NOTICED_DAYS) return [];
    if (which !== "due" && Math.abs(days) > OTHER_WINDOW_DAYS) return [];
    const outside = held === null ? 0 : (shift(then[which], held[which], today) ?? 0);
    const inside = days - outside;
    const byRecords = Math.abs(inside) >= Math.abs(outside);
    const cause: MoveCause =
      byRecords && facts.recorded !== null
        ? facts.recorded
        : byRecords && facts.peopleChanged
          ? "people"
          : facts.modelChanged
            ? "model"
            : "weather";
    return [{ treeId, which, before: then[which]!, after: now[which]!, days, cause }];
  });
}

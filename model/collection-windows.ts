import { warmthBetween } from "@/core/climate/index";
import { type DayNumber, toDay } from "@/core/dates/index";
import { logistic, logit } from "@/core/math/index";
import { clipFill } from "@/core/roots/index";
import type { Limit, Operation } from "@/core/window/index";
import type { OperationWindow } from "./tree-windows";
import type { YardOnDay } from "./yard-on-day";

/** The works a whole yard is planned by. */
export const PLANNED_WORK = [
  "slip-up",
  "up-pot",
  "root-prune",
  "bare-root",
  "core-in-place",
  "replace-top",
  "prune-hard",
  "plant-out",
] as const satisfies readonly Operation[];
export type PlannedWork = (typeof PLANNED_WORK)[number];

/** One tree's chances of one work in the next twelve months. */
export interface TreeChance {
  treeId: string;
  placeId: string | null;
  plants: number;
  open: boolean;
  limiting: Limit;
  /** The stretch it lies in, or the next one. */
  from: string | null;
  to: string | null;
  closedBy: Limit;
  /** In one year of ten it closes by then. */
  early: string | null;
  /** The stretch after that: what is left to one who waits. */
  next: string | null;
  fill: number;
  /** How full it will be at that next chance. */
  fillThen: number | null;
  isDue: boolean;
}

export interface WorkYear {
  operation: PlannedWork;
  trees: TreeChance[];
  /** Records open, week by week. */
  openByWeek: number[];
}

const WEEKS = 52;

/** The whole yard through the next twelve months: for each work what is open week by week, and each tree's chances. */
export function collectionWindows(yardOnDay: YardOnDay): WorkYear[] {
  const on = yardOnDay.day;
  const years = PLANNED_WORK.map((operation): WorkYear => ({
    operation,
    trees: [],
    openByWeek: new Array<number>(WEEKS).fill(0),
  }));
  for (const state of yardOnDay.states) {
    const tree = yardOnDay.tree(state.treeId)!;
    const { profile, tracks: kind } = tree;
    const rows = tree.windows({ operations: PLANNED_WORK });
    const k = profile.kPerDegreeDay * state.vigour.p50;
    rows.forEach((row, i) => {
      const [first, second] = chances(row.periods);
      const later = second?.from ?? null;
      years[i].trees.push({
        treeId: state.treeId,
        placeId: tree.placeId,
        plants: tree.plants,
        open: row.open,
        limiting: row.open ? "none" : row.mainLimit,
        from: first?.from ?? null,
        to: first?.to ?? null,
        closedBy: first?.closedBy ?? "none",
        early: first?.closes?.[0] ?? null,
        next: later,
        fill: state.fill.p50,
        fillThen:
          later === null
            ? null
            : logistic(
                logit(clipFill(state.fill.p50)) + k * warmthBetween(kind.warmth, kind.profile.warmth, on, toDay(later)),
              ),
        isDue: state.isDue,
      });
      countWeeks(years[i].openByWeek, row, on);
    });
  }
  return years;
}

/** A few days on which nobody is there, or of heat, do not make two chances of one. */
const ONE_CHANCE_DAYS = 16;

function chances(periods: OperationWindow["periods"]): OperationWindow["periods"] {
  const joined: OperationWindow["periods"] = [];
  for (const period of periods) {
    const last = joined.at(-1);
    if (last && toDay(period.from) - toDay(last.to) <= ONE_CHANCE_DAYS)
      joined[joined.length - 1] = { ...period, from: last.from, opens: last.opens };
    else joined.push(period);
  }
  return joined;
}

/** A week counts as open when any of its days is. */
function countWeeks(weeks: number[], row: OperationWindow, on: DayNumber): void {
  for (let w = 0; w < WEEKS; w++) {
    const [from, to] = [on + 7 * w, on + 7 * w + 6];
    if (row.periods.some((p) => toDay(p.from) <= to && toDay(p.to) >= from)) weeks[w]++;
  }
}

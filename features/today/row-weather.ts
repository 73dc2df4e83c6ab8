import "server-only";
import { toDay } from "@/core/dates/index";
import { type TodayGroup, treeOf, type TodayWhat } from "@/core/today/index";
import {
  bestHalfDays,
  type HalfDay,
  type HalfDayReason,
  halfDays,
  OPERATION_NEEDS,
  OPERATIONS,
  type Operation,
} from "@/core/window/index";
import type { CollectionView } from "@/features/kernel/collection/load";

/** What the days of the week ahead mean for one work. */
export interface RowWeather {
  best: HalfDay | null;
  /** Where none suits: what is in the way most often. */
  against: HalfDayReason | null;
}

const WEEK_DAYS = 7;

const isOperation = (work: string): work is Operation => (OPERATIONS as readonly string[]).includes(work);

/** The best half-day of the week for work with a tree in hand, by the forecast where it stands; asked of rows of now and this week. */
export function rowWeather(view: CollectionView) {
  const today = view.yard.on(view.today);
  const from = toDay(view.today);
  const known = new Map<string, RowWeather | null>();
  return (group: TodayGroup, what: TodayWhat, item: string): RowWeather | null => {
    if ((group !== "now" && group !== "week") || what.kind !== "act" || !isOperation(what.work)) return null;
    const id = treeOf(item);
    const tree = id === null ? null : today.tree(id);
    if (!tree) return null;
    const key = `${what.work}:${tree.placeId ?? ""}:${tree.profile.warmClimate}`;
    const found = known.get(key);
    if (found !== undefined) return found;
    const nights = tree.site.nights.filter((n) => n.day >= from && n.day < from + WEEK_DAYS);
    const made = nights.length === 0 ? null : weatherOf(halfDays(nights, tree.profile, OPERATION_NEEDS[what.work]));
    known.set(key, made);
    return made;
  };
}

function weatherOf(halves: readonly HalfDay[]): RowWeather {
  const [best] = bestHalfDays(halves, 1);
  if (best) return { best, against: null };
  const counts = new Map<HalfDayReason, number>();
  for (const { reason } of halves) counts.set(reason, (counts.get(reason) ?? 0) + 1);
  const [[against]] = [...counts].sort((a, b) => b[1] - a[1]);
  return { best: null, against };
}

import * as say from "@/words/pages/climate/weather";
import type { MovedDate } from "@/contract/climate";
import { calendarSlot, type DailyRecord, mergeSources } from "@/core/climate/index";
import { monthDayOfSlot, toDay } from "@/core/dates/index";
import { openYard, type TreeState, type Yard, type YardWeather, NOTICED_DAYS } from "@/model/index";
import { loadWeather, sourceRecords } from "@/features/kernel/collection/load";
import type { CommandContext } from "@/features/kernel/define";

/** The source that is about to be read in. */
const NEW_SOURCE = "new";

/** What a new weather record does to the dates a grower goes by: the site's frosts, and each tree's due and move-by days. */
export async function describeMoves(context: CommandContext, record: DailyRecord, addC: number): Promise<MovedDate[]> {
  const { collection, loaded, today } = context;
  const now = await loadWeather(context.db, collection, loaded, today);
  const fresh = [{ id: NEW_SOURCE, record, lapseC: addC }];
  const merged = mergeSources([...fresh, ...(await sourceRecords(context.db, collection, loaded))]);
  // All else, the forecast included, as it is now: only what the new record does is to be told.
  const then = { key: say.withTheNewRecord, input: { ...now.input, record: merged?.record ?? null } };
  const open = (weather: YardWeather) =>
    openYard({ records: loaded.indexed, risk: collection.risk }, weather, { today });
  const [before, after] = [open(now), open(then)];
  const moved: MovedDate[] = [];
  for (const which of ["last", "first"] as const) {
    const slot = ({ site }: Yard) => {
      const value = site.frost(0)[which].preferred[0.5];
      return value === null ? null : Math.round(value);
    };
    const [a, b] = [slot(before), slot(after)];
    const words = (value: number | null) =>
      value === null ? null : monthDayOfSlot(calendarSlot(value, collection.latitudeDeg));
    moved.push({
      what: which === "last" ? say.usualLastFrostInSpring : say.usualFirstFrostInAutumn(),
      before: words(a),
      after: words(b),
      days: a === null || b === null ? null : b - a,
    });
  }
  const states = (yard: Yard) => new Map(yard.on(today).states.map((s) => [s.treeId, s]));
  const [old, renewed] = [states(before), states(after)];
  for (const tree of loaded.trees) {
    const [a, b] = [old.get(tree.id), renewed.get(tree.id)];
    if (!a || !b) continue;
    const shift = compare(dueOn(a), dueOn(b));
    if (shift !== null && Math.abs(shift) > NOTICED_DAYS)
      moved.push({ what: `${tree.tag}: due`, before: dueOn(a), after: dueOn(b), days: shift });
    const by = compare(a.window.period?.from ?? null, b.window.period?.from ?? null);
    if (by !== null && Math.abs(by) > NOTICED_DAYS) {
      moved.push({
        what: say.windowOpens(tree.tag),
        before: a.window.period!.from,
        after: b.window.period!.from,
        days: by,
      });
    }
  }
  return moved;
}

function dueOn(state: TreeState): string | null {
  return "none" in state.due ? null : state.due.p50;
}

function compare(a: string | null, b: string | null): number | null {
  return a === null || b === null ? null : toDay(b) - toDay(a);
}

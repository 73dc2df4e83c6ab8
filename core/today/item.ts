import type { IsoDate } from "../dates/index";
import type { AftercareCode, Decision, DecisionAct, DecisionWork, Exception, Reason } from "../decision/index";
import { isOverdue } from "../decision/index";
import type { CorrectionName } from "../roots/index";
import { CARE_MINUTES } from "./figures";

/** One thing to be done, at one tree or at none (`treeOf` its id): what rows of the day's list are merged from. */
export interface TodayItem {
  /** Stays the same while the advice does: what a grower answered is remembered by it. */
  id: string;
  what: TodayWhat;
  /** What it is called: its label. */
  tag: string;
  placeId: string | null;
  plants: number;
  /** First and last day; null: nothing closes it. */
  from: IsoDate;
  to: IsoDate | null;
  /** It should have been done already. */
  overdue: boolean;
  /** It goes on until its last day, rather than being done once. */
  lasts: boolean;
  minutes: number | null;
  massKg: number | null;
  looseMixL: number | null;
  because: readonly Reason[];
  excepted: Exception | null;
}

export type TodayWhat =
  | { kind: "act"; work: DecisionWork; correction: CorrectionName | null }
  | { kind: "aftercare"; code: AftercareCode }
  /** Carried as a kept layout of a winter asks; to null: its place of the summer is not known. */
  | { kind: "move"; direction: "in" | "out"; toId: string | null; to: string }
  | { kind: "task"; taskId: string; text: string };

/** Whose things they are. */
export interface TodayTree {
  treeId: string;
  tag: string;
  placeId: string | null;
  plants: number;
  /** When its roots were last worked on: aftercare belongs to that day. */
  workedOn: IsoDate | null;
}

/** Aftercare that goes on until its day; the rest falls due on it. */
const LASTS = new Set<AftercareCode>(["shade-until", "water-old-ball-until", "no-nitrogen-until", "water-less"]);

/** Care that goes on until the season turns. */
const GOES_ON = new Set<DecisionWork>(["keep-bright", "water-by-weight", "feed-little", "keep-moist", "shade"]);

/** Whose item it is: null of the grower's own jobs. */
export const treeOf = (item: string): string | null =>
  item.startsWith("task:") ? null : item.slice(0, item.indexOf(":"));

/** What one tree's decision asks for: its acts, and what follows the last work on it. */
export function itemsOf(decision: Decision, tree: TodayTree): TodayItem[] {
  const overdue = isOverdue(decision);
  const about = { tag: tree.tag, placeId: tree.placeId, plants: tree.plants };
  const acts = decision.acts.flatMap((act): TodayItem[] =>
    act.from === null
      ? []
      : [
          {
            ...about,
            id: `${tree.treeId}:${act.id}`,
            what: { kind: "act", work: act.work, correction: act.correction?.name ?? null },
            from: act.from,
            to: act.to,
            overdue: overdue && act.work === decision.headline.work && act.from <= decision.on,
            lasts: GOES_ON.has(act.work) && act.from <= decision.on,
            minutes: act.minutes ?? minutesOf(act),
            massKg: act.massKg,
            looseMixL: act.figures.looseMixL ?? act.pot?.choice?.setting?.looseMixL ?? null,
            because: act.because,
            excepted: act.excepted,
          },
        ],
  );
  const since = tree.workedOn ?? decision.on;
  const aftercare = decision.aftercare.flatMap(({ code, on }): TodayItem[] => {
    if (on === null) return [];
    const lasts = LASTS.has(code) && on > decision.on;
    return [
      {
        ...about,
        id: `${tree.treeId}:after:${code}:${since}`,
        what: { kind: "aftercare", code },
        from: lasts ? decision.on : on,
        to: lasts ? on : null,
        overdue: false,
        lasts,
        minutes: null,
        massKg: null,
        looseMixL: null,
        because: [],
        excepted: null,
      },
    ];
  });
  return [...acts, ...aftercare];
}

const minutesOf = ({ work }: DecisionAct) => CARE_MINUTES[work] ?? null;

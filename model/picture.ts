import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import type { Decision } from "@/core/decision/index";
import type { EventKind } from "@/core/event/index";
import type { PotFit } from "@/core/ladder/index";
import { type Vessel, vesselOf } from "@/core/vessel/index";
import { openPeriods } from "@/core/window/index";
import { type WoodStage } from "@/core/wood/index";
import { usualFillHeightMm } from "@/core/potting/index";
import type { TreePlan } from "./plan";
import { project, type ProjectionPoint, type TreeState, woodOn } from "./state";
import type { YardTree } from "./yard-tree";

/** How the tree stands in its pot, for drawing. */
interface Standing {
  vessel: Vessel;
  fillHeightMm: number;
  bottomLayerMm: number;
  guessed: boolean;
}

export interface TreePicture {
  state: TreeState;
  /** What to do with it; null on days long before today, of which only its roots are told. */
  decision: Decision | null;
  /** What is planned for it over the years, and whether that is being made anew. */
  plan: TreePlan | null;
  planMaking: boolean;
  /** How it fits the free pots of the day, the best first. */
  fits: PotFit[];
  standing: Standing | null;
  from: string;
  to: string;
  points: ProjectionPoint[];
  /** Wood by stretches of one stage. */
  wood: { from: string; to: string; stage: WoodStage; ripe: number }[];
  open: { from: string; to: string }[];
  /** Windows and wood are worked out from this day on; before it the picture knows only roots and events. */
  tracksFrom: string;
  events: { id: string; entryId: string; on: string; kind: EventKind }[];
}

const YEARS_BACK = 2;
const MOST_YEARS_BACK = 4;
const YEARS_AHEAD = 2.5;
const STEP_DAYS = 12;
const WOOD_STEP_DAYS = 6;

/** All that the tree page draws for one as-of day; null before it came. */
export function treePicture(tree: YardTree, on: DayNumber): TreePicture | null {
  const day = tree.on(on);
  if (!day) return null;
  const { events, roots: replayed, profile, tracks: kind, state } = day;
  const { indexed } = tree.yard;
  const arrived = toDay(events[0].on.best);
  // Far enough back to show the last potting, where it is not too long ago.
  const back = Math.max(
    YEARS_BACK * 365,
    Math.min(MOST_YEARS_BACK * 365, replayed.pottedOn === null ? 0 : on - replayed.pottedOn + 60),
  );
  const from = Math.max(arrived, on - Math.round(back));
  const to = on + Math.round(YEARS_AHEAD * 365);
  const days: DayNumber[] = [];
  for (let day = from; day <= to; day += STEP_DAYS) days.push(day);
  // The curve breaks where the roots were worked on: the day before and the day itself both belong to it.
  for (const event of events) {
    const day = toDay(event.on.best);
    if (day > from && day <= on) days.push(day - 1, day);
  }
  days.push(on);
  const sorted = [...new Set(days)].sort((a, b) => a - b);
  const shape = replayed.pot ? vesselOf(replayed.pot) : null;
  return {
    state,
    decision: day.decision,
    plan: day.plan,
    planMaking: tree.yard.plans?.making.has(tree.id) ?? false,
    fits: day.fits(),
    standing: shape
      ? {
          vessel: shape.vessel,
          fillHeightMm: replayed.fillHeightMm ?? usualFillHeightMm(shape.vessel),
          bottomLayerMm: replayed.bottomLayerMm,
          guessed: shape.guessed,
        }
      : null,
    from: toIso(from),
    to: toIso(to),
    points: project(events, indexed.lots, kind.warmth, profile, sorted, on),
    wood: woodStretches(kind, Math.max(from, kind.wood.startDay), to),
    tracksFrom: toIso(Math.max(from, kind.window.startDay)),
    open: openPeriods(kind.window, from, to).map((p) => ({ from: toIso(p.from), to: toIso(p.to) })),
    events: events
      .filter((e) => toDay(e.on.best) >= from && toDay(e.on.best) <= on)
      .map((e) => ({ id: e.id, entryId: e.entryId, on: e.on.best, kind: e.payload.kind })),
  };
}

function woodStretches(kind: Parameters<typeof woodOn>[0], from: DayNumber, to: DayNumber): TreePicture["wood"] {
  const stretches: TreePicture["wood"] = [];
  for (let day = from; day <= to; day += WOOD_STEP_DAYS) {
    const { stage, ripe } = woodOn(kind, day);
    const last = stretches.at(-1);
    // Ripening is a slope: cut it into steps of a fifth so that the tone can follow.
    if (last && last.stage === stage && Math.abs(last.ripe - ripe.p50) < 0.2) last.to = toIso(day + WOOD_STEP_DAYS);
    else stretches.push({ from: toIso(day), to: toIso(day + WOOD_STEP_DAYS), stage, ripe: ripe.p50 });
  }
  return stretches;
}

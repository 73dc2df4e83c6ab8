import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import { adviseCorrection, type Advice, type CorrectionWindow, type SureWindow } from "@/core/root-work/index";
import type { LoggedEvent } from "@/core/event/index";
import { IN_PLACE_FIGURES, type InPlaceInput } from "@/core/inplace/index";
import type { Situation } from "@/core/judgement/index";
import {
  BALL_CORRECTIONS,
  type CorrectionName,
  FILL_OF_GRADE,
  IN_PLACE_CORRECTIONS,
  type Reading,
} from "@/core/roots/index";
import { brimHeightMm, vesselOf, volumeL, widthAtMm } from "@/core/vessel/index";
import { type Operation, operationOf, type WorkWindow } from "@/core/window/index";
import { PHASE } from "@/core/wood/index";
import { usualFillHeightMm } from "@/core/potting/index";
import { ageYears } from "./juvenile";
import type { Replayed } from "./replayed";
import type { TreeOnDay } from "./tree-on-day";
import { situationOf } from "./tree-situation";
import type { OperationWindow } from "./tree-windows";

/** Works whose windows the advice asks for. */
export const ADVISED_OPERATIONS: Operation[] = [
  ...new Set([...BALL_CORRECTIONS, ...IN_PLACE_CORRECTIONS].map(operationOf)),
];

export interface TreeAdvice {
  advice: Advice;
  seen: ReturnType<typeof freshReading>;
  /** The tree with the grades as they were seen. */
  situation: Situation;
}

/** How long a look speaks for the ball. */
const FRESH_DAYS = 120;

/** The newest look at the ball, as far as it still speaks of it: none since it was worked on, none too old. */
export function freshReading(
  events: readonly LoggedEvent[],
  on: DayNumber,
): { on: string; eventId: string; fill: number | null; circling: number | null; reading: Reading | null } | null {
  for (let i = events.length - 1; i >= 0; i--) {
    const { payload, on: when, id } = events[i];
    const day = toDay(when.best);
    if (day > on) continue;
    if (day < on - FRESH_DAYS || payload.kind === "potted" || payload.kind === "worked-in-place") return null;
    if (payload.kind === "roots-read" && payload.by !== "feel")
      return {
        on: toIso(day),
        eventId: id,
        fill: payload.fillGrade,
        circling: payload.circlingGrade,
        reading: payload.reading ?? null,
      };
  }
  return null;
}

export function windowsByCorrection(rows: readonly OperationWindow[]): Partial<Record<CorrectionName, SureWindow>> {
  const by = new Map(rows.map((r) => [r.operation, r]));
  return Object.fromEntries(
    [...BALL_CORRECTIONS, ...IN_PLACE_CORRECTIONS].flatMap((name) => {
      const row = by.get(operationOf(name));
      return row
        ? [
            [
              name,
              {
                open: row.open,
                limiting: row.limiting,
                safe: row.safe,
                opens: row.open ? null : (row.periods[0]?.from ?? null),
                closes: row.periods[0]?.to ?? null,
              },
            ],
          ]
        : [];
    }),
  );
}

/** The window of a correction, as far as tracks tell it: how sure the day is, only the weather years can say. */
class TrackWindow implements CorrectionWindow {
  readonly safe = null;
  constructor(private readonly window: WorkWindow) {}
  get open() {
    return this.window.open;
  }
  get limiting() {
    return this.window.limiting;
  }
  get opens() {
    return this.open ? null : isoOf(this.window.periods[0]?.from);
  }
  get closes() {
    return isoOf(this.window.periods[0]?.to);
  }
}
const isoOf = (day: DayNumber | undefined) => (day === undefined ? null : toIso(day));

const CORRECTED = [...BALL_CORRECTIONS, ...IN_PLACE_CORRECTIONS];
const windowsOfWorks = (windows: Record<Operation, WorkWindow>): Partial<Record<CorrectionName, CorrectionWindow>> =>
  Object.fromEntries(CORRECTED.map((name) => [name, new TrackWindow(windows[operationOf(name)])]));

/**
 * What to do with the ball as it was seen, or as it is believed to be where nobody has looked lately; null while it stands in no pot.
 * @param rows how sure each day is, where somebody has asked the weather years
 */
export function treeAdvice(
  day: TreeOnDay,
  windows: Record<Operation, WorkWindow>,
  rows: readonly OperationWindow[] = [],
): TreeAdvice | null {
  const { record: tree, events, roots: replayed, situation: known, tracks } = day;
  const on = day.day;
  if (!known) return null;
  const seen = freshReading(events, on);
  const { profile } = known;
  const situation = situationOf(day, {
    fill: seen?.fill === null || seen === null ? known.fill : FILL_OF_GRADE[seen.fill],
    circling: seen?.circling ?? known.circling,
    girdler: seen?.reading?.girdlerShare != null ? { shareOfGirth: seen.reading.girdlerShare || null } : known.girdler,
  })!;
  const byWork = windowsOfWorks(windows);
  if (rows.length > 0) {
    const safe = windowsByCorrection(rows);
    for (const name of CORRECTED) {
      const { open, limiting, opens, closes } = byWork[name]!;
      byWork[name] = { open, limiting, opens, closes, safe: safe[name]?.safe ?? null };
    }
  }
  const advice = adviseCorrection({
    situation,
    reading: seen?.reading ?? null,
    grafted: profile.values.traits.includes("grafted"),
    purpose: tree.purpose,
    ageYears: ageYears(day),
    daysToBudBreak: daysToBudBreak(day),
    windows: byWork,
    paces: { k: replayed.belief.k, weight: replayed.belief.weight },
    warmth: { track: tracks.warmth, set: profile.warmth, on },
  });
  return { advice, seen, situation };
}

/** Days until its buds break by its tracks, while it sleeps or they swell; null otherwise, and where that lies beyond them. */
export function daysToBudBreak({ tracks: { wood }, day }: TreeOnDay): number | null {
  const at = Math.min(Math.max(day - wood.startDay, 0), wood.phase.length - 1);
  if (wood.phase[at] > PHASE.swelling) return null;
  const soft = wood.phase.findIndex((phase, i) => i > at && phase === PHASE.soft);
  return soft < 0 ? null : soft - at;
}

/** The ball from above, for work in place; null where nobody has said which pot it stands in. */
export function ballFromAbove(replayed: Replayed, ballHeightMm: number, trunkMm: number | null): InPlaceInput | null {
  if (!replayed.pot) return null;
  const { vessel } = vesselOf(replayed.pot);
  const top = brimHeightMm(vessel);
  const round = (mm: number) => ({ shape: "round" as const, diameterMm: mm });
  const plan =
    vessel.shape === "rectangle"
      ? { shape: "rectangle" as const, lengthMm: vessel.topLengthMm, widthMm: vessel.topWidthMm }
      : vessel.shape === "square"
        ? { shape: "rectangle" as const, lengthMm: vessel.topWidthMm, widthMm: vessel.topWidthMm }
        : round(widthAtMm(vessel, top));
  // The holes end two thirds down: there the ball is as wide as the pot's wall leaves it.
  const levelMm = Math.min(top, replayed.fillHeightMm ?? usualFillHeightMm(vessel));
  const endsAtMm = Math.max(0, levelMm - IN_PLACE_FIGURES.coreDepthShare * ballHeightMm);
  return {
    plan,
    heightMm: ballHeightMm,
    trunkMm,
    // Its true section: what the pot holds between the level of the mix and the ball's base.
    volumeL: volumeL(vessel, levelMm) - volumeL(vessel, Math.max(0, levelMm - ballHeightMm)),
    widthShareAtDepth: Math.min(1, widthAtMm(vessel, endsAtMm) / widthAtMm(vessel, top)),
  };
}

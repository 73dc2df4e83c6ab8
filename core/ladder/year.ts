import type { CorrectionName } from "../roots/index";
import type { LadderAction } from "./names";

/** A step of one tree's ladder as the collection's years count it. Figures are for all plants of the record. */
export interface YearStep {
  treeId: string;
  /** Growing season it belongs to. */
  season: number;
  action: LadderAction;
  correction: CorrectionName | null;
  potId: string;
  volumeL: number;
  plants: number;
  mixL: number;
  minutes: number;
  money: number;
  /** Of one plant, wet pot and mix. */
  massKg: number;
  /** Days of its window, day numbers; null: no window is known. */
  window: readonly [from: number, to: number] | null;
  /** The day it is put down for. */
  day: number;
}

/** What a month asks for. */
export interface MonthLoad {
  /** `2027-03`. */
  month: string;
  moves: number;
  mixL: number;
  money: number;
  minutes: number;
  /** All that is lifted, kg, and the heaviest single pot. */
  kg: number;
  heaviestKg: number;
  /** Liftings heavier than the people can do. */
  tooHeavy: number;
}

export function monthLoads(
  steps: readonly YearStep[],
  monthOf: (day: number) => string,
  liftKg: number,
  handled: (step: YearStep) => boolean,
): MonthLoad[] {
  const months = new Map<string, MonthLoad>();
  for (const s of steps) {
    const month = monthOf(s.day);
    const load = months.get(month) ?? {
      month,
      moves: 0,
      mixL: 0,
      money: 0,
      minutes: 0,
      kg: 0,
      heaviestKg: 0,
      tooHeavy: 0,
    };
    load.moves += s.plants;
    load.mixL += s.mixL;
    load.money += s.money;
    load.minutes += s.minutes;
    if (handled(s)) {
      load.kg += s.massKg * s.plants;
      load.heaviestKg = Math.max(load.heaviestKg, s.massKg);
      if (s.massKg > liftKg) load.tooHeavy += s.plants;
    }
    months.set(month, load);
  }
  return [...months.values()].sort((a, b) => a.month.localeCompare(b.month));
}

export interface PotsToBuy {
  season: number;
  potId: string;
  volumeL: number;
  count: number;
  price: number;
}

/**
 * Pots the plans need that nobody has, by season, and the steps they are for. A pot in store serves as many trees as there are of
 * it, the earliest first.
 */
export function potsToBuy(
  steps: readonly YearStep[],
  inStore: ReadonlyMap<string, number>,
  priceOf: (potId: string, volumeL: number) => number,
): { lines: PotsToBuy[]; short: Set<YearStep> } {
  const short = new Set<YearStep>();
  const left = new Map(inStore);
  const wanted = new Map<string, PotsToBuy>();
  const moves = steps.filter((s) => s.action === "up-pot").sort((a, b) => a.season - b.season || b.volumeL - a.volumeL);
  for (const s of moves) {
    const free = Math.min(left.get(s.potId) ?? 0, s.plants);
    if (free > 0) left.set(s.potId, (left.get(s.potId) ?? 0) - free);
    const count = s.plants - free;
    if (count === 0) continue;
    short.add(s);
    const key = `${s.season}:${s.potId}`;
    const line = wanted.get(key) ?? { season: s.season, potId: s.potId, volumeL: s.volumeL, count: 0, price: 0 };
    line.count += count;
    line.price += count * priceOf(s.potId, s.volumeL);
    wanted.set(key, line);
  }
  const lines = [...wanted.values()].sort((a, b) => a.season - b.season || a.volumeL - b.volumeL);
  return { lines, short };
}

/** Room a pot takes on the ground, m²: its square, and a hand's breadth to the next. Our judgement (L). */
const BETWEEN_MM = 60;
/** @example groundM2(400) // 0.2116 */
export function groundM2(widthMm: number): number {
  return ((widthMm + BETWEEN_MM) / 1000) ** 2;
}

export interface SeasonArea {
  season: number;
  /** All pots out of doors in summer; those carried in for the winter after it. */
  summerM2: number;
  winterM2: number;
}

/** Room by season: every tree in the pot it ends that season in. */
export function areasOf(
  trees: readonly { plants: number; carried: boolean; widths: readonly (number | null)[] }[],
  firstSeason: number,
  seasons: number,
): SeasonArea[] {
  return Array.from({ length: seasons }, (_, i) => {
    let [summerM2, winterM2] = [0, 0];
    for (const t of trees) {
      const width = t.widths[i];
      if (width == null) continue;
      const area = t.plants * groundM2(width);
      summerM2 += area;
      if (t.carried) winterM2 += area;
    }
    return { season: firstSeason + i, summerM2, winterM2 };
  });
}

import type { Basis, DateEstimate } from "@/core/estimate/index";
import type { KindValues } from "@/core/species/index";
import type { Limit } from "@/core/window/index";

/** Late work one may ask about before doing it. */
export const LATE_WORKS = ["feed-quick", "feed-organic", "feed-coated", "slip-up", "up-pot", "prune-hard"] as const;
export type LateWork = (typeof LATE_WORKS)[number];

/** What the page of a tree's or a kind's wood draws. */
export interface WoodPicture {
  label: string;
  tag: string | null;
  treeId: string | null;
  kindName: string;
  /** How its species is fed, and the midsummer that late feeds are counted from. */
  fed: Pick<KindValues, "feeding" | "phosphate"> & { midsummer: string };
  leaf: "deciduous" | "evergreen";
  basis: Basis;
  /** The species is not known: the first of several habits stands for it. */
  several: boolean;
  season: string;
  from: string;
  days: number;
  stepDays: number;
  /** Ripeness of the softest wood, per cent. */
  ripe: { p10: number[]; p50: number[]; p90: number[] };
  /** Ripeness of the shoots without late tips; null where nothing woke the tree late. */
  shoots: number[] | null;
  /** Temperature that kills half of the wood, °C. */
  hardy: { tender: number[]; middle: number[]; hardy: number[] };
  coldNight: number[];
  recorded: (number | null)[];
  frostBySlot: number[];
  /** Share of weather years in which potting on that day ends well, per cent; null beyond what is worked out. */
  safe: (number | null)[];
  periods: { from: string; to: string; closedBy: Limit }[];
  /** Null where in the middle year chill or warmth never suffice. */
  budBreak: { p10: string; p50: string; p90: string | null } | null;
  leafFall: string | null;
  ripeOn: DateEstimate;
  /** The same had it been left alone; null where nothing was done. */
  ripeOnUndisturbed: DateEstimate | null;
  /** At its hardiest, in the winter that follows. */
  hardiest: { hardy: number; middle: number; tender: number };
  /** Coldest night of the middle year, °C. */
  coldestNight: number;
  /** The place it stands in, where that night is; null: the open. */
  place: string | null;
  frostDay: string | null;
  flushFrostC: number;
  ripeByFrost: number | null;
  pace: { slow: number; middle: number; fast: number; checks: number };
  whatIf: {
    work: LateWork;
    on: string;
    ripeOn: DateEstimate;
    without: DateEstimate;
    ripeByFrost: number | null;
    ripeByFrostWithout: number | null;
    /** Share of years in which it starts new shoots; null for feeds. */
    woken: number | null;
  } | null;
}

import type { SiteWinter } from "./site-winter";
import type { DayDamage, WinterTree } from "./winter-tree";

/** Days of the winter (0 is its first), of all courses. */
export interface InDays {
  /** In one of ten winters the first harmful night has come by then, in every other one by `p50`; null: not in so many. */
  p10: number;
  p50: number | null;
  /** Share of winters that have such a night. */
  share: number;
  /** Chance of such a night by tomorrow, the day after and so on: the forecast speaks here, where there is one. */
  soon: number[];
  /** What that night would kill. */
  cause: "roots" | "wood" | "kind" | "word";
}
export interface OutDays {
  p50: number;
  /** The day that is late enough nine times of ten. */
  p90: number;
  /** It goes out as its buds swell, and not for frosts on its crown. */
  bySwell: boolean;
  /** Nights after `p90`, in the mean spring, that would harm crown or shoots: fleece, or in again over night. */
  nightsAfter: number;
}

/** A first harmful night counts up to here after midwinter: what comes later finds it in. */
const IN_UNTIL_DAYS = 40;
/** And goes out no earlier than this after midwinter. */
const OUT_FROM_DAYS = 25;
/** Deciduous wood that stands such cold when ripe goes out as it wakes, fleece at hand; tender kinds wait for the last frost, °C. */
const HARDY_BELOW_C = -15;

/** Days ahead a forecast reaches. */
const SOON_DAYS = 10;

interface Asked extends DayDamage {
  tree: WinterTree;
  site: SiteWinter;
  /** Minima where it stands outdoors, by course. */
  nights: readonly Float32Array[];
  risk: number;
}

/** Rank of so many days, absent ones last; null where they are too few. */
function rankOf(days: readonly number[], p: number, none: number): number | null {
  const sorted = [...days].sort((a, b) => a - b);
  const day = sorted[Math.min(sorted.length - 1, Math.max(0, Math.ceil(p * sorted.length) - 1))];
  return day >= none ? null : day;
}

/**
 * When a tree must have come in: before the first night whose damage outdoors is more than the risk, or that is as cold as the night its
 * kind is usually brought in for. A grower's own word stands before both.
 */
export function inDays({ tree, site, nights, roots, wood, risk }: Asked): InDays | null {
  const until = Math.min(site.days, site.midwinter + IN_UNTIL_DAYS);
  // What has passed has been lived through.
  const from = Math.max(0, site.today - site.startDay);
  let byRoots = 0;
  let byWood = 0;
  let byKind = 0;
  const firsts = nights.map((tmin, c) => {
    for (let d = from; d < until; d++) {
      if (tree.inBelowC !== null) {
        if (tmin[d] <= tree.inBelowC) return d;
        continue;
      }
      const [r, w] = [roots[c][d], wood[c][d]];
      if (1 - (1 - r) * (1 - w) > risk) {
        if (r > w) byRoots++;
        else byWood++;
        return d;
      }
      if (isNightOfKind(tree, tmin[d])) {
        byKind++;
        return d;
      }
    }
    return site.days;
  });
  const p10 = rankOf(firsts, 0.1, site.days);
  if (p10 === null) return null;
  return {
    p10,
    p50: rankOf(firsts, 0.5, site.days),
    share: firsts.filter((d) => d < site.days).length / firsts.length,
    soon: Array.from({ length: SOON_DAYS }, (_, k) => firsts.filter((d) => d <= from + k).length / firsts.length),
    cause: tree.inBelowC !== null ? "word" : byKind > byRoots + byWood ? "kind" : byRoots > byWood ? "roots" : "wood",
  };
}

const isNightOfKind = (tree: WinterTree, tminC: number) => tree.bringInNightC !== null && tminC <= tree.bringInNightC;

/** When it may go out again: after the last night that would harm it as it comes out; hardy deciduous kinds as their buds swell. */
export function outDays(asked: Asked & { swell: readonly number[] }): OutDays {
  const { tree, site, nights, roots, wood, shoots, swell, risk } = asked;
  const hardy = tree.inBelowC === null && tree.habit.leaf === "deciduous" && tree.habit.hardiness.hMax <= HARDY_BELOW_C;
  const last = (harms: (d: number) => boolean) => {
    for (let d = site.days - 1; d >= 0; d--) if (harms(d)) return d;
    return -1;
  };
  let swelled = 0;
  const days = nights.map((tmin, c) => {
    const rootsSafe = last((d) => roots[c][d] > risk) + 1;
    const crownSafe =
      tree.inBelowC !== null
        ? last((d) => tmin[d] <= tree.inBelowC!) + 1
        : last((d) => Math.max(wood[c][d], shoots[c][d]) > risk || (!hardy && isNightOfKind(tree, tmin[d]))) + 1;
    if (!hardy) return Math.max(rootsSafe, crownSafe);
    if (swell[c] < crownSafe) swelled++;
    return Math.max(rootsSafe, Math.min(crownSafe, swell[c]));
  });
  const sorted = [...days].sort((a, b) => a - b);
  // Nothing that was carried in goes out again in the depth of winter.
  const earliest = site.midwinter + OUT_FROM_DAYS;
  const rank = (p: number) => Math.max(earliest, sorted[Math.min(sorted.length - 1, Math.ceil(p * sorted.length) - 1)]);
  const p90 = rank(0.9);
  const coldNights = nights.map((_, c) => {
    let count = 0;
    for (let d = p90; d < site.days; d++) if (Math.max(wood[c][d], shoots[c][d]) > risk) count++;
    return count;
  });
  return {
    nightsAfter: coldNights.reduce((a, b) => a + b, 0) / coldNights.length,
    p50: rank(0.5),
    p90,
    bySwell: swelled > nights.length / 2,
  };
}

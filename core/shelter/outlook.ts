import { clamp, normalCdf, quantileOf } from "../math/index";
import {
  crackChance,
  isClay,
  killByDay,
  MULCH_R,
  NEVER_FREEZES_C,
  type PotCourse,
  potCourse,
  type PotInWinter,
  type RootLimits,
  SEEN_LOSS,
  type Stand,
  type Wrap,
} from "../winter/index";
import { type LightClass, type PlaceAir } from "../place/index";
import { damageShare, type HabitParameters } from "../wood/index";
import { type CrownWinter, crownWinter, openHours, type PlaceWinter, placeWinter } from "./courses";
import type { SiteWinter } from "./site-winter";
import { type DayDamage, type WinterTree } from "./winter-tree";
import { type InDays, inDays, type OutDays, outDays } from "./days";

export interface WinterPlace {
  id: string;
  air: PlaceAir;
  light: LightClass;
  /** Pots stand with air below them: on a staging or a slab over a room. */
  raised: boolean;
  /** What pots there are wrapped in, and whether straw lies on them. */
  wrap: Wrap | null;
  mulched: boolean;
}

/** A tree's winter at one place. Shares are means over the courses. */
export interface Stay {
  /** Of roots and of wood killed in the winter's worst night. */
  roots: number;
  wood: number;
  /** Share of winters in which more than a tenth of the wood is killed. */
  woodChance: number;
  /** Chance that its pot, of clay, cracks. */
  cracks: number;
  /** Dynamic-model portions of cold in the middle winter, until it must have been enough; chance that it is not. */
  chill: number;
  chillShort: number;
  /** Mean of the three months round midwinter, °C. */
  meanC: number;
  out: OutDays | null;
}

export interface TreeOutlook {
  treeId: string;
  /** By place id; `outside` is its home. */
  stays: Record<string, Stay>;
  /** When it must have come in; null where it may stay out. */
  in: InDays | null;
}

export const OUTSIDE = "outside";
/** Pots in quarters stand close: this share of a wall meets the air. */
const CLOSE = 0.5;
/** Volumes so alike share their temperatures: 12 % steps. */
const VOLUME_STEP = Math.log(1.12);

export function potAt(
  tree: Pick<WinterTree, "volumeL" | "wall" | "protection">,
  place: Omit<WinterPlace, "id">,
  alone: boolean,
): PotInWinter {
  const { wrap, mulched, sunk } = tree.protection;
  const stand: Stand = place.air.outdoors && sunk ? "sunk" : place.raised ? "bench" : "ground";
  return {
    volumeL: Math.exp(VOLUME_STEP * Math.round(Math.log(tree.volumeL) / VOLUME_STEP)),
    wall: tree.wall,
    wrap: wrap ?? place.wrap,
    stand,
    exposure: alone ? 1 : CLOSE,
    mulchR: mulched || place.mulched ? MULCH_R : 0,
  };
}

/** A pot is never colder than the air less what a clear sky takes, K: so far above its limits no root can be in danger. */
const SKY_MARGIN_C = 4;
const SAFE_ABOVE_LIMIT_C = 5;
export const tooMild = (coldestAirC: number, { youngC, matureC }: RootLimits) =>
  coldestAirC - SKY_MARGIN_C > Math.max(youngC, matureC) + SAFE_ABOVE_LIMIT_C;

/** Temperatures of pots at places, each kind of pot at each place once. */
class PotCourses {
  private readonly known = new Map<string, PotCourse[]>();
  private readonly coldestC: number;
  constructor(private readonly place: PlaceWinter) {
    this.coldestC = Math.min(...place.tminC.map((t) => Math.min(...t)));
  }

  /** Null where the air is too mild to harm any root of these limits. */
  of(pot: PotInWinter, limits: RootLimits): PotCourse[] | null {
    return tooMild(this.coldestC, limits) ? null : this.courses(pot);
  }

  /** Chance that it cracks, over the courses. */
  cracks(pot: PotInWinter, frostProof: boolean | null): number {
    if (!isClay(pot.wall) || frostProof === true || this.coldestC > NEVER_FREEZES_C) return 0;
    return meanOf(this.courses(pot).map((c) => crackChance(pot.wall, frostProof, c.freezes)));
  }

  private courses(pot: PotInWinter): PotCourse[] {
    const key = JSON.stringify(pot);
    let courses = this.known.get(key);
    if (!courses) this.known.set(key, (courses = this.place.hours.map((h) => potCourse(pot, h))));
    return courses;
  }
}

/** Spread of the frost that kills new shoots, K (L). */
const SHOOT_SPREAD_C = 1;

function crownDamage(h: HabitParameters, crown: CrownWinter, nights: readonly Float32Array[]) {
  const wood = nights.map((tmin, c) => tmin.map((t, d) => damageShare(t, crown.lt50C[c][d], h.sigmaC)));
  const shoots = nights.map((tmin, c) =>
    tmin.map((t, d) => (d >= crown.budBreak[c] ? normalCdf((h.flushFrostC - t) / SHOOT_SPREAD_C) : 0)),
  );
  return { wood, shoots };
}

const worst = (days: Float32Array) => days.reduce((a, b) => (b > a ? b : a), 0);
const meanOf = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

/** Kinds whose crowns winter alike. */
const crownKey = (h: HabitParameters) =>
  `${h.habit}:${h.chillPortions}:${h.hardiness.hMax}:${h.sigmaC}:${h.flushFrostC}`;

/** Works something out once for each key. */
function once<T>(): (key: string, make: () => T) => T {
  const known = new Map<string, T>();
  return (key, make) => {
    let found = known.get(key);
    if (found === undefined) known.set(key, (found = make()));
    return found;
  };
}

/** A place with all that trees wintering there share. */
class Quarters {
  private readonly pots: PotCourses;
  /** Portions of cold by the day it must have been enough, the least first. */
  readonly chill: readonly number[];
  private readonly crowns = once<CrownWinter>();
  private readonly crownDamages = once<ReturnType<typeof crownDamage>>();
  private readonly rootDamages = once<Float32Array[]>();
  constructor(
    readonly place: WinterPlace,
    readonly winter: PlaceWinter,
    private readonly site: SiteWinter,
  ) {
    this.pots = new PotCourses(winter);
    this.chill = chillByThen(winter, site);
  }

  crown(h: HabitParameters): CrownWinter {
    return this.crowns(crownKey(h), () => crownWinter(this.site, this.winter, h));
  }

  /** What nights, here or where it is carried from here, do to a crown that winters here. */
  crownDamage(h: HabitParameters, at: Quarters): ReturnType<typeof crownDamage> {
    return this.crownDamages(`${crownKey(h)}@${at.place.id}`, () => crownDamage(h, this.crown(h), at.winter.tminC));
  }

  cracks(tree: WinterTree, alone: boolean): number {
    return this.pots.cracks(potAt(tree, this.place, alone), tree.frostProof);
  }

  roots(tree: WinterTree, alone: boolean): Float32Array[] {
    const pot = potAt(tree, this.place, alone);
    const { youngC, matureC } = tree.limits;
    return this.rootDamages(`${JSON.stringify(pot)}:${youngC}:${matureC}`, () => {
      const courses = this.pots.of(pot, tree.limits);
      return courses
        ? courses.map((c) => killByDay(c, tree.limits))
        : this.winter.tminC.map((t) => new Float32Array(t.length));
    });
  }
}

/** What a thread needs to reckon some trees' winter. */
export interface OutlookTask {
  site: SiteWinter;
  trees: readonly WinterTree[];
  places: readonly WinterPlace[];
  openPlace: WinterPlace;
  /** Share of damage a grower takes. */
  risk: number;
}

/**
 * Every tree at every place through the courses of a winter: roots by the pot's temperatures, wood by its hardiness there, chill
 * against need, and the days it must go in and may come out.
 */
export function outlookOf({ site, trees, places, openPlace, risk }: OutlookTask): TreeOutlook[] {
  const open = openHours(site);
  const quarters = new Map(
    [openPlace, ...places].map((place) => [place.id, new Quarters(place, placeWinter(site, open, place.air), site)]),
  );
  return trees.map((tree) => {
    const home = quarters.get(tree.homeId ?? openPlace.id) ?? quarters.get(openPlace.id)!;
    const nights = home.winter.tminC;
    const alone = home.place.air.wind === 1;
    const outdoors: DayDamage = {
      roots: home.roots(tree, alone),
      ...home.crownDamage(tree.habit, home),
    };
    const stays: Record<string, Stay> = {};
    for (const [id, q] of quarters) {
      if (id === openPlace.id && id !== home.place.id) continue;
      const key = id === home.place.id ? OUTSIDE : id;
      const damage = key === OUTSIDE ? outdoors : { roots: q.roots(tree, false), ...q.crownDamage(tree.habit, q) };
      const crown = q.crown(tree.habit);
      const there = q.crownDamage(tree.habit, home);
      stays[key] = {
        roots: meanOf(damage.roots.map(worst)),
        wood: meanOf(damage.wood.map(worst)),
        woodChance: damage.wood.filter((days) => worst(days) > SEEN_LOSS).length / damage.wood.length,
        cracks: q.cracks(tree, key === OUTSIDE && alone),
        chill: Math.round(quantileOf(q.chill, 0.5)),
        chillShort: chillShort(tree, q.chill),
        meanC: q.winter.meanC,
        out:
          key === OUTSIDE
            ? null
            : outDays({
                tree,
                site,
                nights,
                roots: outdoors.roots,
                // Carried out it is as hard as it was inside; its shoots are as far as there, or as they will be outdoors.
                wood: there.wood,
                shoots: there.shoots.map((days, c) => days.map((share, d) => Math.max(share, outdoors.shoots[c][d]))),
                swell: crown.swell,
                risk,
              }),
      };
    }
    return { treeId: tree.id, stays, in: inDays({ tree, site, nights, ...outdoors, risk }) };
  });
}

/** Days after midwinter by which cold must have been enough. */
const CHILL_BY_DAYS = 75;
const chillByThen = (place: PlaceWinter, site: SiteWinter): number[] => {
  const by = clamp(site.midwinter + CHILL_BY_DAYS, 0, site.days - 1);
  return place.portions.map((p) => p[by]).sort((a, b) => a - b);
};

/** Cool weeks that make flowers of evergreens, as chill: about a month near 8 °C. Our judgement (L). */
const COOL_FOR_BLOOM_PORTIONS = 12;

/** Portions a tree needs of its winter: to wake, where it is leafless, and for flowers that cool weeks make. */
export function coldNeeded(tree: Pick<WinterTree, "habit" | "chillPortions" | "coolForBloom">): number {
  const rest = tree.habit.leaf === "evergreen" ? 0 : tree.chillPortions;
  return Math.max(rest, tree.coolForBloom ? COOL_FOR_BLOOM_PORTIONS : 0);
}

/** @param chill portions by then, course by course */
function chillShort(tree: WinterTree, chill: readonly number[]): number {
  const needed = coldNeeded(tree);
  return needed <= 0 ? 0 : chill.filter((p) => p < needed).length / chill.length;
}

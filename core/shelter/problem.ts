import { type PlaceBuild, floorM2 } from "../winter/index";
import { isOutdoors, type LightClass } from "../place/index";
import type { PlaceKind } from "../climate/index";
import type { AssignPlace, AssignProblem, AssignTree } from "./assign";
import { carryTo, type CarryLimits, type Carrying, mostCarriedKg } from "./carry";
import { type CostParts, lossOf, stayCost, totalOf, worthOf } from "./cost";
import { OUTSIDE, type Stay, type TreeOutlook } from "./outlook";
import type { Protection } from "./winter-tree";
import type { WinterLight } from "../species/index";
import { circleM2, type Floor, USUAL_FILL } from "./packing";
import type { Floors } from "./plan";

/** A pot with what stands in it, as it is carried and set down; `treeIds` share the pot. */
export interface Standing {
  id: string;
  treeIds: string[];
  tag: string;
  name: string;
  plants: number;
  evergreen: boolean;
  need: WinterLight;
  volumeL: number;
  /** Ground it takes, its pot's or its crown's, whichever is wider; the pot's alone; its crown where somebody measured it. */
  widthM: number;
  potM: number;
  crownM: number | null;
  throughM: number;
  heightM: number | null;
  /** One pot as it stands, watered; all of them. */
  eachKg: number;
  massKg: number;
  massGuessed: boolean;
  /** Rooted into the ground: it stays where it is. */
  anchored: boolean;
  /** Place in summer, now, and last winter; null: the open ground, or nobody knows. */
  homeId: string | null;
  nowId: string | null;
  lastWinterId: string | null;
  lastWinterKnown: boolean;
  group: string | null;
  protection: Protection;
  inBelowC: number | null;
  /** Night its kind is usually brought in for, °C. */
  bringInNightC: number | null;
}

export interface Quarter {
  id: string;
  name: string;
  kind: PlaceKind;
  build: PlaceBuild;
  light: LightClass;
}

/** All that the question "who stands where" is asked of. */
export interface ShelterData {
  standings: readonly Standing[];
  quarters: readonly Quarter[];
  limits: CarryLimits;
  /** Share of damage the grower takes. */
  risk: number;
  outlooks: readonly TreeOutlook[];
}

/** Places in which trees may winter: indoors, or sheltered; open ground is where they come from. */
export const isQuarter = (q: Pick<Quarter, "kind">) => !isOutdoors(q.kind) || q.kind === "sheltered";
/** The indoor place a standing is at home in all year round, which it need not leave; null: its home is in the open. */
export function indoorHome<Q extends Pick<Quarter, "id" | "kind">>(
  s: Pick<Standing, "homeId">,
  quarters: readonly Q[],
): Q | null {
  const home = quarters.find((q) => q.id === s.homeId);
  return home && !isOutdoors(home.kind) ? home : null;
}

/** Room enough for anything, where nobody has measured it, m². */
const UNMEASURED_M2 = 1e4;

/** Place key of a standing: its own summer place counts as outside. */
export const placeKey = (s: Pick<Standing, "homeId">, placeId: string | null) =>
  placeId === null || placeId === s.homeId ? OUTSIDE : placeId;

/** What a standing's winter at a place costs; null where its trees have not been reckoned there. */
export function costAt(
  s: Standing,
  placeId: string,
  data: Pick<ShelterData, "quarters" | "limits" | "risk"> & { outlook: (treeId: string) => TreeOutlook | undefined },
): { parts: CostParts; stay: Stay; carrying: Carrying | null } | null {
  const stays = s.treeIds.map((id) => data.outlook(id)?.stays[placeId]);
  if (stays.some((v) => v === undefined)) return null;
  // Of trees in one pot the tenderest speaks.
  const stay = (stays as Stay[]).reduce((a, b) => (lossOf(b) > lossOf(a) ? b : a));
  const quarter = data.quarters.find((q) => q.id === placeId);
  const home = data.quarters.find((q) => q.id === s.homeId);
  const carrying = quarter ? carryTo(s.eachKg, s.plants, quarter.build, data.limits) : null;
  const last = placeKey(s, s.lastWinterId);
  return {
    stay,
    carrying,
    parts: stayCost({
      risk: data.risk,
      worth: worthOf(s.volumeL, s.plants),
      stay,
      need: s.need,
      evergreen: s.evergreen,
      light: quarter?.light ?? home?.light ?? 3,
      minutes: carrying ? 2 * carrying.minutes : 0,
      asLastYear: !s.lastWinterKnown || last === placeId,
    }),
  };
}

export function floorOf({ build }: Pick<Quarter, "build">): Floor | undefined {
  const { lengthM, widthM, doorM, doorAtM } = build;
  return lengthM === null || widthM === null ? undefined : { lengthM, widthM, doorM, doorAtM };
}

/**
 * The assignment's problem from what is known.
 * @param minutesMost person-minutes of carrying in at most; what stands there already needs none
 */
export function problemOf(
  data: ShelterData,
  minutesMost: number | null = null,
): { problem: AssignProblem; floors: Floors } {
  const outlooks = new Map(data.outlooks.map((o) => [o.treeId, o]));
  const facts = { ...data, outlook: (id: string) => outlooks.get(id) };
  const quarters = data.quarters.filter(isQuarter);
  const trees = data.standings.map((s): AssignTree => {
    const cost: Record<string, number> = {};
    const minutes: Record<string, number> = {};
    for (const id of [OUTSIDE, ...quarters.map((q) => q.id)]) {
      if (id === s.homeId || (s.anchored && id !== OUTSIDE)) continue;
      const at = costAt(s, id, facts);
      if (!at) continue;
      cost[id] = totalOf(at.parts);
      minutes[id] = id === placeKey(s, s.nowId) ? 0 : (at.carrying?.minutes ?? 0);
    }
    return {
      id: s.id,
      widthM: s.widthM,
      areaM2: circleM2(s.widthM),
      throughM: s.throughM,
      heightM: s.heightM,
      massKg: s.massKg,
      eachKg: s.eachKg,
      cost,
      minutes,
      group: s.group,
    };
  });
  const places = quarters.map((q): AssignPlace => {
    const area = floorM2(q.build);
    return {
      id: q.id,
      areaM2: area === null ? UNMEASURED_M2 : USUAL_FILL * area,
      heightM: q.build.heightM,
      doorM: q.build.doorM,
      maxMassKg: q.build.floorKgM2 === null || area === null ? null : q.build.floorKgM2 * area,
      liftKg: mostCarriedKg(q.build, data.limits),
    };
  });
  return {
    problem: { trees, places, minutesMost },
    floors: Object.fromEntries(quarters.map((q) => [q.id, floorOf(q)])),
  };
}

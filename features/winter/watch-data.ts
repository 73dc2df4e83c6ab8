import * as common from "@/words/pages/common";
import "server-only";
import { type NightAhead, nightsAhead } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import {
  type Ahead,
  frozenThrough,
  hoursAhead,
  isQuarter,
  leastMeasure,
  placeAhead,
  potAt,
  rootsAhead,
  tooMildToHarm,
  type WinterTree,
  WARNINGS,
  winterInterval,
} from "@/core/shelter/index";
import { type EveningKey, type Measure, type PotInWinter, WATERED, isWetWall } from "@/core/winter/index";
import { isOutdoors } from "@/core/place/index";
import { atRisk } from "../climate/ahead";
import type { CollectionView } from "../kernel/collection/load";
import { type WinterFacts, winterFacts } from "./facts";
import { asWinterPlace, OPEN_QUARTER } from "./quarters";

/** A pot the coming nights may harm, and the least that would keep it. */
export interface ColdPot {
  id: string;
  treeIds: string[];
  tag: string;
  name: string;
  place: string;
  /** Mean share of its roots, and of its wood, that the worst of the nights kills. */
  roots: number;
  crown: number;
  /** What brings the roots' risk down; `in`: nothing but carrying it in. */
  measure: EveningKey | "in" | "crown-fleece";
  left: number | null;
}

export interface WatchedPlace {
  id: string;
  name: string;
  indoors: boolean;
  pots: number;
  meanC: number;
  days: { day: string; lowC: number; highC: number; door: boolean }[];
  tooWarm: boolean;
  mould: boolean;
  /** Leafless trees stand too warm, evergreens too dark for the warmth. */
  wakes: string[];
  dark: string[];
}

export interface DueWater {
  id: string;
  treeIds: string[];
  tag: string;
  name: string;
  place: string;
  last: string | null;
  every: number;
  due: string;
}

export interface WatchFacts {
  nights: { day: string; minC: number; forecast: boolean }[];
  cold: ColdPot[];
  /** Evergreens outdoors whose ball is frozen through for days. */
  frozen: { id: string; tag: string; chance: number }[];
  places: WatchedPlace[];
  water: DueWater[];
  risk: number;
}

/** Above this, its error twice over, no pot and no wood is harmed by a night, °C: our judgement (L). */
const HARMLESS_C = 2;

/** What the coming nights threaten: worked out once for a yard, and not at all where they are surely too mild. */
export function tonightFacts(view: CollectionView): Pick<WatchFacts, "nights" | "cold"> {
  let found = tonights.get(view.yard);
  if (!found) {
    const ahead = nightsAhead(view.yard.site).slice(0, WATCHED_NIGHT_COUNT);
    const mild = ahead.every((n) => n.minC - 2 * n.minErrorC > HARMLESS_C);
    const facts = mild ? null : winterFacts(view);
    found = { nights: nightsTold(ahead), cold: facts === null ? [] : coldPots(view, facts, aheadBy(facts)) };
    tonights.set(view.yard, found);
  }
  return found;
}
const tonights = new WeakMap<CollectionView["yard"], Pick<WatchFacts, "nights" | "cold">>();

const nightsTold = (nights: readonly NightAhead[]): WatchFacts["nights"] =>
  nights.map((n) => ({ day: toIso(n.day), minC: n.minC, forecast: n.basis === "forecast" }));

/** A pot whose water nobody has ever noted is looked at now. */
const WATCHED_NIGHT_COUNT = 3;

export function watchFacts(view: CollectionView): WatchFacts {
  const facts = winterFacts(view);
  const nights = nightsAhead(view.yard.site);
  const ahead = aheadBy(facts);
  const watched = facts.quarters.filter(isQuarter);
  return {
    nights: nightsTold(nights.slice(0, WATCHED_NIGHT_COUNT)),
    cold: coldPots(view, facts, ahead),
    frozen: frozenBalls(facts, ahead),
    places: watched.flatMap((q) => {
      const there = facts.known.standings.filter((s) => s.nowId === q.id);
      if (there.length === 0) return [];
      // A heated room is lived in: nobody airs it for the trees.
      const indoors = !isOutdoors(q.kind) && q.kind !== "heated";
      const found = placeAhead(ahead(null), ahead(q.id), indoors);
      const warm = found.meanC > WARNINGS.leaflessC;
      return [
        {
          id: q.id,
          name: q.name,
          indoors,
          pots: there.length,
          meanC: found.meanC,
          days: found.days.map((d) => ({ day: toIso(d.day), lowC: d.lowC, highC: d.highC, door: d.door })),
          tooWarm: found.tooWarm,
          mould: found.mould,
          wakes: warm ? there.filter((s) => !s.evergreen).map((s) => s.tag) : [],
          dark: warm && q.light < 2 ? there.filter((s) => s.evergreen).map((s) => s.tag) : [],
        },
      ];
    }),
    water: dueWater(view, facts, ahead),
    risk: view.collection.risk,
  };
}

/** Hours ahead by place, each worked out once. */
function aheadBy(facts: WinterFacts): (placeId: string | null) => Ahead {
  const known = new Map<string, Ahead>();
  return (placeId) => {
    const quarter = facts.quarters.find((q) => q.id === placeId);
    const key = quarter?.id ?? "open";
    let ahead = known.get(key);
    if (!ahead) known.set(key, (ahead = hoursAhead(facts.task.site, quarter?.air ?? OPEN_QUARTER.air)));
    return ahead;
  };
}

function coldPots(view: CollectionView, facts: WinterFacts, aheadOf: (id: string | null) => Ahead): ColdPot[] {
  const { risk } = view.collection;
  const trees = new Map(facts.task.trees.map((t) => [t.id, t]));
  const crowns = new Map<string, number>();
  for (const group of atRisk(view, nightsAhead(view.yard.site, WATCHED_NIGHT_COUNT)))
    for (const tag of group.tags) crowns.set(tag, Math.max(...group.wood, ...group.shoots));
  const known = new Map<string, number>();
  const out: ColdPot[] = [];
  for (const s of facts.known.standings) {
    const quarter = facts.quarters.find((q) => q.id === s.nowId);
    const place = quarter ? asWinterPlace(quarter) : OPEN_QUARTER;
    const ahead = aheadOf(s.nowId);
    const tree = trees.get(s.id);
    if (!tree) continue;
    const wet = wateredSince(view, s.treeIds, toDay(view.today) - 1);
    const pot = { ...potAt(tree, place, place.air.wind === 1), ...(wet ? { waterFraction: WATERED } : {}) };
    const rootsWith = (change: Partial<PotInWinter>) => {
      const asked = { ...pot, ...change };
      const key = `${s.nowId}:${JSON.stringify(asked)}:${tree.limits.youngC}:${tree.limits.matureC}`;
      let share = known.get(key);
      if (share === undefined) known.set(key, (share = rootsAhead(ahead, asked, tree.limits)));
      return share;
    };
    const roots = tooMildToHarm(ahead, tree.limits) ? 0 : rootsWith({});
    const crown = Math.max(...s.tag.split(" + ").map((tag) => crowns.get(tag) ?? 0));
    if (roots <= risk && crown <= risk) continue;
    const least =
      roots > risk ? leastMeasure(risk, rootsWith, (m) => possible(m, tree, place.air.outdoors, pot)) : null;
    out.push({
      id: s.id,
      treeIds: s.treeIds,
      tag: s.tag,
      name: s.name,
      place: quarter?.name ?? common.theOpenGround,
      roots,
      crown,
      measure: roots > risk ? (least?.measure.key ?? "in") : "crown-fleece",
      left: least?.risk ?? null,
    });
  }
  return out.sort((a, b) => Math.max(b.roots, b.crown) - Math.max(a.roots, a.crown));
}

/** Chance from which a frozen ball is worth a word. */
const LIKELY = 0.5;

function frozenBalls(facts: WinterFacts, aheadOf: (id: string | null) => Ahead): WatchFacts["frozen"] {
  const trees = new Map(facts.task.trees.map((t) => [t.id, t]));
  return facts.known.standings.flatMap((s) => {
    const quarter = facts.quarters.find((q) => q.id === s.nowId);
    const place = quarter ? asWinterPlace(quarter) : OPEN_QUARTER;
    const tree = trees.get(s.id);
    if (!s.evergreen || !tree || !place.air.outdoors || !freezes(aheadOf(s.nowId))) return [];
    const chance = frozenThrough(aheadOf(s.nowId), potAt(tree, place, place.air.wind === 1));
    return chance >= LIKELY ? [{ id: s.id, tag: s.tag, chance }] : [];
  });
}

/** Without frost yesterday nothing is frozen through. */
const freezes = ({ hours, today }: Ahead) => hours[0].airC.subarray(24 * (today - 1), 24 * today).some((t) => t < 0);

/** Whether all of them were watered on a day or after it. */
const wateredSince = (view: CollectionView, treeIds: readonly string[], day: number) =>
  treeIds.every((id) =>
    view.loaded.indexed.eventsByTree.get(id)?.some((e) => e.payload.kind === "watered" && toDay(e.on.best) >= day),
  );

/** What is there already need not be advised; only the ground takes a sunk pot. */
function possible(m: Measure<EveningKey>, tree: WinterTree, outdoors: boolean, pot: PotInWinter): boolean {
  if (m.key === "sink") return outdoors && pot.stand === "ground" && !tree.protection.sunk;
  if (m.key === "straw") return (pot.mulchR ?? 0) === 0;
  if (m.key === "water") return pot.waterFraction !== WATERED;
  return pot.wrap !== "straw" && pot.wrap !== m.change.wrap;
}

function dueWater(view: CollectionView, facts: WinterFacts, aheadOf: (id: string | null) => Ahead): DueWater[] {
  const { indexed, trees } = view.loaded;
  const today = toDay(view.today);
  const means = new Map<string, number>();
  const byId = new Map(facts.task.trees.map((t) => [t.id, t]));
  const kinds = new Map(trees.map((t) => [t.id, t]));
  return facts.known.standings
    .flatMap((s): DueWater[] => {
      const quarter = facts.quarters.find((q) => q.id === s.nowId);
      const tree = byId.get(s.id);
      // Rain waters what stands in the open.
      if (!quarter || isOutdoors(quarter.kind) || !tree || !kinds.has(s.id)) return [];
      if (!means.has(quarter.id)) means.set(quarter.id, placeAhead(aheadOf(null), aheadOf(quarter.id), true).meanC);
      const every = Math.round(
        winterInterval({
          volumeL: s.volumeL,
          widthM: s.widthM,
          breathing: isWetWall(tree.wall),
          evergreen: s.evergreen,
          even: tree.even,
          meanC: means.get(quarter.id)!,
          light: quarter.light,
        }),
      );
      const events = s.treeIds.flatMap((id) => indexed.eventsByTree.get(id) ?? []);
      const last = events.findLast((e) => e.payload.kind === "watered" || e.payload.kind === "potted")?.on.best ?? null;
      const moved = events.findLast((e) => e.payload.kind === "placed")?.on.best ?? null;
      // Carried in it was watered like the rest outdoors until then.
      const from =
        [last, moved]
          .filter((d): d is string => d !== null)
          .sort()
          .at(-1) ?? null;
      const due = from === null ? view.today : toIso(Math.max(toDay(from) + every, 0));
      return [
        {
          id: s.id,
          treeIds: s.treeIds,
          tag: s.tag,
          name: s.name,
          place: quarter.name,
          last: from,
          every,
          due: toDay(due) < today ? view.today : due,
        },
      ];
    })
    .sort((a, b) => a.due.localeCompare(b.due) || a.place.localeCompare(b.place));
}

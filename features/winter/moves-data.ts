import * as common from "@/words/pages/common";
import "server-only";
import { type DayNumber, growingSeason, toDay, toIso } from "@/core/dates/index";
import {
  hardeningOff,
  type HardeningStage,
  loadsBy,
  type Move,
  movesOf,
  OUTSIDE,
  type Round,
  roundsOf,
} from "@/core/shelter/index";
import { hoursBetween } from "@/core/people/index";
import { kindOf, plannedKey, shelterPlanOf } from "@/model/index";
import { cropOutlook, earlyStartNights } from "@/core/wood/index";
import { type CollectionView } from "../kernel/collection/load";
import { type WinterFacts, winterFacts } from "./facts";
import { newestResult, type ShelterResult } from "./job";

/** A move as pages show it. */
export interface ShownMove {
  id: string;
  treeIds: string[];
  tag: string;
  name: string;
  plants: number;
  direction: Move["direction"];
  from: string;
  to: string;
  toId: string | null;
  day: string;
  middle: string | null;
  why: Move["why"];
  inBelowC: number | null;
  bringInNightC: number | null;
  soon: number[];
  eachKg: number;
  massKg: number;
  massGuessed: boolean;
  by: Move["carrying"]["by"];
  people: number;
  minutes: number;
  kgM: number;
  steps: number;
  /** Days by which it is brought to the sun again. */
  nightsAfter: number;
  stages: { from: string; what: HardeningStage["what"] }[];
}

export interface ShownRound {
  day: string;
  moves: ShownMove[];
  minutes: number;
  have: number | null;
  kg: number;
  kgM: number;
  /** Who carries how much. */
  loads: { by: Move["carrying"]["by"]; pots: number; kg: number; minutes: number }[];
}

/** What an early start in warmth would do for a crop. */
export interface EarlyStart {
  name: string;
  tags: string[];
  outdoors: number;
  early: { weeks: number; chance: number; ripeOn: string | null; nights: number }[];
}

/** What is carried in and out in a winter, round by round. */
export interface WinterRounds {
  winter: number;
  planned: boolean;
  calculated: boolean;
  fresh: boolean;
  in: ShownRound[];
  out: ShownRound[];
}

export interface MovesFacts extends WinterRounds {
  early: EarlyStart[];
  /** The days ahead come from a forecast; issued on. */
  forecastOn: string | null;
  /** Put down today already. */
  doneToday: number;
}

/** Outlooks that still name the same winter, even where they were calculated some days ago. */
export async function outlookFor(collectionId: string, facts: WinterFacts): Promise<ShelterResult | null> {
  const done = await newestResult(collectionId);
  return done && done.result.winter === facts.winter ? done.result : null;
}

const EARLY_WEEKS = [4, 8] as const;
/** A crop that ripens so surely outdoors needs no early start. */
const SURE = 0.95;

export async function movesFacts(view: CollectionView): Promise<MovesFacts> {
  const facts = winterFacts(view);
  return {
    ...(await winterRounds(view, facts)),
    early: earlyStarts(view, facts),
    forecastOn: view.yard.site.nights.length > 0 ? view.today : null,
    doneToday: view.loaded.indexed.records.events.filter(
      (e) => e.payload.kind === "placed" && e.on.best === view.today && e.treeId,
    ).length,
  };
}

/** The rounds of the layout that is kept for the winter; without one nothing is carried in. */
export async function winterRounds(view: CollectionView, facts = winterFacts(view)): Promise<WinterRounds> {
  const { loaded, collection } = view;
  const today = toDay(view.today);
  const result = await outlookFor(collection.id, facts);
  const plan = shelterPlanOf(loaded.indexed, facts.winter);
  const assignment: Record<string, string> = {};
  for (const s of facts.known.standings)
    if (plan) assignment[s.id] = plannedKey(plan.get(s.id), s.homeId);
    else assignment[s.id] = OUTSIDE;
  const { startDay, midwinter } = facts.task.site;
  const moves = movesOf({
    data: { ...facts.data, outlooks: result?.outlooks ?? [] },
    assignment,
    startDay,
    midwinter: startDay + midwinter,
    today,
  });
  const minutesOn = (day: DayNumber): number | null => {
    const hours = hoursBetween(loaded.calendar, day, day);
    return hours === null ? null : 60 * hours;
  };
  const show = shower(facts, result);
  const rounds = (list: Move[], direction: Move["direction"]) =>
    roundsOf(list, direction, today, minutesOn).map((r) => shownRound(r, show));
  return {
    winter: facts.winter,
    planned: plan !== null,
    calculated: result !== null,
    fresh: result?.key === facts.key,
    in: rounds(moves.in, "in"),
    out: rounds(moves.out, "out"),
  };
}

function shower(facts: WinterFacts, result: ShelterResult | null) {
  const quarter = (id: string | null) => facts.quarters.find((q) => q.id === id);
  const outlooks = new Map(result?.outlooks.map((o) => [o.treeId, o]));
  return (m: Move): ShownMove => {
    const s = m.standing;
    const from = quarter(m.fromId);
    const meanC = Math.max(...s.treeIds.map((id) => outlooks.get(id)?.stays[m.fromId ?? ""]?.meanC ?? 0));
    return {
      id: s.id,
      treeIds: s.treeIds,
      tag: s.tag,
      name: s.name,
      plants: s.plants,
      direction: m.direction,
      from: from?.name ?? common.theOpenGround,
      to: quarter(m.toId)?.name ?? common.theOpenGround,
      toId: m.toId,
      day: toIso(m.day),
      middle: m.middle === null ? null : toIso(m.middle),
      why: m.why,
      inBelowC: s.inBelowC,
      bringInNightC: s.bringInNightC,
      soon: m.soon,
      eachKg: s.eachKg,
      massKg: s.massKg,
      massGuessed: s.massGuessed,
      by: m.carrying.by,
      people: m.carrying.people,
      minutes: m.carrying.minutes,
      kgM: m.carrying.kgM,
      steps: quarter(m.direction === "in" ? m.toId : m.fromId)?.build.steps ?? 0,
      nightsAfter: m.nightsAfter,
      stages:
        m.direction === "out" && from
          ? hardeningOff(m, from.light, meanC).map((stage) => ({ from: toIso(stage.from), what: stage.what }))
          : [],
    };
  };
}

const shownRound = (r: Round, show: (m: Move) => ShownMove): ShownRound => ({
  day: toIso(r.day),
  moves: r.moves.map(show),
  minutes: r.minutes,
  have: r.have,
  kg: r.kg,
  kgM: r.kgM,
  loads: (Object.entries(loadsBy(r)) as [Move["carrying"]["by"], { pots: number; kg: number; minutes: number }][]).map(
    ([by, load]) => ({ by, ...load }),
  ),
});

/** Crop kinds that outdoors do not always ripen, and what weeks of warmth before would change. */
function earlyStarts(view: CollectionView, facts: WinterFacts): EarlyStart[] {
  const { yard, loaded } = view;
  const { site, today: on } = yard;
  const running = growingSeason(on, site.latitudeDeg);
  const season = Math.max(facts.winter, running);
  const byKind = new Map<string, EarlyStart | null>();
  for (const tree of loaded.trees) {
    if (tree.purpose !== "crop") continue;
    const profile = kindOf(tree);
    if (!profile.crop) continue;
    const known = byKind.get(profile.key);
    if (known) known.tags.push(tree.tag);
    if (known !== undefined) continue;
    const [h] = profile.parameters;
    const outdoors = cropOutlook(site, season, h, profile.crop).chance;
    byKind.set(
      profile.key,
      outdoors >= SURE
        ? null
        : {
            name: profile.name,
            tags: [tree.tag],
            outdoors,
            early: EARLY_WEEKS.map((weeks) => {
              const { chance, ripeOn } = cropOutlook(site, season, h, profile.crop!, weeks);
              return { weeks, chance, ripeOn, nights: earlyStartNights(site, season, h, weeks) };
            }),
          },
    );
  }
  return [...byKind.values()].filter((e): e is EarlyStart => e !== null);
}

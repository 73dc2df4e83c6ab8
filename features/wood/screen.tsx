import "server-only";
import { notFound } from "next/navigation";
import { coldestOfMiddleYear, firstFrostIndex, frostProbabilityBySlot, type Site } from "@/core/climate/index";
import {
  type DayNumber,
  growingSeason,
  midwinterOf,
  parseIso,
  seasonLabel,
  slotOf,
  toDay,
  toIso,
} from "@/core/dates/index";
import type { DateEstimate } from "@/core/estimate/index";
import { namesTogether, type Profile, profileOf } from "@/core/species/index";
import { ownWoodOf, tracksOf, woodEvidence, type WoodEvidence } from "@/model/index";
import { openPeriods, OPERATION_NEEDS } from "@/core/window/index";
import {
  FEED_FORMS,
  type FeedForm,
  hardinessSeries,
  NO_CARE,
  type OwnWood,
  PRIOR_SHIFT,
  ripeOn,
  ripeShare,
  woodMembers,
  type WoodMember,
  woodSeries,
} from "@/core/wood/index";
import { weightedQuantiles } from "@/core/math/index";
import type { CollectionView } from "../collection/load";
import { AlmanacNav } from "../almanac/almanac-nav";
import { collectionView, ownStripWood } from "../shell/data";
import { eventWords } from "../history/event-words";
import { minimaAround } from "./frost-around";
import { WoodView, type WoodPicture } from "./wood-view";

/** Late work one may ask about before doing it. */
export const LATE_WORKS = ["feed-quick", "feed-organic", "feed-coated", "slip-up", "up-pot", "prune-hard"] as const;
export type LateWork = (typeof LATE_WORKS)[number];

/** Days of winter shown after the season's year. */
const TAIL_DAYS = 130;
const STEP_DAYS = 2;
/** Later than any bud breaks: where chill or warmth never suffice. */
const NO_BUD_BREAK = 400;

export interface WoodQuestion {
  on?: string;
  tree?: string;
  kind?: string;
  work?: string;
  workOn?: string;
}

interface Subject {
  treeId: string | null;
  tag: string | null;
  profile: Profile;
  label: string;
}

function subjectOf(view: CollectionView, asked: WoodQuestion): Subject | null {
  const { trees } = view.loaded;
  const tree = trees.find((t) => t.id === asked.tree);
  if (tree) {
    const profile = profileOf(tree);
    return { treeId: tree.id, tag: tree.tag, profile, label: `${tree.tag} ${profile.name}` };
  }
  const one = trees.find((t) => profileOf(t).key === asked.kind) ?? trees[0];
  if (!one) return null;
  const { key } = profileOf(one);
  const alike = trees.map((t) => profileOf(t)).filter((p) => p.key === key);
  const name = namesTogether([...new Set(alike.map((p) => p.name))]);
  return { treeId: null, tag: null, profile: { ...alike[0], name }, label: name };
}

const pick = (values: ArrayLike<number>, from: number, length: number) =>
  Array.from({ length: Math.ceil(length / STEP_DAYS) }, (_, k) => Math.round(10 * values[from + k * STEP_DAYS]) / 10);

/** How the wood of one tree or kind goes through the season, how hardy it is, and what late work would do. */
export async function WoodScreen({ collectionId, asked }: { collectionId: string; asked: WoodQuestion }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { site, loaded, context, today, collection } = view;
  const kinds = [...new Map(loaded.trees.map((t) => [profileOf(t).key, profileOf(t).name]))].sort((a, b) =>
    a[1].localeCompare(b[1]),
  );
  const trees = loaded.trees.map((t) => ({ id: t.id, tag: t.tag, name: profileOf(t).name }));
  const subject = subjectOf(view, asked);
  if (!subject)
    return (
      <div>
        <AlmanacNav at="wood" />
        <h1 className="text-2xl">Wood and hardiness</h1>
        <p className="mt-2">No tree is on record yet: wood is worked out for the kinds you grow.</p>
      </div>
    );
  const on = asked.on !== undefined && parseIso(asked.on) !== null ? toDay(asked.on) : toDay(today);
  const season = growingSeason(on, site.latitudeDeg);
  const events = subject.treeId ? (loaded.indexed.eventsByTree.get(subject.treeId) ?? []) : [];
  const picture = pictureOf(view, subject, season, on, woodEvidence(events, season, site.latitudeDeg, on), asked);
  const opening = midwinterOf(season, site.latitudeDeg);
  return (
    <div>
      <AlmanacNav at="wood" />
      <WoodView
        key={`${subject.label}:${season}`}
        picture={picture}
        kinds={kinds}
        trees={trees}
        chosen={{ treeId: subject.treeId, kind: subject.profile.key }}
        told={events
          .filter((e) => {
            const day = toDay(e.on.best);
            return WOOD_EVENTS.has(e.payload.kind) && day >= opening && day <= on;
          })
          .map((e) => ({
            id: e.id,
            on: e.on.best,
            words: eventWords(e.payload, { lot: null, place: null, tags: {} }, collection.units),
          }))}
        guessedWeather={context.guessedWeather}
        asOf={toIso(on)}
        ownWood={subject.treeId === null ? null : ownStripWood(view, subject.treeId)}
      />
    </div>
  );
}

const WOOD_EVENTS = new Set(["wood-read", "fed", "pruned", "potted"]);

function pictureOf(
  view: CollectionView,
  subject: Subject,
  season: number,
  on: DayNumber,
  evidence: WoodEvidence | null,
  asked: WoodQuestion,
): WoodPicture {
  const { site, context, loaded } = view;
  const { profile } = subject;
  const h = profile.parameters[0];
  const from = midwinterOf(season, site.latitudeDeg);
  const to = midwinterOf(season + 1, site.latitudeDeg) + TAIL_DAYS;
  const own: OwnWood = evidence ? ownWoodOf(site, profile, season, evidence) : { shift: PRIOR_SHIFT, care: NO_CARE };
  const ownIn = (s: number) => (s === season && evidence ? own : undefined);
  const members = woodMembers(site, season, h, ownIn(season));
  const startDay = site.season(season).slices[0].startDay;
  const wood = woodSeries(site, h, season, season + 1, ownIn);
  const hardy = hardinessSeries(site, h, from, to, ownIn);
  const frost = firstFrostIndex(site, startDay, h.flushFrostC);
  const tree = loaded.trees.find((t) => t.id === subject.treeId);
  const tracks = tree ? tracksOf(context, tree, on) : context.kinds[profile.key];
  const length = to - from + 1;
  const safe = Array.from({ length: Math.ceil(length / STEP_DAYS) }, (_, k) => {
    const i = from + k * STEP_DAYS - tracks.window.startDay;
    return i >= 0 && i < tracks.window.safe.length ? tracks.window.safe[i] : null;
  });
  const bud = weightedQuantiles(
    members.map((m) => (m.wood.budBreak < 0 ? NO_BUD_BREAK : m.wood.budBreak)),
    members.map(() => 1),
    [0.1, 0.5, 0.9],
  );
  const fall = members.filter((m) => m.wood.leafFall >= 0).map((m) => m.wood.leafFall);
  const undone = evidence && evidence.feeds.length + evidence.wakings.length > 0;
  const whatIf = whatIfOf(site, h, season, own, startDay, profile, asked, frost);
  const iso = (i: number) => toIso(Math.round(startDay + i));
  const winter = midwinterOf(season + 1, site.latitudeDeg) - from - 20;
  const atBest = (values: Float32Array) => Math.min(...values.subarray(winter, winter + 80));
  const [slow, middle, fast] = weightedQuantiles(own.shift.shifts, own.shift.weights, [0.1, 0.5, 0.9]).map(Math.exp);
  return {
    label: subject.label,
    tag: subject.tag,
    treeId: subject.treeId,
    kindName: profile.name,
    leaf: h.leaf,
    basis: profile.basis,
    several: profile.habits.length > 1,
    season: seasonLabel(season, site.latitudeDeg),
    from: toIso(from),
    days: length,
    stepDays: STEP_DAYS,
    ripe: {
      p10: pick(wood.ripe10, from - wood.startDay, length),
      p50: pick(wood.ripe50, from - wood.startDay, length),
      p90: pick(wood.ripe90, from - wood.startDay, length),
    },
    shoots: evidence && evidence.wakings.length > 0 ? shootsOnly(site, h, season, own, from, length) : null,
    hardy: {
      tender: pick(hardy.tenderC, 0, length),
      middle: pick(hardy.middleC, 0, length),
      hardy: pick(hardy.hardyC, 0, length),
    },
    ...minimaAround(site, from, length, STEP_DAYS),
    frostBySlot: frostBySlot(site, from, length),
    safe,
    periods: openPeriods(tracks.window, from, to).map((p) => ({
      from: toIso(p.from),
      to: toIso(p.to),
      closedBy: p.closedBy,
    })),
    budBreak:
      bud[1] >= NO_BUD_BREAK
        ? null
        : { p10: iso(bud[0]), p50: iso(bud[1]), p90: bud[2] >= NO_BUD_BREAK ? null : iso(bud[2]) },
    leafFall:
      fall.length * 2 > members.length
        ? iso(
            weightedQuantiles(
              fall,
              fall.map(() => 1),
              [0.5],
            )[0],
          )
        : null,
    ripeOn: ripeOn(h, members, startDay, profile.basis),
    ripeOnUndisturbed: undone
      ? ripeOn(h, woodMembers(site, season, h, { shift: own.shift, care: NO_CARE }), startDay, profile.basis)
      : null,
    hardiest: { hardy: atBest(hardy.hardyC), middle: atBest(hardy.middleC), tender: atBest(hardy.tenderC) },
    coldestNight: coldestOfMiddleYear(site.latitudeDeg, site.minima.startDay, site.minima.tminC),
    frostDay: frost === null ? null : toIso(startDay + frost),
    flushFrostC: h.flushFrostC,
    ripeByFrost: frost === null ? null : ripeShare(h, members, frost),
    pace: { slow, middle, fast, checks: evidence?.checks.length ?? 0 },
    whatIf,
  };
}

function frostBySlot(site: Site, from: DayNumber, length: number): number[] {
  const bySlot = frostProbabilityBySlot(site.latitudeDeg, site.minima.startDay, site.minima.tminC, 0);
  return Array.from({ length: Math.ceil(length / STEP_DAYS) }, (_, k) =>
    Math.round(100 * bySlot[slotOf(from + k * STEP_DAYS)]),
  );
}

/** Ripeness of the shoots without the late tips, middle course: what the tips are told apart from. */
function shootsOnly(
  site: Site,
  h: Profile["parameters"][number],
  season: number,
  own: OwnWood,
  from: DayNumber,
  length: number,
): number[] {
  const series = woodSeries(site, h, season, season + 1, (s) =>
    s === season ? { shift: own.shift, care: { feeds: own.care.feeds, wakings: [] } } : undefined,
  );
  return pick(series.ripe50, from - series.startDay, length);
}

/** What late work on a day would do to the tips: the day they are ripe with it and without. */
function whatIfOf(
  site: Site,
  h: Profile["parameters"][number],
  season: number,
  own: OwnWood,
  startDay: DayNumber,
  profile: Profile,
  asked: WoodQuestion,
  frost: number | null,
): WoodPicture["whatIf"] {
  const work = LATE_WORKS.find((w) => w === asked.work);
  const day = asked.workOn === undefined ? null : parseIso(asked.workOn);
  if (!work || day === null) return null;
  const form = FEED_FORMS.find((f) => work === `feed-${f}`);
  const care = form
    ? { ...own.care, feeds: [...own.care.feeds, { on: day, form, strength: 1 }] }
    : {
        ...own.care,
        wakings: [
          ...own.care.wakings,
          { on: day, strength: OPERATION_NEEDS[work as Exclude<LateWork, `feed-${FeedForm}`>].flush },
        ].sort((a, b) => a.on - b.on),
      };
  const members: WoodMember[] = woodMembers(site, season, h, { shift: own.shift, care });
  const woken = members.filter((m) => m.wood.tips !== null).length / members.length;
  const without = woodMembers(site, season, h, own);
  const estimate = (of: WoodMember[]): DateEstimate => ripeOn(h, of, startDay, profile.basis);
  return {
    work,
    on: toIso(day),
    ripeOn: estimate(members),
    without: estimate(without),
    ripeByFrost: frost === null ? null : ripeShare(h, members, frost),
    ripeByFrostWithout: frost === null ? null : ripeShare(h, without, frost),
    woken: form ? null : woken,
  };
}

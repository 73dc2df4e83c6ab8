import * as say from "@/words/pages/climate/wood";
import { eventIs } from "@/core/event/index";
import "server-only";
import { notFound } from "next/navigation";
import { coldestOfMiddleYear, firstFrostIndex, frostProbabilityBySlot, type Site } from "@/core/climate/index";
import {
  type DayNumber,
  growingSeason,
  midsummerOf,
  midwinterOf,
  parseIso,
  seasonLabel,
  slotOf,
  toDay,
  toIso,
} from "@/core/dates/index";
import type { DateEstimate } from "@/core/estimate/index";
import { namesTogether, type Profile } from "@/core/species/index";
import type { KindTracks, TreeOnDay } from "@/model/index";
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
import type { CollectionView } from "@/features/kernel/collection/load";
import { ClimateNav } from "../climate-nav";
import { ownStripWood } from "@/features/kernel/own-wood";
import { collectionView } from "@/features/kernel/views";
import { eventWords } from "@/words/events";
import { minimaAround } from "./frost-around";
import { LATE_WORKS, type LateWork, type WoodPicture } from "./picture";
import { WoodView } from "./wood-view";
import { PAGE_WORDS } from "@/words/rooms";

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

/** Whose wood is shown: one tree's, where it stands and as it was seen; or a kind's, in the open. */
interface Subject {
  day: TreeOnDay | null;
  profile: Profile;
  tracks: KindTracks;
  site: Site;
  label: string;
}

function subjectOf({ yard }: CollectionView, asked: WoodQuestion, on: DayNumber): Subject | null {
  const day = asked.tree === undefined ? null : (yard.tree(asked.tree)?.on(on) ?? null);
  if (day) {
    const { profile, tracks, site } = day;
    return { day, profile, tracks, site, label: `${day.record.tag} ${profile.name}` };
  }
  const kinds = yard.trees.map((t) => t.kind);
  const one = kinds.find((k) => k.key === asked.kind) ?? kinds[0];
  if (!one) return null;
  const name = namesTogether([...new Set(kinds.filter((k) => k.key === one.key).map((k) => k.name))]);
  return { day: null, profile: { ...one, name }, tracks: yard.kindTracks(one)!, site: yard.site, label: name };
}

const pick = (values: ArrayLike<number>, from: number, length: number) =>
  Array.from({ length: Math.ceil(length / STEP_DAYS) }, (_, k) => Math.round(10 * values[from + k * STEP_DAYS]) / 10);

/** How the wood of one tree or kind goes through the season, how hardy it is, and what late work would do. */
export async function WoodScreen({ collectionId, asked }: { collectionId: string; asked: WoodQuestion }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { yard, today, collection } = view;
  const kinds = [...new Map(yard.trees.map(({ kind }) => [kind.key, kind.name]))].sort((a, b) =>
    a[1].localeCompare(b[1]),
  );
  const trees = yard.trees.map((t) => ({ id: t.id, tag: t.record.tag, name: t.name }));
  const on = asked.on !== undefined && parseIso(asked.on) !== null ? toDay(asked.on) : toDay(today);
  const subject = subjectOf(view, asked, on);
  if (!subject)
    return (
      <div>
        <ClimateNav at="climate/wood" />
        <h1 className="text-2xl">{PAGE_WORDS["climate/wood"]}</h1>
        <p className="mt-2">{say.noTreeIsOnRecord}</p>
      </div>
    );
  const season = growingSeason(on, yard.latitudeDeg);
  const events = subject.day?.events ?? [];
  const treeId = subject.day?.record.id ?? null;
  const picture = pictureOf(subject, season, asked);
  const opening = midwinterOf(season, yard.latitudeDeg);
  return (
    <div>
      <ClimateNav at="climate/wood" />
      <WoodView
        key={`${subject.label}:${season}`}
        feeds={view.loaded.stores.products
          .filter((p) => p.kind === "feed")
          .map(({ name, npk }) => ({ name, phosphatePercent: npk?.[1] ?? null }))}
        picture={picture}
        kinds={kinds}
        trees={trees}
        chosen={{ treeId, kind: subject.profile.key }}
        ownChecks={events
          .filter((e) => {
            const day = toDay(e.on.best);
            return eventIs(e.payload.kind, "of-wood") && day >= opening && day <= on;
          })
          .map((e) => ({
            id: e.id,
            on: e.on.best,
            words: eventWords(e.payload, { lot: null, place: null, tags: {}, kind: null }, collection.units),
          }))}
        guessedWeather={yard.guessedWeather}
        asOf={toIso(on)}
        ownWood={treeId === null ? null : ownStripWood(view, treeId)}
      />
    </div>
  );
}

function pictureOf(subject: Subject, season: number, asked: WoodQuestion): WoodPicture {
  const { day, site, profile, tracks } = subject;
  const h = profile.parameters[0];
  const from = midwinterOf(season, site.latitudeDeg);
  const to = midwinterOf(season + 1, site.latitudeDeg) + TAIL_DAYS;
  const evidence = day?.woodEvidence(season) ?? null;
  const own: OwnWood = day?.ownWood(season) ?? { shift: PRIOR_SHIFT, care: NO_CARE };
  const ownIn = (s: number) => (day?.woodEvidence(s) ? day.ownWood(s) : undefined);
  const members = woodMembers(site, season, h, ownIn(season));
  const startDay = site.season(season).slices[0].startDay;
  // The very course its own page shows; seasons too far from today's are worked out here.
  const known = tracks.wood.startDay <= from && tracks.wood.startDay + tracks.wood.phase.length > to;
  const wood = known ? tracks.wood : woodSeries(site, h, season, season + 1, ownIn);
  const hardy = hardinessSeries(site, h, from, to, ownIn);
  const frost = firstFrostIndex(site, startDay, h.flushFrostC);
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
    tag: day?.record.tag ?? null,
    treeId: day?.record.id ?? null,
    kindName: profile.name,
    fed: {
      feeding: profile.values.feeding,
      phosphate: profile.values.phosphate,
      midsummer: toIso(midsummerOf(season, site.latitudeDeg)),
    },
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
    place: day?.yard.indexed.records.places?.find((p) => p.id === day.placeId)?.name ?? null,
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

import { MIDSUMMER, SEASON_LEAD_DAYS, type Site } from "@/core/climate/index";
import { type DayNumber, midwinterOf, seasonOf, toDay } from "@/core/dates/index";
import type { EventPayload, LoggedEvent } from "@/core/event/index";
import type { Profile } from "@/core/species/index";
import {
  OPERATION_NEEDS,
  operationOf,
  OPERATIONS,
  outlineOver,
  usualOperation,
  type WindowOptions,
  windowSeries,
  windowsOf,
} from "@/core/window/index";
import {
  BBCH_CHECKS,
  type Feed,
  type OwnWood,
  residualNitrogen,
  shiftFromChecks,
  type Waking,
  PHASE,
  type WoodCheck,
  woodSeries,
} from "@/core/wood/index";
import { type KindTracks, outlinesOf } from "./context";
import { type PlaceSites, staysOf, type WinterAhead } from "./stays";

/** What looks, feeds and late work of one season say of a tree's wood. */
export interface WoodEvidence {
  checks: WoodCheck[];
  feeds: Feed[];
  wakings: Waking[];
}

const SOFT = PHASE.soft;
/** Hard pruning wakes as the operation does, light clipping hardly: our judgement (L). */
const PRUNING_STRENGTH = { light: 0.2, hard: OPERATION_NEEDS["prune-hard"].flush } as const;
/** Work earlier than this before midsummer finds nothing that has stopped, and changes nothing. */
const BEFORE_MIDSUMMER_DAYS = 20;
/** A feed of which less is left a month after midsummer is spent before it matters. */
const LEAST_NITROGEN = 0.02;

/** Strength with which a potting wakes shoots, by how much the roots were disturbed. */
function pottingStrength(payload: Extract<EventPayload, { kind: "potted" }>): number {
  if (payload.correction === "none") return OPERATION_NEEDS["slip-up"].flush;
  return payload.retainedShare !== null && payload.retainedShare < 0.75
    ? OPERATION_NEEDS["root-prune"].flush
    : OPERATION_NEEDS["up-pot"].flush;
}

/** The check as the log keeps it, a BBCH stage read as what it says of the wood. */
function checkOf(payload: Extract<EventPayload, { kind: "wood-read" }>, on: DayNumber): WoodCheck {
  const { woodyShare, bend, terminalBud, leafFall, bbch } = payload;
  const coded = bbch === null ? {} : (BBCH_CHECKS[bbch] ?? {});
  return {
    on,
    woodyShare,
    bend,
    terminalBud: terminalBud ?? coded.terminalBud ?? null,
    leafFall: leafFall ?? coded.leafFall ?? null,
  };
}

/** Evidence of one season up to a day (inclusive); null where there is none that matters. */
export function woodEvidence(
  events: readonly LoggedEvent[],
  season: number,
  latitudeDeg: number,
  upTo: DayNumber,
): WoodEvidence | null {
  const [opening, end] = [midwinterOf(season, latitudeDeg), midwinterOf(season + 1, latitudeDeg)];
  const midsummer = opening + MIDSUMMER - SEASON_LEAD_DAYS;
  const evidence: WoodEvidence = { checks: [], feeds: [], wakings: [] };
  for (const event of events) {
    const on = toDay(event.on.best);
    if (on > upTo || on < opening || on >= end) continue;
    const { payload } = event;
    if (payload.kind === "wood-read") evidence.checks.push(checkOf(payload, on));
    if (payload.kind === "fed") {
      const feed: Feed = { on, form: payload.form, strength: payload.strength };
      if (residualNitrogen([feed], Math.max(on, midsummer + 30)) >= LEAST_NITROGEN) evidence.feeds.push(feed);
    }
    if (on < midsummer - BEFORE_MIDSUMMER_DAYS) continue;
    if (payload.kind === "potted") evidence.wakings.push({ on, strength: pottingStrength(payload) });
    if (payload.kind === "worked-in-place")
      evidence.wakings.push({ on, strength: OPERATION_NEEDS[operationOf(payload.correction)].flush });
    if (payload.kind === "pruned") evidence.wakings.push({ on, strength: PRUNING_STRENGTH[payload.how] });
  }
  return evidence.checks.length + evidence.feeds.length + evidence.wakings.length === 0 ? null : evidence;
}

/** Pace and care of a season's wood as its evidence says. */
export function ownWoodOf(site: Site, profile: Profile, season: number, evidence: WoodEvidence): OwnWood {
  const care = { feeds: evidence.feeds, wakings: evidence.wakings };
  const { slices, observedUntil } = site.season(season);
  return {
    care,
    shift: shiftFromChecks(profile.parameters[0], slices, observedUntil, site.latitudeDeg, care, evidence.checks),
  };
}

/** Seasons whose own wood is worked out: the one before today's, and today's. */
function seasonsAsked(site: Site): number[] {
  const season = seasonOf(site.today, site.latitudeDeg);
  return [season - 1, season, season + 1];
}

const ownCache = new WeakMap<Site, Map<string, KindTracks>>();

/** The kind's tracks with one season's wood and windows as this tree's evidence makes them. */
function withSeason(
  site: Site,
  base: KindTracks,
  options: WindowOptions,
  season: number,
  evidence: WoodEvidence,
  underKey: string,
): { kind: KindTracks; key: string } {
  let known = ownCache.get(site);
  if (!known) ownCache.set(site, (known = new Map<string, KindTracks>()));
  const key = JSON.stringify([underKey, base.profile.key, options, season, evidence]);
  const found = known.get(key);
  if (found) return { kind: found, key };
  const own = ownWoodOf(site, base.profile, season, evidence);
  const wood = woodSeries(site, base.profile.parameters[0], season, season, () => own);
  const work = usualOperation(base.profile.values.rootShare);
  const window = windowSeries(site, base.profile, work, season, season, options, own);
  const tracks: KindTracks = {
    ...base,
    outlines: { ...base.outlines },
    wood: {
      ...base.wood,
      phase: base.wood.phase.slice(),
      ripe10: base.wood.ripe10.slice(),
      ripe50: base.wood.ripe50.slice(),
      ripe90: base.wood.ripe90.slice(),
    },
    window: {
      startDay: base.window.startDay,
      suitability: base.window.suitability.slice(),
      limiting: base.window.limiting.slice(),
      safe: base.window.safe.slice(),
      spans: [
        ...base.window.spans.filter((s) => s.to < window.startDay || s.from >= window.startDay + window.safe.length),
        ...window.spans,
      ].sort((a, b) => a.from - b.from),
    },
  };
  const works = outlinesOf(windowsOf(site, base.profile, OPERATIONS, season, season, options, own));
  for (const o of OPERATIONS)
    if (works[o].startDay >= base.outlines[o].startDay) tracks.outlines[o] = outlineOver(base.outlines[o], works[o]);
  const at = wood.startDay - base.wood.startDay;
  const length = wood.phase.length;
  for (let i = 0; i < length && at + i < tracks.wood.phase.length; i++) {
    tracks.wood.phase[at + i] = wood.phase[i];
    // Until the buds break the wood is last season's, as it was.
    if (wood.phase[i] < SOFT) continue;
    for (const part of ["ripe10", "ripe50", "ripe90"] as const) tracks.wood[part][at + i] = wood[part][i];
  }
  for (let i = at + length; i < tracks.wood.phase.length && tracks.wood.phase[i] < SOFT; i++)
    for (const part of ["ripe10", "ripe50", "ripe90"] as const) tracks.wood[part][i] = wood[part][length - 1];
  for (const part of ["suitability", "limiting", "safe"] as const)
    tracks.window[part].set(window[part], window.startDay - base.window.startDay);
  known.set(key, tracks);
  return { kind: tracks, key };
}

/** Days on which something of its own wood was seen or done, in the seasons whose own wood is worked out. */
function toldOn(events: readonly LoggedEvent[], site: Site): DayNumber[] {
  return seasonsAsked(site).flatMap((season) => {
    const whole = woodEvidence(events, season, site.latitudeDeg, Infinity);
    return whole ? [...whole.checks, ...whole.feeds, ...whole.wakings].map((e) => e.on) : [];
  });
}

/** Days from which a tree's tracks are its own: each such event, and each move after the first; empty where it goes as its kind does. */
export function ownWoodFrom(events: readonly LoggedEvent[], moves: readonly DayNumber[], site: Site): DayNumber[] {
  const tellingDays = toldOn(events, site);
  if (tellingDays.length === 0) return [];
  const first = Math.min(...tellingDays);
  return [...new Set([...tellingDays, ...moves.filter((from) => from > first)])].sort((a, b) => a - b);
}

/** The tracks of where it stands on a day, with all that was seen and done by then laid on top, season by season. */
export function ownTracksOn(
  sites: PlaceSites,
  base: KindTracks,
  events: readonly LoggedEvent[],
  day: DayNumber,
  options: WindowOptions,
  ahead: WinterAhead,
): KindTracks {
  const stays = sites.staysAhead(staysOf(events, day), staysOf(events), ahead);
  const site = sites.forStays(stays);
  let under: { kind: KindTracks; key: string } = { kind: base, key: sites.keyOf(stays) };
  for (const season of seasonsAsked(sites.site)) {
    const evidence = woodEvidence(events, season, sites.site.latitudeDeg, day);
    if (evidence) under = withSeason(site, under.kind, options, season, evidence, under.key);
  }
  return under.kind;
}

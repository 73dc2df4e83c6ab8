import { MIDSUMMER, SEASON_LEAD_DAYS, type Site } from "../climate/index";
import { type DayNumber, midwinterOf, seasonOf, toDay } from "../dates/index";
import type { EventPayload, LoggedEvent } from "../event/index";
import { type Profile, profileOf } from "../species/index";
import { OPERATION_NEEDS, windowSeries, type WindowOptions } from "../window/index";
import {
  BBCH_CHECKS,
  type Feed,
  type OwnWood,
  residualNitrogen,
  shiftFromChecks,
  type Waking,
  WOOD_PHASES,
  type WoodCheck,
  woodSeries,
} from "../wood/index";
import type { IndexedRecords } from "./collection";
import { type KindTracks, type ReplayContext, VERDICT_OPERATION } from "./context";

/** What looks, feeds and late work of one season say of a tree's wood. */
export interface WoodEvidence {
  checks: WoodCheck[];
  feeds: Feed[];
  wakings: Waking[];
}

/** Wood and windows of one tree from a day on, where they are not its kind's. */
export interface OwnTracks {
  from: DayNumber;
  kind: KindTracks;
}

const SOFT = WOOD_PHASES.indexOf("soft");
/** Hard pruning wakes as the operation does, light clipping hardly: our judgement (C). */
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
  const window = windowSeries(site, base.profile, VERDICT_OPERATION, season, season, options, own);
  const tracks: KindTracks = {
    ...base,
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
    },
  };
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

/**
 * Tracks of trees that were looked at, fed or worked on late, by tree: one set from the day of each such event, so that an earlier
 * as-of day does not know what came later.
 */
export function ownTracks(
  site: Site,
  indexed: IndexedRecords,
  context: ReplayContext,
  options: WindowOptions,
): Record<string, OwnTracks[]> {
  const all: Record<string, OwnTracks[]> = {};
  for (const tree of indexed.records.trees) {
    const events = indexed.eventsByTree.get(tree.id) ?? [];
    const base = context.kinds[profileOf(tree).key];
    if (!base) continue;
    const versions: OwnTracks[] = [];
    let under = { kind: base, key: "" };
    for (const season of seasonsAsked(site)) {
      const whole = woodEvidence(events, season, site.latitudeDeg, Infinity);
      if (!whole) continue;
      const days = [...whole.checks, ...whole.feeds, ...whole.wakings].map((e) => e.on);
      // What an earlier season left behind goes on beneath this one's.
      const beneath = under;
      for (const from of [...new Set(days)].sort((a, b) => a - b)) {
        const evidence = woodEvidence(events, season, site.latitudeDeg, from)!;
        under = withSeason(site, beneath.kind, options, season, evidence, beneath.key);
        versions.push({ from, kind: under.kind });
      }
    }
    if (versions.length > 0) all[tree.id] = versions;
  }
  return all;
}

/** Tracks of a tree as known on a day: its own where something told of it by then, else its kind's. */
export function tracksOf(
  context: ReplayContext,
  tree: { id: string } & Parameters<typeof profileOf>[0],
  on: DayNumber,
) {
  const kind = context.kinds[profileOf(tree).key];
  const own = context.own?.[tree.id];
  if (!own) return kind;
  let best = kind;
  for (const version of own) if (version.from <= on) best = version.kind;
  return best;
}

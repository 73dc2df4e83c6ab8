import { type RootWarmthSet, warmthBetween, type WarmthTrack } from "@/core/climate/index";
import { type DayNumber, DAYS_PER_YEAR, toDay } from "@/core/dates/index";
import { type Estimate, exactly, logSd, mapEstimate } from "@/core/estimate/index";
import type { ArrivalForm, Happened, LoggedEvent } from "@/core/event/index";
import { type Mix, READY_MIXES, volumeLeft } from "@/core/mix/index";
import {
  blurBelief,
  BY_FEEL,
  BY_LOOK,
  checkBelief,
  checkRerooting,
  gradeProbability,
  growBelief,
  moveBelief,
  priorBelief,
  type RootBelief,
  shareBelief,
  SURPRISE_BELOW,
} from "@/core/roots/index";
import type { Profile } from "@/core/species/index";
import {
  brimHeightMm,
  MIX_SHARE_OF_BRIM,
  mixEstimate,
  type Pot,
  vesselOf,
  wallOf,
  USUAL_WALL,
  WALL,
} from "@/core/vessel/index";
import type { LotRecord } from "@/core/records/index";

/** What is supposed of roots on arrival, by form, before anyone looks. Wide on purpose (L). */
const ARRIVAL_PRIORS: Record<
  ArrivalForm,
  { fill: number; xSd: number; circling: number; circlingSd: number; lagDegreeDays: number }
> = {
  container: { fill: 0.7, xSd: 1.3, circling: 1, circlingSd: 0.9, lagDegreeDays: 0 },
  "bare-root": { fill: 0.06, xSd: 0.5, circling: 0.3, circlingSd: 0.4, lagDegreeDays: 400 },
  "field-bag": { fill: 0.65, xSd: 1, circling: 0.5, circlingSd: 0.6, lagDegreeDays: 60 },
  cutting: { fill: 0.3, xSd: 0.8, circling: 0.1, circlingSd: 0.3, lagDegreeDays: 0 },
  "air-layer": { fill: 0.25, xSd: 0.7, circling: 0.1, circlingSd: 0.3, lagDegreeDays: 60 },
  liner: { fill: 0.5, xSd: 0.9, circling: 0.5, circlingSd: 0.6, lagDegreeDays: 0 },
  salvaged: { fill: 0.85, xSd: 1.6, circling: 1.5, circlingSd: 1.2, lagDegreeDays: 0 },
  unknown: { fill: 0.65, xSd: 1.6, circling: 1, circlingSd: 1, lagDegreeDays: 0 },
};
/** Fill right after a potting nobody recorded the details of. */
const AFTER_POTTING = { fill: 0.3, xSd: 0.6, circling: 0.3, circlingSd: 0.4, lagDegreeDays: 100 };

/** Spread of the mean of a range taken as triangular: range/√24 on each side of its middle. */
const RANGE_TO_SD = 1 / Math.sqrt(24);

/** Mix in place where nobody has said a word about the pot. */
const ANY_POT: Estimate = { p10: 1.5, p50: 7, p90: 30, basis: "guess" };
/** A step into a pot nobody described, as a factor of the mix before it: between a narrow slip and a long jump. */
const ANY_STEP = { p10: 1.2, p50: 2, p90: 4 };

/** A tree between two of its events: what is believed on `day`, ready to be grown to any later day. */
export interface Replayed {
  belief: RootBelief;
  day: DayNumber;
  lotId: string | null;
  pot: Pot | null;
  /** It came with bare roots and has not been potted since: it has no pot at all, as against one nobody described. */
  bare: boolean;
  /** Mix in place when it was set. */
  volumeL: Estimate;
  /** Its share of the pot's mix: 1 unless it stands in one pot with others. */
  share: number;
  together: string[];
  previousVolumeL: number | null;
  pottedOn: DayNumber | null;
  /** Day of the last disturbance of the roots. */
  disturbedOn: DayNumber | null;
  mix: Mix | null;
  mixName: string | null;
  /** Age of the mix when it was filled in: reclaimed mix starts older. */
  mixStartAgeYears: number;
  /** Months the mix feeds, as its recipe says. */
  fedMonths: number | null;
  /** Wet mass of the whole pot by a scale, right after the potting. */
  weighedKg: number | null;
  fillHeightMm: number | null;
  bottomLayerMm: number;
  arrivedOn: DayNumber;
  lastCheckOn: DayNumber | null;
  /** Probability, before it was seen, of the last grade of fill: small = surprising. */
  lastCheckEvidence: number | null;
  /** The last grade was so improbable that the history is in doubt, and nobody has said that it is right. */
  doubted: boolean;
  /** The last look for new roots since the last potting. */
  rerooted: { on: DayNumber; lengthMm: number; firm: boolean | null; probability: number } | null;
}

/**
 * The pot a tree stands in as far as anyone knows: the described one, or one of usual proportions round the guess of its mix; null for
 * bare roots, which stand in none.
 */
export function presumedPot(replayed: Pick<Replayed, "pot" | "bare" | "volumeL">): Pot | null {
  if (replayed.pot !== null || replayed.bare) return replayed.pot;
  return { known: "about", litres: replayed.volumeL.p50 / MIX_SHARE_OF_BRIM.typical, wall: USUAL_WALL };
}

/** Years since the tree was last potted; a pot nobody remembers filling is taken as two years old. */
export function yearsInPot(replayed: Pick<Replayed, "pottedOn">, on: DayNumber): number {
  return replayed.pottedOn === null ? UNKNOWN_YEARS : (on - replayed.pottedOn) / DAYS_PER_YEAR;
}
const UNKNOWN_YEARS = 2;

function warmthSdOf(track: WarmthTrack, set: RootWarmthSet, when: Happened): number {
  if (when.from === when.to) return 0;
  return warmthBetween(track, set, toDay(when.from), toDay(when.to)) * RANGE_TO_SD * 2;
}

function mixOf(mix: Mix | keyof typeof READY_MIXES): Mix {
  return typeof mix === "string" ? READY_MIXES[mix] : mix;
}

/**
 * Replays a tree's events through the root model up to `on` (inclusive). Closed form from event to event: the cost is the number
 * of events, not of days. Answers null before the tree arrived.
 * @param events the tree's counting events in order
 */
export function replay(
  events: readonly LoggedEvent[],
  lots: ReadonlyMap<string, LotRecord>,
  profile: Profile,
  track: WarmthTrack,
  on: DayNumber,
  knownAt?: string,
): Replayed | null {
  let state: Replayed | null = null;
  for (const event of events) {
    const day = toDay(event.on.best);
    if (day > on) break;
    if (knownAt !== undefined && event.recordedAt > knownAt) continue;
    if (state) advance(state, day, profile, track);
    state = apply(state, event, day, lots, profile, track);
  }
  if (state) advance(state, on, profile, track);
  return state;
}

/** Grows the belief in place to a later day. */
function advance(state: Replayed, day: DayNumber, profile: Profile, track: WarmthTrack): void {
  if (day <= state.day) return;
  growBelief(state.belief, warmthBetween(track, profile.warmth, state.day, day));
  state.day = day;
}

/** Changes the state in place, as `advance` does: it belongs to this replay alone, and copying it at every event costs more than the models. */
function apply(
  state: Replayed | null,
  event: LoggedEvent,
  day: DayNumber,
  lots: ReadonlyMap<string, LotRecord>,
  profile: Profile,
  track: WarmthTrack,
): Replayed | null {
  const { payload } = event;
  const pot = event.potLotId === null ? null : (lots.get(event.potLotId)?.pot ?? null);
  switch (payload.kind) {
    case "arrived": {
      const depth = payload.depthToMixMm ?? null;
      const volumeL = pot ? mixEstimate(pot, depth) : ANY_POT;
      const potted = payload.lastPotted;
      const start = potted ? AFTER_POTTING : ARRIVAL_PRIORS[payload.form];
      const belief = priorBelief({
        kPerDegreeDay: profile.kPerDegreeDay,
        vigourSd: profile.vigourSd,
        vigourMean: profile.vigourMean,
        wallFactor: WALL[pot ? wallOf(pot) : USUAL_WALL].circling,
        ...start,
      });
      const pottedOn = potted ? toDay(potted.best) : null;
      const next: Replayed = {
        belief,
        day: pottedOn ?? day,
        lotId: event.potLotId,
        pot,
        bare: payload.form === "bare-root" && pot === null && !potted,
        volumeL,
        share: 1,
        together: [],
        previousVolumeL: null,
        pottedOn,
        disturbedOn: payload.form === "bare-root" ? day : pottedOn,
        mix: null,
        mixName: null,
        mixStartAgeYears: 0,
        fedMonths: null,
        weighedKg: null,
        fillHeightMm: fillHeightOf(pot, depth),
        bottomLayerMm: 0,
        arrivedOn: day,
        lastCheckOn: null,
        lastCheckEvidence: null,
        doubted: false,
        rerooted: null,
      };
      if (potted) {
        blurBelief(belief, warmthSdOf(track, profile.warmth, potted));
        advance(next, day, profile, track);
      }
      return next;
    }
    case "potted": {
      if (!state) return null;
      const mix = payload.mix === null ? null : mixOf(payload.mix);
      const ageYears = state.pottedOn === null ? 0 : (day - state.pottedOn) / DAYS_PER_YEAR;
      const slumped = state.mix ? volumeLeft(state.mix, ageYears) : 1;
      const from = state.volumeL.p50 * slumped;
      const to = payload.measured?.includes("litres")
        ? countedMix(payload.mixL!)
        : mixAfter(payload.mixL, pot, state.volumeL.p50);
      // Back into the same pot nobody measured: whatever its size, it has not changed.
      const samePot = event.potLotId !== null && event.potLotId === state.lotId && pot?.known !== "measured";
      moveBelief(state.belief, {
        ratio: to.p50 / from,
        lnVolumeSd: samePot ? 0 : Math.hypot(logSd(state.volumeL), logSd(to)),
        correction: payload.correction,
        retainedShare: payload.retainedShare ?? undefined,
        wallFactor: WALL[pot ? wallOf(pot) : USUAL_WALL].circling,
      });
      blurBelief(state.belief, warmthSdOf(track, profile.warmth, event.on));
      state.lotId = event.potLotId;
      state.pot = pot;
      state.bare = false;
      state.volumeL = to;
      state.share = 1;
      state.together = [];
      state.previousVolumeL = from;
      state.pottedOn = day;
      state.disturbedOn = day;
      state.mix = mix;
      state.mixName = payload.mixName;
      state.mixStartAgeYears = payload.mixAgeYears ?? 0;
      state.fedMonths = payload.fedMonths ?? null;
      state.weighedKg = payload.measured?.includes("mass") ? payload.wetMassKg : null;
      state.fillHeightMm = payload.fillHeightMm;
      state.bottomLayerMm = payload.bottomLayerMm;
      state.rerooted = null;
      return state;
    }
    case "worked-in-place": {
      if (!state) return null;
      moveBelief(state.belief, {
        ratio: 1,
        lnVolumeSd: 0,
        correction: payload.correction,
        retainedShare: payload.retainedShare,
        circlingRemoved: payload.circlingRemoved,
        wallFactor: state.belief.wallFactor,
      });
      blurBelief(state.belief, warmthSdOf(track, profile.warmth, event.on));
      // Its mix is younger by the share renewed.
      state.mixStartAgeYears -= payload.renewedShare * (state.mixStartAgeYears + yearsInPot(state, day));
      state.disturbedOn = day;
      return state;
    }
    case "rerooting-read": {
      // Without a potting on record there is no fresh mix to look into.
      if (!state || state.pottedOn === null) return state;
      const probability = checkRerooting(state.belief, payload.lengthMm);
      state.rerooted = { on: day, lengthMm: payload.lengthMm, firm: payload.firm, probability };
      return state;
    }
    case "roots-read": {
      if (!state) return null;
      const looked = payload.by !== "feel";
      const eye = looked ? BY_LOOK : BY_FEEL;
      // What does not fit asks first whether pot or date are wrong: until then the tree's own pace does not bend to it.
      const doubted =
        looked &&
        payload.confirmed !== true &&
        payload.fillGrade !== null &&
        gradeProbability(state.belief, payload.fillGrade) < SURPRISE_BELOW;
      const evidence = checkBelief(state.belief, payload.fillGrade, payload.circlingGrade, eye, doubted);
      if (!looked) return state;
      state.doubted = doubted;
      state.lastCheckOn = day;
      state.lastCheckEvidence = evidence ?? state.lastCheckEvidence;
      return state;
    }
    case "measured": {
      if (!state || payload.depthToMixMm === null || payload.depthToMixMm === undefined || !state.pot) return state;
      const share = state.share;
      state.volumeL = mapEstimate(mixEstimate(state.pot, payload.depthToMixMm), (v) => v * share);
      state.fillHeightMm = fillHeightOf(state.pot, payload.depthToMixMm);
      return state;
    }
    case "identified": {
      // The same pot under a name of its own: nothing happened to the roots.
      if (!state) return null;
      state.lotId = event.potLotId;
      state.pot = pot ?? state.pot;
      return state;
    }
    case "joined": {
      if (!state) return null;
      joinPot(state, event.potLotId, pot, payload, day);
      return state;
    }
    default:
      // Notes, photographs, names, endings: nothing that changes roots.
      return state;
  }
}

/** Litres counted into the pot: what settles and what the ball brought leave a tenth open. */
function countedMix(mixL: number): Estimate {
  return { p10: 0.9 * mixL, p50: mixL, p90: 1.1 * mixL, basis: "measured" };
}

/** Mix in place after a potting: as measured, else what is known of the pot, else a wide step from the pot before. */
function mixAfter(mixL: number | null, pot: Pot | null, beforeL: number): Estimate {
  if (mixL !== null && (pot === null || pot.known === "measured")) return exactly(mixL, "derived");
  if (pot) return mixEstimate(pot);
  return {
    p10: beforeL * ANY_STEP.p10,
    p50: beforeL * ANY_STEP.p50,
    p90: beforeL * ANY_STEP.p90,
    basis: "guess",
  };
}

function fillHeightOf(pot: Pot | null, depthToMixMm: number | null): number | null {
  if (!pot || depthToMixMm === null) return null;
  const { vessel } = vesselOf(pot);
  return Math.max(0.1 * brimHeightMm(vessel), brimHeightMm(vessel) - depthToMixMm);
}

/** Others come into its pot or leave it, or it comes into theirs. Who stays is not disturbed, only its share changes. */
function joinPot(
  state: Replayed,
  potLotId: string | null,
  pot: Pot | null,
  payload: Extract<LoggedEvent["payload"], { kind: "joined" }>,
  day: DayNumber,
): void {
  if (potLotId === state.lotId) {
    const ratio = payload.share / state.share;
    shareBelief(state.belief, ratio);
    state.volumeL = mapEstimate(state.volumeL, (v) => v * ratio);
  } else {
    const whole = pot ? mixEstimate(pot) : ANY_POT;
    const to = mapEstimate(whole, (v) => v * payload.share);
    moveBelief(state.belief, {
      ratio: to.p50 / state.volumeL.p50,
      lnVolumeSd: Math.hypot(logSd(state.volumeL), logSd(to)),
      correction: payload.correction,
      wallFactor: WALL[pot ? wallOf(pot) : USUAL_WALL].circling,
    });
    state.previousVolumeL = state.volumeL.p50;
    state.volumeL = to;
    state.lotId = potLotId;
    state.pot = pot;
    state.bare = false;
    state.pottedOn = day;
    state.disturbedOn = day;
    state.mix = null;
    state.mixName = null;
    state.mixStartAgeYears = 0;
    state.fedMonths = null;
    state.weighedKg = null;
    state.fillHeightMm = null;
    state.bottomLayerMm = 0;
    state.rerooted = null;
  }
  state.share = payload.share;
  state.together = payload.together;
}

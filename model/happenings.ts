import { type RootWarmthSet, warmthBetween, type WarmthTrack } from "@/core/climate/index";
import { type DayNumber, DAYS_PER_YEAR, toDay } from "@/core/dates/index";
import { type Estimate, exactly, logSd, mapEstimate } from "@/core/estimate/index";
import type { ArrivalForm, EventKind, Happened, LoggedEvent } from "@/core/event/index";
import { type Mix, READY_MIXES, volumeLeft } from "@/core/mix/index";
import {
  blurBelief,
  BY_FEEL,
  BY_LOOK,
  checkBelief,
  checkRerooting,
  expectedGrade,
  gradeProbability,
  moveBelief,
  priorBelief,
  shareBelief,
  STRAYED,
  SURPRISE_BELOW,
  youngIn,
} from "@/core/roots/index";
import type { Profile } from "@/core/species/index";
import { brimHeightMm, mixEstimate, type Pot, vesselOf, wallOf, USUAL_WALL, WALL } from "@/core/vessel/index";
import { isYoungForm, staysYoung } from "./juvenile";
import { advance, type Replayed, yearsInPot } from "./replayed";

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

function warmthSdOf(track: WarmthTrack, set: RootWarmthSet, when: Happened): number {
  if (when.from === when.to) return 0;
  return warmthBetween(track, set, toDay(when.from), toDay(when.to)) * RANGE_TO_SD * 2;
}

function mixOf(mix: Mix | keyof typeof READY_MIXES): Mix {
  return typeof mix === "string" ? READY_MIXES[mix] : mix;
}

/** An event and what stands round it. */
interface Round {
  day: DayNumber;
  on: Happened;
  potLotId: string | null;
  /** The pot the event names, as described. */
  pot: Pot | null;
  profile: Profile;
  track: WarmthTrack;
}
type PayloadOf<K extends EventKind> = Extract<LoggedEvent["payload"], { kind: K }>;
/** Changes the state in place, as `advance` does: it belongs to this replay alone, and copying it at every event costs more than the models. */
type Change<K extends EventKind> = (state: Replayed, payload: PayloadOf<K>, round: Round) => void;

/** A tree as it comes: what is supposed of its roots, grown on from a potting somebody remembers. */
export function arrived(payload: PayloadOf<"arrived">, { day, potLotId, pot, profile, track }: Round): Replayed {
  const depth = payload.depthToMixMm ?? null;
  const volumeL = pot ? mixEstimate(pot, depth) : ANY_POT;
  const potted = payload.lastPotted;
  const start = potted ? AFTER_POTTING : ARRIVAL_PRIORS[payload.form];
  const belief = priorBelief({
    kPerDegreeDay: profile.kPerDegreeDay,
    vigourSd: profile.vigourSd,
    vigourMean: profile.vigourMean,
    eye: profile.eye,
    wallFactor: WALL[pot ? wallOf(pot) : USUAL_WALL].circling,
    ...start,
    ...(isYoungForm(payload.form) ? youngIn(volumeL.p50) : {}),
  });
  const pottedOn = potted ? toDay(potted.best) : null;
  const next: Replayed = {
    belief,
    day: pottedOn ?? day,
    lotId: potLotId,
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
    form: payload.form,
    lastCheckOn: null,
    lastCheckEvidence: null,
    doubted: false,
    strayed: 0,
    rerooted: null,
  };
  if (potted) {
    blurBelief(belief, warmthSdOf(track, profile.warmth, potted));
    advance(next, day, profile, track);
  }
  return next;
}

/** Into a pot: another volume, fresh mix, roots corrected. */
const potted: Change<"potted"> = (state, payload, { day, on, potLotId, pot, profile, track }) => {
  const mix = payload.mix === null ? null : mixOf(payload.mix);
  const ageYears = state.pottedOn === null ? 0 : (day - state.pottedOn) / DAYS_PER_YEAR;
  const slumped = state.mix ? volumeLeft(state.mix, ageYears) : 1;
  const from = state.volumeL.p50 * slumped;
  const to = payload.measured?.includes("litres")
    ? countedMix(payload.mixL!)
    : mixAfter(payload.mixL, pot, state.volumeL.p50);
  // Back into the same pot nobody measured: whatever its size, it has not changed.
  const samePot = potLotId !== null && potLotId === state.lotId && pot?.known !== "measured";
  moveBelief(state.belief, {
    ratio: to.p50 / from,
    lnVolumeSd: samePot ? 0 : Math.hypot(logSd(state.volumeL), logSd(to)),
    correction: payload.correction,
    retainedShare: payload.retainedShare ?? undefined,
    wallFactor: WALL[pot ? wallOf(pot) : USUAL_WALL].circling,
    ...(staysYoung(state.form, day - state.arrivedOn) ? youngIn(to.p50) : {}),
  });
  blurBelief(state.belief, warmthSdOf(track, profile.warmth, on));
  state.lotId = potLotId;
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
};

/** Corrected and freshened in the pot it stands in. */
const workedInPlace: Change<"worked-in-place"> = (state, payload, { day, on, profile, track }) => {
  moveBelief(state.belief, {
    ratio: 1,
    lnVolumeSd: 0,
    correction: payload.correction,
    retainedShare: payload.retainedShare,
    circlingRemoved: payload.circlingRemoved,
    wallFactor: state.belief.wallFactor,
  });
  blurBelief(state.belief, warmthSdOf(track, profile.warmth, on));
  // Its mix is younger by the share renewed.
  state.mixStartAgeYears -= payload.renewedShare * (state.mixStartAgeYears + yearsInPot(state, day));
  state.disturbedOn = day;
};

/** A look for new roots in the fresh mix. */
const rerootingRead: Change<"rerooting-read"> = (state, payload, { day }) => {
  // Without a potting on record there is no fresh mix to look into.
  if (state.pottedOn === null) return;
  const probability = checkRerooting(state.belief, payload.lengthMm);
  state.rerooted = { on: day, lengthMm: payload.lengthMm, firm: payload.firm, probability };
};

/** Looks in a row off to one side, with this one. */
function strayedAfter({ belief, strayed }: Replayed, fillGrade: number | null): number {
  if (fillGrade === null) return strayed;
  const off = fillGrade - expectedGrade(belief);
  if (Math.abs(off) <= STRAYED.grades) return 0;
  return Math.sign(off) * (Math.sign(off) === Math.sign(strayed) ? Math.abs(strayed) + 1 : 1);
}

/** A look at the ball, or a feel of it. */
const rootsRead: Change<"roots-read"> = (state, payload, { day }) => {
  const looked = payload.by !== "feel";
  const eye = looked ? BY_LOOK : BY_FEEL;
  if (looked) state.strayed = payload.confirmed === true ? 0 : strayedAfter(state, payload.fillGrade);
  // What does not fit asks first whether pot or date are wrong: until then the tree's own pace does not bend to it.
  const doubted =
    looked &&
    payload.confirmed !== true &&
    payload.fillGrade !== null &&
    (gradeProbability(state.belief, payload.fillGrade) < SURPRISE_BELOW || Math.abs(state.strayed) >= STRAYED.looks);
  const evidence = checkBelief(state.belief, payload.fillGrade, payload.circlingGrade, eye, doubted);
  if (!looked) return;
  state.doubted = doubted;
  state.lastCheckOn = day;
  state.lastCheckEvidence = evidence ?? state.lastCheckEvidence;
};

/** The mix stands lower or higher than was thought. */
const measured: Change<"measured"> = (state, payload) => {
  if (payload.depthToMixMm === null || payload.depthToMixMm === undefined || !state.pot) return;
  const share = state.share;
  state.volumeL = mapEstimate(mixEstimate(state.pot, payload.depthToMixMm), (v) => v * share);
  state.fillHeightMm = fillHeightOf(state.pot, payload.depthToMixMm);
};

/** The same pot under a name of its own: nothing happened to the roots. */
const identified: Change<"identified"> = (state, payload, { potLotId, pot }) => {
  state.lotId = potLotId;
  state.pot = pot ?? state.pot;
};

/** Others come into its pot or leave it, or it comes into theirs. Who stays is not disturbed, only its share changes. */
const joined: Change<"joined"> = (state, payload, { day, potLotId, pot }) => {
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
};

/** What changes roots, by kind of event; every other kind (notes, photographs, names, endings) leaves them alone. */
const CHANGES: { readonly [K in EventKind]?: Change<K> } = {
  potted,
  "worked-in-place": workedInPlace,
  "rerooting-read": rerootingRead,
  "roots-read": rootsRead,
  measured,
  identified,
  joined,
};

/** Changes a tree's state by one event. */
export function change<K extends EventKind>(state: Replayed, payload: PayloadOf<K>, round: Round): void {
  CHANGES[payload.kind]?.(state, payload, round);
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

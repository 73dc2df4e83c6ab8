import { HALF_ROOTED, stepRule } from "../ladder/index";
import { logit } from "../math/index";
import {
  clipFill,
  CORRECTIONS,
  type CorrectionName,
  DUE_CIRCLING,
  DUE_FILL,
  fillAfterMove,
  retainedAfterShave,
  usualShaveDepthMm,
} from "../roots/index";
import { OPERATION_NEEDS, usualOperation } from "../window/index";
import { JUDGEMENT_FIGURES as F } from "./figures";
import type { Act, Judgement, Refusal, Situation, When } from "./situation";

/** Roots that teasing costs. */
const TEASED = 1 - CORRECTIONS["tease-and-clip"].retained;

const dormant = (s: Situation) => s.phase === "dormant" || s.phase === "swelling" || s.phase === "fallen";
const evergreen = (s: Situation) => s.profile.parameters[0].leaf === "evergreen";
const due = (s: Situation) => s.fill >= DUE_FILL || s.circling >= DUE_CIRCLING;
/** Too hot for work on its roots. */
export const isHot = (s: Situation) =>
  s.hottestC !== null && s.hottestC > (s.profile.warmClimate ? F.hotWarmKindC : F.hotC);
/** Spring work of the kind may be done: buds swelling, or an evergreen in warm mix with the frost behind it. */
const springWork = (s: Situation) =>
  !s.autumn &&
  s.rootZoneC >= s.profile.values.springRootZoneC &&
  (evergreen(s) ? s.frostPast && s.phase !== "soft" : s.phase === "swelling");

/** Share of roots that may go at once, on this day. */
export function lossAllowed(s: Situation): number {
  const { rootShare } = s.profile.values;
  if (isHot(s) || s.dry || !s.healthy) return Math.min(F.littleLoss, rootShare);
  if (s.phase === "soft") return Math.min(F.littleLoss, rootShare);
  if (evergreen(s)) return springWork(s) ? rootShare : Math.min(F.littleLoss, rootShare);
  if (dormant(s)) return s.phase === "swelling" || !s.profile.autumnAverse ? rootShare : 0;
  return F.leafShare * rootShare;
}

/**
 * What an experienced grower would do with this tree, in what order, and what would be refused and why. Every figure comes from the
 * root model, the kind and the season; the order of thought is ours.
 */
export function judgeTree(s: Situation): Judgement {
  const acts: Act[] = [];
  const refused: Refusal[] = [];
  const act = (when: When, code: Act["code"], figures: Record<string, number> = {}) =>
    acts.push({ code, when, figures });
  const refuse = (code: Refusal["code"], figures: Record<string, number> = {}) => refused.push({ code, figures });

  if (s.dry) act("now", "bath", { minutes: F.bathMinutes });
  if (s.flareHidden) act("now", "expose-flare");
  if (isHot(s)) act("now", "shade", { belowC: F.shadeBelowC });
  if (!s.healthy) refuse("weak");

  if (s.immovable && (due(s) || s.slumped)) {
    inPlace(s, act, refuse);
    return { acts, refused };
  }
  girdler(s, act);
  if (!due(s)) notYet(s, act, refuse);
  else if (s.finalPot) renew(s, act, refuse);
  else if (springWork(s)) stepNow(s, act, refuse);
  else if (mayslip(s)) slipNow(s, act, refuse);
  else waitOut(s, act, refuse);
  return { acts, refused };
}

/** In its final pot: its roots and part of its mix are renewed, in the season for it. */
function renew(s: Situation, act: Add<Act["code"]>, refuse: Refuse): void {
  const ready = springWork(s);
  const loss = Math.min(1 - CORRECTIONS["prune-and-return"].retained, s.profile.values.rootShare);
  if (!ready) act("now", "replace-top", { mm: F.topMm });
  act(ready ? "now" : evergreen(s) ? "spring-warm" : "bud-swell", "prune-and-return", {
    loss,
    rootZoneC: s.profile.values.springRootZoneC,
  });
  act(ready ? "now" : evergreen(s) ? "spring-warm" : "bud-swell", "water-old-ball", { weeks: F.coreWeeks });
  if (!ready && !dormant(s)) refuse("wash-in-leaf");
  if (!ready) refuse("feed-too-early");
}

type Add<C> = (when: When, code: C, figures?: Record<string, number>) => void;
type Refuse = (code: Refusal["code"], figures?: Record<string, number>) => void;

function girdler(s: Situation, act: Add<Act["code"]>): void {
  if (!s.girdler) return;
  const { shareOfGirth } = s.girdler;
  if (shareOfGirth === null) {
    act("now", "look-for-girdler");
    return;
  }
  act(shareOfGirth < F.girdlerSoon && !isHot(s) ? "now" : "bud-swell", "cut-girdler", { share: shareOfGirth });
}

/** Room left: nothing but the top, and the step when it has been used up. */
function notYet(s: Situation, act: Add<Act["code"]>, refuse: Refuse): void {
  act("now", "leave");
  const warmth = (logit(DUE_FILL) - logit(clipFill(s.fill))) / s.kPerDegreeDay;
  if (s.slumped || s.fill >= F.topRenewedFromFill) act("bud-swell", "replace-top", { mm: F.topMm });
  const rule = stepRule(s.kPerDegreeDay, s.profile.values.largestStep);
  act("when-due", "step", {
    seasons: warmth / s.growthOfSeason,
    lowL: rule.ideal * s.volumeL,
    highL: rule.largest * s.volumeL,
    rootZoneC: s.profile.values.springRootZoneC,
  });
  act("when-due", s.circling < F.leaveWholeBelowCircling ? "leave-whole" : "loosen", { share: F.littleLoss });
  if (s.autumn && (s.profile.autumnAverse || s.phase === "fallen")) refuse("autumn-work");
  jump(s, s.growthOfSeason, "none", refuse);
}

/** A pot in mind that would stay empty is refused with the figure that says so. */
function jump(s: Situation, growth: number, correction: CorrectionName, refuse: Refuse, inLeaf = false): boolean {
  if (s.offeredL === null) return false;
  const rule = stepRule(s.kPerDegreeDay, s.profile.values.largestStep);
  const fill = fillAfterMove(s, s.offeredL, correction, s.kPerDegreeDay, growth);
  // Long jumps are for bud swell, not for a tree in leaf.
  const jumps = !inLeaf && fill >= HALF_ROOTED && s.profile.values.largestStep === null;
  if (s.offeredL <= rule.largest * s.volumeL || jumps) return true;
  refuse("jump-too-large", { toL: s.offeredL, fill });
  return false;
}

/** The season for root work: the full correction, into the step that suits. */
function stepNow(s: Situation, act: Add<Act["code"]>, refuse: Refuse): void {
  const most = lossAllowed(s);
  let correction: CorrectionName = "none";
  if (evergreen(s)) {
    act("now", "loosen", { share: Math.min(F.evergreenLoosen, most) });
    correction = "loosen";
  } else if (s.profile.tolerance === "robust" && s.circling < F.shaveFromCircling) {
    act("now", "comb", { low: Math.min(F.combLow, most), high: Math.min(F.combHigh, most) });
    correction = "tease-and-clip";
  } else if (s.circling >= F.shaveFromCircling && most >= 1 - CORRECTIONS.shave.retained) {
    shaveAct(s, "now", act);
    correction = "shave";
  } else if (s.circling >= F.teaseFromCircling && most >= TEASED) {
    act("now", "tease", { share: TEASED });
    correction = "tease-and-clip";
  } else act("now", "leave-whole", { share: Math.min(F.littleLoss, most) });
  const rule = stepRule(s.kPerDegreeDay, s.profile.values.largestStep);
  const fits = jump(s, s.growthLeft, correction, refuse) && carries(s, s.offeredL!, refuse);
  const carriedL = s.carriedKg === null ? Infinity : s.carriedKg / F.allKgPerL;
  const [lowL, highL] = fits
    ? [s.offeredL!, s.offeredL!]
    : [
        Math.min(F.stepLow * rule.largest * s.volumeL, carriedL),
        Math.min(F.stepHigh * rule.largest * s.volumeL, carriedL),
      ];
  act("now", "step", {
    lowL,
    highL,
    fill: fillAfterMove(s, highL, correction, s.kPerDegreeDay, s.growthLeft),
    lowKg: F.wetLow * highL,
    highKg: F.wetHigh * highL,
    rootZoneC: s.profile.values.springRootZoneC,
  });
  act("now", "water-old-ball", { weeks: highL > F.longJump * s.volumeL ? F.jumpWeeks : F.coreWeeks });
}

/** What must be carried in for the winter stays within what may be lifted. */
function carries(s: Situation, litres: number, refuse: Refuse): boolean {
  if (s.carriedKg === null || F.allKgPerL * litres <= s.carriedKg) return true;
  refuse("too-heavy-to-carry", {
    toL: litres,
    lowKg: F.wetLow * litres,
    highKg: F.wetHigh * litres,
    capL: s.carriedKg / F.allKgPerL,
  });
  return false;
}

/** In leaf: roots must take hold before the cold, and shoots must not be caught by frost. */
function mayslip(s: Situation): boolean {
  if (dormant(s) && !evergreen(s)) return false;
  if (tooEarly(s)) return false;
  const need = OPERATION_NEEDS["slip-up"].work * s.profile.values.takeHoldDegreeDays;
  const frost = s.weeksToFrost === null || s.weeksToFrost >= F.noWorkWeeksBeforeFrost;
  return s.takeHoldLeft >= need && frost;
}

/** Evergreens in spring wait for warm mix and for the frost to be past. */
function tooEarly(s: Situation): boolean {
  return !s.autumn && evergreen(s) && (s.rootZoneC < s.profile.values.springRootZoneC || !s.frostPast);
}

function slipNow(s: Situation, act: Add<Act["code"]>, refuse: Refuse): void {
  const late = s.autumn;
  const low = late ? F.lateRatioLow : F.slipLow;
  const high = late ? F.lateRatioHigh : F.slipHigh;
  const rule = stepRule(s.kPerDegreeDay, s.profile.values.largestStep);
  act("this-week", "slip-up", {
    lowL: Math.min(low, rule.largest) * s.volumeL,
    highL: Math.min(high, rule.largest) * s.volumeL,
  });
  act("this-week", "uncoil-base", { share: Math.min(lossAllowed(s), F.littleLoss) });
  act("this-week", "water-old-ball", { weeks: F.coreWeeks });
  if (s.circling >= DUE_CIRCLING && !evergreen(s)) {
    shaveAct(s, "bud-swell", act);
    act("bud-swell", "step", { lowL: s.volumeL, highL: F.afterShaveHigh * s.volumeL });
  }
  refuse("wash-in-leaf");
  if (s.circling >= DUE_CIRCLING) {
    const depthMm = 2 * usualShaveDepthMm(s.ball.widthMm);
    const loss = 1 - retainedAfterShave(s.ball.widthMm, s.ball.heightMm, depthMm);
    refuse("shave-in-leaf", { depthMm, loss, most: lossAllowed(s) });
  }
  jump(s, s.growthLeft, "none", refuse, true);
  refuse("feed-too-early");
}

function shaveAct(s: Situation, when: When, act: Add<Act["code"]>): void {
  const depthMm = usualShaveDepthMm(s.ball.widthMm);
  const loss = 1 - retainedAfterShave(s.ball.widthMm, s.ball.heightMm, depthMm);
  act(when, "shave", { depthMm, loss: Math.min(loss, s.profile.values.rootShare) });
}

/** Too late, or the dead of winter: hold it through, and do it at the next opening. */
function waitOut(s: Situation, act: Add<Act["code"]>, refuse: Refuse): void {
  const { values } = s.profile;
  const need = OPERATION_NEEDS["slip-up"].work * values.takeHoldDegreeDays;
  if (!s.autumn) refuse("too-early", { rootZoneC: s.rootZoneC, needC: values.springRootZoneC });
  else refuse("no-potting-now", { left: s.takeHoldLeft, need, weeksToFrost: s.weeksToFrost ?? -1 });
  if (s.profile.autumnAverse && s.autumn) refuse("autumn-work");
  if (s.autumn && (evergreen(s) || !dormant(s))) act("now", "replace-top", { mm: F.topMm });
  else act("now", "leave");
  if (evergreen(s) && s.autumn && s.rootZoneC > values.takeHoldBaseC)
    act("until-cold", "feed-little", { low: F.feedLow, high: F.feedHigh, untilC: values.takeHoldBaseC });
  if (evergreen(s) && s.autumn && values.leafC !== null && values.leafC > F.staysOutBelowC) {
    act("before-cold-nights", "bring-in", {
      nightC: values.bringInNightC ?? Math.max(2, values.leafC + F.inAboveLeafC),
    });
    act("before-cold-nights", "keep-bright", { lowC: values.winterC[0], highC: values.winterC[1] });
    act("before-cold-nights", "water-by-weight");
  }
  const rule = stepRule(s.kPerDegreeDay, values.largestStep);
  const when = evergreen(s) ? "spring-warm" : "bud-swell";
  if (evergreen(s)) act(when, "loosen", { share: Math.min(F.evergreenLoosen, values.rootShare) });
  else if (s.circling >= F.shaveFromCircling) shaveAct(s, when, act);
  else if (s.circling >= F.teaseFromCircling && usualOperation(values.rootShare) === "up-pot")
    act(when, "tease", { share: TEASED });
  else act(when, "leave-whole", { share: F.littleLoss });
  act(when, "step", {
    lowL: Math.min(rule.ideal, rule.largest / F.lowOfLargest) * s.volumeL,
    highL: rule.largest * s.volumeL,
    rootZoneC: values.springRootZoneC,
  });
  if (s.broken || evergreen(s))
    act("if-broken", "slip-up", {
      lowL: F.brokenLow * s.volumeL,
      highL: F.brokenHigh * s.volumeL,
      rootZoneC: values.takeHoldBaseC + F.brokenAboveBaseC,
    });
}

/** Nobody lifts it: renewed where it stands, one side at a time. */
function inPlace(s: Situation, act: Add<Act["code"]>, refuse: Refuse): void {
  const ready = evergreen(s) ? springWork(s) : dormant(s) && !s.autumn;
  const when: When = ready ? "now" : evergreen(s) ? "spring-warm" : "bud-swell";
  const rootZoneC = s.profile.values.springRootZoneC;
  act(when, "replace-top", {
    mm: F.bigTopLowMm,
    toMm: F.bigTopHighMm,
    rootZoneC,
    beforeFlushLow: F.beforeFlushLow,
    beforeFlushHigh: F.beforeFlushHigh,
  });
  const depthMm = F.sliceShare * s.ball.widthMm;
  act(when, "open-side");
  act(when, "slice-side", { depthMm, share: F.sliceShare });
  act(when, "stop-at-root", { mm: F.stopRootMm });
  act(when, "backfill-like-ball");
  act(when, "soak-twice");
  act(when, "guy");
  act(when, "shade", { weeks: F.shadeWeeks });
  act(when, "no-nitrogen", { low: F.noNitrogenLow, high: F.noNitrogenHigh });
  act("next-year", "opposite-side", { shoots: F.shootsShare });
  refuse("lift-by-hand", { kg: s.massKg });
  refuse("all-sides");
  refuse("feed-in-backfill");
}

/**
 * School "proportional": share of the leaves to go in leaf when so many roots are lost; the default leaves them all (they pay for roots).
 * @example crownToMatch(0.3) // 0.125
 */
export function crownToMatch(rootLoss: number): number {
  return Math.min(1, Math.max(0, (rootLoss - 0.2) * 1.25));
}

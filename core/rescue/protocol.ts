import { dayAfterWarmth, type RootWarmthSet, type WarmthTrack } from "../climate/index";
import { type DayNumber, type IsoDate, toDay, toIso } from "../dates/index";
import { type LoggedEvent, RESCUE_STEPS, type RescueCause, type RescueStep } from "../event/index";
import { CORRECTIONS, crossingDegreeDays } from "../roots/index";
import type { Profile } from "../species/index";
import type { WoodPhase } from "../wood/index";
import { RESCUE_FIGURES as F } from "./figures";

export const RESCUE_ACTS = [
  "soak",
  "soak-again",
  "scratch",
  "snip",
  "cut-dead-wood",
  "wash",
  "loosen-only",
  "cut-dead-roots",
  "pot-down",
  "sharp-mix",
  "reduce-crown",
  "leaves-stay",
  "water-once",
  "shade-mist",
  "keep-warm",
  "thaw-slowly",
  "wait-for-dead-wood",
  "no-feed",
  "heal-ball",
] as const;
export type RescueAct = (typeof RESCUE_ACTS)[number];

/** What to do when a sign fails. */
export const RESCUE_BRANCHES = [
  "scratch-lower",
  "cut-again",
  "unpot-look",
  "pot-down-sharper",
  "less-crown",
  "cover",
  "hold-water",
  "warmer",
  "wait-longer",
  "harden-inside",
  "give-up",
] as const;
export type RescueBranch = (typeof RESCUE_BRANCHES)[number];

const BRANCHES: Record<RescueStep, readonly RescueBranch[]> = {
  alive: ["scratch-lower"],
  roots: ["cut-again"],
  weight: ["less-crown", "cover"],
  "no-rot": ["unpot-look", "pot-down-sharper"],
  buds: ["scratch-lower", "warmer", "wait-longer"],
  shoots: ["cover", "hold-water"],
  "new-roots": ["hold-water", "wait-longer"],
  hardened: ["harden-inside"],
};

export interface RescueFacts {
  profile: Profile;
  kPerDegreeDay: number;
  phase: WoodPhase;
  /** Root warmth above the kind's base left in the season. */
  takeHoldLeft: number;
  /** Days until damaging frost comes in one year of ten; null: it does not. */
  frostDays: number | null;
  volumeL: number | null;
  warmth: { track: WarmthTrack; set: RootWarmthSet };
}

export interface RescueStart {
  cause: RescueCause;
  greenWood: boolean | null;
  /** Share of roots alive, where somebody snipped. */
  liveRoots: number | null;
  on: DayNumber;
}

export interface RescueStepPlan {
  step: RescueStep;
  /** When the sign should show: early, middle, late. */
  due: { p10: IsoDate; p50: IsoDate; p90: IsoDate };
  branches: readonly RescueBranch[];
}

export interface RescueProtocol {
  acts: { act: RescueAct; figures: Record<string, number> }[];
  steps: RescueStepPlan[];
  /** Whether roots can take hold before the cold: warmth left and asked for. */
  season: { left: number; need: number; enough: boolean };
}

const leafless = (phase: WoodPhase) => phase === "dormant" || phase === "swelling" || phase === "fallen";

/** What to do now, what must show when, and whether the season is long enough. */
export function rescueProtocol(start: RescueStart, facts: RescueFacts): RescueProtocol {
  const need = F.workFactor * facts.profile.values.takeHoldDegreeDays;
  return {
    acts: actsOf(start, facts),
    steps: stepsOf(start, facts),
    season: { left: facts.takeHoldLeft, need, enough: facts.takeHoldLeft >= need },
  };
}

/** Washing is for bare deciduous trees that stand it: never evergreens, conifers, touchy kinds. */
function mayWash({ profile, phase }: RescueFacts): boolean {
  return (
    profile.values.leaf === "deciduous" &&
    profile.tolerance !== "touchy" &&
    leafless(phase) &&
    !profile.values.traits.some((t) => t === "conifer" || t === "mycorrhizal" || t === "protea-kin")
  );
}

function actsOf({ cause, greenWood, liveRoots }: RescueStart, facts: RescueFacts): RescueProtocol["acts"] {
  const list: RescueProtocol["acts"] = [];
  const act = (code: RescueAct, figures: Record<string, number> = {}) => list.push({ act: code, figures });
  const bare = leafless(facts.phase) && facts.profile.values.leaf === "deciduous";
  if (cause === "dried-out" || cause === "starved") {
    act("soak", {
      low: F.soakUsual[0],
      high: F.soakUsual[1],
      mostHours: (bare ? F.soakMostBare : F.soakMostLeaf) / 60,
      schoolHours: F.soakSchool / 60,
    });
    act("soak-again");
  }
  if (cause === "frozen") act("thaw-slowly");
  if (greenWood === null) act("scratch");
  if (liveRoots === null) act("snip");
  const live = liveRoots ?? (cause === "drowned" ? 0.5 : cause === "broken-ball" ? 0.6 : 0.8);
  const loss = 1 - live;
  if (cause === "drowned" || cause === "starved") {
    if (mayWash(facts)) act("wash");
    else act("loosen-only");
    act("cut-dead-roots");
  }
  if (cause === "broken-ball") act("heal-ball");
  if (live < 0.85 && facts.volumeL !== null) act("pot-down", { mostL: F.potDown * live * facts.volumeL });
  if (cause === "drowned" || cause === "starved") act("sharp-mix");
  if (greenWood === false) act("cut-dead-wood");
  if (cause === "frozen") act("wait-for-dead-wood");
  // Leaves pay for new roots; only where far more crown stands than roots are left does some of it go.
  if (loss > 0.5) act("reduce-crown", { share: Math.min(F.crownMost, (loss - 0.2) * 1.25) });
  else if (!bare) act("leaves-stay");
  act("water-once");
  act("shade-mist");
  act("keep-warm", { low: F.warmC[0], high: F.warmC[1] });
  act("no-feed", { mm: 100 });
  return list;
}

/** Slow kinds take longer, quick ones less, within reason. */
const pace = (k: number) => Math.min(2, Math.max(0.6, crossingDegreeDays(k) / 180));

function stepsOf({ cause, on }: RescueStart, facts: RescueFacts): RescueStepPlan[] {
  const { track, set } = facts.warmth;
  const lag = CORRECTIONS[cause === "drowned" || cause === "starved" ? "wash-bare" : "tease-and-clip"].lagDegreeDays;
  const fixed = (days: number, by = 1): RescueStepPlan["due"] => ({
    p10: toIso(on + Math.max(0, days - by)),
    p50: toIso(on + days),
    p90: toIso(on + days + 2 * by),
  });
  const warm = (degreeDays: number): RescueStepPlan["due"] => {
    const at = (share: number) => toIso(dayAfterWarmth(track, set, on, degreeDays * share) ?? on + 365);
    return { p10: at(1 - F.spread), p50: at(1), p90: at(1 + F.spread) };
  };
  const slow = pace(facts.kPerDegreeDay);
  const due: Record<RescueStep, RescueStepPlan["due"]> = {
    alive: fixed(0),
    roots: fixed(1),
    weight: fixed(F.weightDays[cause], 2),
    "no-rot": fixed(F.rotDays, 3),
    buds: warm(F.budsWarmth * slow),
    shoots: warm(F.shootsWarmth * slow),
    "new-roots": warm(lag + crossingDegreeDays(facts.kPerDegreeDay)),
    hardened: fixed(facts.frostDays ?? 200, 10),
  };
  // A rescue begun too near the frost has no wood to ripen this year.
  const ripens = facts.frostDays !== null && facts.frostDays >= F.leastDaysToRipen;
  return RESCUE_STEPS.filter((step) => step !== "hardened" || ripens)
    .map((step) => ({ step, due: due[step], branches: BRANCHES[step] }))
    .sort((a, b) => a.due.p50.localeCompare(b.due.p50));
}

export interface CheckpointState extends RescueStepPlan {
  /** `retry`: failed once, to be looked at again on the day in `due`. */
  state: "seen" | "failed" | "retry" | "due" | "late" | "later";
  looks: { on: IsoDate; sign: "seen" | "failed"; note: string }[];
}

/** A rescue as it stands: its checkpoints with what was seen, and the one to look at next. */
export interface RescueState {
  begunOn: IsoDate;
  cause: RescueCause;
  start: RescueStart;
  ended: { on: IsoDate; how: "recovered" | "lost" | "given-up" } | null;
  checkpoints: CheckpointState[];
  next: CheckpointState | null;
  /** Failed twice at the same sign: most growers would stop here. */
  stop: RescueStep | null;
}

/** The newest rescue of a tree by a day; null where none was begun. */
export function newestRescue(events: readonly LoggedEvent[], on: DayNumber): { start: RescueStart; at: number } | null {
  for (let i = events.length - 1; i >= 0; i--) {
    const { payload, on: when } = events[i];
    if (payload.kind === "rescue-begun" && toDay(when.best) <= on) {
      const { cause, greenWood, liveRoots } = payload;
      return { start: { cause, greenWood, liveRoots, on: toDay(when.best) }, at: i };
    }
  }
  return null;
}

export function rescueState(
  events: readonly LoggedEvent[],
  begun: { start: RescueStart; at: number },
  plan: readonly RescueStepPlan[],
  on: DayNumber,
): RescueState {
  const since = events.slice(begun.at + 1).filter((e) => toDay(e.on.best) <= on);
  const end = since.find((e) => e.payload.kind === "rescue-ended");
  const checkpoints = plan.map((p): CheckpointState => {
    const looks = since.flatMap((e) =>
      e.payload.kind === "checkpoint" && e.payload.step === p.step
        ? [{ on: e.on.best, sign: e.payload.sign, note: e.payload.note }]
        : [],
    );
    const last = looks.at(-1);
    const failures = looks.filter((l) => l.sign === "failed").length;
    if (last?.sign === "seen") return { ...p, looks, state: "seen" };
    if (failures >= 2) return { ...p, looks, state: "failed" };
    if (failures === 1) {
      const again = toDay(last!.on) + F.retryDays[p.step];
      const due = { p10: toIso(again - 2), p50: toIso(again), p90: toIso(again + 5) };
      return { ...p, due, looks, state: "retry" };
    }
    const day = toIso(on);
    return { ...p, looks, state: day < p.due.p10 ? "later" : day <= p.due.p90 ? "due" : "late" };
  });
  const waiting = checkpoints.filter((c) => c.state !== "seen" && c.state !== "failed");
  return {
    begunOn: toIso(begun.start.on),
    cause: begun.start.cause,
    start: begun.start,
    ended: end?.payload.kind === "rescue-ended" ? { on: end.on.best, how: end.payload.how } : null,
    checkpoints,
    next: waiting.sort((a, b) => a.due.p50.localeCompare(b.due.p50))[0] ?? null,
    stop: checkpoints.find((c) => c.state === "failed")?.step ?? null,
  };
}

/** What became of a rescue, to stand beside the next one. */
export interface RescueOutcome {
  treeId: string;
  cause: RescueCause;
  begunOn: IsoDate;
  how: "recovered" | "lost" | "given-up" | "going-on";
  days: number;
  failed: RescueStep[];
}

/** All rescues of a collection by a day, the newest first. A tree that died while a rescue went on was lost. */
export function rescueOutcomes(
  eventsByTree: ReadonlyMap<string, readonly LoggedEvent[]>,
  on: DayNumber,
): RescueOutcome[] {
  const outcomes: RescueOutcome[] = [];
  for (const [treeId, events] of eventsByTree) {
    let current: RescueOutcome | null = null;
    for (const { payload, on: when } of events) {
      const day = toDay(when.best);
      if (day > on) break;
      if (payload.kind === "rescue-begun") {
        current = { treeId, cause: payload.cause, begunOn: when.best, how: "going-on", days: on - day, failed: [] };
        outcomes.push(current);
      } else if (current && payload.kind === "checkpoint" && payload.sign === "failed") {
        if (!current.failed.includes(payload.step)) current.failed.push(payload.step);
      } else if (current && (payload.kind === "rescue-ended" || (payload.kind === "ended" && payload.how === "died"))) {
        current.how = payload.kind === "rescue-ended" ? payload.how : "lost";
        current.days = day - toDay(current.begunOn);
        current = null;
      }
    }
  }
  return outcomes.sort((a, b) => b.begunOn.localeCompare(a.begunOn));
}

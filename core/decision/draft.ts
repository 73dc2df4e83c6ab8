import { type DayNumber, growingSeason, type IsoDate, toIso } from "../dates/index";
import { lossAllowed } from "../judgement/index";
import { workMinutes } from "../ladder/index";
import { lazily } from "../math/index";
import { SETTLE_FRACTION } from "../mix/index";
import { type CorrectionName, CORRECTIONS } from "../roots/index";
import { type Limit, type Operation, operationOf, OPERATIONS, type OutlinePeriod } from "../window/index";
import { aftercareOf } from "./aftercare";
import type { DecisionWork, Exception, HeadlineCode, Reason, RefusedFor } from "./codes";
import type { ActPot, Decision, DecisionAct, Headline, PotChoice } from "./decision";
import type { DecisionFacts, PottedFacts } from "./facts";
import { DECISION_FIGURES as F } from "./figures";
import { type Litres, nextLitres, type StepWay } from "./litres";

/** What an act is made of; what is not said is taken from the work itself. */
export interface ActInput {
  work: DecisionWork;
  from?: DayNumber | null;
  to?: DayNumber | null;
  correction?: CorrectionName;
  /** Of a shave, a side; and share of the roots that goes, where it is not the work's usual one. */
  depthMm?: number | null;
  lossShare?: number;
  mostShare?: number;
  excepted?: Exception;
  pot?: ActPot | null;
  massKg?: (() => number | null) | null;
  minutes?: number | null;
  because?: Reason[];
  /** Those that rest on the pot chosen are worked out when they are read. */
  figures?: Record<string, number> | (() => Record<string, number>);
  /** Absent: what follows its correction. */
  aftercare?: Decision["aftercare"];
}

/** What a goal that anything may be meant by is worth asking: more than a narrow doubt about roots. */
const GOAL_WORTH = 0.3;

/** And a pot that nobody has described more than that: all litres rest on it. */
const POT_WORTH = 0.5;

const iso = (day: DayNumber | null | undefined): IsoDate | null => (day == null ? null : toIso(day));

/** A decision in the making: acts in order, refusals once each. */
export class Draft {
  readonly acts: DecisionAct[] = [];
  private readonly refused: Decision["refused"] = [];
  private readonly asked: Decision["questions"] = [];
  /** Share of roots each act's correction takes; what comes off for a pot besides rests on the pots of all, which wait for all decisions. */
  private readonly losses = new Map<DecisionAct, number>();

  constructor(
    readonly facts: DecisionFacts,
    readonly latitudeDeg: number,
  ) {}

  get on(): DayNumber {
    return this.facts.on;
  }

  isOpen(work: Operation): boolean {
    return this.facts.windows[work].open;
  }

  /** The first open stretch of a work that reaches a day, begun no sooner than that; null within two years. */
  next(work: Operation, from: DayNumber = this.on): OutlinePeriod | null {
    return this.chance(work, (p) => p.to >= from, from);
  }

  /** A stretch with those that follow it after a few days without hands: these do not end a chance. */
  private chance(work: Operation, which: (p: OutlinePeriod) => boolean, from: DayNumber): OutlinePeriod | null {
    const { periods } = this.facts.windows[work];
    let i = periods.findIndex(which);
    if (i < 0) return null;
    let found = { ...periods[i], from: Math.max(periods[i].from, from) };
    while (found.closedBy === "grower" && (periods.at(i + 1)?.from ?? Infinity) - found.to <= F.awayDays)
      found = { ...periods[++i], from: found.from };
    return found;
  }

  /** When a work that is not for today comes next: of a stretch open today, where only the share of roots forbids it, the next one. */
  later(work: Operation): OutlinePeriod | null {
    if (!this.isOpen(work)) return this.next(work);
    return this.chance(work, (p) => p.from > this.on, this.on);
  }

  /** What holds a work back today: its window, or the share of roots that may go. */
  heldBy(work: Operation): Limit {
    const { limiting } = this.facts.windows[work];
    return this.isOpen(work) || limiting === "none" ? "share" : limiting;
  }

  act(input: ActInput): DecisionAct {
    const { work, correction = null } = input;
    const from = input.from === undefined ? this.on : input.from;
    const period = isOperation(work) && from !== null && !input.excepted ? this.next(work, from) : null;
    const to = input.to === undefined ? endOf(period) : input.to;
    const closes = period?.closes ?? null;
    // What comes off for the pot goes with what its correction takes.
    const asked = input.lossShare ?? (correction ? 1 - CORRECTIONS[correction].retained : 0);
    const lost = () => asked + (input.pot && input.pot.mostTrim > 0 ? (input.pot.choice?.trim.share ?? 0) : 0);
    const act: Omit<DecisionAct, "figures" | "massKg" | "aftercare"> = {
      id: `${work}${correction ? `:${correction}` : ""}:${from === null ? "due" : growingSeason(from, this.latitudeDeg)}`,
      work,
      correction:
        correction &&
        lazily(
          { name: correction, depthMm: input.depthMm ?? null, mostShare: input.mostShare ?? this.mostShare(from) },
          "lossShare",
          lost,
        ),
      from: iso(from),
      to: iso(to),
      lastSafe: closes && { p10: toIso(closes[0]), p50: toIso(closes[1]), p90: toIso(closes[2]) },
      excepted: input.excepted ?? null,
      pot: input.pot ?? null,
      minutes: input.minutes ?? null,
      because: input.because ?? [],
    };
    // What only a page of the tree shows is worked out when it is read: lists ask for the headline of hundreds.
    const { massKg, pot = null, figures = {} } = input;
    const dated = () =>
      input.aftercare ?? (correction && from !== null ? aftercareOf(this.facts, correction, from, pot) : []);
    const weighed = lazily(act, "massKg", () => massKg?.() ?? null);
    const full = lazily(lazily(weighed, "aftercare", dated), "figures", () => ({
      ...(typeof figures === "function" ? figures() : figures),
      ...this.forAll(pot),
    }));
    this.acts.push(full);
    this.losses.set(full, correction ? asked : 0);
    return full;
  }

  /** Share of roots an act takes, as far as it is known before the pots are given out. */
  lossOf(act: DecisionAct): number {
    return this.losses.get(act) ?? 0;
  }

  /** Litres of mix of the whole pot, where several stand in it: all move together. */
  private forAll(pot: ActPot | null): Record<string, number> {
    const share = this.facts.potted?.share ?? 1;
    return pot === null || pot.same || share >= 1 ? {} : { allLowL: pot.lowL / share, allHighL: pot.highL / share };
  }

  /** Share of roots that may go on a day: today as things are, later what the kind stands in its season. */
  private mostShare(from: DayNumber | null): number {
    const { potted, profile } = this.facts;
    return potted && from !== null && from <= this.on ? lossAllowed(potted.situation, true) : profile.values.rootShare;
  }

  /** A work of the season that is closed today: what holds it back, and when it opens. */
  refuseClosed(work: Operation): void {
    if (this.isOpen(work)) return;
    const { limiting, periods } = this.facts.windows[work];
    this.refuse(work, "window", {}, limiting, periods[0]?.from ?? null);
  }

  refuse(
    work: DecisionWork,
    why: RefusedFor,
    figures: Record<string, number> = {},
    limiting: Decision["refused"][number]["limiting"] = "none",
    opens: DayNumber | null = null,
  ): void {
    if (this.refused.some((r) => r.work === work && r.for === why)) return;
    this.refused.push({ work, for: why, limiting, opens: iso(opens), figures });
  }

  ask(code: Decision["questions"][number]["code"], worth: number): void {
    if (!this.asked.some((q) => q.code === code)) this.asked.push({ code, worth });
  }

  headline(
    code: HeadlineCode,
    more: Partial<Omit<Headline, "code" | "from" | "to">> & { from?: DayNumber | null; to?: DayNumber | null } = {},
  ): Headline {
    return {
      code,
      work: more.work ?? null,
      from: iso(more.from),
      to: iso(more.to),
      limiting: more.limiting ?? "none",
      because: more.because ?? [],
      step: more.step ?? null,
    };
  }

  /** The pot of a step: of those in store the best within the litres, else one to be bought; null where no step is left. */
  pot(
    potted: PottedFacts,
    way: StepWay,
    correction: CorrectionName,
    loss = 1 - CORRECTIONS[correction].retained,
  ): ActPot | null {
    const litres = nextLitres({ ...this.facts, potted }, way, correction);
    return litres && choose(potted, litres, correction, this.mostTrim(potted, correction, loss));
  }

  /** What of a tap root's ball may come off the sides beside its correction: today by what may go today, else by what its kind stands. */
  private mostTrim({ situation: s }: PottedFacts, correction: CorrectionName, loss: number): number {
    const most = this.isOpen(operationOf(correction)) ? lossAllowed(s, true) : s.profile.values.rootShare;
    return s.profile.roots === "tap" ? Math.max(0, most - loss) : 0;
  }

  done(headline: Headline): Decision {
    const { facts, acts } = this;
    const offered = new Set(acts.filter((a) => a.from === toIso(facts.on)).map((a) => a.work));
    const { potted } = facts;
    if (potted?.goal.ask) this.ask("goal", GOAL_WORTH);
    if (potted && !potted.sized) this.ask("pot", POT_WORTH);
    const questions = () => {
      if (potted && potted.fill.p90 - potted.fill.p10 > F.asksFromBand)
        for (const { code, worth } of facts.narrowing()) this.ask(code, worth);
      return this.asked;
    };
    const decision = {
      on: toIso(facts.on),
      headline,
      acts,
      refused: this.refused.filter((r) => !(offered.has(r.work) && r.for === "window")),
      confidence: {
        basis: potted?.fill.basis ?? "guess",
        fillLow: potted?.fill.p10 ?? 0,
        fillHigh: potted?.fill.p90 ?? 0,
      },
    };
    return lazily(lazily(decision, "questions", questions), "aftercare", facts.aftercare);
  }
}

const isOperation = (work: DecisionWork): work is Operation => (OPERATIONS as readonly string[]).includes(work);

/** Last day of a stretch; null where nothing closes it as far as one can see. */
export const endOf = (period: OutlinePeriod | null): DayNumber | null =>
  period && period.closedBy !== "none" ? period.to : null;

function choose(potted: PottedFacts, { lowL, highL }: Litres, correction: CorrectionName, mostTrim: number): ActPot {
  return chosenPot(lowL, highL, mostTrim, () => potted.choose(correction, lowL, highL, mostTrim));
}

/** It stays in its pot, or goes back into it. */
export const samePot = (volumeL: number): ActPot => ({
  lowL: volumeL,
  highL: volumeL,
  choice: null,
  buy: false,
  same: true,
  mostTrim: 0,
});

/** A pot of so many litres out of the store, or to be bought; looked for when it is read. */
export function chosenPot(lowL: number, highL: number, mostTrim: number, choose: () => PotChoice | null): ActPot {
  const pot = lazily({ lowL, highL, same: false, mostTrim }, "choice", choose);
  return lazily(pot, "buy", () => pot.choice === null);
}

/** Litres of mix of the pot an act asks for, the whole of it where several stand in it; null where it asks for none. */
export function wholePot({ pot, figures: f }: Pick<DecisionAct, "pot" | "figures">) {
  return pot && { lowL: f.allLowL ?? pot.lowL, highL: f.allHighL ?? pot.highL, forAll: f.allLowL !== undefined };
}

/** Minutes for a work on so many plants, by the litres they stand in afterwards: many alike are done on one bench. */
export function minutesFor(
  action: Parameters<typeof workMinutes>[0],
  volumeL: number,
  { plants }: Pick<DecisionFacts, "plants">,
): number {
  const one = workMinutes(action, volumeL);
  if (plants === 1) return one;
  const each = Math.max(F.batchEachMinutes, one - F.batchSetUpMinutes + F.batchEachMinutes);
  return F.batchSetUpMinutes + plants * each;
}

/** What many alike come to: plants, and litres of loose mix for their pots beside the balls they bring. */
export function batchFigures(
  { plants }: Pick<DecisionFacts, "plants">,
  pot: ActPot,
  fromL: number,
): Record<string, number> {
  if (plants === 1) return {};
  const each = pot.choice?.setting?.looseMixL ?? Math.max(0, pot.highL - fromL) / (1 - SETTLE_FRACTION);
  return { plants, looseMixL: plants * each };
}

import type { Site } from "@/core/climate/index";
import type { DayNumber } from "@/core/dates/index";
import { decide, type Decision, pressDays } from "@/core/decision/index";
import type { LoggedEvent } from "@/core/event/index";
import { type SeasonFacts, seasonFacts, type Situation } from "@/core/judgement/index";
import type { PotFit, School, StorePot } from "@/core/ladder/index";
import { currentBall } from "@/core/potting/index";
import { type Condition, conditionOn, type LotRecord, type TreeRecord } from "@/core/records/index";
import { onStock, type Profile } from "@/core/species/index";
import type { CorrectionName } from "@/core/roots/index";
import { type Operation, OPERATIONS, type WorkWindow } from "@/core/window/index";
import { NO_CARE, type OwnWood, PRIOR_SHIFT } from "@/core/wood/index";
import type { KindTracks, MatePrior } from "./context";
import { type LadderSetting, ladderSetting, type OffLadder } from "./ladder-problem";
import { keptPlan, planNow, type TreePlan } from "./plan";
import { decisionFacts } from "./decision";
import { type Learning, learningOf } from "./learning";
import { type MassNow, massNow } from "./mass-now";
import { profileFor, tracksOf } from "./tracks";
import { type Narrowing, whatNarrows } from "./narrow";
import type { Yard } from "./open-yard";
import { ownWoodOf, type WoodEvidence, woodEvidence } from "./own-wood";
import { replay, replayStated } from "./replay";
import { type Replayed, yearsInPot } from "./replayed";
import { type Rerooting, rerootingOf } from "./rerooting";
import { feedsFrom, potsFor, type StateInput, stateOf, type TreeState, woodOn, type WoodState } from "./state";
import { type Stay, staysOf } from "./stays";
import { situationOf } from "./tree-situation";
import { type OperationWindow, treeWindows, usualWindow, workWindows } from "./tree-windows";
import { seriesFor } from "./window-series";
import type { YardTree } from "./yard-tree";

/** Asked elsewhere, it is taken to have stood there for a fortnight: its roots are as warm as the place. */
const SETTLED_DAYS = 14;

export interface WindowQuestion {
  operations?: readonly Operation[];
  /** As if it stood there; null: in the open. */
  placeId?: string | null;
  /** The course of each day, for drawing. */
  curves?: boolean;
}

/** One tree on one day: whatever is asked of it is worked out once and is the same on every page. */
export class TreeOnDay {
  readonly yard: Yard;
  readonly record: TreeRecord;
  readonly events: readonly LoggedEvent[];
  private kept: {
    input?: StateInput;
    state?: TreeState;
    condition?: Condition;
    stays?: Stay[];
    mass?: MassNow | null;
    situation?: Situation | null;
    narrowing?: Narrowing[];
    decision?: Decision | null;
    season?: SeasonFacts;
    works?: Record<Operation, WorkWindow> | null;
    ladder?: LadderSetting | OffLadder;
    plan?: TreePlan | null;
  } = {};

  private constructor(
    readonly tree: YardTree,
    readonly day: DayNumber,
    readonly tracks: KindTracks,
    /** Its kind as its stock and its mates change it. */
    readonly profile: Profile,
    /** Roots, pot and mix as its history leaves them on the day. */
    readonly roots: Replayed,
  ) {
    this.yard = tree.yard;
    this.record = tree.record;
    this.events = tree.events;
  }

  /** Null before it came. */
  static of(tree: YardTree, day: DayNumber): TreeOnDay | null {
    const { tracks: source, indexed, knownAt } = tree.yard;
    const tracks = tracksOf(source, tree.record, day);
    const stated = tree.yard.stated.get(tree.id);
    const known = profileFor(source, tree.record, tracks, day);
    const profile = stated?.kPerDegreeDay ? { ...known, kPerDegreeDay: stated.kPerDegreeDay } : known;
    const asked = [tree.events, indexed.lots, profile, tracks.warmth, day, knownAt] as const;
    const roots = stated?.roots ? replayStated(stated.roots, ...asked) : replay(...asked);
    return roots && new TreeOnDay(tree, day, tracks, profile, roots);
  }

  get state(): TreeState {
    return (this.kept.state ??= stateOf(this.stateInput));
  }

  /** How it fits each pot of a shelf, the best first; the free ones of the day where none is given. */
  fits(shelf: readonly StorePot[] = this.yard.on(this.day).free): PotFit[] {
    return potsFor(this.stateInput, this.state, shelf);
  }

  /** The same of pots whose litres have been decided on, the ball corrected so. */
  fitsSized(shelf: readonly StorePot[], correction: CorrectionName, mostTrim: number): PotFit[] {
    return potsFor(this.stateInput, this.state, shelf, correction, true, mostTrim);
  }

  /** What to do with it, by when, how far and why: the one answer; null where works were not outlined that far back. */
  get decision(): Decision | null {
    if (this.kept.decision !== undefined) return this.kept.decision;
    const facts = decisionFacts(this);
    return (this.kept.decision = facts && decide(facts, this.yard.latitudeDeg));
  }

  /** What it would be by another school than its own. */
  decisionBy(school: School): Decision | null {
    const facts = decisionFacts(this, planNow(this, school));
    return facts && decide(facts, this.yard.latitudeDeg);
  }

  /** Days until something is lost by waiting: what orders lists. */
  get pressDays(): number {
    return this.decision ? pressDays(this.decision, this.day) : Infinity;
  }

  /** Windows of all works as decisions are made on them; null where they were not outlined that far back. */
  get works(): Record<Operation, WorkWindow> | null {
    if (this.kept.works !== undefined) return this.kept.works;
    return (this.kept.works = workWindows(this));
  }

  get plants(): number {
    return this.tree.plants(this.day);
  }

  get condition(): Condition {
    return (this.kept.condition ??= conditionOn(this.events, this.day));
  }

  /** Where it stood up to the day, stay by stay. */
  get stays(): readonly Stay[] {
    return (this.kept.stays ??= staysOf(this.events, this.day));
  }

  get placeId(): string | null {
    return this.stays.at(-1)!.placeId;
  }

  /** The weather it has had and, if it goes on as it stands and as its winter is planned, will have. */
  get site(): Site {
    return this.yard.places.forStays(this.staysAhead);
  }

  /** Where it stood, and where it goes by what is planned for its winter. */
  get staysAhead(): readonly Stay[] {
    const { places } = this.yard;
    return places.staysAhead(this.stays, staysOf(this.events), this.yard.winterAhead(this.record));
  }

  /** The same if it were carried there a fortnight before the day. */
  siteAt(placeId: string | null): Site {
    return this.yard.places.forStays(this.staysAt(placeId));
  }

  /** The pot it stands in; null where nobody said which, and for bare roots. */
  get lot(): LotRecord | null {
    return this.roots.lotId === null ? null : (this.yard.indexed.lots.get(this.roots.lotId) ?? null);
  }

  get yearsInPot(): number {
    return yearsInPot(this.roots, this.day);
  }

  /** The ball that comes out of its pot; null where nobody can say. */
  get ball(): ReturnType<typeof currentBall> {
    return currentBall(this.roots, this.yearsInPot);
  }

  /** What pot, mix and tree weigh; null where the pot is not known. */
  get mass(): MassNow | null {
    if (this.kept.mass !== undefined) return this.kept.mass;
    return (this.kept.mass = massNow(this.roots, this.record, this.day));
  }

  get wood(): WoodState {
    return this.woodOn(this.day);
  }

  /** Its wood on another day, as far as is known on this one. */
  woodOn(day: DayNumber): WoodState {
    return woodOn(this.tracks, day);
  }

  /** What looks, feeds and late work of a season say of its wood up to the day; null where nothing does. */
  woodEvidence(season: number): WoodEvidence | null {
    return woodEvidence(this.events, season, this.yard.latitudeDeg, this.day);
  }

  /** Pace and care of its wood in a season. */
  ownWood(season: number): OwnWood {
    const evidence = this.woodEvidence(season);
    return evidence ? ownWoodOf(this.site, this.profile, season, evidence) : { shift: PRIOR_SHIFT, care: NO_CARE };
  }

  /** Where the year stands for its kind where it is, over the weather years. */
  get season(): SeasonFacts {
    return (this.kept.season ??= seasonFacts(this.site, this.profile, this.day));
  }

  /** What a decision needs to know; null while it stands in no pot. */
  get situation(): Situation | null {
    if (this.kept.situation !== undefined) return this.kept.situation;
    return (this.kept.situation = situationOf(this));
  }

  /** Works on it: whether today, why not, and when. */
  windows(question: WindowQuestion = {}): OperationWindow[] {
    const operations = question.operations ?? OPERATIONS;
    const { placeId } = question;
    const elsewhere = placeId !== undefined && placeId !== this.placeId;
    const stays = elsewhere ? this.staysAt(placeId) : this.staysAhead;
    return treeWindows(this, {
      site: this.yard.places.forStays(stays),
      series: seriesFor(this.yard, this.tracks.profile, stays, operations, this.day),
      operations,
      curves: question.curves ?? false,
    });
  }

  /** Which one look or answer would narrow most what is known of it, best first. */
  get narrowing(): Narrowing[] {
    return (this.kept.narrowing ??= whatNarrows(this));
  }

  /** What its mates say of its pace; null where they say nothing. */
  get mates(): MatePrior | null {
    return this.tree.mates(this.day);
  }

  /** What its checks have taught of its pace; null before it came. */
  learning(): Learning | null {
    return learningOf({
      events: this.events,
      lots: this.yard.indexed.lots,
      profile: this.profile,
      kindProfile: onStock(this.tracks.profile, this.record.stockPace),
      track: this.tracks.warmth,
      on: this.day,
    });
  }

  /** How new roots take hold since the last potting; null where none is recent. */
  get rerooting(): Rerooting | null {
    return rerootingOf(
      this.roots,
      this.profile,
      this.tracks.warmth,
      this.condition,
      this.state.mix?.fedUntil ?? null,
      (from) => feedsFrom(this.tracks, from),
      this.day,
    );
  }

  /** Its ladder of pots as a problem to be solved, or why it has none. */
  ladder(): LadderSetting | OffLadder {
    return (this.kept.ladder ??= ladderSetting(this, this.yard.on(this.day).shelf));
  }

  /** What is planned for it over the years; null where it has no ladder, or its plan is being made for the first time. */
  get plan(): TreePlan | null {
    if (this.kept.plan !== undefined) return this.kept.plan;
    const { plans } = this.yard;
    return (this.kept.plan = plans ? keptPlan(this, plans) : planNow(this));
  }

  private staysAt(placeId: string | null): Stay[] {
    return placeId === this.placeId ? [...this.stays] : [...this.stays, { from: this.day - SETTLED_DAYS, placeId }];
  }

  private get stateInput(): StateInput {
    if (this.kept.input) return this.kept.input;
    const { record, roots, profile, tracks, yard, day } = this;
    return (this.kept.input = {
      tree: record,
      replayed: roots,
      window: usualWindow(this),
      profile,
      kind: tracks,
      yard,
      on: day,
    });
  }
}

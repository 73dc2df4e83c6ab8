import type { DayNumber, IsoDate } from "../dates/index";
import type { Estimate } from "../estimate/index";
import type { HealthState, Purpose, RescueStep } from "../event/index";
import type { Situation } from "../judgement/index";
import type { LadderAction } from "../ladder/index";
import type { Advice, Option } from "../root-work/index";
import type { CorrectionName, Reading } from "../roots/index";
import type { Profile } from "../species/index";
import type { Operation, WorkWindow } from "../window/index";
import type { DecisionQuestion } from "./codes";
import type { Aftercare, PotChoice } from "./decision";

/** All that a decision about one tree on one day rests on. Dates are days; volumes are litres of mix in place, its share of a shared pot. */
export interface DecisionFacts {
  on: DayNumber;
  profile: Profile;
  purpose: Purpose;
  /** Plants of the record. */
  plants: number;
  /** Seedling, liner, cutting, or no older than two years. */
  young: boolean;
  /** Null while it has no pot. */
  potted: PottedFacts | null;
  /** Of a tree without a pot. */
  unpotted: {
    arrivedOn: DayNumber;
    leafless: boolean;
    budBreakOn: DayNumber | null;
    spreadMm: number | null;
    choose: ChoosePot;
  } | null;
  health: { state: HealthState; on: DayNumber | null };
  /** A rescue goes on: its next checkpoint; without days the sign that failed twice. */
  rescue: { step: RescueStep; from: IsoDate; to: IsoDate } | { step: RescueStep; from: null; to: null } | null;
  windows: Record<Operation, WorkWindow>;
  /** It stands under a roof already. */
  indoors: boolean;
  /** The first day from one on on which feed is taken up; null where none comes within sight. */
  feedsFrom: (day: DayNumber) => DayNumber | null;
  /** Where it stands must be empty soon or now, and what is carried; null where it may stay. */
  mustLeave: { from: DayNumber; to: DayNumber; massKg: () => number | null } | null;
  /** When its crown was last cut. */
  crown: { cutOn: DayNumber | null };
  /** When somebody last looked whether its wood is ripe. */
  woodCheckedOn: DayNumber | null;
  /** What follows the last work done. */
  aftercare: () => Aftercare[];
  /** Looks and answers that would narrow what is known of it, best first. */
  narrowing: () => { code: DecisionQuestion; worth: number }[];
}

/** The pot of the store a tree is given for a work, within so many litres; of a tap root so much may come off the sides for it. */
export type ChoosePot = (correction: CorrectionName, lowL: number, highL: number, mostTrim: number) => PotChoice | null;

/** What a plan names next: work on its roots, or a pot of so many litres. */
export interface PlannedWork {
  action: LadderAction;
  season: number;
  /** It may be taken now. */
  thisSeason: boolean;
  /** First season of the plan: a later step is kept back on purpose. */
  firstSeason: number;
  volumeL: number;
  /** It waits since there is no room for a larger pot. */
  forRoom: boolean;
}

/** A tree that stands in a pot. */
export interface PottedFacts {
  situation: Situation;
  /** Somebody has said what it stands in. */
  sized: boolean;
  fill: Estimate;
  circling: Estimate;
  /** Day it falls due, by fill or by turning; null beyond what can be seen. */
  due: { p10: IsoDate | null; p50: IsoDate | null; p90: IsoDate | null };
  isDue: boolean;
  dueBy: "fill" | "circling";
  /** Somebody looked lately, and it fits. */
  lookedLately: boolean;
  /** The last look does not fit its history. */
  surprise: boolean;
  /** A window has closed since it fell due. */
  missed: boolean;
  yearsInPot: number;
  reading: Reading | null;
  advice: Advice;
  /** The last work on its ball, as long as its roots do not hold yet. */
  settling: { on: DayNumber; holds: DayNumber | null } | null;
  /** How many others stand in its pot with it. */
  mates: number;
  /** Its share of the pot's mix. */
  share: number;
  /** Of a set that is kept alike: whether another of it has used up its pot and is not kept back; null where it is in none. */
  set: { mateMoves: () => boolean } | null;
  /** Rooted into the ground. */
  anchored: boolean;
  driesWithinDay: boolean;
  /** Litres it is to end in, at most; worth asking where anything may be meant. */
  goal: { mostL: number; ask: boolean };
  /** The next step of its plan, in a growing season by name; null while there is none. */
  planned: PlannedWork | null;
  /** Of the ball as it would be lifted out. */
  ballKg: () => number;
  /** Nobody lifts that out of its pot by hand. */
  tooHeavy: boolean;
  /** The pot of the store that is its own within so many litres; null where none is left that fits. */
  choose: ChoosePot;
  /** The day its roots would hold after a work on a day. */
  holdsOn: (option: Pick<Option, "correction">, day: DayNumber) => DayNumber | null;
}

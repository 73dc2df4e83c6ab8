import type { IsoDate } from "../dates/index";
import type { Estimate } from "../estimate/index";
import type { RescueStep } from "../event/index";
import type { CorrectionName } from "../roots/index";
import type { Limit } from "../window/index";
import type {
  AftercareCode,
  DecisionQuestion,
  DecisionWork,
  Exception,
  HeadlineCode,
  Reason,
  RefusedFor,
} from "./codes";

/** The one answer about a tree on a day. Volumes are litres of mix in place. */
export interface Decision {
  on: IsoDate;
  headline: Headline;
  /** In order. */
  acts: DecisionAct[];
  /** What follows the last work done, as long as it lies ahead. */
  aftercare: Aftercare[];
  questions: { code: DecisionQuestion; worth: number }[];
  refused: RefusedWork[];
  /** What its roots are known by, and the 80 % band of how full its pot is. */
  confidence: { basis: Estimate["basis"]; fillLow: number; fillHigh: number };
}

export interface Headline {
  code: HeadlineCode;
  work: DecisionWork | null;
  /** First and last day of what it says; null where none can be told, or nothing closes it. */
  from: IsoDate | null;
  to: IsoDate | null;
  limiting: Limit;
  because: Reason[];
  /** Of a rescue: what is looked for next. */
  step: RescueStep | null;
}

export interface DecisionAct {
  /** Stays the same while the advice does. */
  id: string;
  work: DecisionWork;
  correction: ActCorrection | null;
  from: IsoDate | null;
  to: IsoDate | null;
  /** Last day on which it still ends well, over the weather years. */
  lastSafe: { p10: IsoDate; p50: IsoDate; p90: IsoDate } | null;
  /** Advised although its window is closed, and why. */
  excepted: Exception | null;
  pot: ActPot | null;
  /** Of what is lifted for it: the ball out of its pot, a full pot where that is moved; null where nothing is. */
  massKg: number | null;
  minutes: number | null;
  because: Reason[];
  /** Figures of this act, in the units of their names. */
  figures: Record<string, number>;
  /** What follows it. */
  aftercare: Aftercare[];
}

export interface ActCorrection {
  name: CorrectionName;
  /** Of a shave, a side. */
  depthMm: number | null;
  lossShare: number;
  /** Share of roots that may go that day. */
  mostShare: number;
}

export interface ActPot {
  lowL: number;
  highL: number;
  /** Of those in store; null where none fits, or none is asked for. */
  choice: PotChoice | null;
  /** The store was asked and has none left that fits: one is bought. */
  buy: boolean;
  /** It stays in, or goes back into, the pot it stands in. */
  same: boolean;
  /** Share of its roots that may come off the sides of a tap root's ball, for a pot that is deep enough. */
  mostTrim: number;
}

export interface PotChoice {
  lotId: string;
  mixL: number;
  fillAtSeasonEnd: number;
  /** A tree died in one of its kind lately: disinfected before anything stands in it. */
  disinfect: boolean;
  /** What comes off each side of the ball so that it takes it, and the share of roots that goes with it. */
  trim: { sideMm: number; share: number };
  /** How the ball is set in it; null for bare roots. */
  setting: PotSetting | null;
}

/** The numbers of a potting, mm and litres of loose mix. */
export interface PotSetting {
  /** From the brim to the mix. */
  freeboardMm: number;
  /** Under the ball, filled loosely. */
  baseLayerMm: number;
  sideGapMm: number;
  /** What must come off the base for the ball to fit. */
  trimMm: number;
  /** And off each side. */
  trimSideMm: number;
  /** The flare so much proud of the mix; 0: the old surface is the line. */
  crownMm: number;
  looseMixL: number;
}

export interface Aftercare {
  code: AftercareCode;
  /** The day it is due, or the last day it lasts. */
  on: IsoDate | null;
}

export interface RefusedWork {
  work: DecisionWork;
  for: RefusedFor;
  limiting: Limit;
  opens: IsoDate | null;
  figures: Record<string, number>;
}

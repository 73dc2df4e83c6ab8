import type { LadderDoubt, LadderProblem, LadderRow, LadderWeights, Planner } from "@/core/ladder/index";
import type { ChosenPlan } from "@/model/index";
import type { UsualWindows } from "./windows";

export type Chosen = ChosenPlan;

/** What one tree's ladders are shown from. */
export interface LadderFacts {
  treeId: string;
  tag: string;
  name: string;
  guess: boolean;
  problem: LadderProblem;
  digest: string;
  /** The ladders as the server found them, before anything is asked otherwise. */
  rows: LadderRow[];
  /** What each school would have done on the day, in a sentence. */
  says: Partial<Record<Planner, string>>;
  own: LadderWeights | null;
  /** How the collection plans. */
  school: Planner;
  potNames: Record<string, string>;
  firstSeason: number;
  southern: boolean;
  shown: number;
  doubt: LadderDoubt;
  leftAfterLook: number;
  /** Its share of the pot it stands in. */
  share: number;
  cropL: readonly [number, number] | null;
  rootShare: number;
  windows: UsualWindows;
  currency: string;
  /** The price of mix is the grower's own. */
  mixPriced: boolean;
  set: string | null;
  plantOutSeason: number | null;
  chosen: Chosen | null;
}

/** The one door: whatever is said of a tree on a day, or of a yard, is asked of a yard that was opened here. */
export { openYard, type Yard } from "./open-yard";
export type { YardWeather } from "./weather";
export type { YardTree } from "./yard-tree";
export type { TreeOnDay } from "./tree-on-day";
export { type KindTracks, MODEL_VERSION } from "./context";
export { kindOf } from "./kind";
export type { StatedTree } from "./replay";
export { openBundle, packBundle } from "./bundle";

// What it answers with.
export { type TreeState, woodOn, type WoodState } from "./state";
export type { TreePicture } from "./picture";
export type { YardRow } from "./yard-rows";
export { todayItems } from "./today";
export type { KindYear, Stretch } from "./kind-year";
export type { HeldBy, OperationWindow } from "./tree-windows";
export type { WoodEvidence } from "./own-wood";
export type { Narrowing, Question } from "./narrow";
export type { Learning, OtherHistory, PaceCurve } from "./learning";
export { HOLDING_MM, type Rerooting } from "./rerooting";
export { type PlannedWork, PLANNED_WORK, type TreeChance } from "./collection-windows";
export { WINDOW_DAYS } from "./window-series";

// Pure helpers on answers, without records or weather of their own.
export { openTogether } from "./tree-windows";
export { anchoredShare, mostLiftedKg } from "./tree-situation";
export { ADVISED_OPERATIONS, ballFromAbove, freshReading, treeAdvice, windowsByCorrection } from "./tree-advice";
export { presumedPot } from "./replayed";
export { juvenile, usualCrownMm } from "./juvenile";
export {
  type ChosenPlan,
  chosenPlan,
  type LadderSetting,
  ladderTermsOf,
  type OffLadder,
  PLANNED_SEASONS,
} from "./ladder-problem";
export {
  type KeptPlans,
  planBasis,
  planShelfOf,
  planTaskOf,
  type PlanShelf,
  pottedOnOf,
  shelfStands,
  type TreePlan,
  treePlanOf,
} from "./plan";
export { plannedKey, shelterPlanOf } from "./winter-plan";
export { CROWN_ROOM, HAND_M, type WinterStandings } from "./winter-standings";
export {
  type DateKind,
  type DateMove,
  datesOf,
  type MoveCause,
  movesBetween,
  NOTICED_DAYS,
  type TreeDates,
} from "./moves";
export { previewSite } from "./site-preview";

import { type EventKind } from "@/core/event/index";
import type { z } from "zod";
import type { Contract } from "./contract";
import type { Envelope } from "./envelope";
import type { FieldPath } from "./field-path";
import { recordHealth, recordAnchored, matchTrees, recordMeasure, recordWood, recordFeed, recordPruning } from "./care";
import { importWeather, rankWeather, sayClimate, setPlaceClimate, importLogger, pollLogger, setAlarm } from "./climate";
import { importTrees, importPots, importPottings } from "./lists";
import { undoEntry, undoTogether, addNote, addPhoto, markSeen } from "./log";
import { setComponent, setRecipe, setOffer, setProduct, setReclaimed } from "./mixes";
import { recordForTrees } from "./many";
import { setPerson, recordAbsence } from "./people";
import { addPlace, placeTrees, describePlace } from "./places";
import { chooseLadder, setLadderTerms, planLadders, cancelJob, chooseLadders } from "./plan";
import {
  stockPots,
  addPots,
  describeLot,
  measurePots,
  movePots,
  identifyPot,
  discardPots,
  setPotCondition,
} from "./pots";
import { recordPotting, recordPastPotting } from "./potting";
import { beginRescue, recordCheckpoint, endRescue } from "./rescue";
import { recordRoots, recordRerooting, recordWorkInPlace } from "./roots";
import { setUnits, setCurrency, describeCollection, createCollection } from "./settings";
import { sayKind } from "./species";
import {
  describeTree,
  endTree,
  reassignEvent,
  mergeTrees,
  joinPot,
  receiveTree,
  addTree,
  correctArrival,
  splitBatch,
} from "./trees";
import { answerToday, makeFeed, revokeFeeds, setTask } from "./today";
import { buildPlace, protectTrees, waterTrees, setWinterWord, planShelter, keepShelter } from "./winter";

/** Every write, by name: the one list both sides read. */
const ALL = [
  recordHealth,
  recordAnchored,
  matchTrees,
  recordMeasure,
  recordWood,
  recordFeed,
  recordPruning,
  recordForTrees,
  importWeather,
  rankWeather,
  sayClimate,
  setPlaceClimate,
  importLogger,
  pollLogger,
  setAlarm,
  importTrees,
  importPots,
  importPottings,
  undoEntry,
  undoTogether,
  addNote,
  addPhoto,
  markSeen,
  setComponent,
  setRecipe,
  setOffer,
  setProduct,
  setReclaimed,
  setPerson,
  setTask,
  answerToday,
  makeFeed,
  revokeFeeds,
  recordAbsence,
  addPlace,
  placeTrees,
  describePlace,
  chooseLadder,
  setLadderTerms,
  planLadders,
  cancelJob,
  chooseLadders,
  stockPots,
  addPots,
  describeLot,
  measurePots,
  movePots,
  identifyPot,
  discardPots,
  setPotCondition,
  recordPotting,
  recordPastPotting,
  beginRescue,
  recordCheckpoint,
  endRescue,
  recordRoots,
  recordRerooting,
  recordWorkInPlace,
  setUnits,
  setCurrency,
  describeCollection,
  createCollection,
  sayKind,
  describeTree,
  endTree,
  reassignEvent,
  mergeTrees,
  joinPot,
  receiveTree,
  addTree,
  correctArrival,
  splitBatch,
  buildPlace,
  protectTrees,
  waterTrees,
  setWinterWord,
  planShelter,
  keepShelter,
] as const;

type Listed = (typeof ALL)[number];
type Contracts = { [C in Listed as C["name"]]: C };
export type CommandName = Listed["name"];
/** What a form sends. */
export type CommandInput<N extends CommandName> =
  z.input<Contracts[N]["input"]> extends Record<string, never> ? object : z.input<Contracts[N]["input"]>;
/** With what names it: the collection, and the event it corrects. The rest of the envelope is the sender's business. */
export type CommandSent<N extends CommandName> = N extends CommandName
  ? CommandInput<N> & Pick<Envelope, "collectionId" | "replacesEventId">
  : never;
/** What the command reads, defaults filled in. */
export type CommandRead<N extends CommandName> = z.output<Contracts[N]["input"]>;
export type CommandAnswer<N extends CommandName> = z.output<Contracts[N]["result"]>;

const BY_NAME = new Map<string, Contract<CommandName, z.ZodType, z.ZodType>>(ALL.map((c) => [c.name, c]));

export const COMMAND_NAMES: readonly CommandName[] = ALL.map((c) => c.name);
export const contractOf = <N extends CommandName>(name: N): Contracts[N] =>
  BY_NAME.get(name) as unknown as Contracts[N];
export { type Envelope, envelope, type When } from "./envelope";
/** Commands that may replace an event of a kind by a better one. */
export type CommandCorrecting<K extends EventKind> = {
  [N in CommandName]: K extends Contracts[N]["corrects"][number] ? N : never;
}[CommandName];
export type CommandField<N extends CommandName> = N extends CommandName ? FieldPath<CommandInput<N>> : never;
export type { FieldPath } from "./field-path";

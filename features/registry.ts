import { undoEntry, undoTogether } from "@/features/log/commands";
import { describeTree, endTree, joinPot, mergeTrees, reassignEvent } from "@/features/tree/identity/commands";
import { importPots, importPottings, importTrees } from "@/features/setup/imports/commands";
import { markSeen } from "@/features/trees/look/commands";
import { recordMeasure } from "@/features/tree/measure/commands";
import { addNote, addPhoto } from "@/features/bench/notes/commands";
import { recordAbsence, setPerson } from "@/features/people/commands";
import { answerToday, makeFeed, revokeFeedsCommand, setTask } from "@/features/today/commands";
import { addPlace, describePlace, placeTrees } from "@/features/climate/places/commands";
import { matchTrees, recordAnchored, recordHealth } from "@/features/tree/condition/commands";
import { sayKind } from "@/features/climate/species/commands";
import { recordPastPotting, recordPotting } from "@/features/bench/potting/commands";
import { receiveTree } from "@/features/bench/arrival/commands";
import {
  buildPlace,
  keepShelter,
  planShelter,
  protectTrees,
  setWinterWord,
  waterTrees,
} from "@/features/winter/commands";
import { beginRescue, endRescue, recordCheckpoint } from "@/features/bench/rescue/commands";
import { cancelJobCommand, chooseLadders, planLaddersCommand } from "@/features/plan/commands";
import { chooseLadder, setLadderTerms } from "@/features/plan/tree/commands";
import { recordRerooting, recordRoots, recordWorkInPlace } from "@/features/bench/roots/commands";
import { describeCollectionCommand, setCurrencyCommand, setUnitsCommand } from "@/features/settings/commands";
import { createCollection } from "@/features/setup/commands";
import {
  addPots,
  describeLot,
  discardPots,
  identifyPot,
  measurePots,
  movePots,
  setPotCondition,
  stockPots,
} from "@/features/pots/commands";
import { setComponent, setOffer, setProduct, setReclaimed, setRecipe } from "@/features/pots/mix-commands";
import { recordForTrees } from "@/features/shell/record/commands";
import { addTree, correctArrival, splitBatch } from "@/features/trees/commands";
import {
  importLogger,
  importWeather,
  pollLogger,
  rankWeather,
  sayClimate,
  setAlarm,
  setPlaceClimate,
} from "@/features/climate/weather/commands";
import { recordFeed, recordPruning, recordWood } from "@/features/climate/wood/commands";
import type { Command } from "@/features/kernel/define";
import { runnerOf } from "@/features/kernel/run";
import { planLadders } from "@/features/plan/job";
import { planShelterJob } from "@/features/winter/job";
import { type JobHandler, runJobs } from "@/server/job-runner";

/** Every write the application knows, by name. */
export const COMMANDS: ReadonlyMap<string, Command> = new Map(
  [
    createCollection,
    setTask,
    answerToday,
    makeFeed,
    revokeFeedsCommand,
    setUnitsCommand,
    setCurrencyCommand,
    describeCollectionCommand,
    addTree,
    correctArrival,
    splitBatch,
    describeTree,
    endTree,
    mergeTrees,
    reassignEvent,
    joinPot,
    recordMeasure,
    recordRoots,
    recordRerooting,
    recordWorkInPlace,
    beginRescue,
    recordCheckpoint,
    endRescue,
    receiveTree,
    chooseLadder,
    setLadderTerms,
    planLaddersCommand,
    cancelJobCommand,
    chooseLadders,
    recordPotting,
    recordPastPotting,
    recordForTrees,
    addNote,
    addPhoto,
    stockPots,
    discardPots,
    setPotCondition,
    addPots,
    describeLot,
    movePots,
    identifyPot,
    measurePots,
    setComponent,
    setRecipe,
    setOffer,
    setProduct,
    setReclaimed,
    addPlace,
    placeTrees,
    describePlace,
    buildPlace,
    protectTrees,
    waterTrees,
    setWinterWord,
    planShelter,
    keepShelter,
    recordHealth,
    recordAnchored,
    matchTrees,
    sayKind,
    setPerson,
    recordAbsence,
    importTrees,
    importPots,
    importPottings,
    importLogger,
    importWeather,
    pollLogger,
    rankWeather,
    recordFeed,
    recordPruning,
    recordWood,
    sayClimate,
    setAlarm,
    setPlaceClimate,
    undoEntry,
    undoTogether,
    markSeen,
  ].map((c) => [c.name, c]),
);

/** Carries out any of them. */
export const runCommand = runnerOf(COMMANDS);

const JOBS: Readonly<Record<string, JobHandler>> = { "plan-ladders": planLadders, "plan-shelter": planShelterJob };

/** Looks for waiting work and does it, without keeping anybody waiting. */
export function wakeJobs(): void {
  void runJobs(JOBS);
}

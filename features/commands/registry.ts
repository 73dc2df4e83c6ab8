import { undoEntry, undoTogether } from "../history/commands";
import { describeTree, endTree, joinPot, mergeTrees, reassignEvent } from "../identity/commands";
import { importPots, importPottings, importTrees } from "../imports/commands";
import { markSeen } from "../look/commands";
import { recordMeasure } from "../measure/commands";
import { addNote, addPhoto } from "../notes/commands";
import { recordAbsence, setPerson } from "../people/commands";
import { addPlace, describePlace, placeTrees } from "../places/commands";
import { matchTrees, recordAnchored, recordHealth } from "../condition/commands";
import { sayKind } from "../kinds/commands";
import { recordPastPotting, recordPotting } from "../potting/commands";
import { receiveTree } from "../arrival/commands";
import { buildPlace, keepShelter, planShelter, protectTrees, setWinterWord, waterTrees } from "../shelter/commands";
import { beginRescue, endRescue, recordCheckpoint } from "../rescue/commands";
import { cancelJobCommand, chooseLadders, planLaddersCommand } from "../ladders/commands";
import { chooseLadder, setLadderTerms } from "../ladder/commands";
import { recordRerooting, recordRoots, recordWorkInPlace } from "../roots/commands";
import { setCurrencyCommand, setUnitsCommand } from "../settings/commands";
import { createCollection } from "../setup/commands";
import {
  addPots,
  describeLot,
  discardPots,
  identifyPot,
  measurePots,
  movePots,
  setPotCondition,
  stockPots,
} from "../stores/commands";
import { setComponent, setOffer, setProduct, setReclaimed, setRecipe } from "../stores/mix-commands";
import { addTree, correctArrival, splitBatch } from "../trees/commands";
import {
  importLogger,
  importWeather,
  pollLogger,
  rankWeather,
  sayClimate,
  setAlarm,
  setPlaceClimate,
} from "../weather/commands";
import { recordFeed, recordPruning, recordWood } from "../wood/commands";
import type { Command } from "./define";

/** Every write the application knows, by name. */
export const COMMANDS: ReadonlyMap<string, Command> = new Map(
  [
    createCollection,
    setUnitsCommand,
    setCurrencyCommand,
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

import { spelt } from "@/words/english";

export const aWholeNumber0Or = "A whole number, 0 or more.";
export const drainHoles = "Drain holes";
export const theBaseIs = "The base is";
export const holesThereAre = "Holes there are";
export const eachOf = "each of";
export const yourDrill = "Your drill";
export const holesEnough = "Holes enough.";
export const drillMoreInAllOf = (number: string, number2: string, percent1: string) =>
  `Drill ${number} more: ${number2} in all, ${percent1} of the base open.`;
export const nowIsOpen = (percent1: string) => `Now ${percent1} is open. `;
export const nowNoneIsOpen = "Now none is open. ";
export const isTheLeastIsGood = (which: string, percent1: string, percent: string, drain_least_holes: number) =>
  spelt(
    ` ${which}${percent1} is the least, ${percent} is good, and never fewer than ${drain_least_holes} holes: our judgement.`,
  );
export const drillingEyeProtectionTwoHands =
  "Drilling: eye protection, two hands and a side handle, residual-current protection outdoors, dry hands, no loose gloves near a turning bit. Glazed and terracotta pots from inside, with water, without hammer.";

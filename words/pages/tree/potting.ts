import { spelt } from "@/words/english";

export const timeForPottingUp = "Time for potting up";
export const open = (which: string) => `open${which}`;
export const closedOpens = (day: string) => `closed; opens ${day}`;
export const closed = "closed";
export const whichSaysNothingOfAny = ", which says nothing of any";
export const slumpingAndRottingByThe = (which: string) =>
  spelt(
    `Slumping and rotting by the mix’s own figures, feeding by its recipe${which}; both are judgement. Look at the surface: how far it has sunk tells more than the calendar.`,
  );
export const itsMix = "Its mix";
export const feedsUntilAbout = (day: string) => ` · feeds until about ${day}`;
export const itsOwnFeedIsUsed = " · its own feed is used up";
export const hardlySlumps = " · hardly slumps";
export const lastsUntilAbout = (day: string) => ` · lasts until about ${day}`;
export const wornOutSinceAbout = (day: string) => ` · worn out since about ${day}`;
export const pottingBench = "Potting bench";
export const itsPlanAllSchools = "Its plan, all schools";
export const weightWind = "Weight & wind";
export const rescue = "Rescue";
export const anEarlierPotting = "An earlier potting";
export const hereExpected = (percent: string) => ` (here ${percent} expected)`;
export const wantedAboutTimesTheMix = (wanted: string, number: string, number2: string, which: string) =>
  `Wanted: ${wanted}. About ${number} times the mix suits its pace, ${number2} at most unless the pot is half rooted by the season’s end${which}; within its goal and what may be carried.`;
export const aPot = "a pot";
export const fitsTimesTheMix = (number: string) => `fits, ${number} times the mix`;
export const nextPot = "Next pot";
export const nothingInStoreFits = "nothing in store fits";
export const theStoreIsEmpty = "the store is empty";
export const lookFor = (which: string, wanted: string) => `${which}; look for ${wanted}`;

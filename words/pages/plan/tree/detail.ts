import { spelt } from "@/words/english";

export const times = (number: string, number2: string, number3: string) => `${number} times (${number2}–${number3})`;
export const howSureAndWhereIt = (name: string) => `${name}: how sure, and where it ends`;
export const fromFivePacesAsLikely = (number: string, percent: string) =>
  `From five paces as likely as each other: this tree’s own spread (standard deviation ${number} of the logarithm) and ${percent} of warmth a season, evened out over the seasons of a step. Each is planned anew; the ends are the slow and the quick tree, one in ten beyond each.`;
export const whenItsStepsMayCome = "When its steps may come";
export const workingItOut = "Working it out …";
export const noStepInIt = "No step in it.";
export const out = "Out";
export const theBestSinglePlanFollowed = (percent: string) =>
  `The best single plan followed blindly over all five paces against a plan that suits each; a look leaves ${percent} of the doubt (variance). Whoever plans anew each year loses less. Our calculation, not a measurement.`;
export const whatALookAtThe = "What a look at the roots is worth";
export const after = (counted: string) => `After ${counted}`;
export const massInTheLongRun = () =>
  spelt(
    "Mass in the long run goes with volume to the power .516 (43 % more for twice the volume: mean over species of Poorter and others, Functional Plant Biology 39, 2012), .37 to .67 for a single tree; crop with .75, .5 to 1 (our judgement after growers’ counts). Both are guesses until this tree is measured and counted.",
  );
export const notWithinThePlanIf = "not within the plan if it is slow";
export const ifItIsSlow = (year: string) => `${year} if it is slow`;
export const ifItIsQuick = (year: string) => `${year} if it is quick; `;
export const quickOrSlow = "quick or slow";
export const hardlyAnythingSuitsAQuick = (name: string, percent: string) =>
  `Hardly anything: ${name} suits a quick tree and a slow one alike (not knowing costs ${percent} of the plan).`;
export const thisOne = "this one";
export const thatOfATreeTimes = (number: string) =>
  spelt(`that of a tree ${number} times as quick (set Vigour to see it)`);
export const notKnowingItsPaceCosts = (percent: string, safest: string, percent2: string, number: string) =>
  `Not knowing its pace costs ${percent} of the plan if one is followed blindly, and the safest to follow then is ${safest}. One look now saves about ${percent2}, ${number} in the school’s unit.`;
export const lookingForWhatWouldHave = "Looking for what would have to give …";
export const nothingWeCanRelaxAlone = "Nothing we can relax alone or in pairs changes that: a smaller goal is the way.";
export const itWouldWith = (text: string) => `It would with ${text}.`;
export const itDoesNotGetTo = (litres: string, counted: string, which: string) =>
  `It does not get to ${litres} within ${counted}. ${which}`;
export const thereIsNoGoodPlan = (number: string, counted: string) =>
  `There is no good plan for it here: its tap root bears no root pruning, and it would be bound in ${number} of ${counted}. A larger goal, a deep air-pruning pot or the ground would do it better.`;
export const thisPlanGoesBeyondAnd = " This plan goes beyond, and counts it.";
export const carriedInForTheWinter = (litres: string, kilograms: string, which: string) =>
  `Carried in for the winter it stops growing near ${litres}: beyond that ${kilograms} are not enough.${which}`;
export const massOfTheTreeIn = "Mass of the tree in the long run, against its pot of today";
export const cropOfThatInIts = (litres: string, litres2: string) => `Crop, of that in its best ${litres}–${litres2}`;

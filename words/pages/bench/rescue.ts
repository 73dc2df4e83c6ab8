import { spelt } from "@/words/english";

export const rescueOf = (tag: string) => `Rescue of ${tag}`;
export const theRescueOfEndedOn = (day: string, day2: string, how_words: string) =>
  `The rescue of ${day} ended on ${day2}: ${how_words}.`;
export const bucketsAndSoakTubsDrown =
  "Buckets and soak tubs drown small children: never leave one unwatched, empty it at once.";
export const cutAwayFromTheBody =
  "Cut away from the body, gloves; clean blades between trees. Rotten mix carries germs: damp it, wash hands, people with weak immunity leave it to others.";
export const givenUp = "given up";
export const stillGoingOn = "still going on";
export const itsSpeciesIsAGuess = " Its species is a guess.";
export const rootWarmthLeftThisSeason = (degreeDays: string, number: string, which: string) =>
  spelt(
    `Root warmth left this season above its species’ base: ${degreeDays}, from the middle of this place’s weather years, against the ${number} that work costing many roots asks for (1.3 × its take-hold warmth).${which} Our judgement.`,
  );
export const enoughWarmSeasonIsLeft = "Enough warm season is left for its roots to take hold again.";
export const tooLittleWarmSeasonIs = (percent: string) =>
  `Too little warm season is left for its roots to take hold again: ${percent} of what it needs. Do what keeps it alive now, keep it frost-free and bright, and take its roots in hand in spring.`;
export const damagingFrostInOneYear = (day: string) => ` Damaging frost in one year of ten by ${day}.`;
export const theRescueHasBegunIts = (tag: string) => `${tag}: the rescue has begun. Its checkpoints stand below.`;
export const beginARescue = "Begin a rescue";
export const whatHappenedToIt = "What happened to it?";
export const scratchedGreenUnderTheBark = "Scratched: green under the bark?";
export const notScratchedYet = "not scratched yet";
export const greenSomewhere = "green somewhere";
export const brownAllTheWay = "brown all the way";
export const snippedRootsAlive = "Snipped: roots alive, %";
export const emptyWhereNobodySnipped = "empty where nobody snipped";
export const soakMinutes = "Soak, minutes";
export const n20To6012Hours = "20 to 60; 12 hours at most while bare";
export const n20To603Hours = "20 to 60; 3 hours at most in leaf";
export const begunOn = "Begun on";
export const longerThanItsRootsStand =
  "Longer than its roots stand without air: a school of its own. In leaf, roots begin to drown after about three hours; its chance falls with every hour more.";
export const beginTheRescue = "Begin the rescue";
export const failedTwiceMostGrowersStop = (name: string) => `${name} failed twice: most growers stop here.`;
export const about = (day: string) => `about ${day}`;
export const next = (name: string, which: string) => `Next: “${name}”, ${which}.`;
export const everySignHasShownIt = "Every sign has shown: it has recovered.";
export const rescueBegun = (rescue_cause_words: string, day: string) => `${rescue_cause_words}, rescue begun ${day}.`;
export const whatToDo = "What to do";
export const fromWhatHappenedToIt = () =>
  spelt(
    "From what happened to it, its species, whether it is in leaf, and what is alive of its roots. Growers’ practice and our judgement; a wet pot of that size, its mass as on its page.",
  );
export const checkpoints = "Checkpoints";
export const itHasRecovered = "It has recovered";
export const giveItUp = "Give it up";
export const itIsLost = "It is lost";
export const theSignIsThere = "the sign is there";
export const failedTwice = "failed twice";
export const failedOnceLookAgain = "failed once, look again";
export const lookNow = "look now";
export const theSignIsThere2 = (tag: string) => `${tag}: the sign is there.`;
export const theSignFailedWhatTo = (tag: string) => `${tag}: the sign failed. What to do about it stands below it.`;
export const theSign = (sign: string) => `The sign: ${sign}.`;
export const seen = "seen";
export const failed = "failed";
export const noteOn = (name: string) => `Note on “${name}”`;
export const theSignIsThere3 = "The sign is there";
export const itIsNot = "It is not";
export const dueByRootZoneWarmth = () =>
  spelt(
    "Due by root-zone warmth at this tree’s pace from the day the rescue began; the range is a season a quarter warmer or colder. Our judgement.",
  );
export const dueBeforeTheDayDamaging = "Due before the day damaging frost has come in one year of ten.";
export const dueByDaysAsGrowers = "Due by days, as growers hold it.";
export const earlierRescuesHere = "Earlier rescues here";
export const noneOnRecordYetThis = "None on record yet: this one is the first evidence.";
export const fewToLearnFrom = ": few to learn from";
export const ofEndedOnesRecovered = (number: string, number2: string, which: string) =>
  `${number} of ${number2} ended ones recovered${which}.`;
export const itsSpecies = " (its species)";
export const failed2 = (text: string) => `; failed: ${text}`;
export const afterDays = (
  which: string,
  toLowerCase: string,
  day: string,
  how_words: string,
  number: string,
  which2: string,
) => `${which}: ${toLowerCase}, ${day}; ${how_words} after ${number} days${which2}`;

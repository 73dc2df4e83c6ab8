import { spelt } from "@/words/english";

export const lookItOverBeforeYou = "Look it over before you accept it. ";
export const onlyEnterIt = "Only enter it";
export const whatStandsOnItsLabel = "what stands on its label";
export const thePotItCameIn = "The pot it came in";
export const acceptAllTheSame = "Accept all the same";
export const accept = "Accept";
export const movingPlantsAndSoilCan = (day: string) =>
  `Moving plants and soil can be restricted: your local plant-health office knows. As of ${day}.`;
export const nothingFoundSoFar = "nothing found so far";
export const aNumberFrom0To = (most: number) => `A number from 0 to ${most}, or nothing.`;
export const aWholeNumber1Or = "A whole number, 1 or more.";
export const crispBrown = "crisp, brown";
export const itsBareRoots = "Its bare roots";
export const fineRootsThatSnapDry = "Fine roots that snap dry, %";
export const inTheOpenMinutes = "In the open, minutes";
export const spreadMm = "Spread, mm";
export const isThePotTooLight = "Is the pot too light for its size?";
export const lightDriedOut = "Light: dried out";
export const asItShouldBe = "As it should be";
export const itsRootsIfYouMay = "Its roots, if you may knock it out";
export const notSeen = "not seen";
export const theLayersSecondRoots = "The layer’s second roots";
export const branchedAndBrowned = "Branched and browned";
export const stillWhite = "Still white";
export const seenFromOutside = "Seen from outside";
export const rootsOutOfTheHoles = "Roots out of the holes";
export const rootsAtTheSurface = "Roots at the surface";
export const aRootAcrossTheFlare = "A root across the flare";
export const tapRootHooked = "Tap root hooked";
export const mixAboveTheFlareMm = "Mix above the flare, mm";
export const n0TheFlareShows = "0: the flare shows";
export const graftAboveTheMixMm = "Graft above the mix, mm";
export const emptyNotGraftedNotSeen = "empty: not grafted, not seen";
export const trunkOffTheMiddleMm = "Trunk off the middle, mm";
export const girthThatRootServes = "Girth that root serves, %";
export const howDoesTheMixSmell = "How does the mix smell, and what is alive?";
export const rootsAlive = "Roots alive, %";
export const whereYouSnippedSome = "where you snipped some";
export const scratchedBark = "Scratched bark";
export const brownToTheBase = "Brown to the base";
export const leaves = "Leaves";
export const crownTrunkPestsPapers = "Crown, trunk, pests, papers";
export const inFlowerOrFruit = "In flower or fruit";
export const branchesCross = "Branches cross";
export const leansOrBends = "Leans or bends";
export const insectsOrSpots = "Insects or spots";
export const labelLost = "Label lost";
export const rootstockUnknown = "Rootstock unknown";
export const woundsVarietyPrice = "Wounds, variety, price";
export const wounds = "Wounds";
export const plantsInThePot = "Plants in the pot";
export const askedPrice = (currency: string) => `Asked price, ${currency}`;
export const aSoundOneCosts = (currency: string) => `A sound one costs, ${currency}`;
export const hasArrived = (trim: string) => `${trim} has arrived.`;
export const nothingFoundWrongWithIt = "Nothing found wrong with it so far.";
export const aGuess = " A guess.";
export const daysFromTheWindowsOf = (toLowerCase: string, which: string) =>
  `Days from the windows of ${toLowerCase} at this place: cuts wait for the season its species stands them in.${which}`;
export const nobodyHasNamedTheSpecies = "Nobody has named the species yet: days by a wide guess.";
export const whatToDo = "What to do";
export const minutesByVolume81 = () =>
  spelt(
    "Minutes by volume (8 + 1.6·V^.75 for a potting, 15 + 3·V^.75 for root work), mix by what is renewed, chance of loss and seasons lost by the verdict; a season lost takes a fifth of a plant’s worth. All our judgement.",
  );
export const atMost = (money: string) => `: ${money} at most`;
export const isTooMuch = (money: string) => `; ${money} is too much`;
export const isFair = (money: string) => `; ${money} is fair`;
export const puttingItRightMinutesOf = (
  number: string,
  litres: string,
  number2: string,
  percent: string,
  percent2: string,
  which: string,
  which2: string,
) =>
  `Putting it right: ${number} minutes, ${litres} of mix, ${number2} seasons behind, lost in ${percent} of cases. It is worth ${percent2} of a sound one${which}${which2}.`;
export const soakTubsDrownSmallChildren = "Soak tubs drown small children: never leave one unwatched.";
export const glovesDampTheMixBefore =
  "Gloves; damp the mix before it is loosened, it can carry germs. Lift the pot, never the trunk.";
export const inItsOpenWindowNow = "in its open window, now";
export const whenItsWindowOpens = "when its window opens";
export const from = (day: string) => `from ${day}`;

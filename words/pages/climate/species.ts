import { spelt } from "@/words/english";

export const thisCannotBeReadAs = "This cannot be read as a number. Write 12, 0.5 or −8, with its unit if you like.";
export const everythingIsCalculatedWithYour = "Everything is calculated with your value now.";
export const itIs = "It is";
export const itIsSo = "It is so";
export const slowest = "Slowest";
export const fastest = "Fastest";
export const from = "From";
export const to = "To";
export const value = "Value";
export const allThatHold = "All that hold";
export const leaveItEmptyForNone = "Leave it empty for “none” or “not known”.";
export const valuesAreKeptInMetric = () => spelt("Values are kept in metric units: °C, litres, days.");
export const whyIfYouLike = "Why, if you like";
export const seenHereReadThereShown = "seen here, read there: shown beside the value";
export const theLibrarysValueCountsAgain = "The library’s value counts again.";
export const asInTheLibrary = "As in the library";
export const timesTheMix = "times the mix";
export const kinds = "Species";
export const also = (text: string) => `also ${text} · `;
export const grows = (group_words: string, leaf: string, toLowerCase: string) =>
  `${group_words}, ${leaf}, grows ${toLowerCase}`;
export const itsYearHereInThe = "Its year here, in the open";
export const rulesThatGuardIt = "Rules that guard it";
export const stocks = "Stocks";
export const whatItsStockChanges = "What its stock changes";
export const on = (name: string, text: string) => `on ${name}: ${text}`;
export const aWholeGenusWhoseSpecies =
  "A whole genus whose species differ much: what is said here is a guess for any of them. ";
export const aWholeGenusWhatIts = "A whole genus: what its species share. ";
export const andJudgedFromItsKin = " and judged from its kin";
export const writtenDownFromMemoryCheck = (which: string) =>
  `Written down from memory${which}: check it before you stake a tree on it. `;
export const everyValueIsSetFor = "Every value is set for the species itself.";
export const ofValuesAreInheritedAnd = (number: string, number2: string) =>
  `${number} of ${number2} values are inherited and guesses.`;
export const yourOwnWord = (number: string, which: string) => ` ${number} ${which} of your own.`;
export const here = "Here: ";
export const noPartnerForItStands = "No partner for it stands in this collection.";
export const partnersHere = (text: string) => `Partners here: ${text}.`;
export const everyValue = "Every value";
export const whereYouKnowBetterSay =
  "Where you know better, say so: your own copy counts before the library’s, for the whole collection, one variety or one tree.";
export const hideTheValues = "Hide the values";
export const readTheValuesMakeMy = "Read the values, make my own copy";
export const whatYouChangeHoldsFor = "What you change holds for";
export const theWholeCollection = "the whole collection";
export const oneVariety = "one variety";
export const alone = (tag: string) => `${tag} alone`;
export const sort = "Variety";
export const howSure = "How sure";
export const howSureAValueIs = "How sure a value is";
export const findASpecies = "Find a species";
export const countHere = (number: string) => `${number} here`;
export const killedBelow = "Killed below";
export const wood = (celsius: string) => `wood ${celsius}`;
export const youngRoots = (celsius: string) => `young roots ${celsius}`;
export const known = "Known";
export const allKnown = "all known";
export const countKnown = (number: string) => `${number} known`;
export const whatAurelianKnowsOfKinds = (number: string) =>
  `What Aurelian knows of ${number} species, those you grow first. `;
export const whatTheSpeciesOfGenera = (number: string) =>
  `What the species of ${number} genera have in common: what a tree goes by whose own species is not listed. `;
export const everyValueCanBeSaid = (which: string) =>
  `${which}Every value can be said otherwise, for the collection, a variety or one tree. `;
export const allGenera = (number: string) => `All ${number} genera`;
export const theKinds = (number: string) => `The ${number} species`;
export const damageToRipeWoodIn = (number: string) =>
  `Damage to ripe wood in midwinter, and what kills young roots in the root zone. “Known” counts the values set for the species itself; the others of its ${number} are inherited from genus and habit and are guesses.`;
export const noneOfThatNameAnd =
  "None of that name and those limits. A tree that is not listed is added by its genus, or by how it grows.";
export const group = "Group";
export const itsWoodStands = "Its wood stands";
export const anyNight = "any night";
export const lightInWinter = "Light in winter";
export const notPoisonous = "not poisonous";
export const howItGrows = "How it grows";
export const whenItIsWorkedOn = "When it is worked on";
export const coldAndWinter = "Cold and winter";
export const potMixWaterAndFeed = "Pot, mix, water and feed";
export const theLibrarySays = (library: string) => `The library says: ${library}.`;
export const published = "published, ";
export const sayOtherwise = "Say otherwise";
export const itsYearHere = "Its year here";
export const yes = "yes";
export const no = "no";
export const degreeDaysInC = "degree-days, °C";

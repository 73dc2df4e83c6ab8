import { spelt } from "@/words/english";

export const planOf = (tag: string) => `Plan of ${tag}`;
export const measureItFirst = "Measure it first";
export const backTo = (tag: string) => `Back to ${tag}`;
export const plantOut = ", plant out";
export const byTheBagsOnOffer = ", by the bags on offer";
export const aGuess = ", a guess";
export const eachSeasonOneOfStay = (
  which: string,
  degreeDays: string,
  number: string,
  which2: string,
  which3: string,
) =>
  spelt(
    `Each season one of: stay, renew the top, root-prune, drill and refill, pot up${which}. The cheapest row by the school’s weights, found by dynamic programming on the root model with this tree’s middle pace and the warmth of a middle year here (${degreeDays}). Pots in store cost nothing; pots to buy cost what Pots & mixes says, or else a guess (1.5 × litres to the power .7); mix ${number} a litre${which2}. Rot risk is an index and no probability. The weights are our judgement${which3}. The last third of every plan is bent by its end: it is drawn pale and counted nowhere. Plan anew every year.`,
  );
export const thenIntoTheGroundIn = (year: string) => `, then into the ground in ${year}`;
export const carriedInForTheWinter = ", carried in for the winter";
export const toWithToLift = (litres: string, which: string, kilograms: string, which2: string, difference: string) =>
  `To ${litres}${which}, with ${kilograms} to lift${which2}; ${difference}`;
export const oneOfTheSetTrees = (set: string) => `One of the set “${set}”: trees of a set move together, as the `;
export const planOfTheWholeCollection = "plan of the whole collection";
export const keepsThem = " keeps them.";
export const school = "School";
export const massesAreWetPotAnd =
  "Masses are wet pot and mix without the tree. Limits follow general guidance and are personal: your local rules and your own back come first. Above them: sack truck, ramp, hoist with trained people.";
export const into = (litres: string) => `into ${litres}`;
export const nextStep = (year: string, which: string) => `Next step, ${year}: ${which}.`;
export const nothingMoreToDoIn = "Nothing more to do in it.";
export const followedSinceTo = (day: string, toLowerCase: string, litres: string, which: string) =>
  `Followed since ${day}: ${toLowerCase}, to ${litres}. ${which}`;
export const sinceThenTheseHaveChanged = (text: string) =>
  `Since then these have changed: ${text}. The rows below are planned on how it is now.`;
export const noneOfThemReachesIt = "none of them reaches it within the plan";
export const isThereFirstAfter = (name: string, counted: string) => `${name} is there first, after ${counted}`;
export const isLiftedLeast = (first: string, name: string, counted: string) =>
  `${first}; ${name} is lifted least, ${counted}.`;
export const aYearFromToOr = (firstSeason: number, last: number) =>
  `A year from ${firstSeason} to ${last}, or nothing.`;
export const staysInPots = (tag: string) => `${tag} stays in pots.`;
export const goesIntoTheGroundIn = (tag: string, value: number) => `${tag} goes into the ground in ${value}.`;
export const plantItOut = "Plant it out";
export const inTheGrowingSeason = "In the growing season";
export const emptyItStaysInPots = "Empty: it stays in pots";

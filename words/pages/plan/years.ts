import { spelt } from "@/words/english";

export const hoursOfWorkABoard = (kilograms: string) =>
  `Hours of work; a board sags as it nears what your people have, and is red beyond it. Crossed out: something in it is heavier than ${kilograms}.`;
export const aboveTheAYear = (number: string) => ` (above the ${number} a year)`;
export const above = (counted: string, kilograms: string) => `, ${counted} above ${kilograms}`;
export const toWorkOnOfMix = (
  counted: string,
  litres: string,
  number: string,
  currency: string,
  which: string,
  number2: string,
  kilograms: string,
  kilograms2: string,
  which2: string,
) =>
  `${counted} to work on, ${litres} of mix, ${number} ${currency}${which}, ${number2} hours, ${kilograms} lifted, heaviest ${kilograms2}${which2}`;
export const allSeasons = (number: string) => `All ${number} seasons`;
export const room = "Room";
export const theSquareOfEachPot = () =>
  spelt(
    "The square of each pot and six centimetres to the next; a guess for pots nobody has measured. Carried in counts trees that were indoors and out again within the last thirteen months.",
  );
export const roomOnTheGroundBy = "Room on the ground by season, in summer and of what is carried in";
export const inSummer = "in summer";
export const carriedIn = "carried in";
export const moneyForPotsAndMix = "Money for pots and mix";
export const pricesFromPotsMixesWhere = () =>
  spelt(
    "Prices from Pots & mixes where they are recorded; otherwise a guess: 1.5 times litres to the power .7 for a pot.",
  );
export const moneyForPotsAndMixBy = "Money for pots and mix by season";
export const potsAndMix = "pots and mix";
export const massesAreWetPotAnd =
  "Masses are wet pot and mix without the tree. What hands may lift follows general guidance and each person’s own limit: local rules come first. Above it: sack truck, ramp, hoist with trained people.";

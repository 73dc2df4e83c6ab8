import { spelt } from "@/words/english";

export const aDayOfTheYear = "A day of the year, such as 10 May.";
export const aDayOfTheYearSuch = "A day of the year, such as 5 October.";
export const aTemperatureSuchAs7 = "A temperature, such as −7.";
export const aTemperatureSuchAs31 = "A temperature, such as 31.";
export const metresAboveTheSeaAs = () => spelt("Metres above the sea as a number, or feet such as 180 ft.");
export const theSitesClimateGoesBy = "The site’s climate goes by that now.";
export const leftEmptyAsFirstAnswered = (answered: string) => `left empty: ${answered}, as first answered`;
export const leftEmptyAsGuessed = (guessed: string) => `left empty: ${guessed}, as guessed`;
export const leftEmptyGuessedFromThe = "left empty: guessed from the place";
export const hardlyEver = "hardly ever";
export const coldestNightOfAnOrdinary = "Coldest night of an ordinary winter";
export const usualLastFrost = "Usual last frost";
export const usualFirstFrost = "Usual first frost";
export const hotAfternoonOfTheHottest = "Hot afternoon of the hottest month";
export const climateOfTheSite = "Climate of the site";
export const whatYouKnowOfThe = "What you know of the climate here";
export const climate = "Climate";
export const usualDaysAndTemperaturesAs = () =>
  spelt(
    "Usual days and temperatures as the neighbourhood knows them. Nights are moved until the middle year meets them: records and generated years underestimate clear spring nights.",
  );
export const theLastFrostThenMisses = (miss: string) => `the last frost then misses by ${miss}`;
export const theFirstBy = (miss: string) => `the first by ${miss}`;
export const nightsAreMovedByFor = (which: string, degreesApart: string, text: string) =>
  `Nights are moved by ${which}${degreesApart} for it; ${text}.`;
export const yourOwnDaysOfReadings = (number: string, degreesApart: string, degreesApart2: string) =>
  `Your own ${number} days of readings are too few to count frosts from; they move the nights of these normals by ${degreesApart} (± ${degreesApart2}).`;
export const theYearWithoutYourRecord = "The year without your record";
export const theTwelveMonths = "The twelve months";
export const whatYouSayAbovePulls =
  "What you say above pulls it, months that are typed go before both, and a record of your own before all.";
export const whatYouSayAbovePullsIt = "What you say above pulls it; months that are typed go before both.";
export const monthsTakenAtAHeight = "Months taken at a height of";
export const yourSiteStandsAtAre = (elevation: string, lapse: string) =>
  `Your site stands at ${elevation}; ${lapse} are allowed for.`;
export const workingItOut = "Working it out …";
export const thatIsTheClimateHere = "That is the climate here";
export const noDay = "no day";
export const aDay = "a day";
export const days = (number: string) => `${number} days`;

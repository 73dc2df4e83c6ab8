export const openBlossom = "open blossom";
export const tenderLeaves = "tender leaves";
export const rootsOfTenderSpeciesIn = "roots of tender species in pots";
export const betweenAnd = (celsius: string, celsius2: string) => `Between ${celsius} and ${celsius2}.`;
export const threshold = "Threshold";
export const nightsAtOrBelow = "Nights at or below";
export const show = "Show";
export const noYearOfTheRecord = "No year of the record is so cold: there is no curve to draw.";
export const stepsYourYearsAsThey =
  "Steps: your years as they were. Line: a bell curve through them, steadier at the ends.";
export const frostStillToCome = "frost still to come";
export const frostHasCome = "frost has come";
export const evenChanceAboutOneIn = (monthDay: string, monthDay2: string) =>
  `even chance about ${monthDay}, one in ten about ${monthDay2}.`;
export const yourYears = "your years";
export const bellCurve = "bell curve";
export const days = (number: string) => `${number} days`;
export const lieBetweenTheTwoIn = (number: string, number2: string, number3: string) =>
  ` lie between the two in the middle year; eight years in ten have ${number} to ${number2} (${number3} years with both).`;
export const theYearsAreGeneratedA = "The years are generated: a trend cannot be read from them.";
export const theLastOneInSpring = "The last one in spring";
export const theFirstOneInAutumn = "The first one in autumn";
export const tooFewDatedYearsFor = (what: string) => `${what}: too few dated years for a trend (fifteen are needed).`;
export const daysADecade = (number: string, number2: string) => `${number} ± ${number2} days a decade`;
export const hasNotMovedBeyondChance = (what: string, which: string, size: string, number: string) =>
  `${what} has not moved beyond chance (${which}${size}, ${number} years).`;
export const comesYears = (what: string, size: string, which: string, number: string) =>
  `${what} comes ${size} ${which} (${number} years).`;

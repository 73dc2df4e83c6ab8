export const aGuessForThisHabit = " a guess for this habit.";
export const typicalForItsHabit = " typical for its habit.";
export const howMuchOfThisSeasons = (percent: string, fullBand: string, which: string) =>
  `How much of this season’s wood has hardened: ${percent} (${fullBand}), by warmth after bud break, faster once growth has stopped; growth stops by heat, short days or cool nights, as its habit goes. The figures are our own calibration:${which}`;
export const wood = "Wood";
export const hardened = (percent: string) => `, ${percent} hardened`;
export const checkTheRootsFaceBy = "Check the roots, face by face";
export const woodHardiness = "Wood & hardiness";
export const rootHistory = "Root history";
export const thePottingOn = (day: string) => `the potting up ${day}`;
export const aWideGuessAtArrival = "a wide guess at arrival";
export const rootsHaveExploredOfThe = (
  fullness: string,
  fullBand: string,
  which: string,
  number: string,
  number2: string,
  number3: string,
  basis: string,
) =>
  `Roots have explored ${fullness} of the mix; eight times in ten it is ${fullBand}. From ${which}, the warmth of its root zone since, and this tree’s own pace: ${number} times that of its species (${number2} to ${number3}). Basis: ${basis}.`;
export const aWideGuess = "a wide guess";
export const itsSpeciesIsNotIn = (which: string) => ` Its species is not in the library: ${which}.`;
export const theGrowthModelIsOur = " The growth model is our own, calibrated to experience: a root check corrects it.";
export const notForYears = "not for years";
export const circlingComesFirstHere = "Circling comes first here.";
export const fillComesFirstHere = "Fill comes first here.";
export const moreThanSevenYearsFrom = "more than seven years from now";
export const eightTimesInTenBetween = (which: string, which2: string) =>
  `Eight times in ten between ${which} and ${which2}.`;
export const dueIsTheFirstOf = (
  percent: string,
  which: string,
  number: string,
  number2: string,
  number3: string,
  which2: string,
  source: string,
) =>
  `Due is the first of two: roots fill ${percent} of the mix, or circling reaches grade 2. ${which} Circling today: grade ${number} (${number2} to ${number3}). ${which2} Coming warmth: the mean of this site’s weather years, ${source}.`;
export const due = "Due";
export const betweenAnd = (day: string, day2: string) => ` (between ${day} and ${day2})`;

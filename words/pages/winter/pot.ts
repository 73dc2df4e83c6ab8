import { spelt } from "@/words/english";

export const itsSummerPlace = "its summer place";
export const guess = " (guess)";
export const itsPotTheCrownIs = " (its pot; the crown is not measured)";
export const forItsCrown = " for its crown";
export const heightUnknown = "height unknown";
export const highWithItsPot = (metres: string) => `${metres} high with its pot`;
export const ofThem = (number: string) => `, ${number} of them`;
export const rootedIntoTheGroundIt = "; rooted into the ground: it stays";
export const wateredAcross = (
  kilograms: string,
  which: string,
  metres: string,
  which2: string,
  which3: string,
  which4: string,
  which5: string,
) => `${kilograms} watered${which}, ${metres} across${which2}, ${which3}${which4}${which5}`;
export const rootsByThePotsOwn = () =>
  spelt(
    "Roots by the pot’s own temperatures, wood by its hardiness in the air of the place, over the courses this winter may take. Points weigh a tree’s worth (by the root of its litres) with its chance of loss, light, cold, carrying and a place other than last winter’s: our own weights, a guess.",
  );
export const itComesInAsCalculated = "It comes in as calculated.";
export const itComesInBelow = (celsius: string) => `It comes in below ${celsius}.`;
export const comesInAsCalculated = "Comes in as calculated";
export const comesInBelowByYour = (celsius: string) => `Comes in below ${celsius}, by your word`;
export const whenComesIn = (tag: string) => `When ${tag} comes in`;
export const inBelowANightOf = "In below a night of";
export const betweenAndOrNothing = (celsius: string, celsius2: string) =>
  `Between ${celsius} and ${celsius2}, or nothing.`;
export const emptyAsCalculated = "empty: as calculated";
export const thatIsMyWord = "That is my word";
export const whatEachPlaceWouldDo = "What each place would do";
export const inLabel = "In";
export const itMayLose = "it may lose";
export const air = "air";
export const carriedBy = "carried by";
export const points = "points";
export const notCalculatedYet = "not calculated yet";
export const whereStands = (tag: string) => `Where ${tag} stands`;
export const putItIn = "Put it in";
export const fromLeftM = "From left, m";
export const fromFarWallM = "From far wall, m";
export const putItThere = "Put it there";
export const asIfItStoodIn = "As if it stood in";
export const whichWinter = "Which winter";
export const thisOneRecordAndForecast = "this one: record and forecast, then as it may go";
export const anyWinterOfTheSite = "any winter of the site";
export const standsSoFromTodayOn = (tag: string) => `${tag} stands so from today on.`;
export const itStandsSoFromToday = "It stands so from today on";
export const theWinterDayByDay = "The winter day by day";
export const coldestAtTheWallIn = (celsius: string, celsius2: string, celsius3: string, celsius4: string) =>
  `Coldest at the wall in the middle winter ${celsius}, in one of ten ${celsius2}; in the core ${celsius3} and ${celsius4}`;
export const wallOneInTen = "wall, one in ten";
export const wallMiddleWinter = "wall, middle winter";
export const coreOneInTen = "core, one in ten";
export const coreMiddleWinter = "core, middle winter";
export const killsYoungRoots = (celsius: string) => `kills young roots, ${celsius}`;
export const killsMatureRoots = (celsius: string) => `kills mature roots, ${celsius}`;
export const theColdestOfEachOf = (number: string) => `The coldest of each of ${number} days.`;
export const theWinterOf = (tag: string) => `The winter of ${tag}`;
export const nobodyHasSaidWhichPot = "Nobody has said which pot it stands in. ";
export const measureItFirst = "Measure it first";
export const weatherYearsAfterTheSites = "weather years after the site’s own record";
export const weatherYearsAfterAShort = "weather years after a short record";
export const weatherYearsAfterMonthlyNormals = "weather years after monthly normals";
export const weatherYearsGuessedFromPlace = "weather years guessed from place and answers";
export const atTheEdgeOfA = "at the edge of a block";
export const insideABlock = "inside a block";
export const darkWallInTheSun = "dark wall, in the sun";
export const lightWall = "light wall";
export const amongOthers = "among others";
export const anyWinter = "any winter";
export const thisWinter = "this winter";
export const theRecordAndTheForecast = "the record and the forecast as far as they go, then ";
export const nights = (number: string) => ` (${number} nights)`;
export const possibleCoursesOfWithTheir = (
  number: string,
  which: string,
  which2: string,
  basis_words: string,
  air_basis_words: string,
  which3: string,
  celsius: string,
  celsius2: string,
  name: string,
  what: string,
  which4: string,
  celsius3: string,
) =>
  `${number} possible courses of ${which}: ${which2}${basis_words}, with their sun, wind and snow; the air there ${air_basis_words}${which3}. Each hour heat crosses wall, mix and floor of three rings of the pot; its water freezes between ${celsius} and ${celsius2}. Killing temperatures of its species: ${name}, ${what}; sources differ by up to 8 K${which4}. Young roots count until the core has been below ${celsius3}for four weeks. Pot and mix as planned, not as measured.`;
export const calculatingItsWinters = "Calculating its winters …";
export const inItLosesMoreThan = (
  litres: string,
  wall_words: string,
  stand_words: string,
  percent: string,
  percent2: string,
  degreesApart: string,
  celsius: string,
  celsius2: string,
  celsius3: string,
  celsius4: string,
) =>
  `${litres} in ${wall_words}, ${stand_words}: it loses more than a tenth of its roots in ${percent} of winters, in ${percent2} if they are ${degreesApart} tenderer than is said. Coldest of a middle winter at the wall ${celsius}, in one of ten ${celsius2}; in the core ${celsius3} and ${celsius4}.`;
export const howItStands = "How it stands";
export const stands = "Stands";
export const wrappedIn = "Wrapped in";
export const company = "Company";
export const water = "Water";
export const wateredBeforeFrost = "watered before frost";
export const nearlyDry = "nearly dry";
export const onTheMix = "On the mix";
export const strawAHandsBreadth = "straw, a hand’s breadth";
export const theWinter = "The winter";
export const crown = "Crown";
export const moreThanATenthOf = (percent: string, percent2: string) =>
  `: more than a tenth of its wood lost in ${percent} of winters there; on average ${percent2}, in the winter’s worst night.`;
export const coldItNeeds = "Cold it needs";
export const noneCountedForItsSpecies = "none counted for its species.";
export const forItsFlowers = " for its flowers";
export const enoughInEveryOne = "enough in every one";
export const tooFewInOfThem = (percent: string) => `too few in ${percent} of them`;
export const portionsComeTogetherThereIn = (number: string, which: string, number2: string, which2: string) =>
  `${number} portions${which}; ${number2} come together there in the middle winter, ${which2}.`;
export const theClay = "The clay";
export const itStandsThatByWhat = "It stands that, by what was said of it.";
export const nobodyHasSaidWhetherIt = "Nobody has said whether it stands wet frost; at even odds it";
export const cracksInAboutOfWinters = (which: string, percent: string) =>
  `${which} cracks in about ${percent} of winters (a guess); kept dry it does not.`;
export const freezesThroughWetTimesIn = (number: string, number2: string, which: string) =>
  `: freezes through wet ${number} times in the middle winter, ${number2} in one of ten. ${which}`;
export const whatWouldHelp = "What would help";
export const noneOfWhatWeKnow = "None of what we know would change it much: bring it in.";
export const nothingIsNeededItsRoots = "Nothing is needed: its roots are safe there.";
export const rootsLostInOfWinters = (percent: string, percent2: string, percent3: string, percent4: string) =>
  `: roots lost in ${percent} of winters instead of ${percent2}; on average ${percent3} of them instead of ${percent4}`;
export const itsWallInSummer = "Its wall in summer";
export const theSamePotThroughCourses = (number: string, summerPlace: string, celsius: string, celsius2: string) =>
  `The same pot through ${number} courses of the months round midsummer in ${summerPlace}. Roots stop above ${celsius} and die within half an hour at about ${celsius2} (Ingram 1985; Mathers 2003). How much sun a wall takes up is a guess.`;
export const hottestInOneOfTen = (celsius: string, celsius2: string, number: string) =>
  `: hottest ${celsius}, in one of ten ${celsius2}; ${number} days too hot`;
export const asADarkPotIn = (celsius: string, celsius2: string) =>
  `As a dark pot in the sun its wall reaches ${celsius} in the middle summer, ${celsius2} in one of ten`;
export const neverTooHotForRoots = (hot: string) => `${hot}: never too hot for roots for two hours.`;
export const shadeItSetItIn = " Shade it, set it in a second pot or take a light one.";
export const hotEnoughToKillIn = (percent: string) => `; hot enough to kill in ${percent} of summers`;
export const aboveForTwoHoursOn = (
  hot: string,
  celsius: string,
  number: string,
  number2: string,
  which: string,
  advice: string,
) => `${hot}; above ${celsius} for two hours on ${number} days, ${number2} in one of ten${which}.${advice}`;

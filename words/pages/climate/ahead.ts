import { spelt } from "@/words/english";

export const nextNight = "Next night";
export const aUsualNightNow = "A usual night now";
export const eightTimesInTenBetween = (which: string, celsius: string, celsius2: string, celsius3: string) =>
  `${which}: ${celsius}, eight times in ten between ${celsius2} and ${celsius3}. `;
export const at = (place: string) => ` at ${place}`;
export const orColder = (celsius: string, which: string, text: string) => `: ${celsius} or colder${which} ${text}.`;
export const nightsAndHardiness = "Nights and hardiness";
export const againstTheWoodOf = (name: string) => ` against the wood of ${name}`;
export const theNights = (which: string) => `The nights${which}`;
export const hardinessOf = "Hardiness of";
export const treesAtRisk = "Trees at risk";
export const whatTheseNightsMayDo = "What these nights may do";
export const noTreeIsOnRecord = "No tree is on record yet.";
export const noNightIsLikelyTo =
  "No night is likely to harm the wood, the shoots or the flowers of any tree where it stands: below one part in ten everywhere. Roots in pots are another matter: their winter stands under Winter.";
export const treesAtRiskByNight = "Trees at risk by night";
export const speciesAndPlace = "Species and place";
export const trees = "Trees";
export const worstNight = "Worst night";
export const woodKilledExpected = "Wood killed, expected";
export const softShootsKilledChance = "Soft shoots killed, chance";
export const flowersLostChance = "Flowers lost, chance";
export const halfOfItDiesAt = "Half of it dies at";
export const placeAssumed = "place assumed";
export const tenderOnes = (celsius: string, celsius2: string) => `${celsius} (tender ones ${celsius2})`;
export const theShareOfWoodA =
  "The share of wood a night kills is spread over the crown (σ of the species) and over the error of the night’s minimum; soft new shoots die at their own, higher frost, flower buds and open bloom at theirs. Hardiness follows the day’s means after Ferguson et al. (2011) with parameters of our own, and wood that is not ripe cannot harden. Places without readings of their own are assumed by what they are like: a guess.";
export const howANightIsWeighed = "How a night is weighed";
export const didNotAnswerInTime = "did not answer in time";
export const cannotBeReached = "cannot be reached";
export const answeredNonsenseWhichIsNot = "answered nonsense, which is not used";
export const gaveAnOldForecast = "gave an old forecast";
export const guessed = ", guessed,";
export const noWeatherServiceIsSet = (which: string) =>
  `No weather service is set up: every night here is what is usual at this${which} site.`;
export const noUsableForecastEveryNight =
  "No usable forecast: every night here is what is usual at this site, from its climate. Everything else works on.";
export const theLastNightsAreWhat = (number: string) => `; the last ${number} nights are what is usual`;
export const forecastOfByThe = (which: string, service: string, which2: string) =>
  `Forecast of ${which} by the ${service}${which2}.`;
export const itIsDaysOldIts = (number: string) => ` It is ${number} days old: its errors are taken larger.`;
export const whenAskedLastTheService = (outcome_words: string, detail: string) =>
  ` When asked last, the service ${outcome_words}: ${detail}.`;
export const itHasNotBeenAsked = " It has not been asked yet.";
export const itIsToldWhereThis = () =>
  spelt(" It learns where this site lies, to about a kilometre, and nothing else.");
export const asking = "Asking …";
export const refresh = "Refresh";
export const nightsAtYourPlaces = "nights at your places";
export const theSameAsATable = "The same as a table";
export const tenDays = "Ten days";
export const lowest = "Lowest";
export const error = "Error";
export const highest = "Highest";
export const rain = "Rain";
export const wind = "Wind";
export const from = "From";
export const forecast = "forecast";
export const whatIsUsual = "what is usual";

import { spelt } from "@/words/english";

export const movingPlan = (winter: string) => `Moving plan, ${winter}`;
export const noPlanHasBeenKept = "No plan has been kept for this winter, so nothing is to be carried in. ";
export const placeThemAllFirst = "Place them all first";
export const inBeforeTheFirstNight = (percent: string) =>
  spelt(
    `In: before the first night that would kill more than ${percent} of roots or wood outdoors, in one winter of ten. Out: when nine winters of ten have had their last such night for a tree as soft as its quarters have made it; hardy leafless species as their buds swell, once their roots are safe. Carrying is calculated from kilograms, metres and steps at a walking pace (a guess); limits of people as entered, never above general manual-handling guidance: local rules may be stricter.`,
  );
export const nothingIsToBeCarried = "Nothing is to be carried now.";
export const next = (which: string, which2: string, round: string) => `Next: ${which} ${which2}, ${round}.`;
export const startTheRound = "Start the round";
export const theDaysAhead = "The days ahead";
export const byTheForecastItsErrors =
  "By the forecast, its errors counted in, and the climate beyond it. In brackets the chance of harm by then, if they stay out.";
export const noForecastIsAtHand =
  "No forecast is at hand: by the record and the climate alone. In brackets the chance of harm by then, if they stay out.";
export const noNightOfTheNext = (number: string) =>
  `No night of the next ${number} days asks for anything to be brought in.`;
export const withoutAPlanNobodyKnows = "Without a plan nobody knows where to. ";
export const whatTheComingNightsThreaten = "What the coming nights threaten";
export const beforeTheNightOf = "Before the night of ";
export const today = (day: string) => `today, ${day}`;
export const to = (to: string, percent: string) => ` to ${to} (${percent})`;
export const inLabel = "In";
export const outAgain = "Out again";
export const onArrivalOutsideSoakEach = () =>
  spelt(
    "On arrival outside: soak each pot until it drains, then feed once it grows. Frost nights after that: fleece over the crown, or in again over night; an alert under Climate tells you.",
  );
export const aboveRaiseItFirstOr = (kilograms: string, kilograms2: string) =>
  `Above ${kilograms} raise it first or take a trolley; ${kilograms2} is the most one person lifts, close to the body; hands clear when a pot is tipped or set down. Let pots dry down before a move: water is most of the weight. Children and volunteers lift less. Local manual-handling rules decide.`;
export const on = (title: string, day: string) => `${title} on ${day}`;
export const kgMin = (carry_words: string, which: string, number: string, number2: string) =>
  `${carry_words}: ${which}, ${number} kg, ${number2} min`;
export const kgMInAll = (text: string, number: string) => `${text}; ${number} kg × m in all`;
export const moreThanThePeopleHave = (number: string) =>
  `More than the people have that day (${number} person-minutes): begin earlier, or ask for help.`;
export const movesOf = (day: string) => `Moves of ${day}`;
export const halfTheDaysSun = "half the day’s sun";
export const itsPlace = "its place";
export const thenFrostNightsInThe = (number: string) =>
  spelt(`then ${number} frost nights in the mean spring: fleece, or in again over night`);
export const from = (stage_words: string, day: string) => `${stage_words} from ${day}`;
export const guess = " (guess)";
export const minKgM = (number: string, number2: string) => `${number} min, ${number2} kg × m`;
export const anEarlyStartInWarmth = "An early start in warmth";
export const speciesWhoseCropDoesNot = (celsius: string, celsius2: string) =>
  `Species whose crop does not always ripen here: brought into a bright place of ${celsius} to ${celsius2} some weeks before the last frost. Woken, they fear every frost until then.`;
export const about = (day: string) => `, about ${day}`;
export const weeksEarlyWithFrostNights = (number: string, percent: string, which: string, number2: string) =>
  `${number} weeks early ${percent}${which}, with ${number2} frost nights to keep it from`;
export const ripensInOfYearsWithout = (text: string, percent: string, text2: string) =>
  ` (${text}): ripens in ${percent} of years without; ${text2}.`;

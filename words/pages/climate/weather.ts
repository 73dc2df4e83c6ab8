import { spelt } from "@/words/english";

export const thisProgramDidNotAnswer = "this program did not answer";
export const asking = "Asking …";
export const fillMissingDays = "Fill missing days";
export const asksTheForTheLast = (service: string) =>
  spelt(
    `Asks the ${service} for the last three months. It learns where the site is, to about a kilometre, and its height.`,
  );
export const whatTheRecordMoved = "What the record moved";
export const whatMovedWhenTheRecord = "What moved when the record came in";
export const theCauseIsTheWeather =
  "The cause is the weather: the record took the place of the guess before it. Shifts of five days or fewer are left out.";
export const days = (abs: number, which: string) => ` (${abs} days ${which})`;
export const withTheNewRecord = "with the new record";
export const usualLastFrostInSpring = "Usual last frost in spring";
export const usualFirstFrostInAutumn = () => spelt("Usual first frost in autumn");
export const windowOpens = (tag: string) => `${tag}: window opens`;
export const asked = (name: string, today: string) => `${name}, asked ${today}`;
export const aFileOfDays = "A file of days";
export const stationFileOfTheGlobal = "Station file of the global daily network";
export const fixedWidthStationFileOf = "Fixed-width station file of the global daily network";
export const hourlyWeatherFile = "Hourly weather file";
export const readingsOfALogger = "Readings of a logger";
export const readings = (number: string) => `${number} readings`;
export const inHoursToReadAs = (number: string, firstHour: string, lastHour: string, unit: string) =>
  ` in ${number} hours, ${firstHour} to ${lastHour}, read as °${unit}.`;
export const nightsAreOnTheSites = (number: string, fit: string, which: string) =>
  `${number} nights are on the site’s record, too. From the cold ones: ${fit}.${which}`;
export const nightsAreOnTheSitesRecord = (number: string) =>
  `${number} nights are on the site’s record, too: too few to learn from. Ten cold ones are needed; the readings are kept until then.`;
export const badLinesWillBeLeft = (number: string) => `${number} bad lines will be left out`;
export const badLines = "Bad lines";
export const line = (line: number, message: string) => `Line ${line}: ${message} `;
export const andMore = (number: string) => `… and ${number} more.`;
export const goodDays = (number: string) => `${number} good days`;
export const toReadAsLowsTo = (
  day: string,
  day2: string,
  unit: string,
  text: number,
  text2: number,
  text3: number,
  text4: number,
) => `, ${day} to ${day2}, read as °${unit}: lows ${text} to ${text2} °C, highs ${text3} to ${text4} °C.`;
export const itsStationStandsAtM = (number: string) => `Its station stands at ${number} m.`;
export const gap = "gap";
export const gaps = "gaps";
export const daysAreMissingInThe = (number: string, number2: string, which: string, number3: string) =>
  `${number} days are missing in ${number2} ${which}, the longest ${number3} days. Gaps of up to three days are filled in a straight line; longer ones stay open.`;
export const readingTheFile = "Reading the file";
export const lookingThroughIt = "Looking through it";
export const keepingTheDays = "Keeping the days";
export const metresAboveTheSeaAs = () => spelt("Metres above the sea as a number, or feet such as 180 ft.");
export const thisFileIsLargerThan = (megabytes: string) =>
  `This file is larger than ${megabytes}, which is the most that is taken at once.`;
export const theReadingsOfAreIn = (name: string) => `The readings of ${name} are in.`;
export const theRecordIsInEvery = "The record is in: every date is computed from it now.";
export const readingsOf = (name: string) => `Readings of ${name}`;
export const readInAWeatherRecord = "Read in a weather record";
export const readInALoggersFile = "Read in a logger’s file";
export const aCsvFileWithA = "A CSV file with a line per reading: ";
export const timeC = "time, °C";
export const tenNightsAtOrBelow = (celsius: string) =>
  `. Ten nights at or below ${celsius} that the site’s own record has, too, are enough to learn from.`;
export const aCsvFileWithALine = "A CSV file with a line per day: ";
export const dateTminTmax = "date, tmin, tmax";
export const andIfYouHaveThem =
  ", and if you have them rain (mm), sun (MJ/m²), wind (m/s). Comma, semicolon or tab; decimal point or comma; °C or °F. Station files of the global daily network (comma-separated or fixed-width .dly), hourly EPW files and a logger’s readings (time, °C) are known by their first lines.";
export const loggerFileOf = (name: string) => `Logger file of ${name}`;
export const weatherFile = "Weather file";
export const temperaturesIn = "Temperatures in";
export const asTheHeaderSays = "as the header says";
export const datesSuchAs0304 = "Dates such as 03/04/2021";
export const asTheFileShows = "as the file shows";
export const dayFirst = "day first";
export const monthFirst = "month first";
export const heightOfTheStationIf = "Height of the station, if the file does not say";
export const aStationHigherThanYou = (lapse: string) =>
  `A station higher than you is colder: ${lapse} are allowed for.`;
export const readingIn = "Reading in …";
export const readInDays = (number: string) => `Read in ${number} days`;
export const readInReadings = (number: string) => `Read in ${number} readings`;

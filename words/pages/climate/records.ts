export const frostDatesAreCounted = (source: string) => `Frost dates are counted ${source}.`;
export const daysOnRecord = "Days on record";
export const saveTheRecordAsCsv = "Save the record as CSV";
export const noRecordHasBeenRead = "No record has been read in yet: the climate below speaks for the site.";
export const asRead = "as read";
export const forItsHeight = (sign: string) => `${sign} for its height`;
export const nightsDaysByDaysIt = (sign: string, sign2: string, number: string) =>
  `nights ${sign}, days ${sign2}, by ${number} days it shares with the first`;
export const isTrustedMoreNow = (name: string) => `${name} is trusted more now.`;
export const weatherRecords = "Weather records";
export const theMostTrustedFirst = ", the most trusted first";
export const readInSoFar = (which: string) => `Read in so far${which}`;
export const setAsideBehind = " (set aside)";
export const badLinesLeftOut = (number: string) => `; ${number} bad lines left out`;
export const daysTo = (which: string, number: string, day: string, day2: string, which2: string, which3: string) =>
  `${which}: ${number} days, ${day} to ${day2}${which2}${which3}`;
export const daysOfTheRecordAre = (number: string, adjusted: string) =>
  `${number} days of the record are from it, ${adjusted}.`;
export const trustMore = "Trust more";
export const countsAgain = (name: string) => `${name} counts again.`;
export const isSetAside = (name: string) => `${name} is set aside.`;
export const letItCount = "Let it count";
export const setAside = "Set aside";

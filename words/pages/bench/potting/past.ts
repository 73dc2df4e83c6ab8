export const aYearOrASeason = "A year or a season is enough. What nobody knows at all needs no entry.";
export const theEarlierPottingIsIn = (tag: string) => `${tag}: the earlier potting is in its history.`;
export const whenWasIt = "When was it";
export const beforeItsArrivalOnRecord = (arrivedOn: string) =>
  `Before its arrival on record (${arrivedOn}): the arrival moves back, since the tree was here by then.`;
export const intoWhichPot = "Into which pot";
export const theOneItStandsIn = (name: string) => `the one it stands in: ${name}`;
export const anotherOneWhichICan = "another one, which I can describe";
export const nobodyRemembers = "nobody remembers";
export const roots = "Roots";
export const putIntoItsHistory = "Put into its history";
export const unknown = "unknown";

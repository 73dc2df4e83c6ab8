import { spelt } from "@/words/english";

export const youWillBeToldOf = (name: string) => `${name}: you will be told of such nights.`;
export const myAlarms = "My alarms";
export const addAlert = "Add alert";
export const at = (place: string) => `, at ${place}`;
export const orColderWithOrMore = (celsius: string, percent: string, which: string, percent2: string) =>
  `: ${celsius} or colder with ${percent} or more${which}. Highest chance in these days ${percent2}.`;
export const takeOut = "Take out";
export const newAlarm = "New alarm";
export const callIt = "Call it";
export const fleeceOnTheFigs = () => spelt("Fleece on the figs");
export const nightsAtOrBelow = "Nights at or below";
export const fromAChanceOf = "From a chance of";
export const where = "Where";
export const inTheOpen = "in the open";
export const asTheSite = (name: string) => `${name} (as the site)`;
export const tellMe = "Tell me";
export const atAWarningThatIs = (number: string) =>
  spelt(`At ${number} % a warning that is heeded costs a little fleece too often rather than a tree once.`);

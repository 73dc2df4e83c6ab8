export const itStaysIn = (place: string) => `: it stays in ${place}`;
export const noWinterPlaceIsPlanned = (which: string) => `No winter place is planned${which}.`;
export const thisWinterItStandsIn = (wintersIn: string) => `This winter it stands in ${wintersIn}.`;
export const anUnknownSpan = "an unknown span";
export const countedFromFrostYearsMidsummer = (celsius: string, source: string, text: string) =>
  `Counted from frost years, midsummer to midsummer, at ${celsius} ${source}. The one-in-ten day is uncertain by ${text}.`;
export const frostHere = "Frost here";
export const springAutumn = (last: string, first: string) => ` spring: ${last} Autumn: ${first}`;
export const itsWinter = "Its winter";
export const layoutOfAllTrees = "Layout of all trees";

export const windowOpens = "window opens";
export const lastSafeDay = "last safe day";
export const aLookAtItsRoots = "a look at its roots";
export const aCorrectionOfItsHistory = "a correction of its history";
export const whatWasRecordedOfIt = "what was recorded of it";
export const theWeather = "the weather";
export const aChangeInTheModel = "a change in the model";
export const daysOnWhichNobodyIs = "days on which nobody is there";
export const dateHas = "date has";
export const datesHave = "dates have";
export const moved = (number: string, which: string) => `${number} ${which} moved`;
export const sinceYouLastLookedOn = (day: string, causes: string) => ` since you last looked on ${day}, by ${causes}`;
export const later = "later";
export const earlier = "earlier";
export const daysBecauseOf = (
  which: string,
  day: string,
  day2: string,
  number: string,
  which2: string,
  causes: string,
) => ` ${which}: ${day} → ${day2} (${number} days ${which2}), because of ${causes}`;
export const shiftsOfFiveDaysOr = "Shifts of five days or fewer are left out.";
export const seen = "Seen";

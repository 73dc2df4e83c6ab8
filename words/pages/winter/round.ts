export const nobodyHereMayCarryIt = "Nobody here may carry it: a hoist or a firm, or leave it and protect it.";
export const sackTruckStrapItOn = "Sack truck: strap it on, two to tip it; hands clear of the rim.";
export const twoPeopleOneGivesThe =
  "Two people, one gives the word; close to the body, hands clear when it is set down.";
export const raiseItToWaistHeight = "Raise it to waist height first, or take a trolley; close to the body.";
export const onePerson = "One person.";
export const standsIn = (tag: string, to: string) => `${tag} stands in ${to}.`;
export const isSoaked = (tag: string) => `${tag} is soaked.`;
export const movingPlan = "Moving plan";
export const intoWinterQuarters = "Into winter quarters";
export const outAgain = "Out again";
export const allCarriedPutDownToday = (number: string) => `All carried: ${number} put down today.`;
export const nothingIsToBeCarried = "Nothing is to be carried.";
export const today = "Today";
export const dueOn = (day: string) => `Due on ${day}`;
export const people = (text: string) => ` People: ${text}.`;
export const putDownToday = (which: string, round: string, which2: string, number: string) =>
  `${which}: ${round}.${which2} ${number} put down today.`;
export const then = "Then";
export const afterThat = (text: string) => `After that: ${text}.`;
export const ofThem = (number: string) => `, ${number} of them`;
export const aGuess = ", a guess";
export const wet = (which: string, which2: string) => `wet${which}${which2}`;
export const intoShadeFirstNotInto = "Into shade first, not into the sun. ";
export const soakItUntilItDrains = (which: string) =>
  `${which}Soak it until it drains once it stands; feed when it grows.`;
export const itStandsThere = "It stands there";
export const soaked = "Soaked";
export const itHasNoPlaceOf = "It has no place of its own outdoors: say on its page where it stands.";

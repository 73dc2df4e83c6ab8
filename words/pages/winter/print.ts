export const asOf = (name: string, winter: string, day: string) => `${name}, ${winter}; as of ${day}`;
export const winterPlanCarryingOrderAnd = "Winter plan, carrying order and what stands where, in black and white.";
export const winterPlan = "Winter plan";
export const noPlanHasBeenKept = "No plan has been kept yet: this is how they stand today.";
export const whatStandsWhere = "What stands where";
export const stayOutside = "Stay outside";
export const none = "None.";
export const carryingInInThisOrder = "Carrying in, in this order";
export const carryingOutAgain = "Carrying out again";
export const massesAreForWateredPots = (kilograms: string) =>
  `Masses are for watered pots, many of them calculated. Two lift what one should not; ${kilograms}is the most for one. Local manual-handling rules decide, and the building’s owner on floor loads.`;
export const strawOnTheMix = "straw on the mix";
export const high = (metres: string) => `${metres} high, `;
export const door = (metres: string) => `door ${metres}, `;
export const pots = (
  which: string,
  which2: string,
  which3: string,
  which4: string,
  light_words: string,
  number: string,
  kilograms: string,
) => `${which}${which2}${which3}${which4}${light_words}; ${number} pots, ${kilograms}`;
export const fromAbove = (name: string) => `${name} from above`;
export const by = (day: string) => `, by ${day}`;
export const notBefore = (day: string) => `, not before ${day}`;

export const isMeasuredItsDatesAre = (tag: string) => `${tag} is measured; its dates are calculated again.`;
export const recordTheMeasures = "Record the measures";
export const thePot = "the pot";
export const aFingerFromTheRim = "A finger from the rim down to the mix";
export const trunkAtTheBase = "Trunk at the base";
export const heightOfTheTree = "Height of the tree";
export const crownAcrossAtItsWidest = "Crown, across at its widest";
export const forItsPlaceInWinter = "for its place in winter quarters, and for wind";
export const measuredOn = "Measured on";

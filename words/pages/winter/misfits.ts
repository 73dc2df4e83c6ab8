export const inDangerWhereTheyStand = "In danger where they stand";
export const notSafeAllWinterWhere = "Not safe all winter where they stand today";
export const mayBeLost = (loss: string) => `${loss} may be lost.`;
export const leftThereAllWinterIt = (loss: string) => `left there all winter it could lose ${loss}.`;
export const itIsRootedThroughIts =
  "It is rooted through its pot into the ground: sever it in its season, or protect it there.";
export const noPlaceHereIsBetter = "No place here is better for it: ";
export const seeWhatWrappingOrSinking = "see what wrapping or sinking would do";
export const all = (number: string) => `All ${number}`;
export const notCalculatedYet = "not calculated yet";
export const dragAPotACorner =
  "Drag a pot, a corner or a door; by keys: Tab to it, Space, arrows (Shift: finer), Space. Far wall on top.";

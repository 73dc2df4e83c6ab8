export const bareRootsThePotsAre =
  "Bare roots: the pots are in the order of a usual first pot. Choose one deep enough and at most one and a half times as wide as the roots spread.";
export const nobodyHasSaidWhichPot = (litres: string, litres2: string, litres3: string) =>
  `Nobody has said which pot it stands in, so these fit a guess: ${litres} of mix, between ${litres2} and ${litres3}. Measure its ball to be sure.`;
export const theStoreIsEmpty = "The store is empty. ";
export const putPotsInStore = "Put pots in store";
export const nothingInStoreFitsWell = "Nothing in store fits well. ";
export const holdItsBallAgainstThe = "Hold its ball against the shelf";
export const free = (number: string) => `${number} free`;
export const first = (wash: string) => `${wash} first`;
export const toTheBrim = (litres: string) => `${litres} to the brim`;
export const timesTheMixFilledBy = (number: string, percent: string) =>
  `${number} times the mix; ${percent} filled by the season’s end`;
export const theSamePotAgain = "The same pot again";
export const afterRootPruning = (name: string, litres: string) => `${name}, ${litres}: after root pruning`;
export const showAllPotsWithThe = "Show all pots, with the reason";
export const showTheOthersWithThe = "Show the others, with the reason";

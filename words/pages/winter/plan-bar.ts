export const wintersCalculated = "Winters calculated";
export const ofGroupsOfTreesCalculated = (number: string, number2: string) =>
  `${number} of ${number2} groups of trees calculated`;
export const longestCarryingTimeMin = "Longest carrying time (min)";
export const placeThemAll = "Place them all";
export const keepThisPlan = "Keep this plan";
export const thePlanKept = "the plan kept";
export const howTheyStand = "how they stand";
export const backTo = (which: string) => `Back to ${which}`;
export const aQuickAnswerWhileThe = "A quick answer, while the best is looked for.";

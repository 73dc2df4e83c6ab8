export const everyTreePlannedAgainFrom =
  "Every tree planned again from its state today; steps accepted for the coming two seasons are kept.";
export const treesPlanned = "Trees planned";
export const ofTreesPlanned = (number: string, number2: string) => `${number} of ${number2} trees planned`;
export const planAllAgain = "Plan all again";
export const planAllTrees = (number: string) => `Plan all ${number} trees`;
export const theRecordsHaveChangedSince = "; the records have changed since";
export const plannedOnInS = (day: string, number: string, which: string) => `Planned on ${day} in ${number} s${which}.`;
export const theLastPlanningWasStopped = "The last planning was stopped.";

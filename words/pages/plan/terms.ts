export const narrowestDoorOnTheWay = "Narrowest door on the way in";
export const potsWiderThanItAre =
  "pots wider than it are not planned for trees carried in; empty: the widest door of the winter places measured under Winter";
export const lowestHeadroom = "Lowest headroom";
export const countsWhereATreesHeight =
  "counts where a tree’s height is measured; empty: the highest of the winter places";
export const roomInSummer = "Room in summer";
export const treesWaitASeasonWhere = "trees wait a season where it is not enough";
export const roomInWinter = "Room in winter";
export const forThoseCarriedIn = "for those carried in";
export const budgetAYear = "Budget a year";
export const saidWhereAYearAsks = "said where a year asks for more";
export const aNumberAbove0Or = "A number above 0, or nothing.";
export const keptPlanTheCollectionTo = "Kept. Plan the collection to see it.";
export const howItIsPlannedBy = (toLowerCase: string) => `How it is planned: ${toLowerCase}`;
export const howItIsPlanned = "How it is planned";
export const schoolForTreesWithoutA = "School for trees without a chosen plan";

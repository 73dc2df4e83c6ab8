export const findATree = "Find a tree";
export const tagSpeciesVarietyPlaceOr = "tag, species, variety, place or a word from a note";
export const theFirst30Trees = "The first 30 trees";
export const trees = (count: number) => `${count} trees`;
export const treesFound = "Trees found";
export const notHereAnyMore = " · not here any more";

export const aNumber0OrMore = "A number, 0 or more.";
export const yourOwnWeightsAreKept = "Your own weights are kept.";
export const yourOwnWeights = "Your own weights";
export const whatEachKindOfCost = "What each kind of cost counts, in one unit. Start from ";
export const keepTheseWeights = "Keep these weights";

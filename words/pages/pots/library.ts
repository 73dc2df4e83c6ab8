export const recipes = "Recipes";
export const noRecipeOfYourOwn = "No recipe of your own yet. Write one down, or use one of the ordinary ones below.";
export const feedsMonths = (number: string) => `; feeds ${number} months`;
export const ordinaryMixesAlwaysAtHand = "Ordinary mixes, always at hand";
export const components = "Components";
export const typicalValuesToStartFrom = (m: string, l: string) =>
  `Typical values, to start from: M ${m}, L ${l}. Where you have weighed or soaked your own, make a component of your own: your measurement wins.`;
export const componentLibrary = "Component library";
export const component = "Component";
export const pores = "pores";
export const grain = "grain";
export const kgLDry = "kg/L dry";
export const rotsAYear = "rots a year";
export const toMind = "to mind";
export const sure = "sure";
export const copyOrChange = "Copy or change";
export const mm = (number: string) => `${number} mm`;
export const yourOwn = "your own";
export const copy = "Copy";

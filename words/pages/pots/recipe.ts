import { spelt } from "@/words/english";

export const partsAreNumbersSuchAs = "Parts are numbers, such as 2 or 0.5.";
export const isKept = (trim: string) => `${trim} is kept.`;
export const recipe = "Recipe";
export const change = (name: string) => `Change ${name}`;
export const aRecipeOfYourOwn = "A recipe of your own";
export const suchAsHouseMixFor = "such as House mix for citrus";
export const partsByVolume = "Parts by volume";
export const partsOf = (componentName: string) => `Parts of ${componentName}`;
export const component = (text: number) => `Component ${text}`;
export const leaveOut = (componentName: string) => `Leave ${componentName} out`;
export const addAComponent = "Add a component";
export const feedsFor = "Feeds for";
export const emptyAboutFromWhatIs = (number: string) =>
  spelt(`empty: about ${number}, from what is in it (our judgement)`);
export const ofTheSummedVolumesVanish = (percent: string, percent2: string, kilograms: string, life: string) =>
  spelt(`${percent} of the summed volumes vanish on mixing; ${percent2} pores; ${kilograms} a litre dry; ${life}.`);
export const keepTheChange = "Keep the change";
export const keepThisRecipe = "Keep this recipe";
export const hardlySlumps = "hardly slumps";
export const shortOfAirInA = "short of air in a pot of 20 cm";
export const lastsAboutYears = (number: string) => `lasts about ${number} years`;
export const choose = "choose …";
export const months = "months";

import { spelt } from "@/words/english";

export const whatIsWanted = "What is wanted";
export const recipe = "Recipe";
export const writeAnotherRecipe = "Write another recipe";
export const andBesidesSettledInThe = "And besides, settled in the pots";
export const aNumberOfLitresOr = () => spelt("A number of litres, or nothing.");
export const whatIsThereAndWhat = "What is there, and what bags cost";
export const whatItTakes = "What it takes";
export const chooseTreesOrSayHow = "Choose trees or say how much is wanted.";
export const measuredOutGiveOfLoose = (litres: string, litres2: string) =>
  ` measured out give ${litres} of loose mix, which settles to ${litres2}.`;
export const forLabel = (text: string) => `; for ${text}`;
export const inLabel = (name: string) => ` in ${name}`;
export const dryMassAboutInAll = (
  kilograms: string,
  percent: string,
  which: string,
  percent2: string,
  percent3: string,
) =>
  spelt(
    `Dry mass about ${kilograms} in all. Fine material fills the gaps in coarse: ${percent} of the summed volumes vanish${which}. The packing follows published rules; how far a shovel reaches it, ${percent2} for settling and ${percent3} for waste are our own judgement.`,
  );
export const openBagsAwayFromThe = () =>
  spelt(
    "Open bags away from the face, damp the mix, ventilate, wear a mask and gloves, wash your hands: potting mixes can carry germs and moulds, and perlite, pumice and vermiculite dust harms lungs. People with weak immunity should not handle them at all. Never reach into a running mixer.",
  );
export const noTreeIsDueOn =
  "No tree is due on this day that a pot in store or on sale would fit. Drag the season strip ahead, or say below how much mix is wanted.";
export const today = "today";
export const treesThatAreDueInto = (which: string) => `Trees that are due ${which}, into the pot that suits best`;
export const allOfThem = "All of them";
export const none = "None";
export const intoNewMix = (pot: string, litres: string) => ` into ${pot}: ${litres} new mix`;
export const opens = (day: string) => `opens ${day}`;
export const closed = "closed";
export const window = (which: string) => ` · window ${which}`;
export const potToBeBought = " · pot to be bought";
export const mixFor = (tag: string) => `Mix for ${tag}`;

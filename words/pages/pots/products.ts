import { spelt } from "@/words/english";

export const fullStrength = "full strength";
export const aQuarter = "a quarter";
export const yourCanHolds = "Your can holds";
export const strength = "Strength";
export const noProductOnTheShelf =
  "No product on the shelf yet. Put one down with what its label says and what its cap holds.";
export const theLabelComesFirstIn =
  "The label comes first: in many places its rates are law. Never mix bleach with acids or with anything that holds ammonia. Keep products from children, pets and drains; gloves and eye protection with concentrates. A hose or feed line needs the backflow prevention your local rules ask for.";
export const forL = (number: string) => ` for ${number} L`;
export const aFullOneIsGood = (number: string) => `; a full one is good for ${number} cans`;
export const isOffTheShelf = (trim: string) => `${trim} is off the shelf.`;
export const isKept = (trim: string) => `${trim} is kept.`;
export const product = "Product";
export const change = (name: string) => `Change ${name}`;
export const putAProductDown = "Put a product down";
export const itIsA = "It is a";
export const form = "Form";
export const liquidByMl = "liquid, by ml";
export const powderByGram = "powder, by gram";
export const fullStrengthByTheLabel = "Full strength by the label";
export const aLitre = (unit: string) => spelt(`${unit} a litre`);
export const suchAs5Or1 = "such as 5, or 1 : 200 as on the label";
export const theCapHolds = "The cap holds";
export const theSpoonHolds = "The spoon holds";
export const measureItOnceEmptyIf = "measure it once; empty if unknown";
export const aFullOneHolds = "A full one holds";
export const emptyIfUnknown = "empty if unknown";
export const nitrogenPhosphatePotash = "Nitrogen, phosphate, potash, %";
export const perCent = (what: string) => `Per cent ${what}`;
export const offTheShelf = "Off the shelf";
export const nitrogen = "nitrogen";
export const phosphate = "phosphate";
export const potash = "potash";

import { spelt } from "@/words/english";

export const litresInTheBag = () => spelt("Litres in the bag.");
export const whatABagCosts = "What a bag costs.";
export const bagsOf = (name: string) => `Bags of ${name}`;
export const thereAlready = "There already";
export const litresOrNothing = () => spelt("Litres, or nothing.");
export const aBagHolds = "A bag holds";
export const andCosts = "and costs";
export const addBag = "Add bag";
export const takeTheBagOfOff = (litres: string) => `Take the bag of ${litres} off the list`;
export const at = (litres: string, money: string) => `${litres} at ${money} ×`;

import { spelt } from "@/words/english";

export const ofOldMixKept = (litres: string) => `${litres} of old mix kept.`;
export const isClearedAway = (name: string) => `${name} is cleared away.`;
export const reclaimedMix = "Reclaimed mix";
export const leftOf = (litres: string, litres2: string) => `: ${litres} left of ${litres2}`;
export const yearsOldOnOfferedWhen = (number: string, day: string, structure_words: string) =>
  `${number} years old on ${day}, ${structure_words}; offered when you pot`;
export const clearAway = "Clear away";
export const keepMixFromEmptiedPots = "Keep mix from emptied pots";
export const suchAsBlueTub = "such as Blue tub";
export const litres = () => spelt("Litres");
export const itWasOnce = "It was once";
export const yearsSinceItWasMixed = "Years since it was mixed";
export const structure = "Structure";
export const allOfItFromPots = "all of it from pots of healthy trees";
export const sourSlimyOrRootRidden =
  "Sour, slimy or root-ridden mix, and mix with grubs, is not worth keeping. Damp it before you turn it, and wash your hands.";

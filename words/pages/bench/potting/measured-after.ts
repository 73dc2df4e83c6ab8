import { spelt } from "@/words/english";

export const aMeasureInMm0 = "A measure in mm, 0 or more.";
export const litresMoreThan0 = () => spelt("Litres, more than 0.");
export const kilogramsMoreThan0 = "Kilograms, more than 0.";
export const asItTurnedOutIf = "As it turned out, if you measured";
export const fromRimToMixSettled = "From rim to mix, settled";
export const newMixUsedLoose = "New mix used, loose";
export const onTheScaleWet = "On the scale, wet";

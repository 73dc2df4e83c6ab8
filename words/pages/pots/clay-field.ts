export const wetFrostOnItsClay = "Wet frost on its clay";
export const wetFrostOnItsClayIs = (frost_proof_words: string) => `Wet frost on its clay: ${frost_proof_words}.`;

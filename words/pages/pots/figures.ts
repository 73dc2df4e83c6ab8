import { spelt } from "@/words/english";

export const tradeSizesNamesNotVolumes = "Trade sizes: names, not volumes";
export const potsAndMeasuringThem = "Pots and measuring them";
export const componentsOfMixes = "Components of mixes";
export const ordinaryMixes = "Ordinary mixes";
export const mixingSettlingWearingOut = "Mixing, settling, wearing out";
export const settingABall = "Setting a ball";
export const boxesSunkPotsDrainHoles = "Boxes, sunk pots, drain holes";
export const standingInWind = "Standing in wind";
export const rootsAndCorrections = "Roots and corrections";
export const wallOf = (wall_words: string) => `wall of ${wall_words}`;
export const circlingAt = (wall_words: string) => `circling at ${wall_words}`;
export const whatTheArithmeticStandsOn = () =>
  spelt(
    "What the arithmetic stands on. Where you measure, your measurement takes the place of the figure: inner sizes of a pot, litres counted in, roots kept, a component weighed and soaked, the mass on a scale.",
  );
export const figure = "Figure";
export const value = "Value";
export const unit = "Unit";
export const source = "Source";
export const sure = "Sure";

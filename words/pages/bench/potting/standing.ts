import { spelt } from "@/words/english";

export const weightWindOf = (tag: string) => `Weight & wind of ${tag}`;
export const nobodyHasSaidWhichPot = "Nobody has said which pot it stands in: ";
export const measureIt = "measure it";
export const firstThenItsMassAnd = " first, then its mass and its stand can be computed.";
export const lessThanTheHeightOf = "Less than the height of the tree.";
export const standingInWind = "Standing in wind";
export const inWind = "In wind";
export const treeIsHigh = "Tree is high";
export const crownWide = "Crown wide";
export const clearStem = "Clear stem";
export const gust = "Gust";
export const inFullLeaf = "in full leaf";
export const nobodyHasMeasuredItIts = "Nobody has measured it: its height is a guess by its pot. Type a better one.";
export const layItDownOrSet = "Lay it down or set it among others";
export const tieItWeighItDown = "Tie it, weigh it down or lay it";
export const beforeGustsOf = (which: string, gusts: string) => `${which} before gusts of ${gusts}.`;
export const itStandsGustsOfDry = (gusts: string) =>
  `It stands gusts of ${gusts}, dry and with the margin of the rule.`;
export const tipsAtWhenDryAt = (gusts: string, gusts2: string, gusts3: string) =>
  `Tips at ${gusts} when dry, at ${gusts2} when wet. To be tied from ${gusts3} on.`;
export const aPotOfThisSize = " A pot of this size is laid down, or set close among others.";
export const toStandDryOfBallast = (gusts: string, kilograms: string, millimetres: string, millimetres2: string) =>
  ` To stand ${gusts} dry: ${kilograms} of ballast low in or on the pot, or a base ${millimetres} wide instead of ${millimetres2}.`;
export const byTheScaleWhenIt = " (by the scale when it was potted)";
export const partlyGuessed = " (partly guessed)";
export const crownSilhouetteLeverMDry = (
  area: string,
  number: string,
  kilograms: string,
  kilograms2: string,
  which: string,
  percent: string,
) =>
  spelt(
    `Crown silhouette ${area}, lever ${number} m, ${kilograms} dry and ${kilograms2} wet${which}; the gust asks ${percent} of what it withstands dry, two thirds are allowed. Drag and the middle of the crown are our judgement; corners of buildings make gusts of their own.`,
  );
export const aRoughEstimate = "A rough estimate";
export const tallTreesInPotsFall =
  "Tall trees in pots fall in gusts, worst on roofs and balconies: there they are always tied, and nobody stands below. Wet containers are point loads: a structural engineer or the building’s owner decides what a roof carries.";
export const carrying = "Carrying";
export const carrying2 = (kilograms: string) => `Carrying ${kilograms}`;
export const byTheLimitsOfWho = (text: string) => `By the limits of ${text}, who are there today.`;
export const nobodyIsOnRecordAs = "Nobody is on record as there today: volunteers’ limits.";
export const driedDownBeforeTheMove = (which: string, kilograms: string) =>
  `${which} Dried down before the move it weighs ${kilograms}.`;
export const upTo = (kilograms: string) => `: up to ${kilograms}`;
export const generalGuidanceRememberedYourLocal =
  "General guidance, remembered; your local manual-handling rules and your own back come first. Children and repeated lifts: much less.";

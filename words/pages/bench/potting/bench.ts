export const isPottedSoakItTwice = (tag: string) => `${tag} is potted. Soak it twice; shade for some days.`;
export const plantsTheFiguresAreFor = (number: string) => ` · ${number} plants: the figures are for one`;
export const potUp = (tag: string) => `Pot up ${tag}`;
export const ifThePotHasBroken = (notToday: string) =>
  `${notToday} If the pot has broken or the tree cannot wait, it can be recorded all the same.`;
export const measureWhatIsSetIts = "Measure what is set: its section appears here.";
export const chooseAPotItsSection = "Choose a pot: its section appears here.";
export const itIsToHave = (wanted: string) => `It is to have ${wanted}.`;
export const correction = "Correction";
export const rootsKeptIfYouMeasured = "Roots kept, if you measured";
export const emptyTheUsualShare = "empty: the usual share";
export const flareProudOfTheMix = "Flare proud of the mix by";
export const youngPlantsTheOldSurface = "young plants: the old surface at the line";
export const freshBarkAndCompostSink = (millimetres: string, millimetres2: string) =>
  `fresh bark and compost sink: ${millimetres} to ${millimetres2}`;
export const gravelLayer = "Gravel layer";
export const airLeftInTheMix = (litres: string) => `air left in the mix: ${litres}; the wet zone sits on the gravel`;
export const noneOnlyCoverTheHole = "none: only cover the hole";
export const offEachSideOfThe = "Off each side of the ball";
export const depthFirstALittleOff = "depth first: a little off the sides where a deep pot is narrow";
export const theWindowForThisWork = (when: string, limit_because: string) =>
  `The window for this work is closed ${when}: ${limit_because}.`;
export const itOpens = (day: string) => `; it opens ${day}`;
export const ifYouDoItAll = " If you do it all the same, that is recorded with the potting.";
export const doneItWouldEndBadly = (when: string, percent: string, which: string, which2: string) =>
  `Done ${when} it would end badly in ${percent} of this place’s weather years${which}.${which2}`;
export const inWindAndHowIt = "In wind, and how it is carried";
export const itRockedAndWasStaked =
  "It rocked, and was staked: crossed canes, a loose soft tie. A look for new roots says when it comes off.";
export const potted = "Potted";
export const reclaimedYearsOldLeft = (name: string, number: string, left: string) =>
  `${name}: reclaimed, ${number} years old, ${left} left`;
export const inThisPotAirWater = (percent: string, percent2: string) =>
  `in this pot: ${percent} air, ${percent2} water after draining`;
export const feedsUntilAbout = (day: string) => `feeds until about ${day}`;
export const keepsOfTheRoots = (percent: string) => `; keeps ${percent} of the roots`;
export const aSide = (depth: string) => `, ${depth} a side`;

import { spelt } from "@/words/english";

export const aDrainedPotIsWettest =
  "A drained pot is wettest at its floor: the water stands as if it hung on a string as long as the pot is deep. Change one thing on one side and look what it does.";
export const compare = "Compare";
export const twoMixesSamePot = "Two mixes, same pot";
export const deepAndShallow = "Deep and shallow";
export const withAGravelLayer = "With a gravel layer";
export const threeYearsOn = "Three years on";
export const ofAir = (litres: string) => `${litres} of air`;
export const ofWaterForRoots = (litres: string) => `${litres} of water for roots`;
export const nowhereSodden = "nowhere sodden";
export const theGravel = "the gravel";
export const theFloor = "the floor";
export const soddenUpToAbove = (millimetres: string, which: string) => `sodden up to ${millimetres} above ${which}`;
export const wideFilledTo = (millimetres: string, millimetres2: string, which: string) =>
  `${millimetres} wide, filled to ${millimetres2}; ${which}`;
export const depthInside = "Depth inside";
export const gravelLayer = "Gravel layer";
export const wickOrSoilBelow = "Wick, or soil below";
export const yearsInThePot = "Years in the pot";
export const reclaimed = (name: string) => `${name} (reclaimed)`;
export const anOrdinaryPotAcross = (millimetres: string) => `an ordinary pot, ${millimetres} across`;
export const asMuchAirAs = "as much air as";
export const airThan = (litres: string, which: string) => `${litres} ${which} air than`;
export const gravelCannotPullWaterOut = (litres: string) =>
  `Gravel cannot pull water out of the finer mix above it: the wet zone sits on the gravel instead of on the floor, and ${litres} of mix are missing. Water runs out sooner because there is less to fill. As ballast, or to keep the holes clear, it may still be right.`;
export const inTheDeeperPotThe = () =>
  spelt(
    "In the deeper pot the water hangs on a longer string: its upper part drains further, so it holds more air in every litre.",
  );
export const oneOfTheTwoMixes =
  "One of the two mixes is not known by its particles: whether they may touch cannot be said.";
export const asBallAndNewMix = (number: string) =>
  `As ball and new mix they get along: particles differ ${number}-fold.`;
export const asBallLeftAndNew = (number: string, jump: string) =>
  `As ball (left) and new mix (right) they do not get along: the new one is ${number} times ${jump}. One stays wet while the other dries: loosen the outside or blend the two, and check both by hand.`;
export const onAWickOrSunk =
  "On a wick, or sunk on soil without an air gap, the water hangs further down than the floor: the mix drains as if the pot were so much deeper.";
export const withTheYearsTheParticles =
  "With the years the particles rot: pores get finer, air goes, the mix slumps in the pot.";
export const theRightOneHoldsThe = (more: string) => `The right one holds ${more} the left one.`;
export const inFigures = (name: string) => `${name} in figures`;
export const mixInThePot = "Mix in the pot";
export const waterAfterDraining = "Water after draining";
export const nothingToSpeakOf = "nothing to speak of";
export const aboutMonths = (number: string) => `about ${number} months`;
export const stillLasts = "Still lasts";
export const thirtyYearsAndMore = "thirty years and more";
export const years = (number: string) => `${number} years`;
export const theCurveIsATypical = " The curve is a typical one for such mixes: yours may differ by a tenth.";
export const theCurveIsSummedFrom = () =>
  spelt(" The curve is summed from the components, each a typical range or our judgement.");
export const itIsOldMixIts = " It is old mix: its pores are taken as finer by its age.";
export const waterByTheDrainedPot = (millimetres: string, which: string) =>
  `Water by the drained-pot method (Bilderback & Fonteno 1987; van Genuchten 1980); water for roots lies between what the pot holds after draining and what is left at ${millimetres} of suction.${which}`;
export const slumpingComesFirst = "slumping comes first";
export const itIsShortOfAir = "it is short of air from the first day: for deep pots, or blended with something coarse";
export const airComesFirst = "air comes first";
export const neitherComesWithinThirtyYears = "neither comes within thirty years";
export const itIsWornOutWhen = (percent: string, millimetres: string, percent2: string, which: string) =>
  spelt(
    `It is worn out when ${percent} of its volume is gone or a layer of ${millimetres} has less than ${percent2} of air; here ${which}. Ageing and feeding are our judgement.`,
  );
export const theShapeOfThisPot = " The shape of this pot is a guess: measure it.";
export const whereTheseFiguresComeFrom = "Where these figures come from";
export const toMind = "To mind";
export const yearByYearIfNothing = "Year by year, if nothing is done";
export const age = "age";
export const volumeLeft = "volume left";
export const surfaceSinks = "surface sinks";
export const air = "air";
export const shortYears = (number: string) => `${number} y`;

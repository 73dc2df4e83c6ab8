export const theFillLineVaries = "the fill line varies";
export const measuredOutsideOnly = "measured outside only";
export const knownByItsTradeSize = "known by its trade size only";
export const aGuessByEye = "a guess by eye";
export const nobodyHasDescribedIt = "nobody has described it";
export const thePotInSection = "The pot in section";
export const thePotAsItWas = "the pot as it was measured";
export const whatIsKnownOfThe = (range_why: string) => `what is known of the pot: ${range_why}`;
export const drawnToScaleFromRoots = (which: string, day: string) =>
  `Drawn to scale from ${which}; roots by the root model as of ${day}, the dashed outline is the next pot that fits.`;
export const itsPot = "its pot";
export const inLabel = (tag: string, text: string) => `${tag} in ${text}`;
export const ofMixInPlaceOf = (litres: string, howFull: string, number: string) =>
  `${litres} of mix in place, ${howFull} of roots, circling grade ${number} of 4.`;
export const nobodyHasSaidWhichPot = "Nobody has said which pot it stands in.";
export const unknownPot = "Unknown pot";
export const potted = (day: string) => `, potted ${day}`;
export const nobodyKnowsSinceWhen = ", nobody knows since when";
export const ofMix = (which: string, litres: string, which2: string, which3: string) =>
  `${which}; ${litres} of mix${which2}${which3}.`;

export const nightEightOfTen = "night, eight of ten";
export const at = (place: string) => ` at ${place}`;
export const daysHighest = "day’s highest";
export const halfOfItsWoodDies = "half of its wood dies";
export const ofTheTenderOnes = "of the tender ones";
export const fromOnItIsWhat = (day: string) => `From ${day} on it is what is usual: no forecast reaches so far. `;
export const aNightsBandThatReaches = "A night’s band that reaches the brown line is a risk.";
export const halfOfItsWoodDiesAt = (celsius: string) =>
  `Half of its wood dies at ${celsius} now, far below these nights.`;

export const follows = (tag: string, toLowerCase: string) => `${tag} follows ${toLowerCase}.`;
export const followed = "followed";
export const itsPlan = "its plan";
export const useItFromToday = "Use it from today";
export const useThisPlan = "Use this plan";
export const today = "Today:";
export const totalInTheSchoolsOwn = (number: string, mostOf: string, number2: string, percent: string) =>
  `Total ${number} in the school’s own unit, most of it ${mostOf}. Counted over the ${number2} seasons drawn full. Growth kept: ${percent} of what an ever roomy ball would have grown.`;
export const asYouAskedTheRest = (number: string, percent: string) =>
  `As you asked; the rest is planned round it. It costs ${number} more, ${percent} of the plan.`;
export const notSoAStepIs =
  "Not so: a step is too large or too small for this school and species, or the root ball does not hold yet. Drawn without it.";
export const asItWas = "As it was";
export const seasonBySeason = "Season by season";
export const thenFullTurningBecause = (
  step: string,
  percent: string,
  number: string,
  which: string,
  wind: string,
  reason: string,
) => `: ${step}; then ${percent} full, turning ${number}${which}${wind}. Because ${reason}.`;
export const toBeTiedFromGusts = (number: string) => `, to be tied from gusts of ${number} m/s`;
export const insteadOf = (litres: string) => ` instead of ${litres}`;
export const intoTheGroundAfterOut = (counted: string, litres: string, which: string) =>
  `Into the ground after ${counted}, out of ${litres}${which}`;
export const notAtTheGoalWithin = (counted: string) => `Not at the goal within ${counted}`;
export const atTheGoalAfter = (counted: string) => `At the goal after ${counted}`;
export const boundIn = (counted: string) => `bound in ${counted}`;
export const rotRiskUpTo = (percent: string) => `rot risk up to ${percent}`;
export const aboveTheLimit = (counted: string) => `, ${counted} above the limit`;
export const heaviest = (kilograms: string, which: string) => `heaviest ${kilograms}${which}`;
export const growthKept = (percent: string) => `growth kept ${percent}`;
export const prunedEverySeasonInIts = "pruned every season in its last pot";
export const prunedEverySeasonsInIts = (number: string) => `pruned every ${number} seasons in its last pot`;
export const whichIsTheLeastThere = ", which is the least there is";
export const aboutAndHours = (number: string, currency: string, which: string, number2: string) =>
  `about ${number} ${currency}${which} and ${number2} hours`;
export const theTreeTimesItsWeight = (number: string, number2: string, number3: string) =>
  `the tree ${number} times (${number2}–${number3}) its weight`;
export const ofItsBestCrop = (tree: string, percent: string, percent2: string, percent3: string) =>
  `${tree}, ${percent} (${percent2}–${percent3}) of its best crop`;
export const inNoWindowTheNext = ", in no window the next year shows";
export const mayOpenFromTo = (day: string, day2: string) => `, may open from ${day} to ${day2}`;
export const to = (day: string, day2: string, early: string) => `, ${day} to ${day2}${early}`;
export const inTheGround = "in the ground";
export const minutes = (number: string) => `${number} minutes`;
export const ofNewMix = (litres: string) => `${litres} of new mix, `;
export const intoOfNewMix = (
  litres: string,
  potName: string,
  how: string,
  window: string,
  litres2: string,
  work: string,
  money: string,
) => `into ${litres} (${potName})${how}${window} (${litres2} of new mix, ${work}${money})`;

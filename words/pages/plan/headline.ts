export const inShort = "In short";
export const inInToWorkOn = (counted: string, counted2: string, year: string, counted3: string, number: string) =>
  `${counted} in ${counted2}; in ${year} ${counted3} to work on, ${number} hours.`;
export const ofThereAre = (number: string) => ` of ${number} there are`;
export const fullestMonthHours = (monthWord: string, text: string, number: string, which: string) =>
  ` Fullest month: ${monthWord} ${text}, ${number} hours${which}.`;
export const eachStepOfTheComing =
  "Each step of the coming three seasons is put into a week of its own window so that the work above what the people have, and its peak, are least; ties go to the middle of the window. Solved as a small integer program, to within 1 % of the best.";
export const noWeekAsksForMore = "No week asks for more than there is. ";
export const theBusiestWeekNotTo = "The busiest week, not to be eased further, asks for ";
export const peakEasedTheBusiestWeek = "Peak eased: the busiest week asks for ";
export const insteadOf = (number: string) => ` instead of ${number}`;
export const aboveWhatThereIsInstead = (number: string, number2: string) =>
  `, ${number} above what there is instead of ${number2}`;
export const itsWindow = "its window";
export const theirWindows = "their windows";
export const shiftedInside = (counted: string, which: string) => `; ${counted} shifted inside ${which}`;
export const hours = (which: string, which2: string, number: string, which3: string, which4: string, which5: string) =>
  `${which}${which2}${number} hours${which3}${which4}${which5}.`;
export const itsGoal = "its goal";
export const theirGoals = "their goals";
export const ofThemBecauseNobodyCan = (which: string, listed: string) =>
  `; ${which} of them because nobody can lift what they would weigh (${listed})`;
export const willNotReachWithin = (counted: string, which: string, counted2: string, which2: string) =>
  `${counted} will not reach ${which} within ${counted2}${which2}.`;
export const withoutAPlanOfPots = (text: string) => `Without a plan of pots: ${text}.`;

import { spelt } from "@/words/english";

export const whatToDoAndWhat = "What to do, and what not";
export const aGuessItsSpeciesIs = "a guess: its species is not in the library";
export const theLibrarysValuesForIts = "the library’s values for its species";
export const fromHowFullAndHow = (which: string) =>
  spelt(
    `From how full and how circled its roots are, the windows of each work where it stands, and what its species stands (${which}). The order of thought is growers’ practice and our judgement; local codes and licensed practice come first.`,
  );
export const lastGoodDayInOne = (day: string, day2: string) =>
  `Last good day: ${day}, in one year of ten already ${day2}.`;
export const afterwards = "Afterwards";
export const nothingLeaveItAlone = "Nothing: leave it alone.";
export const itsCrown = "Its crown";
export const leaveEveryLeafTheyPay =
  "Leave every leaf: they pay for new roots. Shade, mist and shelter instead; cut only if it still droops at dawn after three days.";
export const growersOfTheProportionalSchool = (percent: string, percent2: string) =>
  ` Growers of the proportional school would take ${percent} of the leaves, in leaf, for ${percent2} of the roots.`;
export const afterTheLastWork = "After the last work";
export const notToday = "Not today";
export const whatWouldChangeTheAnswer = "What would change the answer";

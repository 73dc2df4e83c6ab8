export const daysOnRecordByYear = "Days on record by year";
export const yearsDaysMissingFilledIn = (number: string, number2: string, number3: string) =>
  `${number} years; ${number2} days missing, ${number3} filled in a straight line.`;
export const darkRed = "dark red";
export const daysMissingLeftOpen = (number: string) => `: ${number} days missing, left open`;
export const hatchedDaysInGapsOf = (number: string) =>
  `hatched: ${number} days in gaps of at most three, filled in a straight line`;

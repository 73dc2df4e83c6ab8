export const ifAllWentByOne = "If all went by one school";
export const allTreesPlannedAgainBy = (year: string, seasons: number) =>
  `All trees planned again by each school’s weights, free of what was accepted. Work and mix of ${year} and the season after; goals and liftings within the ${seasons} seasons shown. None is better in itself: they weigh work, risk and growth differently.`;
export const schoolsSideBySide = "Schools side by side";
export const school = "School";
export const atTheirGoal = "At their goal";
export const liftingsAPlant = "Liftings a plant";
export const ofLabel = (number: string, number2: string) => `${number} of ${number2}`;
export const hours = (hours: string) => `${hours} h,`;

export const suchAs1MarchOr = "such as 1 March or in two weeks";
export const suchAs20260503 = "such as 2026-05-03";
export const suchAs20210503 = "such as 2021-05-03 or spring 2022";
export const calendar = "Calendar";
export const n202703011March = "2027-03-01, 1 March, tomorrow, in two weeks …";
export const aDaySuchAs2026 = "a day, such as 2026-05-03";
export const n20210503May2021 = "2021-05-03, May 2021, spring 2022, 2021, before March 2020 …";
export const aDayPlease = "a day, please";
export const aYearOrASeason = "a year or a season is enough: 2021, spring 2022";
export const nobodyKnows = "nobody knows";
export const betweenAnd = (day: string, day2: string) => `between ${day} and ${day2}`;
export const chosen = (size: number) => `${size} chosen`;
export const choose = (nameOf: string) => `choose ${nameOf}`;
export const why = "why?";
export const solidMatter = "solid matter";
export const waterHeldTooHard = "water held too hard";
export const waterForRoots = "water for roots";
export const noSoddenZone = "no sodden zone";
export const theGravel = "the gravel";
export const theFloor = "the floor";
export const soddenToAbove = (millimetres: string, which: string) => `sodden to ${millimetres} above ${which}`;
export const ofAirOfWaterOf = (litres: string, litres2: string, litres3: string, which: string) =>
  `${litres} of air, ${litres2} of water, of which ${litres3} for roots; ${which}`;
export const soddenBelow = "sodden below";
export const whatTheColumnsShowFrom = "What the columns show, from the stem outwards";
export const today = "today";
export const shapeGuessed = " · shape guessed";
export const wideDeepInside = (millimetres: string, millimetres2: string, which: string) =>
  `${millimetres} wide · ${millimetres2} deep inside${which}`;

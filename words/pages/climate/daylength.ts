export const hMin = (number: string, number2: string) => `${number} h ${number2} min`;
export const daylength = "Daylength";
export const minAWeek = (hoursWord: string, which: string, number: string) =>
  `${hoursWord}, ${which}${number} min a week`;
export const on = (hoursWord: string, day: string) => `${hoursWord} on ${day}`;
export const longerThan14H = "Longer than 14 h";
export const onNoDayOrOn = "on no day, or on all";
export const sunriseToSunsetWithRefraction =
  "Sunrise to sunset with refraction (Forsythe et al. 1995). Maples stop as days fall below 14 hours; apples do not heed it.";

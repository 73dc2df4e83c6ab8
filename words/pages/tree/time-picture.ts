export const rootsSeen = "roots seen";
export const due = "due";
export const from = (wood_word: string, day: string) => `${wood_word} from ${day}`;
export const lineAndShadeHowFull =
  "Line and shade: how full, with its 80 % band. Dots: circling roots, 0–4 on the right. Dark band: closed; gaps: open for potting up. Ochre: today.";
export const open = "open";
export const noDueDate = "no due date";
export const dueAbout = (day: string) => `due about ${day}`;
export const notDueWithinYears = "not due within years";
export const notWithinThePicture = "not within the picture";
export const timePictureFromToPer = (
  day: string,
  day2: string,
  round: number,
  day3: string,
  due: string,
  text: string,
) => `Time picture from ${day} to ${day2}: ${round} per cent full on ${day3}, ${due}. Open for potting up: ${text}.`;

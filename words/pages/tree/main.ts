export const calculatingWhenEachWorkMay = "Calculating when each work may be done …";
export const anotherRecord = "another record";
export const itsHistoryGoesOnAs = (text: string) => `; its history goes on as ${text}`;
export const notHereAnyMoreOn = (ending_words: string, day: string, which: string, which2: string) =>
  `Not here any more: ${ending_words} on ${day}${which}${which2}.`;
export const fromTheBatch = (text: string) => `from the batch ${text}`;
export const anotherTree = "another tree";

export const monthsOf = (season: string) => `Months of ${season}`;
export const ofWhatThereIs = (percent: string) => `, ${percent} of what there is`;
export const treesHours = (names: string, number: string, number2: string, which: string) =>
  `${names}: ${number} trees, ${number2} hours${which}`;
export const nothingToDo = "Nothing to do";

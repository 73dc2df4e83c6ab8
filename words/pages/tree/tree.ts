export const pastAndFuture = "Past and future";
export const howFullAndHowMany =
  "How full, and how many roots circle, by the root model from each potting and root check on, with the recorded weather up to today and the mean of the site’s weather years after it; the shade holds eight of ten. Wood and windows by its species where it stands. Before today’s season they use the record.";
export const allThatIsKnownOf = "All that is known of its species, and how sure";
export const noPlacePlanned = "no place planned";
export const wood = (howFull: string, stage_word: string, wood_word: string) =>
  `${howFull}, ${stage_word} · wood ${wood_word}`;
export const staysAsItIs = "stays as it is";
export const notPlannedYet = "not planned yet";
export const lastOf = (day: string) => `, last of ${day}`;

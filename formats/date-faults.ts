/** Why a day as typed could not be read, by the reader's code. */
export const DATE_FAULTS = {
  "not-understood":
    "This cannot be read as a day. Write 2021-05-03, May 2021, spring 2022, 2021, before March 2020, or unknown.",
  "not-a-day": "There is no such day in the calendar.",
  "too-old": "This lies too far back: is the year right? A tree may have come 300 years ago, everything else 150.",
  future: "This lies ahead. Only what has happened can be recorded.",
};

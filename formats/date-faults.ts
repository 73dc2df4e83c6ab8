/** Why a day as typed could not be read, by the reader's code. */
export const DATE_FAULTS = {
  "not-understood":
    "This cannot be read as a day. Write 2021-05-03, May 2021, spring 2022, 2021, before March 2020, or unknown.",
  "not-a-day": "There is no such day in the calendar.",
  "too-old": "This lies too far back: is the year right? A tree may have come 300 years ago, everything else 150.",
  future: "This lies ahead. Only what has happened can be recorded.",
};

/** The same of a day that lies ahead. */
export const AHEAD_FAULTS = {
  "not-understood": "This cannot be read as a day. Write 2027-03-01, 1 March, tomorrow or in two weeks.",
  "not-a-day": DATE_FAULTS["not-a-day"],
  past: "This day is over. Choose today or a day that lies ahead.",
  "too-far": "This lies too far ahead: is the year right?",
};

/** Words of the settings. */
export const SETTINGS_WORDS = {
  collection: "This collection",
  location: "Location",
  locationHint: "The climate of the site is read from here; months, frosts and places can be corrected on its pages.",
  measures: "Units and currency",
  appearance: "Appearance",
  appearanceHint: "On this device.",
  englishHint: "English",
  work: "Work",
  workHint: "Who works when, how pots are planned, and the calendar other programs can read.",
  data: "Data",
  dataHint: "Everything recorded stays in the log; lists can be taken in and out.",
} as const;

export const RISK_WORDS = {
  label: "Chance of a loss you take",
  hint: "A working day is open, and a winter place safe, when fewer weather years than this end badly.",
  of: (share: string, risk: number): string =>
    `${share}${risk <= 0.02 ? ", very careful" : risk <= 0.05 ? ", careful" : risk <= 0.1 ? ", usual" : ", bold"}`,
} as const;

export const THEME_WORDS = { device: "as the device", day: "day", evening: "evening" } as const;

export const ENGLISH_WORDS = {
  "en-GB": "British (colour, 12 Apr 2027)",
  "en-US": "American (color, Apr 12, 2027)",
} as const;

import type { AftercareCode, DecisionWork, Reason } from "@/core/decision/index";
import type { Repeat, TodayGroup, TodayRow, TodayWhat } from "@/core/today/index";
import type { EventPayload } from "@/core/event/index";
import { day, kilograms, litres, number, type Units } from "./format";

/** The day's list: works by their names in the trade, said of one tree or of many. */

const WORK_TITLES: Record<DecisionWork, string> = {
  "slip-up": "Pot up undisturbed",
  loosen: "Pot up with roots loosened",
  score: "Score the root ball and pot up",
  "up-pot": "Pot up with roots teased out",
  shave: "Shave the root ball and pot up",
  "root-prune": "Root-prune, same pot",
  "bare-root": "Wash the roots bare and correct each one",
  "remove-girdler": "Cut the girdling root",
  "core-in-place": "Drill and refill in place",
  "slice-in-place": "Cut a wedge and refill in place",
  "replace-top": "Renew the top of the mix",
  "trim-outside": "Cut the roots that grew into the ground",
  split: "Part what shares a pot",
  "prune-light": "Prune lightly",
  "prune-hard": "Prune hard",
  rescue: "Rescue",
  "plant-out": "Plant out",
  "give-up": "Give up, and disinfect the pot",
  checkpoint: "Rescue: look for the next sign",
  bath: "Soak the dry root ball",
  shade: "Shade",
  "expose-flare": "Uncover the root flare",
  "keep-moist": "Keep the roots wrapped and moist",
  "first-potting": "Pot",
  "pot-down": "Cut to live roots and pot down",
  "discard-mix": "Wash off the mix and throw it away",
  "look-again": "Look again: not well",
  "check-roots": "Check the roots",
  "look-for-girdler": "Look for a girdling root",
  "check-wood": "Wood check",
  "clear-place": "Move away: the place must be empty",
  "feed-little": "Feed weakly",
  "bring-in": "Bring in",
  "keep-bright": "Keep bright and cool",
  "water-by-weight": "Water by weight",
};

const AFTERCARE_TITLES: Record<AftercareCode, string> = {
  "second-soak": "Second soak",
  "shade-until": "Keep in shade",
  "water-old-ball-until": "Water the old root ball by hand",
  "headspace-check": "Check the watering space",
  "look-for-roots": "Look for new roots",
  "stake-off": "Take the stake off",
  "first-feed": "First feed after potting",
  "no-nitrogen-until": "No nitrogen",
  guy: "Guy against the wind",
  "opposite-side": "The opposite side, if shoots reached 70 % of last year’s",
  "water-less": "Less water and feed: the crown is thinner",
  "look-at-shoots": "Look at the shoots: few and short means too much was cut",
};

export function todayTitle(what: TodayWhat): string {
  switch (what.kind) {
    case "act":
      return WORK_TITLES[what.work];
    case "aftercare":
      return AFTERCARE_TITLES[what.code];
    case "move":
      return `${what.direction === "in" ? "Carry in" : "Carry out"}: ${what.to}`;
    case "task":
      return what.text;
  }
}

const WHY: Record<Reason, string> = {
  full: "pot full of roots",
  turning: "circling roots",
  "dries-within-day": "dries out within a day",
  broken: "broken pot",
  sour: "sour roots",
  pests: "pests at the roots",
  "no-pot": "no pot yet",
  young: "young",
  "too-heavy": "too heavy to lift",
  "final-pot": "final pot",
  "worn-mix": "mix sunk or used up",
  "left-behind": "circling roots left at the last potting",
  dry: "dry root ball",
  hot: "hot days forecast",
  "flare-hidden": "root flare buried",
  girdler: "a root may be strangling the trunk",
  unknown: "not known how full the pot is",
  surprise: "the last look does not fit the history",
  "winter-near": "cold nights are coming",
  planned: "planned for this season",
  "planned-later": "the plan keeps it in this pot until then",
  shared: "shares a pot",
  matched: "one of a set",
  anchored: "rooted into the ground",
  ill: "not well",
  rescue: "a rescue goes on",
  "root-loss": "fewer roots to feed it",
  size: "the pot feeds no larger crown",
  "sick-wood": "sick wood",
  "wood-unsure": "work waits for hardened wood",
  "place-empties": "the place must be empty",
  "no-room": "room is short",
};
export const whyWords = (because: readonly Reason[]): string => because.map((r) => WHY[r]).join("; ");

export const GROUP_TITLES: Record<TodayGroup, string> = {
  now: "Now",
  week: "This week",
  month: "Next 30 days",
  later: "Later",
  lasting: "Ongoing care",
};

/** When a row is to be done, seen from a day. */
export function rowWhen(
  row: Pick<TodayRow, "group" | "from" | "to" | "overdue" | "excepted" | "count">,
  on: string,
): string {
  const several = row.count > 1;
  if (row.excepted) return "now, whatever the season";
  if (row.overdue > 0) return several && row.overdue < row.count ? `${number(row.overdue)} overdue` : "overdue";
  if (row.group === "lasting") return row.to === null ? "" : `until ${day(row.to, on)}`;
  if (row.from <= on) return row.to === null ? "" : `${several ? "the first by" : "by"} ${day(row.to, on)}`;
  return row.to === null || several ? `from ${day(row.from, on)}` : `${day(row.from, on)} to ${day(row.to, on)}`;
}

/** Minutes as people say them. */
export function durationWords(minutes: number): string {
  if (minutes < 90) return `${number(Math.max(5, 5 * Math.round(minutes / 5)))} min`;
  return `${number(minutes / 60, minutes < 600 ? 1 : 0)} h`;
}

/** What it takes: time, the heaviest lift, mix. */
export function effortWords(
  {
    minutes,
    massKg,
    looseMixL,
    plants,
    count,
  }: Pick<TodayRow, "minutes" | "massKg" | "looseMixL" | "plants" | "count">,
  units: Units,
): string {
  return [
    plants > count ? `${number(plants)} plants` : "",
    minutes === null ? "" : durationWords(minutes),
    massKg === null || massKg < 5 ? "" : `up to ${kilograms(massKg, units)}`,
    looseMixL === null ? "" : `${litres(looseMixL, units)} of mix`,
  ]
    .filter(Boolean)
    .join(" · ");
}

const REPEAT_WORDS: Record<Repeat["unit"], readonly [one: string, many: string]> = {
  day: ["day", "days"],
  week: ["week", "weeks"],
  month: ["month", "months"],
  year: ["year", "years"],
};

export function repeatWords({ first, every }: { first: string; every: Repeat | null }): string {
  if (!every) return `on ${day(first)}`;
  const [one, many] = REPEAT_WORDS[every.unit];
  return `every ${every.count === 1 ? one : `${number(every.count)} ${many}`} from ${day(first)}`;
}

export function answerWords({ answer, until, reason }: Extract<EventPayload, { kind: "answered" }>): string {
  const said = {
    done: "Done",
    later: `Not before ${until === null ? "later" : day(until)}`,
    refused: "Not to be done",
    back: "Back on the list",
  }[answer];
  return `${said}${reason ? `: ${reason}` : ""}`;
}

export const REPEAT_CHOICES = {
  once: "once",
  day: "every day",
  week: "every week",
  fortnight: "every two weeks",
  month: "every month",
  quarter: "every three months",
  year: "every year",
} as const;

export const countWords = (rows: number): string => `${number(rows)} ${rows === 1 ? "thing" : "things"}`;

/** What nobody has said yet, and the way to say it. */
const trees = (n: number) => (n === 1 ? "1 tree" : `${number(n)} trees`);
export const MISSING_LINES = {
  climate: {
    words: () => "The climate is a guess from the place: a weather record or your own frost days correct it.",
    go: "Correct the climate",
  },
  pot: { words: (n: number) => `The pots of ${trees(n)} are not measured.`, go: "Show them" },
  place: { words: (n: number) => `${trees(n)} ${n === 1 ? "has" : "have"} no place.`, go: "Show them" },
  potted: {
    words: (n: number) => `Nobody said when ${trees(n)} ${n === 1 ? "was" : "were"} last potted.`,
    go: "Show them",
  },
  check: { words: (n: number) => `The roots of ${trees(n)} were never checked.`, go: "Show them" },
  people: {
    words: () => "Nobody is named who does the work: hours and what may be lifted are a guess.",
    go: "Name people",
  },
} as const;
export type MissingThing = keyof typeof MISSING_LINES;

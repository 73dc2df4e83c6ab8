import { seasonLabel } from "@/core/dates/index";
import type {
  Constraint,
  LadderAction,
  LadderInputs,
  LadderPart,
  LadderStep,
  LadderWeight,
  Planner,
  Reason,
} from "@/core/ladder/index";
import type { OffLadder } from "@/model/index";
import { litres, number, type Units } from "./format";

export const SCHOOL_WORDS: Record<Planner, { name: string; what: string }> = {
  "small-steps": { name: "Small steps", what: "a narrow ring all round, stay two to four years" },
  "long-jump": { name: "Long jump", what: "vigorous roots straight into many times the volume" },
  "hold-and-prune": { name: "Hold and prune", what: "final pot early, roots cut and returned" },
  "fewest-handlings": { name: "Fewest handlings", what: "lifted as seldom as safety allows" },
  own: { name: "Own weights", what: "what counts is weighed as you say" },
};

export const ACTION_WORDS: Record<LadderAction, { short: string; long: string }> = {
  stay: { short: "", long: "stay" },
  "replace-top": { short: "top", long: "renew the top of the mix" },
  "root-prune": { short: "prune", long: "root-prune and return" },
  "core-in-place": { short: "core", long: "core where it stands" },
  "up-pot": { short: "pot up", long: "pot up" },
  "plant-out": { short: "out", long: "plant out" },
};

export const PART_WORDS: Record<LadderPart, string> = {
  pot: "pots",
  mix: "mix",
  labour: "work",
  handling: "handling",
  shock: "shock to roots",
  oversize: "mix without roots",
  bound: "bound",
  lift: "too heavy",
  depth: "too shallow",
  growth: "growth forgone",
  miss: "goal missed",
  late: "late",
  age: "old mix",
};

/** Each weight with what one of it is. */
export const WEIGHT_WORDS: Record<LadderWeight, { name: string; unit: string }> = {
  pot: { name: "Pots", unit: "per unit of money" },
  mix: { name: "Mix", unit: "per unit of money" },
  labour: { name: "Work", unit: "per minute" },
  handling: { name: "Handling", unit: "per lifting" },
  shock: { name: "Shock to roots", unit: "per half of the roots lost" },
  oversize: { name: "Mix without roots", unit: "per whole rot risk" },
  bound: { name: "Bound", unit: "per season at its worst" },
  lift: { name: "Too heavy", unit: "per kg above the limit" },
  depth: { name: "Too shallow", unit: "per cm short" },
  growth: { name: "Growth forgone", unit: "per season’s growth" },
  miss: { name: "Goal missed", unit: "per e-fold of volume" },
  late: { name: "Late", unit: "per season and e-fold" },
  age: { name: "Old mix", unit: "per season at its life’s end" },
  maxRatio: { name: "Largest step", unit: "times the mix" },
};

export const CONSTRAINT_WORDS: Record<Constraint, string> = {
  lift: "more that may be lifted (help, wheels, a hoist)",
  door: "a wider door or more headroom",
  "school-step": "larger steps than this school takes",
  "kind-step": "larger steps than its species stands well",
  pots: "other pots than these",
  depth: "shallower pots than its roots want",
  money: "more money for pots and mix",
  seasons: "more seasons than the plan has",
};

export const OFF_LADDER_WORDS: Record<OffLadder, string> = {
  miniature: "It is kept as a miniature: its pot is part of its shape, and it is off the ladder.",
  rescue: "It is being rescued: first it must live. A ladder comes after that.",
  "no-pot": "Nobody has said which pot it stands in.",
};

/** So many of them, in a list. */
export const OFF_LADDER_SHORT: Record<OffLadder, string> = {
  miniature: "kept as miniatures",
  rescue: "being rescued",
  "no-pot": "in a pot nobody has named",
};

export const INPUT_WORDS: Record<keyof LadderInputs, string> = {
  kPerDegreeDay: "the pace of its roots",
  fill: "how full the ball is",
  circling: "how its roots circle",
  volumeL: "the mix it stands in",
  mixAgeYears: "the age of its mix",
  seasonDegreeDays: "the warmth of a season",
  liftKg: "what can be lifted",
  movedForWinter: "whether it is carried in for the winter",
  goalL: "the goal",
};

export const reasonWords = (reason: Reason, fill: string, turning: string, age: string): string =>
  ({
    full: `the ball is ${fill} full`,
    turning: `circling roots, ${turning} of 4`,
    "old-mix": `the mix is ${age} years old`,
    "too-heavy-to-lift": "too heavy to lift out",
    "ripe-for-the-ground": "its season for the ground, and the ball holds",
    "room-for-the-goal": "a step towards the goal while the ball holds",
    "not-full": `${fill} full: room is left`,
    recovering: `${fill} full: it takes hold in new mix`,
    "nothing-gained": `${fill} full, but work now would cost more than it gains`,
  })[reason];

/** `2027`, or `2027/28` where a season crosses New Year. */
export const yearWords = (season: number, southern: boolean) => seasonLabel(season, southern ? -1 : 1);

export const counted = (n: number, what: string) => `${number(n)} ${what}${n === 1 ? "" : "s"}`;

export function potName(
  step: Pick<LadderStep, "potId" | "volumeL">,
  { potNames }: { potNames: Readonly<Record<string, string>> },
  units: Units,
): string {
  return potNames[step.potId] ?? (step.potId === "now" ? "its pot" : `a pot of ${litres(step.volumeL, units)}, to buy`);
}

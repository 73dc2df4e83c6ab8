import { z } from "zod";
import type { Vigour } from "../roots/index";
import { HABIT_PARAMETERS, type Habit, HABITS } from "../wood/index";
import { GROUPS, type Group, type KindValues } from "./fields";

/** Length of last year's shoots in the four classes a grower can tell at a glance: below 15, to 40, to 80 cm, and longer. */
export const LAST_SHOOTS = ["short", "usual", "long", "very-long"] as const;
export type LastShoots = (typeof LAST_SHOOTS)[number];

/** What anybody can see of a plant nobody has named. */
export const looksSchema = z.object({
  leaf: z.enum(["deciduous", "evergreen"]).nullable(),
  group: z.enum(GROUPS).nullable(),
  lastShoots: z.enum(LAST_SHOOTS).nullable(),
});
export type Looks = z.infer<typeof looksSchema>;

/** Roots grow as the crown does: pace by the shoots of last year. Our judgement (L). */
const PACE_OF_SHOOTS: Record<LastShoots, Vigour> = {
  short: "slow",
  usual: "moderate",
  long: "vigorous",
  "very-long": "very-vigorous",
};

/** How the plants of a group usually grow, the likeliest first (L). */
const HABITS_OF_GROUP: Record<Group, readonly Habit[]> = {
  pome: ["apple-like"],
  stone: ["apple-like"],
  nut: ["apple-like"],
  "soft-fruit": ["apple-like"],
  "fig-like": ["fig-like"],
  "vine-like": ["fig-like", "apple-like"],
  mediterranean: ["olive-bay-like", "pomegranate-like"],
  citrus: ["citrus-like"],
  "tropical-fruit": ["tropical-like", "citrus-like"],
  "deciduous-ornamental": ["apple-like", "japanese-maple-like"],
  "broadleaf-evergreen": ["olive-bay-like", "citrus-like"],
  conifer: ["conifer-like"],
  "palm-like": ["palm-like"],
  legume: ["olive-bay-like", "apple-like"],
  "protea-kin": ["olive-bay-like"],
};

/** Habits weighed when a grower knows nothing: a conifer or a palm would have been seen to be one. */
const POSSIBLE_HABITS = HABITS.filter((h) => h !== "conifer-like" && h !== "palm-like" && h !== "tropical-like");

/**
 * Habits an unnamed plant may have, equally likely, by its group and leaf. A leaf that none of the group's habits has is passed over.
 * @example possibleHabits({ leaf: "evergreen", group: "legume", lastShoots: null }) // ["olive-bay-like"]
 */
export function possibleHabits(looks: Looks | null | undefined): readonly Habit[] {
  const ofGroup = looks?.group ? HABITS_OF_GROUP[looks.group] : POSSIBLE_HABITS;
  const ofLeaf = looks?.leaf ? ofGroup.filter((h) => HABIT_PARAMETERS[h].leaf === looks.leaf) : ofGroup;
  return ofLeaf.length > 0 ? ofLeaf : ofGroup;
}

/** What is seen of a plant as values of its own. */
export function valuesSeen(looks: Looks | null | undefined): Partial<Pick<KindValues, "group" | "vigour">> {
  const pace = looks?.lastShoots ? PACE_OF_SHOOTS[looks.lastShoots] : null;
  return {
    ...(looks?.group ? { group: looks.group } : {}),
    ...(pace ? { vigour: [pace, pace] as const } : {}),
  };
}

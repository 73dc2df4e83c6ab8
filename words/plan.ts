import { spelt } from "./english";
import { toDay } from "@/core/dates/index";
import type { TreePlan } from "@/model/index";
import { day, litres, percent, type Units } from "./format";
import { ACTION_WORDS, INPUT_WORDS, SCHOOL_WORDS, yearWords } from "./ladder";

/** Sentences for plans over the years: codes in, words out. */

type Step = { action: TreePlan["steps"][number]["action"]; volumeL: number };

/** What a step does, in a few words. */
const stepWords = ({ action, volumeL }: Step, units: Units): string =>
  action === "up-pot" ? `into ${litres(volumeL, units)}` : action === "stay" ? "nothing" : ACTION_WORDS[action].long;

/** The steps of a plan as a chain: season by season, those of one kind in a row counted together. */
export function planChain({ steps }: TreePlan, units: Units, southern: boolean): { season: string; what: string }[] {
  const chain: { from: number; to: number; what: string }[] = [];
  for (const step of steps) {
    const what = stepWords(step, units);
    const last = chain.at(-1);
    if (last && last.what === what) last.to = step.season;
    else chain.push({ from: step.season, to: step.season, what });
  }
  return chain.map(({ from, to, what }) => ({
    season: from === to ? yearWords(from, southern) : `${yearWords(from, southern)} to ${yearWords(to, southern)}`,
    what,
  }));
}

/** By whose way it is planned, to what end, and when it gets there. */
export function planSentence(
  { planner, pinned, goal, meets, heldByLift }: TreePlan,
  units: Units,
  southern: boolean,
): string {
  const school = SCHOOL_WORDS[planner].name.toLowerCase();
  const wide = goal.maxL > 1.2 * goal.minL;
  const range = wide ? `${litres(goal.minL, units)} to ${litres(goal.maxL, units)}` : litres(goal.maxL, units);
  const end = `${range}${goal.said ? "" : ", a guess from its species and purpose"}`;
  const when =
    meets === null
      ? heldByLift
        ? "not reached, since nobody can lift what it would weigh"
        : "not reached within the years shown"
      : `reached in ${yearWords(meets, southern)}`;
  return `${pinned ? "You follow" : "Planned by"} ${school}. Goal ${end}: ${when}.`;
}

/** A change is told for so long, and so many steps of it. */
const TOLD_DAYS = 60;
const MOST_CHANGES = 2;

/** How a plan differs from the one before it, and why; null where it does not, or that is long ago. */
export function planChangeWords({ changed }: TreePlan, on: string, units: Units, southern: boolean): string | null {
  if (!changed || toDay(on) - toDay(changed.on) > TOLD_DAYS) return null;
  const said = changed.changes
    .slice(0, MOST_CHANGES)
    .map(
      (c) => `${yearWords(c.season, southern)} ${stepWords(c.after, units)} instead of ${stepWords(c.before, units)}`,
    );
  const why =
    changed.why.length > 0
      ? `${changed.why.map((w) => INPUT_WORDS[w]).join(", ")} ${changed.why.length === 1 ? "has" : "have"} changed`
      : "pots, prices or the years ahead have changed";
  return `Changed on ${day(changed.on, on)}: ${said.join("; ")}, because ${why}.`;
}

/** Of a pot shared with others a plan counts its part alone; null where it has the pot to itself. */
export const shareWords = (share: number): string | null =>
  share < 1 ? spelt(`Litres are its share of the pot it stands in with others, ${percent(share)} of it.`) : null;

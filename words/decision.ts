import type {
  Aftercare,
  AftercareCode,
  Decision,
  DecisionAct,
  DecisionQuestion,
  DecisionWork,
  Headline,
  HeadlineCode,
  PotSetting,
  Reason,
  RefusedWork,
} from "@/core/decision/index";
import { toIso } from "@/core/dates/index";
import { wholePot } from "@/core/decision/index";
import { celsius, day, kilograms, litres, millimetres, number, percent, type Units } from "./format";
import { LIMIT_BECAUSE, RESCUE_STEP_WORDS } from "./terms";

/** Sentences for decisions: codes in, words out. */

const span = (a: string, b: string) => (a === b ? a : `${a} to ${b}`);

/** A work in the imperative. */
const WORK_WORDS: Record<DecisionWork, string> = {
  "slip-up": "pot it up undisturbed",
  loosen: "pot it up with its roots loosened",
  score: "pot it up, the ball scored",
  "up-pot": "pot it up with its roots teased out",
  shave: "shave the root ball and pot it up",
  "root-prune": "root-prune it and put it back in its pot",
  "bare-root": "wash its roots bare and correct each one",
  "remove-girdler": "cut the girdling root at both ends",
  "core-in-place": "drill out cores of the root ball and refill them",
  "slice-in-place": "cut a wedge off one side and refill it",
  "replace-top": "renew the top of its mix",
  "trim-outside": "cut the roots that grew into the ground",
  split: "split what shares its pot",
  "prune-light": "prune it lightly",
  "prune-hard": "prune it hard",
  rescue: "rescue it",
  "plant-out": "plant it out",
  "give-up": "give it up, and disinfect its pot before anything else stands in it",
  checkpoint: "look for the next sign",
  bath: "soak the dry ball",
  shade: "shade it",
  "expose-flare": "uncover the root flare",
  "keep-moist": "keep its roots wrapped and moist",
  "first-potting": "pot it",
  "pot-down": "cut to live roots and pot it down",
  "discard-mix": "wash off its mix and throw it away",
  "look-again": "look at it again",
  "check-roots": "check its roots",
  "look-for-girdler": "look for a girdling root at the flare",
  "check-wood": "look whether its wood is ripe",
  "clear-place": "carry it elsewhere",
  "feed-little": "feed it little",
  "bring-in": "bring it in",
  "keep-bright": "keep it bright and cool",
  "water-by-weight": "water it by weight",
};

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
export const workWords = (work: DecisionWork): string => WORK_WORDS[work];

const REASON_WORDS: Record<Reason, string> = {
  full: "its roots have filled the pot",
  turning: "its roots circle",
  "dries-within-day": "it dries out within a day",
  broken: "its pot is broken",
  sour: "its roots are sour",
  pests: "there are pests at its roots",
  "no-pot": "it has no pot",
  young: "it is young",
  "too-heavy": "nobody lifts its root ball",
  "final-pot": "it is in its final pot",
  "worn-mix": "its mix has sunk or is used up",
  "left-behind": "roots still circle that the last potting left",
  dry: "its ball is dry",
  hot: "hot days are forecast",
  "flare-hidden": "its root flare is buried",
  girdler: "a root may be strangling it",
  unknown: "nobody knows how full its pot is",
  surprise: "what was seen does not fit its history",
  "winter-near": "cold nights are coming",
  planned: "its plan names this season, before the pot is full",
  "planned-later": "its plan keeps it in this pot until then",
  shared: "it shares its pot: all in it move together, or are parted",
  matched: "its set moves together",
  anchored: "it is rooted into the ground",
  ill: "it is not well",
  rescue: "a rescue goes on",
  "root-loss": "fewer roots must feed it",
  size: "its pot feeds no larger crown",
  "sick-wood": "it is sick",
  "wood-unsure": "its work waits for ripe wood",
  "place-empties": "its place must be empty",
  "no-room": "room is short, and others lose more by waiting",
};
export const reasonWords = (because: readonly Reason[]): string => because.map((r) => REASON_WORDS[r]).join("; ");

/** The word of a list. */
export const HEADLINE_WORD: Record<HeadlineCode, string> = {
  rescue: "rescue",
  "do-now": "overdue",
  "do-by": "pot up",
  wait: "wait",
  "check-first": "check roots",
  "not-due": "not due",
  settle: "just potted",
  hold: "final pot",
  "in-place": "renew in place",
  "plant-out": "plant out",
  "give-up": "give up",
};

export function headlineWord({ code, work }: Headline): string {
  if (code === "do-by" && work === "root-prune") return "root-prune";
  if (code === "check-first" && work === "look-again") return "look again";
  if ((code === "do-now" || code === "do-by") && work === "first-potting") return "pot it";
  return HEADLINE_WORD[code];
}

/** The date that goes beneath the word. */
export function headlineDate({ code, from, to }: Headline, near: string): string {
  const on = (iso: string | null) => (iso === null ? "" : day(iso, near));
  switch (code) {
    case "rescue":
    case "settle":
      return to === null ? "" : `until ${on(to)}`;
    case "do-now":
    case "do-by":
    case "plant-out":
      return to === null ? "now" : `by ${on(to)}`;
    case "wait":
      return from === null ? "no season for it" : `from ${on(from)}`;
    case "in-place":
      return from === null ? "" : from <= near ? (to === null ? "now" : `by ${on(to)}`) : `from ${on(from)}`;
    case "check-first":
      return from === null ? "" : from <= near ? "now" : `by ${on(from)}`;
    case "not-due":
    case "hold":
      return on(from);
    case "give-up":
      return "";
  }
}

/** What the sentence of a tree needs beside the decision. */
export interface SaidOf {
  fill: { p10: number; p90: number };
  plants: number;
}

/** The one sentence about a tree: what to do, by when, and why. */
export function headlineSentence(decision: Decision, { fill, plants }: SaidOf, units: Units): string {
  const { headline, on: near, acts } = decision;
  const { code, work, from, to, limiting, because } = headline;
  const on = (iso: string) => day(iso, near);
  const why = reasonWords(because);
  const todo = work === null ? "" : upper(workWords(work));
  const act = acts.find((a) => a.work === work);
  const into = act?.pot && !act.pot.same ? ` into ${potWords(act, units)}` : "";
  const batch =
    plants > 1 && act?.figures.looseMixL
      ? ` ${litres(act.figures.looseMixL, units)} of loose mix for ${number(plants)} pots.`
      : "";
  switch (code) {
    case "rescue":
      return `Rescue: ${RESCUE_STEP_WORDS[headline.step!].name.toLowerCase().replace("?", "")}, to be seen between ${on(from!)} and ${on(to!)}.`;
    case "do-now":
      if (work === "first-potting") return `Pot it today${into}: it has no pot, and in leaf it keeps for hours only.`;
      return `Overdue: ${why}. ${todo}${into} ${to === null ? "now" : `by ${on(to)}`}.${batch}`;
    case "do-by":
      if (work === "first-potting") return `Pot it${into}: wrapped and cool it keeps until ${on(to!)}.`;
      return `${todo}${into} ${to === null ? "at any time" : `by ${on(to)}`}: ${why}.${batch}`;
    case "plant-out":
      return `Plant it out ${to === null ? "now" : `by ${on(to)}`}.`;
    case "wait":
      return from === null
        ? `Due, since ${why}, but no season for it comes within two years: ${LIMIT_BECAUSE[limiting]}.`
        : because.includes("planned-later")
          ? `Leave it in its pot until ${on(from)}, then ${workWords(work!)}${into}: ${because.includes("no-room") ? REASON_WORDS["no-room"] : "so its plan has it"}.${batch}`
          : `Wait until ${on(from)}, then ${workWords(work!)}${into}: now ${LIMIT_BECAUSE[limiting]}.${batch}`;
    case "check-first":
      if (work === "look-again") return `Look at it again on ${on(from!)}: it is not well.`;
      return because.includes("surprise")
        ? `Check its roots once more: what was seen does not fit its history. Its pot or its last potting may be recorded wrongly, or the look was off.`
        : `Check its roots${from === null || from <= near ? "" : ` by ${on(from)}`}: nobody knows how full its pot is, somewhere between ${percent(fill.p10)} and ${percent(fill.p90)}.`;
    case "not-due":
      return from === null
        ? "Not due: it will take years to fill this pot."
        : `Not due: it will have filled its pot about ${on(from)}.`;
    case "hold":
      return from === null
        ? "In its final pot, with room left for years."
        : `In its final pot: its roots are to be renewed about ${on(from)}.`;
    case "settle": {
      const next = decision.aftercare.slice(0, 3).map((a) => aftercareWords(a, near).replace(/\.$/, ""));
      const text = next.length > 0 ? upper(next.join("; ")) : "Leave it alone";
      return `Just potted. ${text}${to === null ? "" : `. New roots hold about ${on(to)}`}.`;
    }
    case "in-place":
      return `${todo}${from === null ? "" : from <= near ? ` ${to === null ? "now" : `by ${on(to)}`}` : ` from ${on(from)}`}: its root ball is too heavy to lift${from !== null && from > near ? `, and now ${LIMIT_BECAUSE[limiting]}` : ""}.`;
    case "give-up":
      return `${RESCUE_STEP_WORDS[headline.step!].name.replace("?", "")} failed twice: most growers would give it up here, and disinfect its pot.`;
  }
}

/** Litres of the pot of an act: of the whole pot where several move together. */
function potWords(act: DecisionAct, units: Units): string {
  const { lowL, highL, forAll } = wholePot(act)!;
  return `${span(litres(lowL, units), litres(highL, units))}${forAll ? " for all of them" : ""}`;
}

/** One act with its figures: what a helper needs to do it without asking. */
export function actWords(act: DecisionAct, units: Units, potName: (lotId: string) => string | null): string {
  const { work, correction, pot, figures: f } = act;
  const volume = pot && (pot.same ? "" : ` into ${potWords(act, units)} of mix`);
  const chosen = pot?.choice ? potName(pot.choice.lotId) : null;
  const clean = pot?.choice?.disinfect ? "; disinfect it first, a tree died in one of these" : "";
  const which = chosen ? ` (${chosen}${clean})` : pot?.buy ? " (to buy: nothing in store fits)" : "";
  const loss =
    correction && correction.mostShare > 0 && correction.lossShare > 0.001
      ? ` About ${percent(correction.lossShare)} of its roots, at most ${percent(correction.mostShare)}.`
      : "";
  const lift = act.massKg === null || act.massKg < 5 ? "" : ` The ball weighs about ${kilograms(act.massKg, units)}.`;
  switch (work) {
    case "bath":
      return `Soak the dry ball until no bubbles rise, ${number(f.minutes)} minutes at most while in leaf. Keep small children away from the tub.`;
    case "shade":
      return `Shade it until the days stay below ${celsius(f.belowC, units)}.`;
    case "keep-moist":
      return `Keep its roots wrapped and moist at ${span(celsius(f.lowC, units), celsius(f.highC, units))}; out of cover they dry in minutes.`;
    case "first-potting":
      return `Pot it${volume}${which}, no wider than ${millimetres(f.mostWidthMm, units)}: soak its roots for one to four hours first, spread them over a cone of mix.`;
    case "pot-down":
      return `Cut every root back to where it is pale and firm, and pot it down${volume}${which}, no larger.${lift}`;
    case "discard-mix":
      return `Wash off all its mix and throw it away, disinfect the pot, and keep it apart from the others.${lift}`;
    case "look-for-girdler":
      return "Look for a girdling root at the flare: one that feeds less than a third of the girth is cut now, a larger one over two seasons.";
    case "remove-girdler":
      return `Cut the girdling root at both ends: it feeds ${percent(f.share)} of the girth${f.seasons > 1 ? ", so half now and half a season later" : ""}.`;
    case "feed-little":
      return `Feed a quarter to half strength until the mix falls to ${celsius(f.untilC, units)}, then nothing.`;
    case "bring-in":
      return `Bring it in before nights of ${celsius(f.nightC, units)}.`;
    case "keep-bright":
      return `Keep it bright at ${span(celsius(f.lowC, units), celsius(f.highC, units))}.`;
    case "water-by-weight":
      return "Water by weight: lift the pot, water when it is light.";
    case "replace-top":
      return `Renew the top ${f.toMm ? span(millimetres(f.mm, units), millimetres(f.toMm, units)) : millimetres(f.mm, units)} of its mix.`;
    case "shave":
      return `Shave ${correction?.depthMm ? `${millimetres(correction.depthMm, units)} off ` : ""}sides and base, cut what rings the ball, and pot it${volume}${which}. Cut away from the body, in gloves.${loss}${lift}`;
    case "core-in-place":
      return `Drill out cores in the outer half of the root ball, to two thirds of its depth, and refill them with mix as fine as the ball and no feed; stop at roots over ${millimetres(f.stopAtRootMm, units)}. The mix at ${celsius(f.rootZoneC, units)} or more. Eye protection, two hands on the drill, a residual-current device outdoors.${loss}`;
    case "slice-in-place":
      return `Open one side and cut ${millimetres(f.depthMm, units)} off it at full depth; refill with mix as fine as the ball and no feed; stop at roots over ${millimetres(f.stopAtRootMm, units)}. Two hands on the saw, eyes covered.${loss}`;
    case "trim-outside":
      return f.halves > 1
        ? "Cut half of the roots that hold it in the ground now, the other half six weeks later."
        : "Cut the roots that hold it in the ground.";
    case "prune-light":
      return cutWords(act);
    case "clear-place":
      return `Carry it elsewhere: its place must be empty from ${day(toIso(f.fromDay), act.from!)} to ${day(toIso(f.toDay), act.from!)}.${act.massKg ? ` It weighs about ${kilograms(act.massKg, units)} with its pot.` : ""}`;
    case "check-wood":
      return "Look at its shoots: tip buds set, bark brown and firm, a bent tip springs back? Record what you see, and its days are worked out anew.";
    case "check-roots":
      return "Knock it out of its pot and look at the roots, or feel for them through the holes.";
    case "look-again":
      return "Look at it again before anything is done to its roots.";
    case "checkpoint":
      return "Look for the next sign of the rescue.";
    case "expose-flare":
      return "Uncover the root flare.";
    default: {
      const numbers = settingWords(pot?.choice?.setting ?? null, units);
      const heavy =
        f.highKg !== undefined && f.highKg >= 10
          ? ` The full pot weighs ${span(kilograms(f.lowKg, units), kilograms(f.highKg, units))}.`
          : "";
      const many =
        f.looseMixL === undefined ? "" : ` ${litres(f.looseMixL, units)} of loose mix for ${number(f.plants)} pots.`;
      return `${upper(workWords(work))}${volume ?? ""}${which}.${numbers}${loss}${lift}${heavy}${many}`;
    }
  }
}

/** Cuts into the crown, with what they are for. */
function cutWords({ because, figures: f }: DecisionAct): string {
  const safe = `Cut away from the body, in gloves${f.sap ? "; its sap burns skin and eyes" : ""}.`;
  if (because.includes("sick-wood"))
    return `Cut out what is dead or sick, down to sound wood, at most ${percent(f.share)} of its crown; disinfect the blade after each cut. ${safe}`;
  if (because.includes("root-loss"))
    return `Take about ${percent(f.share)} of its leaves, whole twigs from the inside first: the roots that are left cannot serve all of them. ${safe}`;
  const where = f.bare ? "never into bare wood, it stays bare" : "whole twigs, no stubs";
  return `Take about ${percent(f.share)} of its crown back to side shoots: ${where}. A weak tree less, or nothing. ${safe}`;
}

/** The numbers of a potting, before the tree is out of its pot. */
function settingWords(s: PotSetting | null, units: Units): string {
  if (!s) return "";
  const base =
    s.trimMm > 0
      ? `${millimetres(s.trimMm, units)} off the base of the ball`
      : `${millimetres(s.baseLayerMm, units)} of mix under the ball`;
  const sides = s.trimSideMm > 0 ? `${millimetres(s.trimSideMm, units)} off each side of it, ` : "";
  const surface =
    s.crownMm === 0 ? "the old surface level with the new" : `its flare ${millimetres(s.crownMm, units)} proud`;
  return ` ${upper(base)}, ${sides}${surface}, ${millimetres(s.freeboardMm, units)} of watering space; ${litres(s.looseMixL, units)} of loose mix.`;
}

/** When an act is due. */
export function actWhen({ from, to, excepted }: DecisionAct, near: string): string {
  if (excepted) return "Now, whatever the season";
  if (from === null) return "No season for it within two years";
  if (from <= near) return to === null ? "Now" : `Now, by ${day(to, near)}`;
  return to === null ? `From ${day(from, near)}` : `${day(from, near)} to ${day(to, near)}`;
}

const AFTERCARE_WORDS: Record<AftercareCode, (on: string) => string> = {
  "second-soak": (on) => `second soak ${on}`,
  "shade-until": (on) => `shade it until ${on}`,
  "water-old-ball-until": (on) => `water the old ball by hand until ${on}`,
  "headspace-check": (on) => `check the watering space ${on}`,
  "look-for-roots": (on) => `look for new roots ${on}`,
  "stake-off": (on) => `take the stake off ${on}`,
  "first-feed": (on) => `feed it for the first time ${on}`,
  "no-nitrogen-until": (on) => `no nitrogen until ${on}`,
  guy: (on) => `guy it against the wind ${on}`,
  "water-less": (on) => `less water and feed until ${on}, its crown is thinner`,
  "look-at-shoots": (on) => `look at its shoots ${on}: few and short means too much was taken`,
  "opposite-side": (on) => `the opposite side about ${on}, if its shoots reached 70 % of last year’s`,
};

const UNTIL = new Set<AftercareCode>([
  "water-less",
  "shade-until",
  "water-old-ball-until",
  "no-nitrogen-until",
  "opposite-side",
]);

export function aftercareWords({ code, on }: Aftercare, near: string): string {
  const when =
    on === null
      ? "when it is warm enough"
      : on <= near && (code === "second-soak" || code === "stake-off")
        ? "now"
        : UNTIL.has(code)
          ? day(on, near)
          : `on ${day(on, near)}`;
  return `${AFTERCARE_WORDS[code](when)}.`;
}

export function refusedWords(
  { work, for: why, limiting, opens, figures: f }: RefusedWork,
  near: string,
  units: Units,
): string {
  const what = upper(workWords(work));
  switch (why) {
    case "window":
      return `${what}: ${LIMIT_BECAUSE[limiting]}${opens === null ? "" : `; from ${day(opens, near)}`}.`;
    case "step":
      return f.mostL === undefined
        ? `${litres(f.toL, units)}: about ${percent(f.fill)} of it would be rooted by the season’s end; the rest stays wet and cold.`
        : `A larger pot: at most ${litres(f.mostL, units)} while its roots are sour.`;
    case "weight":
      return f.kg === undefined
        ? `${litres(f.toL, units)} that must be carried in for winter: ${span(kilograms(f.lowKg, units), kilograms(f.highKg, units))} of wet mix alone. About ${litres(f.capL, units)} is what your hands manage, or put it on wheels.`
        : `Lifting it by hand: about ${kilograms(f.kg, units)}. Hoists and slings are for trained people.`;
    case "feed":
      return work === "slip-up" ? "Feed before it grows again." : "Feed in the refill.";
  }
}

export const QUESTION_WORDS: Record<DecisionQuestion, string> = {
  roots: "Look at its roots",
  pot: "Measure its pot",
  "potted-on": "When was it last potted?",
  goal: "How large may it get?",
  girdler: "Is there a girdling root at the flare?",
  spread: "How wide do its roots spread?",
  wood: "Is its wood ripe?",
};

/** How many trees wait for what: the collection in one sentence. */
export interface HeadlineCounts {
  total: number;
  overdue: number;
  now: number;
}

export function countHeadlines(rows: readonly { headline: Headline | null }[], near: string): HeadlineCounts {
  const codes = rows.map((r) => r.headline);
  return {
    total: rows.length,
    overdue: codes.filter((h) => h?.code === "do-now" || h?.code === "rescue").length,
    now: codes.filter(
      (h) =>
        h &&
        (h.code === "do-now" || h.code === "do-by" || (h.code === "in-place" && h.from !== null && h.from <= near)),
    ).length,
  };
}

export function countSentence({ total, overdue, now }: HeadlineCounts): string {
  const parts = [`${number(total)} ${total === 1 ? "tree" : "trees"}`];
  if (overdue > 0) parts.push(`${overdue} overdue`);
  parts.push(now > 0 ? `${now} to work on now` : "nothing to work on today");
  return parts.join(" · ");
}

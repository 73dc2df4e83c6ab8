import { spelt } from "./english";
import type { Advice, Objection, Option } from "@/core/root-work/index";
import type { Finding } from "@/core/rules/index";
import { celsius, day, litres, millimetres, number, percent, type Units } from "./format";
import { CORRECTION_WORDS, LIMIT_BECAUSE } from "./terms";

/** Sentences for the advice on a ball: codes in, words out. */

export function findingWords({ code, figures: f }: Finding, units: Units): string {
  const most = percent(f.most ?? 0);
  switch (code) {
    case "pot-down":
      return `Pot it down: at most ${litres(f.mostL, units)} of mix, 1.2 times what is alive.`;
    case "never-up":
      return "Never up while its roots are sour.";
    case "cut-to-live":
      return "Cut every root back to where it is pale and firm.";
    case "colour-healthy":
      return spelt("The colour of its roots is healthy in this species.");
    case "colour-doubtful":
      return spelt("This colour is not healthy in this species: judge by snap, and by bark that slips.");
    case "sign-healthy":
      return "What is on its roots belongs there in this species: no fault.";
    case "union-buried":
      return `Raise it: the graft must stand ${millimetres(f.raiseMm, units)} higher.`;
    case "cut-scion-roots":
      return "Roots above the graft are cut at the next dormancy.";
    case "stake":
      return "Stake it: crossed canes, a loose soft tie that touches it nowhere hard.";
    case "too-cold-yet":
      return `Its roots stand too cold for it: ${celsius(f.needC, units)} and more.`;
    case "frost-ahead":
      return "Damaging frost is still to come.";
    case "too-late":
      return `Too late: its roots need ${number(f.weeks)} weeks before it grows cold.`;
    case "too-much-loss":
      return `At most ${most} of its roots at once.`;
    case "never-wash":
      return "Its species is never washed bare.";
    case "keep-old-mix":
      return `Keep ${percent(f.least)} of the healthy old mix: it lives with the fungi in it.`;
    case "half-a-session":
      return `Half of the old mix stays; the other half in ${number(f.years, 1)} years.`;
    case "hold-verdict":
      return `Damage shows only after up to ${number(f.months)} months: hold the verdict.`;
    case "whole-only":
      return "Its species is moved whole: nothing is taken off the ball.";
    case "same-depth":
      return "Exactly as deep as before.";
    case "swell-only":
      return "Root loss only at bud swell.";
    case "no-crown-cuts":
      return `No crown cut above ${millimetres(f.mostMm, units)}: it would bleed.`;
    case "summer-cuts":
      return "Its crown is cut in dry early summer only.";
    case "clean-cuts":
      return "Clean cuts with a sharp blade, no raking.";
    case "drier":
      return `Keep it drier than usual for ${number(f.weeks)} weeks.`;
    case "dry-first":
      return `No water for ${number(f.days)} days: its wounds dry first.`;
    case "support-first":
      return "The support goes in before the mix.";
    case "warm-only":
      return `Only with its roots at ${celsius(f.needC, units)} and more.`;
    case "low-phosphate":
      return "Little phosphate, and no fungicide drench.";
    case "quarantine":
      return "Pests at the roots: keep it apart, throw the mix away, disinfect the pot.";
    case "step-too-large":
      return `At most ${number(f.most, 1)} times the mix.`;
    case "not-both":
      return "Not crown and roots in one session.";
    case "keep-moss":
      return "The moss of the layer stays.";
    default:
      return "A rule of its species holds it back.";
  }
}

export function objectionWords(o: Objection, units: Units): string {
  switch (o.code) {
    case "window":
      return `${LIMIT_BECAUSE[o.limiting]}${o.safe === null ? "" : ` (it would end well in ${percent(o.safe)} of years)`}`;
    case "share":
      return `it costs ${percent(o.loss)} of the roots, and ${percent(o.most)} is all it stands in this season`;
    case "rule":
      return lower(findingWords(o.finding, units));
    case "needless":
      return "so little turns that nothing needs cutting";
    case "tap-root":
      return "its tap root would go with the sides and base";
    case "sour":
      return "rotten roots are cut to live tissue, not corrected";
  }
}
const lower = (text: string) => text[0].toLowerCase() + text.slice(1).replace(/\.$/, "");

/** "Shave, 12 mm a side: 30 % of its roots". */
export function optionWords(o: Option, units: Units): string {
  const { name } = CORRECTION_WORDS[o.correction];
  const depth = o.depthMm === null ? "" : `, ${millimetres(o.depthMm, units)} off sides and base`;
  return `${name}${depth}: ${o.price.loss === 0 ? "costs no roots" : `costs about ${percent(o.price.loss)} of the roots`}`;
}

export function holdWords({ hold }: Option, near: string): string {
  if (hold.p50 === null) return "when it re-roots lies beyond what the weather reaches";
  const range = hold.p10 && hold.p90 ? ` (${day(hold.p10, near)} – ${day(hold.p90, near)})` : "";
  return `holds in the fresh mix about ${day(hold.p50, near)}${range}`;
}

/** What to do until the day comes. */
export function meanwhileWords(advice: Advice): string[] {
  const words: string[] = [];
  if (advice.pick && advice.pick.price.loss <= 0.05)
    words.push(
      `Today ${CORRECTION_WORDS[advice.pick.correction].what}; the old ball is watered by hand, it dries as fast as before.`,
    );
  else if (!advice.pick) words.push("Leave the ball where it is; renew the top of the mix if it has sunk.");
  words.push("Shade from the noon sun, no feed beyond what its mix gives.");
  return words;
}

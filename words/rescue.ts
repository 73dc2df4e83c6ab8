import type { RescueAct, RescueBranch } from "@/core/rescue/index";
import { celsius, litres, number, percent, type Units } from "./format";

export function rescueActWords(act: RescueAct, f: Record<string, number>, units: Units): string {
  switch (act) {
    case "soak":
      return `Plunge the ball until no more bubbles rise: ${number(f.low)} to ${number(f.high)} minutes, ${number(f.mostHours)} hours at most. Some growers soak a full day (${number(f.schoolHours)} h): roots in leaf begin to drown after about ${number(f.mostHours)}.`;
    case "soak-again":
      return "Let it drain, and plunge it once more: dry mix takes water only on the second pass.";
    case "scratch":
      return "Scratch the bark with a nail from the tips down: green is alive.";
    case "snip":
      return "Snip some roots: pale inside and firm is alive, brown and hollow is dead.";
    case "cut-dead-wood":
      return "Cut dead wood back to where it is green, with clean blades.";
    case "wash":
      return "Wash the packed mix away under running water; keep the roots wet all the time.";
    case "loosen-only":
      return "Do not wash it: evergreens, conifers, touchy species and trees in leaf lose what feeds them. Free the outer finger’s width only.";
    case "cut-dead-roots":
      return "Cut dead roots back to where they are pale and firm.";
    case "pot-down":
      return `Into a pot of ${litres(f.mostL, units)} of mix at most: 1.2 times what is alive.`;
    case "sharp-mix":
      return "Sharp, open mix: half of it bark, pumice or perlite, no feed in it.";
    case "reduce-crown":
      return `Take about ${percent(f.share)} of the leaves: so few roots serve no more.`;
    case "leaves-stay":
      return "Leave every leaf that is not dead: they pay for new roots.";
    case "water-once":
      return "Water once, right through; then wait until it is nearly dry.";
    case "shade-mist":
      return "Shade, out of the wind, mist or a clear bag over it.";
    case "keep-warm":
      return `Keep its roots at ${celsius(f.low, units)} to ${celsius(f.high, units)}: they do not grow in the cold.`;
    case "thaw-slowly":
      return "Let it thaw slowly, in the dark just above freezing; no warm water.";
    case "wait-for-dead-wood":
      return "Cut nothing yet: what is dead shows only when it grows.";
    case "no-feed":
      return `No feed before it has grown ${number(f.mm)} mm.`;
    case "heal-ball":
      return "Cut torn ends clean, set it firm so that it cannot rock, and stake it.";
  }
}

export const BRANCH_WORDS: Record<RescueBranch, string> = {
  "scratch-lower": "Scratch lower, down to the base and the first roots: green anywhere means go on.",
  "cut-again": "Cut back once more to pale firm tissue, clean blade, fresh mix.",
  "unpot-look": "Take it out and look: cut what is brown or soft.",
  "pot-down-sharper": "Pot it down again, with more pumice or perlite, and water less.",
  "less-crown": "Take a third of the leaves: its roots do not serve them.",
  cover: "A clear bag or a propagator over it, out of the sun.",
  "hold-water": "Keep water back until a finger deep is nearly dry.",
  warmer: "Warmer roots, 18 to 22 °C, on a mat or a warm sill.",
  "wait-longer": "Wait: slow species take twice as long.",
  "harden-inside": "Keep it frost-free this winter: its wood will not be ripe.",
  "give-up": "Give it up, and free the pot: disinfect it.",
};

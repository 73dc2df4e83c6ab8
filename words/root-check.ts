import type { Face, Firmness, MixState, Reading, RootColour, RootSign, Smell, Threads } from "@/core/roots/index";
import { millimetres, percent, type Units } from "./format";

/** Words for what is seen of a root ball. */
export const FACE_NAMES: Record<Face, { name: string; what: string }> = {
  side: { name: "Side", what: "the wall of the ball" },
  base: { name: "Base", what: "turned over" },
  top: { name: "Top", what: "round the stem" },
};
export const COLOUR_WORDS: Record<RootColour, string> = {
  white: "white, crisp",
  tan: "tan",
  brown: "brown",
  black: "black",
  yellow: "yellow",
  orange: "orange",
};
export const FIRMNESS_WORDS: Record<Firmness, { name: string; what: string }> = {
  snaps: { name: "Snaps", what: "crisp, bark holds" },
  bends: { name: "Bends", what: "limp, but bark holds" },
  mushy: { name: "Mushy", what: "bark slips off when pulled" },
};
export const SMELL_WORDS: Record<Smell, { name: string; what: string }> = {
  earthy: { name: "Earthy", what: "like a wood after rain" },
  sour: { name: "Sour", what: "like eggs or a drain" },
};
export const THREAD_WORDS: Record<Threads, string> = {
  none: "no threads",
  pale: "pale threads, earthy: no fault",
  slimy: "slimy or sour threads",
};
export const MIX_STATE_WORDS: Record<MixState, string> = {
  open: "open",
  slumped: "slumped",
  spent: "sandy and spent",
  sour: "sour",
};
export const SIGN_WORDS: Record<RootSign, string> = {
  mantle: "white mantle, forked stubs",
  nodules: "nodules",
  "bottle-brush": "bottle-brush clusters",
  galls: "galls or knots",
  grubs: "grubs",
  aphids: "root aphids",
};

/** A reading in one line, what is out of the ordinary first. */
export function readingWords(r: Reading, units: Units): string {
  return [
    r.girdlerShare === null
      ? ""
      : r.girdlerShare === 0
        ? "a girdling root"
        : `a girdling root serving ${percent(r.girdlerShare)} of the girth`,
    r.flareBelowMm ? `flare ${millimetres(r.flareBelowMm, units)} down` : r.flareBelowMm === 0 ? "flare shows" : "",
    r.colour ? `tips ${COLOUR_WORDS[r.colour]}` : "",
    r.firmness ? FIRMNESS_WORDS[r.firmness].name.toLowerCase() : "",
    r.smell ? `smells ${SMELL_WORDS[r.smell].name.toLowerCase()}` : "",
    r.threads && r.threads !== "none" ? THREAD_WORDS[r.threads] : "",
    r.mix && r.mix !== "open" ? `mix ${MIX_STATE_WORDS[r.mix]}` : "",
    ...r.signs.map((s) => SIGN_WORDS[s]),
    r.throughHoles ? "roots out of the holes" : "",
    r.anchored ? "rooted in the ground" : "",
    r.liveShare === null ? "" : `${percent(r.liveShare)} alive`,
    r.unionMm == null ? "" : `graft ${millimetres(r.unionMm, units)} above the mix`,
    r.thickestMm === null ? "" : `thickest ${millimetres(r.thickestMm, units)}`,
    r.offAxisMm ? `trunk ${millimetres(r.offAxisMm, units)} off the middle` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** What many looks say of the eye that looked; `grades` too full, below nought too empty. */
export function eyeWords(grades: number): string {
  const by = Math.abs(grades) < 0.75 ? "about half a grade" : "about a grade";
  return `Balls are read ${by} too ${grades > 0 ? "full" : "empty"} here: every look is corrected by that.`;
}

import type { Wall } from "@/core/vessel/index";
/** Colours from the matter. Always used with a word or a pattern beside them. */
type Rgb = [number, number, number];

function mix(a: Rgb, b: Rgb, t: number): string {
  const s = Math.min(1, Math.max(0, t));
  const c = (i: number) => Math.round(a[i] + (b[i] - a[i]) * s);
  return `#${[0, 1, 2].map((i) => c(i).toString(16).padStart(2, "0")).join("")}`;
}

const CREAM: Rgb = [239, 227, 196];
const RUST: Rgb = [158, 74, 40];
const SOFT_GREEN: Rgb = [142, 178, 92];
const BARK: Rgb = [107, 74, 47];

/** Roots: cream while there is room, rust when they fill the pot. */
export function rootTone(fill: number): string {
  return mix(CREAM, RUST, fill ** 1.3);
}

/** Wood: soft green to bark. */
export function woodTone(ripe: number): string {
  return mix(SOFT_GREEN, BARK, ripe);
}

/** Leafless crowns are drawn as twigs, not as a cloud. */
export const TWIG = "#8a7a66";
export const OCHRE = "#b7791f";
export const FROST = "#5d7c96";
export const SOIL = "#8d7355";
/** Lines and words of drawings, and the ground they stand on: those of the theme. */
export const INK = "var(--color-base-content)";
export const PAPER = "var(--color-base-100)";

export const WALL_TONE: Record<Wall, string> = {
  "smooth-plastic": "#4d4f4a",
  glazed: "#4a6272",
  metal: "#71787c",
  concrete: "#9a978d",
  "poly-bag": "#6a6f63",
  "timber-lined": "#8a6238",
  terracotta: "#b5623c",
  "air-pruning": "#39443c",
  "copper-lined": "#7d5a3c",
  fabric: "#5f6258",
  rubber: "#2f2f2d",
  fibre: "#a08a64",
};

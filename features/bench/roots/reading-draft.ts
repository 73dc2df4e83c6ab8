import * as say from "@/words/pages/bench/roots";
import { z } from "zod";
import {
  type Face,
  FIRMNESSES,
  MIX_STATES,
  NOTHING_READ,
  type Reading,
  ROOT_COLOURS,
  ROOT_SIGNS,
  SMELLS,
  THREADS,
} from "@/core/roots/index";
import { readNumber } from "@/words/format";

/** What is asked, one thing a screen, in the order the ball is turned over. */
export const READING_STEPS = ["side-fill", "side-turn", "base", "flare", "colour", "snap", "smell", "rest"] as const;
export type ReadingStep = (typeof READING_STEPS)[number];

const grade = z.number().int().min(0).max(4).nullable();
const text = z.string().max(20);

/** A reading as far as it has been answered; kept on this device until it is recorded. */
export const readingDraft = z.object({
  step: z.enum(READING_STEPS),
  sideFill: grade,
  sideTurn: grade,
  baseTurn: grade,
  topTurn: grade,
  flareMm: z.number().nullable(),
  colour: z.enum(ROOT_COLOURS).nullable(),
  firmness: z.enum(FIRMNESSES).nullable(),
  smell: z.enum(SMELLS).nullable(),
  threads: z.enum(THREADS).nullable(),
  mix: z.enum(MIX_STATES).nullable(),
  signs: z.array(z.enum(ROOT_SIGNS)),
  girdler: z.boolean(),
  girdlerPercent: text,
  throughHoles: z.boolean(),
  anchored: z.boolean(),
  livePercent: text,
  thickestMm: text,
  offAxisMm: text,
  unionMm: text.default(""),
});
export type ReadingDraft = z.infer<typeof readingDraft>;

export const FRESH_READING: ReadingDraft = {
  step: "side-fill",
  sideFill: null,
  sideTurn: null,
  baseTurn: null,
  topTurn: null,
  flareMm: null,
  colour: null,
  firmness: null,
  smell: null,
  threads: null,
  mix: null,
  signs: [],
  girdler: false,
  girdlerPercent: "",
  throughHoles: false,
  anchored: false,
  livePercent: "",
  thickestMm: "",
  offAxisMm: "",
  unionMm: "",
};

/** The reading of a draft, or what is wrong with a number in it. */
export function readReading(d: ReadingDraft): { reading: Reading | null; problems: Record<string, string> } {
  const problems: Record<string, string> = {};
  const number = (
    field: "girdlerPercent" | "livePercent" | "thickestMm" | "offAxisMm" | "unionMm",
    most: number,
    kind?: "mm",
  ) => {
    if (d[field].trim() === "") return null;
    const value = readNumber(d[field], kind);
    if (!(value >= 0 && value <= most))
      problems[field] = kind === "mm" ? say.aLengthUpToMm(most) : say.between0And100Or;
    return value;
  };
  const girdler = number("girdlerPercent", 100);
  const live = number("livePercent", 100);
  const thickestMm = number("thickestMm", 200, "mm");
  const offAxisMm = number("offAxisMm", 500, "mm");
  const unionMm = number("unionMm", 2000, "mm");
  if (Object.keys(problems).length > 0) return { reading: null, problems };
  const faces: Reading["faces"] = {};
  const face = (name: Face, fill: number | null, circling: number | null) => {
    if (fill !== null || circling !== null) faces[name] = { fill, circling };
  };
  face("side", d.sideFill, d.sideTurn);
  face("base", null, d.baseTurn);
  face("top", null, d.topTurn);
  return {
    reading: {
      ...NOTHING_READ,
      faces,
      colour: d.colour,
      firmness: d.firmness,
      smell: d.smell,
      threads: d.threads,
      mix: d.mix,
      signs: d.signs,
      flareBelowMm: d.flareMm,
      girdlerShare: d.girdler ? (girdler ?? 0) / 100 : null,
      throughHoles: d.throughHoles,
      anchored: d.anchored,
      liveShare: live === null ? null : live / 100,
      thickestMm,
      unionMm,
      offAxisMm,
    },
    problems,
  };
}

export function stepAfter(step: ReadingStep): ReadingStep {
  return READING_STEPS[Math.min(READING_STEPS.length - 1, READING_STEPS.indexOf(step) + 1)];
}
export function stepBefore(step: ReadingStep): ReadingStep {
  return READING_STEPS[Math.max(0, READING_STEPS.indexOf(step) - 1)];
}

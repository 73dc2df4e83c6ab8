import * as say from "@/words/pages/bench/potting/set-draft";
import type { WhatIsSet } from "@/core/potting/index";
import { readNumber } from "@/words/format";

/** What will be set and how it will stand, as it is typed. */
export interface SetDraft {
  as: WhatIsSet["as"];
  shape: "round" | "square" | "rectangle";
  measures: Record<string, string>;
  offAxis: string;
  tilt: string;
  facing: string;
  flareDepth: string;
  takenOff: string;
  union: string;
}

export const emptySetDraft: SetDraft = {
  as: "ball",
  shape: "round",
  measures: {},
  offAxis: "",
  tilt: "",
  facing: "",
  flareDepth: "",
  takenOff: "",
  union: "",
};

export const BALL_FIELDS = {
  round: [
    ["topWidthMm", say.ballAcrossAtTheFlare],
    ["baseWidthMm", say.acrossItsBase],
    ["heightMm", say.fromFlareToBase],
  ],
  square: [
    ["topWidthMm", say.ballAcrossAtTheFlare],
    ["baseWidthMm", say.acrossItsBase],
    ["heightMm", say.fromFlareToBase],
  ],
  rectangle: [
    ["topLengthMm", say.ballLongAtTheFlare],
    ["topWidthMm", say.wideAtTheFlare],
    ["baseLengthMm", say.longAtItsBase],
    ["baseWidthMm", say.wideAtItsBase],
    ["heightMm", say.fromFlareToBase],
  ],
} as const;

export const ROOT_FIELDS = [
  ["spreadMm", say.rootsSpreadAcross],
  ["rootLengthMm", say.longestRootThatStays],
] as const;

/** Measures of what is set, as the form calls them. */
export type MeasureField = (typeof BALL_FIELDS)[keyof typeof BALL_FIELDS][number][0] | (typeof ROOT_FIELDS)[number][0];

export const MEASURE_FIELDS: readonly MeasureField[] = [
  ...Object.values(BALL_FIELDS).flatMap((fields) => fields.map(([field]) => field)),
  ...ROOT_FIELDS.map(([field]) => field),
];

export interface SetRead {
  set: WhatIsSet;
  offAxisMm: number;
  tiltDeg: number;
  facing: string;
  flareDepthMm: number;
  takenOffMm: number;
  unionMm: number | null;
}

/** Reads the draft; faults by field. Empty fields mean: nothing of the kind. */
export function readSet(draft: SetDraft): { read: SetRead | null; problems: Record<string, string> } {
  const problems: Record<string, string> = {};
  const length = (field: string, text: string, most: number): number => {
    if (text.trim() === "") return 0;
    const value = readNumber(text, "mm");
    if (!(value >= 0 && value <= most)) problems[field] = say.aMeasureInMm0(most);
    return value;
  };
  const measure = (field: string): number => {
    const value = readNumber(draft.measures[field] ?? "", "mm");
    if (!(value >= 10 && value <= 5000)) problems[field] = say.measureItInMmOr;
    return value;
  };
  const offAxisMm = length("offAxisMm", draft.offAxis, 500);
  const flareDepthMm = length("flareDepthMm", draft.flareDepth, 600);
  const takenOffMm = length("takenOffMm", draft.takenOff, 600);
  const unionMm = draft.union.trim() === "" ? null : length("unionMm", draft.union, 2000);
  const tiltDeg = draft.tilt.trim() === "" ? 0 : readNumber(draft.tilt);
  if (!(tiltDeg >= 0 && tiltDeg <= 45)) problems.tiltDeg = say.n0To45DegreesFrom;
  if (takenOffMm > flareDepthMm) problems.takenOffMm = say.moreThanLiesAboveThe;
  const set = whatIsSet(draft, measure);
  if (Object.keys(problems).length > 0) return { read: null, problems };
  return {
    read: { set, offAxisMm, tiltDeg, facing: draft.facing.trim(), flareDepthMm, takenOffMm, unionMm },
    problems,
  };
}

function whatIsSet(draft: SetDraft, measure: (field: string) => number): WhatIsSet {
  if (draft.as === "bare-root")
    return { as: "bare-root", roots: { spreadMm: measure("spreadMm"), rootLengthMm: measure("rootLengthMm") } };
  if (draft.as !== "measured") return { as: draft.as };
  const [topWidthMm, baseWidthMm, heightMm] = ["topWidthMm", "baseWidthMm", "heightMm"].map(measure);
  const ball = { shape: draft.shape, topWidthMm, baseWidthMm, heightMm };
  if (draft.shape !== "rectangle") return { as: "measured", ball };
  return {
    as: "measured",
    ball: { ...ball, topLengthMm: measure("topLengthMm"), baseLengthMm: measure("baseLengthMm") },
  };
}

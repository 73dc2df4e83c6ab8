/** What core's schemas may find wrong with an input, by code. The words are made where somebody reads them. */
export const INPUT_FAULTS = [
  "no-such-day",
  "best-day-outside-range",
  "long-ball-needs-length",
  "width-or-girth",
  "walls-fill-pot",
  "foot-wider-than-rim",
  "corner-too-round",
  "bag-shorter-than-gusset",
  "no-such-size",
  "name-needed",
  "particle-space-above-pores",
  "holds-more-than-pores",
  "heavier-than-stone",
  "no-parts",
  "too-many-parts",
  "lower-first",
  "slower-first",
  "root-loss-above-any-tree",
  "last-before-first",
  "never-free",
] as const;
export type InputFault = (typeof INPUT_FAULTS)[number];

/** For a schema's `error`: the code travels as the message. @example wrong("lower-first") // { error: "lower-first" } */
export const wrong = (code: InputFault) => ({ error: code });

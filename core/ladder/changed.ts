import type { LadderInputs } from "./terms";

/** Smaller shifts than these (shares, grades, years, fill) change no plan. */
const NOTICED: Record<keyof LadderInputs, (before: number, after: number) => boolean> = {
  kPerDegreeDay: (a, b) => Math.abs(Math.log(b / a)) > 0.1,
  fill: (a, b) => Math.abs(b - a) > 0.1,
  circling: (a, b) => Math.abs(b - a) > 0.5,
  volumeL: (a, b) => Math.abs(Math.log(b / a)) > 0.05,
  mixAgeYears: (a, b) => Math.abs(b - a) > 0.75,
  seasonDegreeDays: (a, b) => Math.abs(Math.log(b / a)) > 0.05,
  liftKg: (a, b) => Math.abs(b - a) > 0.5,
  movedForWinter: (a, b) => a !== b,
  goalL: (a, b) => Math.abs(Math.log(b / a)) > 0.02,
};

/** What of a plan's grounds has changed since it was chosen, by name. */
export function changedInputs(before: LadderInputs, after: LadderInputs): (keyof LadderInputs)[] {
  return (Object.keys(NOTICED) as (keyof LadderInputs)[]).filter((k) =>
    NOTICED[k](Number(before[k]), Number(after[k])),
  );
}

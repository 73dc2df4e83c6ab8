import { spelt } from "./english";
import type { FaultFigures } from "@/contract/faults";
import { celsius, degreeDays, kilograms, litres, metres, millimetres, number, percent, type Units } from "./format";

type Bound = FaultFigures<"too-small"> | FaultFigures<"too-big">;

/** By the unit in a field's name: the bound as it is typed there. */
const BY_SUFFIX: readonly (readonly [RegExp, (value: number, units: Units) => string])[] = [
  [/Mm$/, millimetres],
  [/^ratePerL$/, (v) => spelt(`${number(v, 3)} ml or g in a litre of water`)],
  [/KgPerL$/, (v) => `${number(v, 2)} kg/L`],
  [/(L|^litres)$/, litres],
  [/Kg$/, kilograms],
  [/C$/, celsius],
  [/M$/, metres],
  [/Deg$/, (v) => `${number(v, 2)}°`],
  [/(Share|PerYear|^chance|^strength|^liveRoots|^porosity|^gaps|^thetaR)$/, (v) => percent(v)],
  [/[mM]inutes(Most)?$/, (v) => `${number(v)} minutes`],
  [/Months$/, (v) => `${number(v)} months`],
  [/Years$/, (v) => `${number(v)} years`],
  [/^hoursPerWeek$/, (v) => `${number(v)} hours`],
  [/DegreeDays$/, degreeDays],
];

function measured(value: number, { field }: Bound, units: Units): string {
  const shown = BY_SUFFIX.find(([suffix]) => suffix.test(field));
  return shown ? shown[1](value, units) : number(value, 3);
}

/** "At least 5 mm." in the units shown. */
export function leastWords(bound: FaultFigures<"too-small">, units: Units): string {
  const { least, inclusive, of } = bound;
  if (of === "list") return least <= 1 ? "Choose at least one." : `At least ${least} of these.`;
  if (of === "text") return `At least ${least} characters.`;
  const value = measured(least, bound, units);
  return inclusive ? `At least ${value}.` : `More than ${value}.`;
}

/** "At most 80 mm." in the units shown. */
export function mostWords(bound: FaultFigures<"too-big">, units: Units): string {
  const { most, inclusive, of } = bound;
  if (of === "list") return `At most ${number(most)} of these.`;
  if (of === "text") return `At most ${number(most)} characters here.`;
  const value = measured(most, bound, units);
  return inclusive ? `At most ${value}.` : `Less than ${value}.`;
}

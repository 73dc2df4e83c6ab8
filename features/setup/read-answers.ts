import * as say from "@/words/pages/setup";
import type { SitePreview } from "@/contract/queries";
import { type Axis, readCoordinate, readTyped } from "@/core/quantity/index";
import type { Units } from "@/words/format";

/** What is wrong in a field, by its path. */
export type Problems = Record<string, string>;

export interface MonthDay {
  month: string;
  day: string;
}

/** The form's fields as they are typed. */
export interface SetupDraft {
  latitude: string;
  longitude: string;
  elevation: string;
  coldest: string;
  hot: string;
  never: boolean;
  spring: MonthDay;
  autumn: MonthDay;
}

export const EMPTY_DRAFT: SetupDraft = {
  latitude: "",
  longitude: "",
  elevation: "",
  coldest: "",
  hot: "",
  never: false,
  spring: { month: "4", day: "" },
  autumn: { month: "10", day: "" },
};

const COORDINATE_FAULTS: Record<Axis, Record<"not-understood" | "out-of-range", string>> = {
  latitude: {
    "not-understood": say.giveTheLatitudeAs52,
    "out-of-range": say.aLatitudeLiesBetween90,
  },
  longitude: {
    "not-understood": say.giveTheLongitudeAs13,
    "out-of-range": say.aLongitudeLiesBetween180,
  },
};

/** A number in the unit that is shown beside it, or in the one that is typed; NaN where it is none. */
function read(text: string, dimension: "m" | "celsius", units: Units): number {
  const typed = readTyped(text, dimension, units);
  return typed.ok ? typed.value : NaN;
}

const asText = ({ month, day }: MonthDay) => `${month.padStart(2, "0")}-${day.padStart(2, "0")}`;

/** What is answered so far, left out where nothing is typed, and what of it cannot be read. */
export function readAnswers(draft: SetupDraft, units: Units) {
  const problems: Problems = {};
  const where = (path: string, text: string, axis: Axis) => {
    const coordinate = readCoordinate(text, axis);
    if (!coordinate.ok) problems[path] = COORDINATE_FAULTS[axis][coordinate.fault];
    return coordinate.ok ? coordinate.degrees : NaN;
  };
  const number = (
    name: string,
    text: string,
    [low, high]: readonly [number, number],
    what: string,
    kind: "m" | "celsius",
  ) => {
    if (text.trim() === "") return undefined;
    const value = read(text, kind, units);
    if (value >= low && value <= high) return value;
    problems[`answers.${name}`] = Number.isNaN(value)
      ? say.giveAsANumber(what, kind === "m" ? say.as55MOr180 : "")
      : say.liesBetweenAnd(what[0].toUpperCase(), what.slice(1), low, high);
    return undefined;
  };
  const frost = (value: MonthDay) => (draft.never ? null : value.day.trim() === "" ? undefined : asText(value));
  return {
    problems,
    answers: {
      latitudeDeg: where("answers.latitudeDeg", draft.latitude, "latitude"),
      longitudeDeg: where("answers.longitudeDeg", draft.longitude, "longitude"),
      elevationM: number("elevationM", draft.elevation, [-450, 6000], say.theElevationInMetres(), "m"),
      coldestNightC: number("coldestNightC", draft.coldest, [-65, 25], say.theColdestNightInC, "celsius"),
      hotAfternoonC: number("hotAfternoonC", draft.hot, [-10, 55], say.aHotAfternoonInC, "celsius"),
      lastSpringFrost: frost(draft.spring),
      firstAutumnFrost: frost(draft.autumn),
    },
  };
}
export type Answered = ReturnType<typeof readAnswers>["answers"];
/** What is wrong with an answer, if anything. */
export type FaultOf = (path: `answers.${keyof Answered}`) => string | undefined;

/** Months as they were typed over, by field; empty where the guess stands. */
export type MonthEdits = Readonly<Record<string, string>>;
export const editKey = (what: "low" | "high", m: number) => `${what}-${m}`;
const [COLDEST_MEAN_C, HOTTEST_MEAN_C] = [-60, 55];

/** What is told where months were typed and the rest of the year cannot be had: nothing typed is dropped in silence. */
export const MONTHS_AWAY = say.theOtherMonthsCannotBe;

/**
 * Means with what was typed over; null where nothing was. What cannot be read is told at its month.
 * @param guess what stands for months that nobody typed; null where nobody answers: then typed months wait
 * @param heightShiftC to be taken off the guess where the months typed were taken at another height than the site's
 */
export function readMonths(
  edits: MonthEdits,
  guess: Pick<SitePreview, "tminC" | "tmaxC"> | null,
  units: Units,
  heightShiftC = 0,
): { problems: Problems; months: { tminC: number[]; tmaxC: number[] } | null } {
  const problems: Problems = {};
  if (Object.values(edits).every((text) => text.trim() === "")) return { problems, months: null };
  if (guess === null) return { problems: { months: MONTHS_AWAY }, months: null };
  const means = (what: "low" | "high", values: readonly number[]) =>
    values.map((value, m) => {
      const text = edits[editKey(what, m)] ?? "";
      if (text.trim() === "") return Math.round(10 * (value - heightShiftC)) / 10;
      const said = read(text, "celsius", units);
      if (!(said >= COLDEST_MEAN_C && said <= HOTTEST_MEAN_C)) problems[editKey(what, m)] = say.aTemperatureSuchAs3;
      return said;
    });
  const months = { tminC: means("low", guess.tminC), tmaxC: means("high", guess.tmaxC) };
  months.tminC.forEach((low, m) => {
    if (low > months.tmaxC[m]) problems[editKey("low", m)] = say.theMeanLowestLiesBelow;
  });
  return { problems, months };
}

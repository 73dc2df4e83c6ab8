import * as say from "@/words/pages/bench/arrival";
import type { Inspection, Leaves, Wounds } from "@/core/arrival/index";
import type { ArrivalForm, Purpose } from "@/core/event/index";
import { NOTHING_READ, type Reading, type RootSign } from "@/core/roots/index";
import { readNumber } from "@/words/format";

/** What is typed and tapped of a plant at the gate. */
export interface ArrivalDraft {
  form: ArrivalForm;
  light: boolean | null;
  rootsAtHoles: boolean;
  rootsOnSurface: boolean;
  fillGrade: number | null;
  circlingGrade: number | null;
  girdler: boolean;
  girdlerPercent: string;
  flareMm: string;
  unionMm: string;
  sour: boolean | null;
  livePercent: string;
  green: boolean | null;
  leaves: Leaves | null;
  bearing: boolean;
  wounds: Wounds;
  crossing: boolean;
  leaning: boolean;
  offCentreMm: string;
  signs: RootSign[];
  ailing: boolean;
  plants: string;
  drySnapPercent: string;
  exposedMinutes: string;
  spreadMm: string;
  layerBrown: boolean | null;
  hooked: boolean;
  labelLost: boolean;
  stockUnknown: boolean;
  price: string;
  soundPrice: string;
  purpose: Purpose;
}

export const EMPTY_ARRIVAL: ArrivalDraft = {
  form: "container",
  light: null,
  rootsAtHoles: false,
  rootsOnSurface: false,
  fillGrade: null,
  circlingGrade: null,
  girdler: false,
  girdlerPercent: "",
  flareMm: "",
  unionMm: "",
  sour: null,
  livePercent: "",
  green: null,
  leaves: null,
  bearing: false,
  wounds: "none",
  crossing: false,
  leaning: false,
  offCentreMm: "",
  signs: [],
  ailing: false,
  plants: "1",
  drySnapPercent: "",
  exposedMinutes: "",
  spreadMm: "",
  layerBrown: null,
  hooked: false,
  labelLost: false,
  stockUnknown: false,
  price: "",
  soundPrice: "",
  purpose: "ornament",
};

/** A field of the form at which a fault may lie. */
export type ArrivalField = keyof ArrivalDraft;

/** The inspection as far as it can be read; a number that cannot be is told at its field and left out. */
export function readArrival(
  d: ArrivalDraft,
  volumeL: number | null,
): { inspection: Inspection; problems: Record<string, string> } {
  const problems: Record<string, string> = {};
  const number = (field: keyof ArrivalDraft, most: number, kind?: "mm"): number | null => {
    const text = d[field] as string;
    if (text.trim() === "") return null;
    const value = readNumber(text, kind);
    if (value >= 0 && value <= most) return value;
    problems[field] = say.aNumberFrom0To(most);
    return null;
  };
  const share = (field: keyof ArrivalDraft) => {
    const value = number(field, 100);
    return value === null ? null : value / 100;
  };
  const plants = number("plants", 12);
  if (plants === null || !Number.isInteger(plants) || plants < 1) problems.plants ??= say.aWholeNumber1Or;
  const bare = d.form === "bare-root";
  const girdlerShare = share("girdlerPercent");
  const inspection: Inspection = {
    form: d.form,
    light: bare ? null : d.light,
    rootsAtHoles: d.rootsAtHoles,
    rootsOnSurface: d.rootsOnSurface,
    fillGrade: bare ? null : d.fillGrade,
    circlingGrade: bare ? null : d.circlingGrade,
    girdlerShare: d.girdler ? (girdlerShare ?? 0) : null,
    flareBelowMm: number("flareMm", 600, "mm"),
    unionMm: number("unionMm", 2000, "mm"),
    sour: d.sour,
    liveShare: share("livePercent"),
    green: d.green,
    leaves: d.leaves,
    bearing: d.bearing,
    wounds: d.wounds,
    crossing: d.crossing,
    leaning: d.leaning,
    offCentreMm: number("offCentreMm", 500, "mm"),
    signs: d.signs,
    ailing: d.ailing,
    plants: plants ?? 1,
    bare: bare
      ? {
          drySnapShare: share("drySnapPercent") ?? 0,
          exposedMinutes: number("exposedMinutes", 10_000) ?? 0,
          spreadMm: number("spreadMm", 3000, "mm"),
        }
      : null,
    layerBrown: d.layerBrown,
    hooked: d.form === "liner" && d.hooked,
    labelLost: d.labelLost,
    stockUnknown: d.stockUnknown,
    volumeL,
    price: number("price", 1_000_000),
    soundPrice: number("soundPrice", 1_000_000),
  };
  return { inspection, problems };
}

/** What of it is a reading of its roots. */
export function readingOf(i: Inspection): Reading | null {
  if (i.fillGrade === null && i.circlingGrade === null && i.girdlerShare === null) return null;
  return {
    ...NOTHING_READ,
    faces: { side: { fill: i.fillGrade, circling: i.circlingGrade } },
    smell: i.sour === null ? null : i.sour ? "sour" : "earthy",
    liveShare: i.liveShare,
    girdlerShare: i.girdlerShare,
    flareBelowMm: i.flareBelowMm,
    unionMm: i.unionMm,
    throughHoles: i.rootsAtHoles,
    signs: [...i.signs],
    offAxisMm: i.offCentreMm,
  };
}

import type { ArrivalForm, Purpose } from "@/core/event/index";
import type { Past } from "./sender";
import type { ReadyMixName } from "@/core/mix/index";
import type { CorrectionName } from "@/core/roots/index";
import type { Pot, Wall } from "@/core/vessel/index";
import type { Habit } from "@/core/wood/index";

/** Tramhalle Roof: a housing co-operative's container trees. Everything here is made up. */
/** Always the same id: the weather years after the record are seeded by it, so the demo shows the same dates on every machine. */
export const TRAMHALLE_ID = "5e0f4a52-6d0f-4c3e-9b1a-70b5a2e1c48d";

export const TRAMHALLE_SITE = {
  name: "Tramhalle Roof",
  zone: "Europe/Berlin",
  answers: {
    latitudeDeg: 48.3,
    longitudeDeg: 11.9,
    elevationM: 540,
    coldestNightC: -16,
    lastSpringFrost: "05-01",
    firstAutumnFrost: "10-14",
  },
};

const round = (topWidthMm: number, baseWidthMm: number, heightMm: number, wall: Wall): Pot => ({
  known: "measured",
  vessel: { shape: "round", topWidthMm, baseWidthMm, heightMm, wall },
});
const named = (
  system: "container-class" | "litre-label" | "pint-bag",
  size: string,
  wall: Wall = "smooth-plastic",
): Pot => ({ known: "nominal", system, size, wall });

export interface DemoLot {
  key: string;
  name: string;
  pot: Pot;
  count: number;
  price: number | null;
  /** Clay that stands wet frost, or does not. */
  frostProof?: boolean;
}

export const LOTS: DemoLot[] = [
  { key: "p3", name: "Grey 3 L", pot: named("litre-label", "3"), count: 34, price: 1.1 },
  { key: "p5", name: "Black 22 cm", pot: round(220, 165, 205, "smooth-plastic"), count: 4, price: 1.9 },
  { key: "p7", name: "Black 25 cm", pot: round(250, 190, 235, "smooth-plastic"), count: 4, price: 2.6 },
  { key: "p12", name: "Black 30 cm", pot: round(300, 235, 270, "smooth-plastic"), count: 3, price: 4.2 },
  {
    key: "t14",
    name: "Terracotta 32 cm",
    pot: round(320, 220, 300, "terracotta"),
    count: 4,
    price: 19,
    frostProof: false,
  },
  {
    key: "a18",
    name: "Slotted 30 cm",
    pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300, wall: "air-pruning" } },
    count: 2,
    price: 14,
  },
  {
    key: "d20",
    name: "Deep square 30 × 40 cm",
    pot: {
      known: "measured",
      vessel: {
        shape: "square",
        topWidthMm: 300,
        baseWidthMm: 240,
        heightMm: 400,
        cornerRadiusMm: 30,
        wall: "smooth-plastic",
      },
    },
    count: 2,
    price: 11,
  },
  { key: "p25", name: "Black 40 cm", pot: round(400, 320, 350, "smooth-plastic"), count: 2, price: 9.5 },
  {
    key: "f30",
    name: "Fabric 35 cm",
    pot: { known: "measured", vessel: { shape: "fabric", topWidthMm: 350, heightMm: 320, wall: "fabric" } },
    count: 3,
    price: 6.5,
  },
  { key: "g40", name: "Glazed 45 cm", pot: round(450, 330, 400, "glazed"), count: 1, price: 68, frostProof: true },
  { key: "p55", name: "Tub 50 cm", pot: round(500, 420, 420, "smooth-plastic"), count: 1, price: 24 },
];

export type DemoEvent =
  | { do: "pot"; on: Past; lot: string; mix: ReadyMixName; correction: CorrectionName; retainedShare?: number }
  | {
      do: "past-pot";
      on: Past;
      /** How well the day is remembered. */
      rough: "day" | "season" | "year";
      pot: Pot | null;
      mix: ReadyMixName | null;
      correction: CorrectionName;
    }
  | { do: "roots"; on: Past; fill: number | null; circling: number | null };

export interface DemoTree {
  tag: string;
  kindId?: string;
  typedName?: string;
  habit?: Habit | "unknown";
  cultivar?: string;
  purpose: Purpose;
  count?: number;
  form: ArrivalForm;
  arrived: Past;
  lastPotted?: { best: Past; from: Past; to: Past };
  pot: Pot;
  finalVolumeL?: number;
  trunkMm?: number;
  heightM?: number;
  crownM?: number;
  history: DemoEvent[];
}

export const TREES: DemoTree[] = [
  {
    tag: "PG-1",
    kindId: "pomegranate",
    cultivar: "Ember Row",
    purpose: "crop",
    form: "container",
    arrived: [6, "04-20"],
    pot: named("litre-label", "5"),
    trunkMm: 38,
    heightM: 1.5,
    history: [
      { do: "pot", on: [5, "05-03"], lot: "p7", mix: "compost-bark", correction: "tease-and-clip" },
      { do: "pot", on: [1, "05-08"], lot: "t14", mix: "compost-bark", correction: "loosen" },
      { do: "roots", on: [0, "09-20"], fill: 1, circling: 0 },
    ],
  },
  {
    tag: "LQ-1",
    kindId: "loquat",
    purpose: "ornament",
    form: "container",
    arrived: [6, "05-02"],
    pot: named("container-class", "#3"),
    trunkMm: 45,
    heightM: 1.9,
    history: [
      { do: "pot", on: [1, "05-20"], lot: "f30", mix: "bark-pumice", correction: "loosen" },
      { do: "roots", on: [0, "08-18"], fill: 1, circling: 0 },
    ],
  },
  {
    tag: "LQ-2",
    kindId: "loquat",
    purpose: "ornament",
    form: "container",
    arrived: [6, "05-02"],
    pot: named("container-class", "#3"),
    trunkMm: 43,
    heightM: 1.8,
    history: [{ do: "pot", on: [1, "05-20"], lot: "f30", mix: "bark-pumice", correction: "loosen" }],
  },
  {
    tag: "KQ-3",
    kindId: "kumquat",
    purpose: "crop",
    form: "container",
    arrived: [4, "06-01"],
    pot: named("litre-label", "3"),
    trunkMm: 22,
    heightM: 0.9,
    crownM: 0.8,
    history: [
      { do: "pot", on: [3, "06-04"], lot: "p5", mix: "bark-pumice", correction: "none" },
      { do: "roots", on: [1, "05-30"], fill: 2, circling: 1 },
    ],
  },
  {
    tag: "BAY-1",
    kindId: "bay",
    purpose: "ornament",
    form: "unknown",
    arrived: [6, "03-15"],
    finalVolumeL: 290,
    pot: {
      known: "measured",
      vessel: {
        shape: "rectangle",
        topLengthMm: 750,
        topWidthMm: 750,
        baseLengthMm: 750,
        baseWidthMm: 750,
        heightMm: 600,
        wall: "timber-lined",
        material: "larch",
        wallMm: 28,
        floorMm: 28,
      },
    },
    trunkMm: 110,
    heightM: 3.1,
    crownM: 1.1,
    history: [{ do: "roots", on: [1, "04-28"], fill: 4, circling: 3 }],
  },
  {
    tag: "JM-2",
    kindId: "japanese-maple",
    cultivar: "Rust Lantern",
    purpose: "ornament",
    form: "container",
    arrived: [6, "10-10"],
    pot: named("litre-label", "7.5"),
    trunkMm: 30,
    heightM: 1.3,
    history: [
      { do: "pot", on: [2, "03-22"], lot: "p12", mix: "pine-bark", correction: "tease-and-clip" },
      { do: "roots", on: [0, "03-18"], fill: 2, circling: 0 },
    ],
  },
  {
    tag: "CM-1",
    kindId: "camellia",
    purpose: "ornament",
    form: "container",
    arrived: [5, "04-12"],
    pot: named("container-class", "#3"),
    trunkMm: 26,
    heightM: 1.2,
    crownM: 0.8,
    history: [{ do: "pot", on: [2, "05-02"], lot: "p12", mix: "pine-bark", correction: "loosen" }],
  },
  {
    tag: "KK-1",
    kindId: "kaki",
    cultivar: "Tram Gold",
    purpose: "crop",
    form: "bare-root",
    arrived: [3, "03-20"],
    pot: {
      known: "measured",
      vessel: { shape: "square", topWidthMm: 240, baseWidthMm: 200, heightMm: 320, wall: "smooth-plastic" },
    },
    trunkMm: 24,
    heightM: 1.6,
    history: [{ do: "roots", on: [0, "04-18"], fill: 1, circling: 0 }],
  },
  {
    tag: "QN-30",
    kindId: "quince",
    purpose: "grow-on",
    count: 30,
    form: "liner",
    arrived: [1, "05-10"],
    pot: named("litre-label", "1"),
    trunkMm: 6,
    heightM: 0.4,
    history: [{ do: "pot", on: [1, "06-12"], lot: "p3", mix: "compost-bark", correction: "none" }],
  },
  {
    tag: "PE-1",
    kindId: "peach",
    cultivar: "Depot Dwarf",
    purpose: "crop",
    form: "container",
    arrived: [5, "03-30"],
    pot: named("litre-label", "7"),
    trunkMm: 34,
    heightM: 1.2,
    history: [
      { do: "pot", on: [4, "03-28"], lot: "p7", mix: "green-waste", correction: "loosen" },
      { do: "roots", on: [1, "04-02"], fill: 4, circling: 3 },
    ],
  },
  {
    tag: "SC-1",
    kindId: "sour-cherry",
    purpose: "crop",
    form: "container",
    arrived: [4, "11-02"],
    pot: named("litre-label", "10"),
    trunkMm: 31,
    heightM: 1.7,
    history: [
      {
        do: "pot",
        on: [0, "03-24"],
        lot: "p25",
        mix: "compost-bark",
        correction: "tease-and-clip",
        retainedShare: 0.85,
      },
    ],
  },
  {
    tag: "ST-1",
    kindId: "stewartia",
    purpose: "ornament",
    form: "container",
    arrived: [6, "04-06"],
    pot: named("litre-label", "5"),
    trunkMm: 21,
    heightM: 1.4,
    history: [
      { do: "pot", on: [4, "04-10"], lot: "p12", mix: "pine-bark", correction: "none" },
      { do: "roots", on: [0, "04-12"], fill: 2, circling: 0 },
    ],
  },
  {
    tag: "FG-1",
    kindId: "fig",
    cultivar: "Cellar Brown",
    purpose: "crop",
    form: "cutting",
    arrived: [3, "05-15"],
    pot: named("litre-label", "1"),
    trunkMm: 19,
    heightM: 0.8,
    history: [
      { do: "pot", on: [2, "05-12"], lot: "p5", mix: "compost-bark", correction: "none" },
      { do: "roots", on: [1, "08-01"], fill: 4, circling: 2 },
    ],
  },
  {
    tag: "LM-1",
    kindId: "lemon",
    purpose: "crop",
    form: "container",
    arrived: [2, "06-20"],
    pot: { known: "about", litres: 10, wall: "terracotta" },
    trunkMm: 28,
    heightM: 1.3,
    crownM: 1.0,
    history: [{ do: "roots", on: [0, "09-28"], fill: 3, circling: 1 }],
  },
  {
    tag: "R-7",
    typedName: "Grey-leaved shrub, nameless",
    habit: "olive-bay-like",
    purpose: "rescue",
    form: "unknown",
    arrived: [0, "09-02"],
    pot: named("container-class", "#5"),
    heightM: 1.1,
    history: [],
  },
  {
    tag: "R-8",
    kindId: "lemon",
    purpose: "rescue",
    form: "unknown",
    arrived: [1, "05-22"],
    pot: named("container-class", "#3"),
    heightM: 0.7,
    crownM: 0.5,
    history: [
      { do: "roots", on: [1, "06-01"], fill: 4, circling: 3 },
      {
        do: "pot",
        on: [1, "06-03"],
        lot: "t14",
        mix: "bark-pumice",
        correction: "tease-and-clip",
        retainedShare: 0.75,
      },
    ],
  },
  {
    tag: "R-9",
    kindId: "japanese-maple",
    purpose: "rescue",
    form: "field-bag",
    arrived: [1, "03-08"],
    pot: { known: "about", litres: 20, wall: "fabric" },
    heightM: 1.6,
    history: [],
  },
  {
    tag: "CR-1",
    kindId: "crape-myrtle",
    cultivar: "Siding Pink",
    purpose: "ornament",
    form: "unknown",
    arrived: [6, "03-15"],
    finalVolumeL: 400,
    pot: {
      known: "measured",
      vessel: {
        shape: "cylinder",
        topWidthMm: 900,
        heightMm: 650,
        wall: "concrete",
        material: "concrete",
        wallMm: 60,
        floorMm: 60,
      },
    },
    trunkMm: 95,
    heightM: 3.4,
    history: [{ do: "roots", on: [2, "04-20"], fill: 3, circling: 2 }],
  },
  {
    tag: "PR-1",
    kindId: "pear",
    cultivar: "Wind Wall",
    purpose: "crop",
    form: "container",
    arrived: [5, "03-12"],
    pot: named("litre-label", "10"),
    finalVolumeL: 45,
    trunkMm: 33,
    heightM: 2.1,
    history: [
      {
        do: "past-pot",
        on: [3, "03-10"],
        rough: "season",
        pot: { known: "about", litres: 40, wall: "timber-lined" },
        mix: "compost-bark",
        correction: "loosen",
      },
    ],
  },
];

import type { Pot, Wall } from "@/core/vessel/index";
import type { Habit } from "@/core/wood/index";

/** Pedregal Sur: a town's parks crew that grows street and plaza trees on to planting size. Everything here is made up. */
export const PEDREGAL_ID = "8d1f2c70-3a57-4d0e-a6c2-5b9e1f4a7d36";

export const PEDREGAL_SITE = {
  name: "Pedregal Sur, parks yard",
  zone: "America/Argentina/Buenos_Aires",
  answers: {
    latitudeDeg: -38.6,
    longitudeDeg: -61.4,
    elevationM: 120,
    coldestNightC: -4,
    lastSpringFrost: "09-22",
    firstAutumnFrost: "05-18",
  },
};

/** A kind the crew raises, and how many liners of it come in a year: nine hundred together. */
export interface Raised {
  prefix: string;
  kindId?: string;
  typedName?: string;
  habit?: Habit | "unknown";
  perYear: number;
  /** Share lost in the first two years. */
  losses: number;
  specimens: number;
}

export const RAISED: Raised[] = [
  { prefix: "JA", kindId: "jacaranda", perYear: 240, losses: 0.05, specimens: 9 },
  { prefix: "TI", kindId: "tipa", perYear: 160, losses: 0.04, specimens: 7 },
  { prefix: "CR", kindId: "crape-myrtle", perYear: 120, losses: 0.04, specimens: 6 },
  { prefix: "BO", kindId: "bitter-orange", perYear: 140, losses: 0.08, specimens: 6 },
  { prefix: "HO", kindId: "holm-oak", perYear: 100, losses: 0.07, specimens: 5 },
  { prefix: "ST", kindId: "strawberry-tree", perYear: 90, losses: 0.06, specimens: 4 },
  { prefix: "PA", kindId: "fan-palm", perYear: 50, losses: 0.02, specimens: 3 },
];

const cylinder = (mm: number, heightMm: number, wall: Wall): Pot => ({
  known: "measured",
  vessel: { shape: "cylinder", topWidthMm: mm, heightMm, wall },
});
const bag = (flatWidthMm: number, gussetMm: number, lengthMm: number): Pot => ({
  known: "measured",
  vessel: { shape: "bag", flatWidthMm, gussetMm, lengthMm, wall: "poly-bag" },
});

/** Tray cell, sleeve, bag, and the air-pruning pots of the specimens. */
export const CELL: Pot = {
  known: "measured",
  vessel: { shape: "square", topWidthMm: 65, baseWidthMm: 45, heightMm: 110, cornerRadiusMm: 6, wall: "air-pruning" },
};
export const YARD_LOTS = {
  sleeve: { name: "Sleeve 14 cm", pot: cylinder(140, 220, "poly-bag"), count: 6000, price: 0.35 },
  bag: { name: "Bag 20 cm", pot: bag(200, 160, 420), count: 5000, price: 0.8 },
  air35: { name: "Air-pruning 35 cm", pot: cylinder(350, 380, "air-pruning"), count: 60, price: 16 },
  air50: { name: "Air-pruning 50 cm", pot: cylinder(500, 450, "air-pruning"), count: 40, price: 31 },
} satisfies Record<string, { name: string; pot: Pot; count: number; price: number }>;

export const STREETS = [
  "Calle de los Talleres",
  "Plaza Mirador",
  "Avenida del Canal",
  "Paseo de la Estación",
  "Calle Nueve",
];

import type { CommandInput } from "@/contract/index";
import { randomUUID } from "node:crypto";
import { READY_MIXES } from "@/core/mix/index";
import { idOf, type Sender } from "./sender";

/** What stands on the shelves of the roof beside pots: recipes with prices, bags, bottles, old mix. All made up. */
const RECIPES = [
  {
    name: "Roof mix",
    parts: { "bark-coarse": 3, compost: 2, pumice: 1 },
    feedsMonths: 3,
    note: "for most of the roof",
  },
  { name: "Citrus mix", parts: { "bark-fine": 4, pumice: 2, coir: 1 }, feedsMonths: null, note: "lime-free" },
  { name: "Heavy mix for the wind", parts: { loam: 3, compost: 2, grit: 3 }, feedsMonths: 4, note: "where pots tip" },
] as const;

const BAGS: Record<string, { litres: number; price: number }[]> = {
  "bark-coarse": [
    { litres: 50, price: 11.5 },
    { litres: 60, price: 13.2 },
  ],
  "bark-fine": [{ litres: 60, price: 12.4 }],
  compost: [
    { litres: 20, price: 4.2 },
    { litres: 45, price: 7.9 },
  ],
  pumice: [{ litres: 25, price: 12.8 }],
  coir: [{ litres: 50, price: 9.5 }],
  loam: [{ litres: 25, price: 6.5 }],
  grit: [{ litres: 15, price: 5.4 }],
};

const PRODUCTS: CommandInput<"set-product">["product"][] = [
  { name: "Citrus feed", kind: "feed", form: "liquid", ratePerL: 4, capSize: 18, bottleSize: 1000, npk: [6, 4, 6] },
  { name: "Tomato feed", kind: "feed", form: "liquid", ratePerL: 5, capSize: 25, bottleSize: 2500, npk: [4, 4, 8] },
  { name: "Pot wash", kind: "disinfectant", form: "liquid", ratePerL: 20, capSize: 30, bottleSize: 1000, npk: null },
];

const TO_BUY = [
  { name: "Slotted 15 L", litres: "15", wall: "air-pruning", price: 6.9 },
  { name: "Light 60 L tub", litres: "60", wall: "smooth-plastic", price: 24.5 },
  { name: "Glazed 30 L", litres: "30", wall: "glazed", price: 49 },
] as const;

export async function fillStores(
  s: Sender,
  lots: ReadonlyMap<string, string>,
  places: ReadonlyMap<string, string>,
): Promise<void> {
  for (const recipe of RECIPES) await s.send("set-recipe", { recipeId: randomUUID(), ...recipe });
  for (const [componentId, bags] of Object.entries(BAGS)) await s.send("set-offer", { componentId, bags });
  for (const product of PRODUCTS) await s.send("set-product", { productId: randomUUID(), product });
  for (const { name, litres, wall, price } of TO_BUY)
    await s.send("stock-pots", {
      lotId: randomUUID(),
      name,
      pot: { known: "nominal", system: "litre-label", size: litres, wall },
      count: 0,
      toBuy: true,
      price,
    });
  await s.send("set-reclaimed", {
    stockId: randomUUID(),
    stock: {
      name: "Blue tub",
      litres: 70,
      mix: READY_MIXES["bark-pumice"],
      ageYears: 2.5,
      structure: "open",
      fromHealthy: true,
    },
  });
  const shelf = idOf(places, "Boiler anteroom");
  const [first, second] = [...lots.values()];
  for (const lotId of [first, second]) await s.send("move-pots", { lotId, placeId: shelf });
  await s.send("set-component", {
    componentId: randomUUID(),
    own: {
      name: "Depot brick chips, 4–8 mm",
      porosity: 0.55,
      gaps: 0.45,
      particleMm: 6,
      dryKgPerL: 1.1,
      alphaPerCm: 2.6,
      n: 1.9,
      thetaR: 0.12,
      volumeLossPerYear: 0,
      alphaGainPerYear: 0,
      feedsMonths: 0,
      flags: ["dust", "lime"],
      confidence: "M",
      source: "soaked and weighed on the roof, a litre each",
    },
  });
}

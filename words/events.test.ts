import { randomUUID } from "node:crypto";
import { type EventPayload, eventPayload } from "@/core/event/index";
import { eventWords } from "./events";

const id = randomUUID();
const range = { best: "2022-04-16", from: "2022-03-01", to: "2022-05-31" };
const names = { lot: "Black 25 cm", place: "Stair glass", tags: { [id]: "KQ-4" }, kind: "Fig" };
const say = (payload: EventPayload, units: "metric" | "us" = "metric") => {
  // What is said in a test could have been recorded.
  expect(eventPayload.safeParse(payload).success).toBe(true);
  return eventWords(payload, names, units);
};
const potted = {
  kind: "potted" as const,
  correction: "shave" as const,
  retainedShare: 0.7,
  mix: null,
  mixName: "Own mix",
  mixL: 8.2,
  fillHeightMm: null,
  bottomLayerMm: 0,
  wetMassKg: null,
};
const ended = { kind: "ended" as const, count: 1, cause: null, potLeaves: false, note: "" };

test.each<[EventPayload, string]>([
  [
    { kind: "arrived", form: "liner", lastPotted: range },
    "Arrived liner or seedling in Black 25 cm, last potted between 1 Mar 2022 and 31 May 2022",
  ],
  [potted, "Potted into Black 25 cm, Own mix, 8.2 L; shave, 70 % of roots kept"],
  [{ ...potted, mixL: null, retainedShare: null }, "Potted into Black 25 cm, Own mix; shave"],
  [
    { ...potted, wetMassKg: 18.5, measured: ["mass"], tiltDeg: 8, facing: "south", flareBelowMm: 20 },
    "Potted into Black 25 cm, Own mix, 8.2 L; shave, 70 % of roots kept; weighed 19 kg, leaning 8° to south, flare still 20 mm down",
  ],
  [{ kind: "roots-read", fillGrade: 4, circlingGrade: null }, "Roots seen: solid: no mix to be seen"],
  [{ kind: "roots-read", fillGrade: 3, circlingGrade: null, by: "feel" }, "Ball felt: firm"],
  [
    { kind: "measured", pot: null, depthToMixMm: 30, trunkMm: 22 },
    "Measured: 30 mm from the rim to the mix; trunk 22 mm",
  ],
  [{ kind: "described", changes: { tag: null } }, "Described: tag lost"],
  [
    { kind: "described", changes: { tag: "A-9", kindId: "fig", cultivar: "Lantern", motherId: id, method: "cutting" } },
    "Described: tag A-9, kind Fig, cultivar ‘Lantern’, mother KQ-4, raised as a cutting",
  ],
  [
    { kind: "described", changes: { rootstock: "quince", stockPace: "dwarfing", finalVolumeL: null } },
    "Described: on quince, stock dwarfing, no final pot",
  ],
  [{ kind: "placed" }, "Moved to Stair glass"],
  [{ ...ended, how: "died", cause: "frost", note: "open roof" }, "Died: frost – open roof"],
  [{ ...ended, how: "died", cause: "unknown" }, "Died"],
  [{ ...ended, how: "sold", count: 6 }, "6 plants sold"],
  [{ kind: "split-off", count: 2, childId: id }, "2 plants taken from the batch as KQ-4"],
  [{ kind: "split-from", parentId: id }, "Taken from the batch KQ-4"],
  [
    { kind: "joined", share: 0.5, together: [id, randomUUID()], correction: "none" },
    "Shares its pot: KQ-4, another tree, 50 % of the mix each",
  ],
  [{ kind: "joined", share: 1, together: [id], correction: "none" }, "Has its pot to itself again"],
  [{ kind: "stocked", count: 3 }, "3 × Black 25 cm put in store"],
  [{ kind: "discarded", count: 1 }, "1 × Black 25 cm thrown out"],
  [{ kind: "noted", text: "Leans" }, "Leans"],
  [{ kind: "photographed", photoId: id }, "Photograph"],
  [{ kind: "withdrawn", eventIds: [id] }, "Corrects what was said before"],
  [{ kind: "voided", entryIds: [id, id] }, "2 entries taken back together"],
  [
    {
      kind: "person",
      personId: id,
      name: "volunteer",
      self: false,
      liftKg: 12,
      hoursPerWeek: null,
      weekdays: [6],
      gone: false,
    },
    "volunteer: lifts up to 12 kg",
  ],
  [
    { kind: "absence", personId: null, from: "2026-12-23", to: "2027-01-02", note: "closed" },
    "Away 23 Dec 2026 to 2 Jan 2027: closed",
  ],
  [{ kind: "identified" }, "Its pot got a record of its own: Black 25 cm"],
  [{ kind: "lot-described", frostProof: true }, "Black 25 cm: wet frost on its clay: stands it: frost-proof"],
  [{ kind: "lot-described", price: 4.5, toBuy: true }, "Black 25 cm: price 4.5, more can be bought"],
  [
    { kind: "recipe", recipeId: id, name: "House", parts: { compost: 1 }, feedsMonths: 3, note: "", gone: false },
    "Recipe House",
  ],
  [{ kind: "offer", componentId: "compost", bags: [{ litres: 45, price: 6.5 }] }, "Bags on offer: 45 L at 6.5"],
  [{ kind: "offer", componentId: "compost", bags: [] }, "Bags no longer on offer"],
  [{ kind: "reclaimed-used", stockId: id, litres: 12 }, "12 L of reclaimed mix used"],
])("%j", (payload, expected) => {
  expect(say(payload)).toBe(expected);
});

test("US units are a way of showing", () => {
  expect(say(potted, "us")).toContain("2.2 gal");
});

test("a pot, a place or a tree nobody can name any more is still spoken of", () => {
  const nothing = { lot: null, place: null, tags: {}, kind: null };
  expect(eventWords(potted, nothing, "metric")).toMatch(/a pot nobody remembers/);
  expect(eventWords({ kind: "placed" }, nothing, "metric")).toBe("Moved to another place");
  expect(eventWords({ kind: "split-from", parentId: id }, nothing, "metric")).toBe("Taken from the batch another tree");
});

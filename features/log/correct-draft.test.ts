import type { EventPayload } from "@/core/event/index";
import type { Pot } from "@/core/vessel/index";
import { bodyOf, canCorrect, type Correctable, draftFrom } from "./correct-draft";

const ON = { best: "2024-04-03", from: "2024-04-03", to: "2024-04-03" };
const event = (payload: EventPayload): Correctable => ({
  eventId: "e1",
  treeId: "t1",
  on: ON,
  potLotId: "l1",
  pot: null,
  payload,
  plants: 7,
});
const about = { collectionId: "c1", replacesEventId: "e1", treeId: "t1" };
const pot = { known: "about", litres: 5, wall: "smooth-plastic" } as Pot;
const sent = (payload: EventPayload, change: Record<string, string> = {}) => {
  const e = event(payload);
  return bodyOf(e, "c1", { ...draftFrom(e), ...change }, { on: ON, last: null, pot, potLeaves: true });
};

test.each<[EventPayload, Record<string, string>, Record<string, unknown>]>([
  [
    { kind: "arrived", form: "container", lastPotted: null, count: 7, depthToMixMm: 30 },
    { count: "8" },
    { arrivedOn: ON, form: "container", lastPotted: null, pot, depthToMixMm: 30, count: 8 },
  ],
  [
    { kind: "roots-read", fillGrade: 3, circlingGrade: null },
    { circling: "2" },
    { on: ON, fillGrade: 3, circlingGrade: 2, by: "look" },
  ],
  [
    { kind: "roots-read", fillGrade: 4, circlingGrade: null, by: "feel" },
    { fill: "" },
    { on: ON, fillGrade: null, circlingGrade: null, by: "feel" },
  ],
  [
    { kind: "measured", pot: null, depthToMixMm: 25, trunkMm: 40, heightM: 1.5 },
    { height: "1.75", crown: "80 cm" },
    { on: ON, pot, depthToMixMm: 25, trunkMm: 40, heightM: 1.75, crownM: 0.8 },
  ],
  [{ kind: "noted", text: "leans" }, { text: "leans west" }, { on: ON, text: "leans west" }],
  [
    { kind: "ended", how: "died", count: 7, cause: "frost", potLeaves: false, note: "" },
    { count: "many" },
    { on: ON, how: "died", cause: "frost", count: 0, potLeaves: true, note: "" },
  ],
  [
    { kind: "ended", how: "sold", count: 2, cause: null, potLeaves: true, note: "market" },
    {},
    { on: ON, how: "sold", cause: null, count: 2, potLeaves: true, note: "market" },
  ],
])("%j with %j", (payload, change, body) => {
  expect(sent(payload, change)).toEqual({ ...about, ...body });
});

test("what the form cannot say is not offered", () => {
  expect(canCorrect({ kind: "noted", text: "x" })).toBe(true);
  expect(canCorrect({ kind: "staked", staked: true })).toBe(false);
  const merged = { kind: "ended", how: "merged", count: 1, cause: null, potLeaves: false, note: "" } as const;
  expect(canCorrect(merged)).toBe(false);
});

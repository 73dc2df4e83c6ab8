import fc from "fast-check";
import type { ForecastNight } from "../climate/index";
import { profileOf } from "../species/index";
import { bestHalfDays, halfDays, OPERATION_NEEDS } from "./index";

const profile = (kindId: string) => profileOf({ kindId, typedName: null, habit: null });
const night = (day: number, more: Partial<ForecastNight> = {}): ForecastNight => ({
  day,
  tminC: 8,
  tmaxC: 20,
  rainMm: 0,
  windMs: 3,
  leadDays: day,
  minErrorC: 1.3,
  maxErrorC: 1.3,
  ...more,
});
const move = OPERATION_NEEDS["up-pot"];

test("heat leaves the morning, wind and rain leave nothing, frost takes the morning", () => {
  const hot = halfDays([night(1, { tminC: 24, tmaxC: 41 })], profile("apple"), move);
  expect(hot.map((h) => [h.half, h.suitability >= 0.5])).toEqual([
    ["morning", true],
    ["evening", false],
  ]);
  expect(hot[1].reason).toBe("heat");
  expect(halfDays([night(1, { windMs: 13 })], profile("apple"), move).every((h) => h.reason === "wind")).toBe(true);
  expect(halfDays([night(1, { rainMm: 40 })], profile("apple"), move).every((h) => h.reason === "rain")).toBe(true);
  const frost = halfDays([night(1, { tminC: -5, tmaxC: 6 })], profile("apple"), move);
  expect(frost.map((h) => h.reason)).toEqual(["frost", "good"]);
  // Work at a standing tree asks nothing of the wind.
  expect(halfDays([night(1, { windMs: 13 })], profile("apple"), OPERATION_NEEDS["replace-top"])[0].reason).toBe("good");
});

test("of equal half-days the one with rain to follow leads, then the cooler", () => {
  const halves = halfDays([night(1), night(2), night(3, { rainMm: 6 })], profile("apple"), move);
  const best = bestHalfDays(halves);
  expect(best[0].rainAfter).toBe(true);
  expect(best).toHaveLength(3);
  expect(bestHalfDays(halfDays([night(1, { windMs: 20 })], profile("apple"), move))).toEqual([]);
});

test("warmer never suits better where it is warm, and warm kinds bear more", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 40, noNaN: true }),
      fc.double({ min: 0.1, max: 8, noNaN: true }),
      (low, more) => {
        const at = (c: number, kind: string) => halfDays([night(1, { tminC: c, tmaxC: c + 10 })], profile(kind), move);
        at(low, "apple").forEach((h, i) => {
          expect(at(low + more, "apple")[i].suitability).toBeLessThanOrEqual(h.suitability + 1e-6);
          expect(at(low, "lemon")[i].suitability).toBeGreaterThanOrEqual(h.suitability - 1e-6);
        });
      },
    ),
  );
});

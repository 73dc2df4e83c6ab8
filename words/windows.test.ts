import { LIMITS } from "@/core/window/index";
import type { OperationWindow } from "@/model/index";
import { endsWords, heldWords, statusWords, whyWords } from "./windows";

const NEAR = "2026-05-15";
const period: OperationWindow["periods"][number] = {
  from: "2026-09-01",
  to: "2026-10-04",
  closedBy: "root-warmth",
  opens: ["2026-08-25", "2026-09-01", "2026-09-08"],
  closes: ["2026-09-20", "2026-10-04", "2026-10-12"],
};
const row = (more: Partial<OperationWindow> = {}): OperationWindow => ({
  operation: "up-pot",
  open: false,
  suitability: 0.2,
  limiting: "heat",
  safe: 0.41,
  heldBy: null,
  periods: [period],
  mainLimit: "heat",
  curve: { from: NEAR, stepDays: 2, suitability: [], safe: [] },
  ...more,
});

test("open or closed in a few words, with the day that counts", () => {
  expect(statusWords(row(), NEAR)).toMatch(/; opens 1 Sept? 2026$/);
  expect(statusWords(row({ open: true }), NEAR)).toBe("open until 4 Oct 2026");
  expect(statusWords(row({ open: true, periods: [] }), NEAR)).toBe("open");
  expect(statusWords(row({ periods: [] }), NEAR)).toMatch(/^closed: /);
  // Open as far as one can see, the last day looked at is no end.
  const endless = { ...period, closedBy: "none" as const };
  expect(statusWords(row({ open: true, periods: [endless] }), NEAR)).toBe("open all year");
  expect(endsWords(endless, NEAR)).toMatch(/^1 Sept? 2026 on: nothing closes it within two years\.$/);
});

test("why: the factor, its figure, what the collection asks for, and when it turns", () => {
  const closed = whyWords(row(), NEAR, 0.1);
  expect(closed).toMatch(/^Not today, because /);
  expect(closed).toContain("leaves 0.2 of 1");
  expect(closed).toMatch(/ends well in 41\s% of the weather years there; 90\s% is what this collection asks for/);
  expect(closed).toMatch(/It opens 1 Sept? 2026\.$/);
  expect(whyWords(row({ periods: [] }), NEAR, 0.1)).toContain("does not open within the next two years");
  const open = whyWords(row({ open: true, suitability: 0.8, safe: 0.97 }), NEAR, 0.1);
  expect(open).toMatch(/^Open today: .*0\.8 of 1/);
  expect(open).toContain("It closes after 4 Oct 2026, because then");
});

test("every limit has a reason that ends a sentence", () => {
  for (const limiting of LIMITS) {
    const text = whyWords(
      row({ limiting, mainLimit: limiting, periods: [{ ...period, closedBy: limiting }] }),
      NEAR,
      0.1,
    );
    expect(text).not.toMatch(/undefined|NaN|null/);
    expect(statusWords(row({ limiting }), NEAR)).not.toMatch(/undefined/);
  }
});

test("an end is a range of days, a day that never moves, or days without hands", () => {
  expect(endsWords(period, NEAR)).toMatch(
    /in one year of ten by 20 Sept? 2026, in half by 4 Oct 2026, in nine of ten by 12 Oct 2026/,
  );
  expect(endsWords({ ...period, closes: ["2026-10-04", "2026-10-04", "2026-10-04"] }, NEAR)).not.toContain(
    "one year of",
  );
  expect(endsWords({ ...period, closes: null }, NEAR)).toContain("nobody is there");
});

test("what holds it: the last work, its health, the hands", () => {
  const say = (held: Parameters<typeof heldWords>[0]) => heldWords(held, NEAR, "metric");
  expect(say({ by: "recovery", until: "2026-07-02" })).toContain("2 Jul");
  expect(say({ by: "recovery", until: null })).toContain("not have recovered");
  expect(say({ by: "health", state: "weak" })).toMatch(/weak.*until it is well again/);
  expect(say({ by: "grower", massKg: null })).toBe("Nobody is there on this day.");
  expect(say({ by: "grower", massKg: 84 })).toContain("84 kg");
});

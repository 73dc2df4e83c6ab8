import { liftWords } from "./terms";

test("limits of lifting are told in the units shown", () => {
  expect(liftWords("two-people", "metric")).toBe(
    "Above 25 kg nobody lifts alone: two people who lift together, or a sack truck. Half as much on steps.",
  );
  expect(liftWords("two-people", "us")).toContain("Above 55 lb nobody lifts alone");
  expect(liftWords("volunteer-limit", "metric")).toContain("Above 16 kg");
  expect(liftWords("volunteer-limit", "us")).toContain("Above 35 lb");
  expect(liftWords("raise-first", "metric")).toContain("above 10 kg do not lift");
  expect(liftWords("raise-first", "us")).toContain("above 22 lb do not lift");
  expect(liftWords("easy", "us")).toBe("Light enough to lift with care.");
});

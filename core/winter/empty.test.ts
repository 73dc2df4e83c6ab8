import { toDay, toIso } from "../dates/index";
import { emptyAfter, placeBuildSchema, UNKNOWN_BUILD } from "./index";

const at = (empty: { from: string; to: string; yearly: boolean } | null, on: string) => {
  const found = emptyAfter({ empty }, toDay(on));
  return found && [toIso(found.from), toIso(found.to)];
};

test("a place that is cleared once is free again after that", () => {
  const feast = { from: "2027-05-01", to: "2027-05-10", yearly: false };
  expect(at(feast, "2026-01-01")).toEqual(["2027-05-01", "2027-05-10"]);
  expect(at(feast, "2027-05-10")).toEqual(["2027-05-01", "2027-05-10"]);
  expect([at(feast, "2027-05-11"), at(null, "2027-05-01")]).toEqual([null, null]);
});

test("every year, over New Year and in leap years, from the first year on", () => {
  const snow = { from: "2026-12-01", to: "2027-03-15", yearly: true };
  // Before it was ever said nothing is cleared.
  expect(at(snow, "2026-02-01")).toEqual(["2026-12-01", "2027-03-15"]);
  expect(at(snow, "2028-02-01")).toEqual(["2027-12-01", "2028-03-15"]);
  expect(at(snow, "2028-03-16")).toEqual(["2028-12-01", "2029-03-15"]);
  const leap = { from: "2028-02-29", to: "2028-02-29", yearly: true };
  expect(at(leap, "2029-01-01")).toEqual(["2029-02-28", "2029-02-28"]);
  expect(at(leap, "2032-01-01")).toEqual(["2032-02-29", "2032-02-29"]);
});

test("what is said of it must leave the place free for some of the year, and end after it begins", () => {
  const fault = (empty: object) =>
    placeBuildSchema.safeParse({ ...UNKNOWN_BUILD, empty }).error?.issues.map((i) => [i.path.join("."), i.message]);
  expect(fault({ from: "2027-05-02", to: "2027-05-01", yearly: false })).toEqual([["empty.to", "last-before-first"]]);
  expect(fault({ from: "2027-01-01", to: "2027-12-27", yearly: true })).toEqual([["empty.to", "never-free"]]);
  expect(fault({ from: "2027-01-01", to: "2027-12-26", yearly: true })).toBeUndefined();
  expect(fault({ from: "2027-02-30", to: "2027-05-01", yearly: false })).toEqual([["empty.from", "no-such-day"]]);
});

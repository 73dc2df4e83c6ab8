import { readNumber } from "@/words/format";
import { measuredText } from "./measured-text";

test("metric fields and fields without a measure are left alone", () => {
  for (const [value, suffix, units] of [
    ["300", "mm", "metric"],
    ["80", "%", "us"],
    ["5", undefined, "us"],
    ["5", "litres", "us"],
  ] as const) {
    const shown = measuredText(value, suffix, units);
    expect([shown.text, shown.suffix, shown.kept("7")]).toEqual([value, suffix, "7"]);
  }
});

test.each([
  ["304.8", "mm", "12", "in"],
  ["1.524", "m", "5", "ft"],
  ["9.0718474", "kg", "20", "lb"],
  ["12 in", "mm", "12", "in"],
  ["30 cm", "mm", "30 cm", "in"],
  ["", "mm", "", "in"],
  ["18.927059", "L", "5", "gal"],
  ["-10", "°C", "14", "°F"],
] as const)("%s behind %s is shown as %s %s", (value, suffix, text, unit) => {
  const shown = measuredText(value, suffix, "us");
  expect([shown.text, shown.suffix]).toEqual([text, unit]);
});

test.each([
  ["12", "mm", 304.8],
  ["3 1/2", "mm", 88.9],
  ["12.5", "mm", 317.5],
  ["30 cm", "mm", 300],
  ['12"', "mm", 304.8],
  ["5", "m", 1.524],
  ["20", "kg", 9.0718474],
  ["2", "L", 7.5708236],
  ["14", "°C", -10],
] as const)("%s typed in the collection's units is read as %s of %f", (typed, suffix, value) => {
  const { kept } = measuredText("", suffix, "us");
  const dimension = suffix === "L" ? "litres" : suffix === "°C" ? "celsius" : suffix;
  expect(readNumber(kept(typed), dimension)).toBeCloseTo(value, 6);
  // What was typed stays to be seen.
  expect(measuredText(kept(typed), suffix, "us").text).toBe(typed);
});

test("half-typed figures do not jump", () => {
  const { kept } = measuredText("", "mm", "us");
  for (const typed of ["1", "12.", "12.5", ""]) expect(measuredText(kept(typed), "mm", "us").text).toBe(typed);
});

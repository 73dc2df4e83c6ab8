import {
  area,
  celsius,
  celsiusShort,
  day,
  degreeDays,
  elevation,
  fullness,
  kilograms,
  litres,
  millimetres,
  number,
  readNumber,
} from "./format";

test.each([
  ["12", "plain", 12],
  ["12,5", "plain", 12.5],
  ["12.5", "plain", 12.5],
  ["−3,5", "plain", -3.5],
  ["-3.5", "plain", -3.5],
  ["1 200", "plain", 1200],
  ["30 cm", "mm", 300],
  ["12 in", "mm", 304.8],
  ['12"', "mm", 304.8],
  ["250", "mm", 250],
  ["5 gal", "litres", 18.927],
  ["14 °F", "celsius", -10],
  [".5", "plain", 0.5],
] as const)("%s as %s", (text, kind, value) => {
  expect(readNumber(text, kind)).toBeCloseTo(value, 2);
});

test.each(["", "abc", "1.2.3", "12 furlongs", "--3", "1e5"])("%j is no number", (text) => {
  expect(readNumber(text, "mm")).toBeNaN();
});

test("units are a way of showing", () => {
  expect(litres(18.927, "us")).toBe("5 gal");
  expect(litres(1.42, "us")).toBe("1.5 qt");
  expect(litres(0.35, "us")).toBe("0.4 qt");
  expect(litres(3.79, "us")).toBe("1 gal");
  expect(litres(0, "us")).toBe("0 gal");
  expect(litres(3.25, "metric")).toBe("3.3 L");
  expect(millimetres(304.8, "us")).toBe("12 in");
  expect(kilograms(10, "us")).toBe("22 lb");
});

test("dates do not move with the time zone, and name the year when it is far", () => {
  expect(day("2026-03-01")).toBe("1 Mar 2026");
  expect(day("2026-03-01", "2026-05-01")).toBe("1 Mar");
  expect(day("2026-07-30", "2026-05-01")).toBe("30 Jul");
  expect(day("2026-07-31", "2026-05-01")).toBe("31 Jul 2026");
  expect(day("2027-01-02", "2026-12-20")).toBe("2 Jan 2027");
  expect(day("2028-03-01", "2026-05-01")).toBe("1 Mar 2028");
  expect(fullness(0.991)).toBe("full");
});

test("heights above the sea are whole in either unit", () => {
  expect([elevation(54.864, "metric"), elevation(54.864, "us"), elevation(-3.4, "metric")]).toEqual([
    "55 m",
    "180 ft",
    "-3 m",
  ]);
});

test("nothing is less than nought by nothing", () => {
  expect([number(-0), number(-0.4), number(-0.04, 1), celsius(-0.04, "metric"), number(-1.5, 1)]).toEqual([
    ...["0", "0", "0", "0 °C", "-1.5"],
  ]);
});

test("areas: finer where they are small, square feet for growers in the US", () => {
  expect([0.25, 9.24, 139.4].map((v) => area(v, "metric"))).toEqual(["0.25 m²", "9.2 m²", "139 m²"]);
  expect([0.05, 9.24, 12].map((v) => area(v, "us"))).toEqual(["0.54 ft²", "99.5 ft²", "129 ft²"]);
});

test("sums of warmth and temperatures on an axis", () => {
  expect([degreeDays(1000, "metric"), degreeDays(1000, "us")]).toEqual(["1,000 °C·d", "1,800 °F·d"]);
  expect([celsiusShort(-10, "metric"), celsiusShort(-10, "us")]).toEqual([
    celsius(-10, "metric").replace(" °C", ""),
    "14",
  ]);
});

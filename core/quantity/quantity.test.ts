import { readTyped, typedAs, readOptional } from "./quantity";
import fc from "fast-check";
import {
  type Dimension,
  KG_PER_POUND,
  LITRES_PER_CUBIC_FOOT,
  LITRES_PER_IMPERIAL_GALLON,
  LITRES_PER_US_GALLON,
  MM_PER_INCH,
  readCoordinate,
  readCoordinatePair,
  readFigures,
  readNumber,
  readQuantity,
  readSigned,
} from "./index";

test("units, asserted once: their definitions", () => {
  expect(LITRES_PER_US_GALLON).toBeCloseTo(231 * 0.016387064, 12);
  expect(LITRES_PER_IMPERIAL_GALLON).toBe(4.54609);
  expect(LITRES_PER_CUBIC_FOOT).toBeCloseTo(0.3048 ** 3 * 1000, 12);
  expect(MM_PER_INCH).toBe(25.4);
  expect(KG_PER_POUND).toBe(0.45359237);
});

test.each([
  ["5", 5],
  ["1,200", 1200],
  ["1,200.5", 1200.5],
  ["12,345,678", 12345678],
  ["1.200,5", 1200.5],
  ["1.234.567", 1234567],
  ["1 200", 1200],
  ["1'200", 1200],
  ["1.2", 1.2],
  ["1.200", 1.2],
  ["0,5", 0.5],
  ["0,500", 0.5],
  ["1,20", 1.2],
  ["1,2345", 1.2345],
  [",5", 0.5],
  ["1/2", 0.5],
  ["3 1/2", 3.5],
  ["1 2", null],
  ["12 34", null],
  ["1,20,300", null],
  ["1.2.3", null],
  ["1/0", null],
  ["", null],
  ["five", null],
])("figures %j are %p", (text, value) => {
  expect(readFigures(text)).toBe(value);
});

test.each<[string, Dimension, number]>([
  ["42 in", "mm", 1066.8],
  ['42"', "mm", 1066.8],
  ["42 inches", "mm", 1066.8],
  ["3½ in", "mm", 88.9],
  ["3 1/2 in", "mm", 88.9],
  ["5'10\"", "m", 1.778],
  ["5' 10", "m", 1.778],
  ["5 ft 10 in", "m", 1.778],
  ["6 ft", "m", 1.8288],
  ["180 ft", "m", 54.864],
  ["1.1 m", "mm", 1100],
  ["30cm", "mm", 300],
  ["1,200 mm", "mm", 1200],
  ["12 l", "litres", 12],
  ["12L", "litres", 12],
  ["1,200", "litres", 1200],
  ["5 gal", "litres", 18.92705892],
  ["5 gallons", "litres", 18.92705892],
  ["2 imp. gallons", "litres", 9.09218],
  ["2 cu ft", "litres", 56.633693184],
  ["750 ml", "litres", 0.75],
  ["3 pints", "litres", 1.70478375],
  ["40 lb", "kg", 18.1436948],
  ["2 lb 8 oz", "kg", 1.133980925],
  ["14 °F", "celsius", -10],
  ["14F", "celsius", -10],
  ["-3", "celsius", -3],
  ["−3 °C", "celsius", -3],
  ["–2,5 C", "celsius", -2.5],
  ["-40 F", "celsius", -40],
  ["50 %", "plain", 50],
  ["+3", "plain", 3],
  ["−38.6", "plain", -38.6],
])("%j as %s is %d", (text, dimension, value) => {
  const read = readQuantity(text, dimension);
  expect(read.ok && read.value).toBeCloseTo(value, 9);
});

test("an American pint is smaller", () => {
  expect(readNumber("3 pints", "litres", "us")).toBeCloseTo(1.419529419, 9);
});

test.each<[string, Dimension, string]>([
  ["", "mm", "empty"],
  ["  ", "mm", "empty"],
  ["wide", "mm", "not-a-number"],
  ["30 cm 5", "mm", "not-a-number"],
  ["30 x", "mm", "unknown-unit"],
  ["5 gal", "mm", "wrong-unit"],
  ["12 in", "litres", "wrong-unit"],
  ["12 kg", "plain", "wrong-unit"],
  ["10 in 5 ft", "mm", "not-a-number"],
  ["3 apples", "litres", "unknown-unit"],
  ["12 K", "celsius", "unknown-unit"],
  ["cold", "celsius", "not-a-number"],
  ["30 cm or so", "mm", "not-a-number"],
])("%j as %s is refused: %s", (text, dimension, fault) => {
  expect(readQuantity(text, dimension)).toEqual({ ok: false, fault });
  expect(readNumber(text, dimension)).toBeNaN();
});

test("never half: a text is read to its last sign or not at all", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 9999 }),
      fc.constantFrom("mm", "cm", "in", "ft", "L", "gal", "kg"),
      fc.constantFrom("?", "x", "/", ";", "#", "ish"),
      (n, unit, tail) => {
        for (const dimension of ["mm", "m", "litres", "kg", "plain", "celsius"] as const)
          if (readQuantity(`${n} ${unit}${tail}`, dimension).ok) return false;
        return true;
      },
    ),
  );
});

test.each([
  ["52.52", "latitude", 52.52],
  ["-38,6", "latitude", -38.6],
  ["38.6 S", "latitude", -38.6],
  ["S 38.6", "latitude", -38.6],
  ["52°31'N", "latitude", 52 + 31 / 60],
  ["52° 31' 12\" N", "latitude", 52.52],
  ["N 52° 31′ 12″", "latitude", 52.52],
  ["52 31 12 N", "latitude", 52.52],
  ["52°31.2'N", "latitude", 52.52],
  ["13°24′E", "longitude", 13.4],
  ["122.4W", "longitude", -122.4],
  ["0", "longitude", 0],
] as const)("%s is %s %d", (text, axis, degrees) => {
  const read = readCoordinate(text, axis);
  expect(read.ok && read.degrees).toBeCloseTo(degrees, 9);
});

test.each([
  ["52°31'E", "latitude", "not-understood"],
  ["-52 S", "latitude", "not-understood"],
  ["52°75'N", "latitude", "not-understood"],
  ["95", "latitude", "out-of-range"],
  ["181 W", "longitude", "out-of-range"],
  ["north", "latitude", "not-understood"],
  ["", "latitude", "not-understood"],
] as const)("%j as %s: %s", (text, axis, fault) => {
  expect(readCoordinate(text, axis)).toEqual({ ok: false, fault });
});

test("both at once, as maps give them", () => {
  expect(readCoordinatePair("52.52, 13.405")).toEqual({ latitudeDeg: 52.52, longitudeDeg: 13.405 });
  expect(readCoordinatePair("-38.61 176.08")).toEqual({ latitudeDeg: -38.61, longitudeDeg: 176.08 });
  const pair = readCoordinatePair("52°31'N 13°24'E")!;
  expect([pair.latitudeDeg, pair.longitudeDeg]).toEqual([52 + 31 / 60, 13 + 24 / 60]);
  for (const text of ["52.52", "52,5", "", "here, there", "99.0, 13.4"]) expect(readCoordinatePair(text)).toBeNull();
});

test.each([
  ["12", "mm", "us", 304.8],
  ["12", "mm", "metric", 12],
  ["30 cm", "mm", "us", 300],
  ["5", "litres", "us", 18.92705892],
  ["1,200", "litres", "us", 4542.4941408],
  ["6", "m", "us", 1.8288],
  ["44", "kg", "us", 19.95806428],
  ["14", "celsius", "us", -10],
  ["-10 C", "celsius", "us", -10],
  ["7", "plain", "us", 7],
] as const)("%j typed beside its unit as %s in %s units is %d", (text, dimension, units, value) => {
  const read = readTyped(text, dimension, units);
  expect(read.ok && Math.abs(read.value - value) < 1e-9).toBe(true);
});

test("a stored measure is typed as the number beside its unit", () => {
  expect([typedAs(304.8, "mm", "us"), typedAs(304.8, "mm", "metric"), typedAs(-10, "celsius", "us")]).toEqual([
    "12",
    "304.8",
    "14",
  ]);
  expect([typedAs(1.524, "m", "us"), typedAs(9.0718474, "kg", "us"), typedAs(3, "plain", "us")]).toEqual([
    "5",
    "20",
    "3",
  ]);
  expect([readOptional(" ", "mm"), readOptional("1,5", "mm")]).toEqual([null, 1.5]);
});

test("signs, yards and cubic metres; coordinates at the poles and at the date line", () => {
  expect(["-5", "+5", "5", "−5", "x"].map(readSigned)).toEqual([-5, 5, 5, -5, null]);
  const mm = (text: string) => readQuantity(text, "mm", "metric");
  expect(mm("1 yd")).toEqual({ ok: true, value: expect.closeTo(914.4, 9) as number });
  expect(mm("2 m")).toEqual({ ok: true, value: 2000 });
  expect(readQuantity("2 m3", "litres", "metric")).toEqual({ ok: true, value: 2000 });
  expect(readQuantity("3 lb 4 oz", "kg", "us")).toEqual({ ok: true, value: expect.closeTo(1.474175, 6) as number });
  // Ounces after feet, and feet after inches, are no sum.
  expect(mm("5 in 3 ft").ok).toBe(false);
  expect(readQuantity("3 oz 4 lb", "kg", "us").ok).toBe(false);
  const at = (text: string, axis: "latitude" | "longitude") => {
    const read = readCoordinate(text, axis);
    return read.ok ? read.degrees : read.fault;
  };
  expect([at("90", "latitude"), at("90.01", "latitude"), at("-90 ", "latitude")]).toEqual([90, "out-of-range", -90]);
  expect([at("180", "longitude"), at("180.5 W", "longitude"), at("8 O", "longitude"), at("8 w", "longitude")]).toEqual([
    ...[180, "out-of-range", 8, -8],
  ]);
  expect([
    at("-8 W", "longitude"),
    at("8 N", "longitude"),
    at("8 60 0", "longitude"),
    at("8 0 60", "longitude"),
  ]).toEqual(Array(4).fill("not-understood"));
  expect(at("8 59 59", "longitude")).toBeCloseTo(8.999722, 6);
});

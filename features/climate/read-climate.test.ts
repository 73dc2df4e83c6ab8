import { readDegrees, readMonthDay } from "./read-climate";

test("days of the year as growers write them; what is no day is told apart from nothing", () => {
  for (const [typed, day] of [
    ["10 May", "05-10"],
    ["10. may", "05-10"],
    ["May 10", "05-10"],
    ["05-10", "05-10"],
    ["10.5.", "05-10"],
    ["29 february", "02-29"],
    ["", null],
    ["  ", null],
    ["30 Feb", undefined],
    ["31.4.", undefined],
    ["0 May", undefined],
    ["13-01", undefined],
    ["soon", undefined],
    ["5 m", undefined],
  ] as const)
    expect([typed, readMonthDay(typed)]).toEqual([typed, day]);
});

test("degrees go by the unit that is shown, or by the one that is typed", () => {
  expect([readDegrees("-7", "metric"), readDegrees("−7,5", "metric"), readDegrees("14 °F", "metric")]).toEqual([
    -7,
    -7.5,
    expect.closeTo(-10, 9),
  ]);
  expect(readDegrees("14", "us")).toBeCloseTo(-10, 9);
  expect([readDegrees("", "us"), readDegrees("cold", "us")]).toEqual([null, undefined]);
});

import { EMPTY_DRAFT, MONTHS_AWAY, readAnswers, readMonths, type SetupDraft } from "./read-answers";

const read = (more: Partial<SetupDraft>, units: "metric" | "us" = "metric") =>
  readAnswers({ ...EMPTY_DRAFT, latitude: "47.4", longitude: "8.5", ...more }, units);

test("what is left empty is left out, nothing is guessed", () => {
  expect(read({})).toEqual({
    problems: {},
    answers: {
      latitudeDeg: 47.4,
      longitudeDeg: 8.5,
      elevationM: undefined,
      coldestNightC: undefined,
      hotAfternoonC: undefined,
      lastSpringFrost: undefined,
      firstAutumnFrost: undefined,
    },
  });
});

test("a bare number is of the units that are shown; a unit that is typed goes before", () => {
  const typed = { coldest: "5", hot: "95", elevation: "1000" };
  const us = read(typed, "us").answers;
  expect([us.coldestNightC, us.hotAfternoonC]).toEqual([-15, 35]);
  expect(us.elevationM).toBeCloseTo(304.8, 9);
  const metric = read({ coldest: "5 °F", elevation: "1000" }).answers;
  expect([metric.coldestNightC, metric.elevationM]).toEqual([-15, 1000]);
  expect(read({ coldest: "-15 °C" }, "us").answers.coldestNightC).toBe(-15);
});

test("frost days by day and month; never is said, not left out", () => {
  const spring = { month: "4", day: "9" };
  expect(read({ spring }).answers).toMatchObject({ lastSpringFrost: "04-09", firstAutumnFrost: undefined });
  expect(read({ spring, never: true }).answers).toMatchObject({ lastSpringFrost: null, firstAutumnFrost: null });
});

test("bounds and nonsense are told at their fields", () => {
  expect(read({ latitude: "95", longitude: "x", elevation: "9000", coldest: "cold", hot: "99" }).problems).toEqual({
    "answers.latitudeDeg": "A latitude lies between −90 and 90.",
    "answers.longitudeDeg": "Give the longitude as 13.4, −122.4, 122.4 W or 13°24'E.",
    "answers.elevationM": "The elevation in metres lies between -450 and 6000.",
    "answers.coldestNightC": "Give the coldest night in °C as a number.",
    "answers.hotAfternoonC": "A hot afternoon in °C lies between -10 and 55.",
  });
});

describe("months typed over", () => {
  const guess = { tminC: Array<number>(12).fill(1.26), tmaxC: Array<number>(12).fill(9) };
  test("none typed is none said; one typed keeps the guess of the others, rounded", () => {
    expect(readMonths({ "low-0": " " }, guess, "metric")).toEqual({ problems: {}, months: null });
    const { months } = readMonths({ "low-0": "-6,5" }, guess, "metric");
    expect([months!.tminC[0], months!.tminC[1], months!.tmaxC[11]]).toEqual([-6.5, 1.3, 9]);
    expect(readMonths({ "high-6": "68" }, guess, "us").months!.tmaxC[6]).toBeCloseTo(20, 9);
  });
  test("typed months wait where nobody answers, and a guess is brought to the height they were taken at", () => {
    expect(readMonths({ "low-0": "-6" }, null, "metric")).toEqual({ problems: { months: MONTHS_AWAY }, months: null });
    expect(readMonths({ "low-0": "" }, null, "metric")).toEqual({ problems: {}, months: null });
    const { months } = readMonths({ "low-0": "-6" }, guess, "metric", -2);
    expect([months!.tminC[0], months!.tminC[1], months!.tmaxC[0]]).toEqual([-6, 3.3, 11]);
  });
  test("what cannot be read, or lies above its high, is told at its month", () => {
    expect(readMonths({ "low-3": "warm", "low-4": "12", "high-5": "99" }, guess, "metric").problems).toEqual({
      "low-3": "A temperature, such as −3.5.",
      "low-4": "The mean lowest lies below the mean highest.",
      "high-5": "A temperature, such as −3.5.",
    });
  });
});

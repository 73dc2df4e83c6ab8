import { boxSchema, sunkSchema } from "@/core/vessel/index";
import { emptyPotDraft, draftOf, readPot } from "./pot-fields";
import { readMeasures, readRate } from "./read-measures";

const box = {
  lengthMm: "75 cm",
  widthMm: "750",
  heightMm: "60 cm",
  boardWidthMm: "145",
  boardThickMm: "28",
  postMm: "60",
  feetMm: "0",
};

test("typed lengths become a box; a fault stands at its own field in words", () => {
  expect(readMeasures(boxSchema, box, { wood: "oak" }, "metric").value).toMatchObject({
    lengthMm: 750,
    heightMm: 600,
    wood: "oak",
  });
  const wrong = readMeasures(boxSchema, { ...box, widthMm: "wide", boardThickMm: "2" }, { wood: "oak" }, "metric");
  expect(wrong.value).toBeNull();
  expect(wrong.problems).toEqual({
    widthMm: "A measure in mm (or write 60 cm, 24 in).",
    boardThickMm: "At least 12 mm.",
  });
});

test("a sunk pot wants every length", () => {
  const texts = {
    outerTopMm: "450",
    outerBaseMm: "350",
    outerHeightMm: "",
    rimAboveMm: "20",
    ringMm: "60",
    bedMm: "100",
  };
  expect(Object.keys(readMeasures(sunkSchema, texts, { square: false }, "metric").problems)).toEqual(["outerHeightMm"]);
});

test.each([
  ["5", 5],
  ["2,5", 2.5],
  ["1 : 200", 5],
  ["1:50", 20],
  ["weak", NaN],
  ["1 : many", NaN],
])("a rate written %s is %d ml a litre", (text, ml) => {
  expect(readRate(text)).toBe(ml);
});

const measures = { topWidthMm: "300", baseWidthMm: "240", heightMm: "280" };
test("shapes people name become the geometry behind them", () => {
  const boxPot = readPot(
    {
      ...emptyPotDraft,
      shape: "box",
      measures: { topLengthMm: "60 cm", topWidthMm: "40 cm", heightMm: "45 cm" },
    },
    "metric",
  );
  expect(boxPot).toMatchObject({
    problems: {},
    pot: { vessel: { shape: "rectangle", baseLengthMm: 600, topLengthMm: 600, baseWidthMm: 400 } },
  });
  const deep = {
    ...emptyPotDraft,
    shape: "deep-square" as const,
    measures: { topWidthMm: "100", baseWidthMm: "80", heightMm: "250" },
  };
  expect(readPot(deep, "metric").pot).toMatchObject({ vessel: { shape: "square" } });
});

test("litres of water beat the tape unless the two cannot be the same pot; corners must fit", () => {
  const with_ = (more: Record<string, string>, shape: "round" | "square" = "round") =>
    readPot({ ...emptyPotDraft, shape, measures: { ...measures, ...more } }, "metric");
  expect(with_({ measuredVolumeL: "17", wallMm: "3" }).pot).toMatchObject({
    vessel: { measuredVolumeL: 17, wallMm: 3 },
  });
  expect(with_({ measuredVolumeL: "170" }).problems.measuredVolumeL).toMatch(/By the tape it holds about 16/);
  expect(with_({ measuredVolumeL: "none" }).problems.measuredVolumeL).toMatch(/above 0/);
  expect(with_({ cornerRadiusMm: "200" }, "square").problems.cornerRadiusMm).toMatch(/half the top width/);
  // What was measured is what a correction starts from.
  expect(draftOf(with_({ measuredVolumeL: "17" }).pot).measures).toMatchObject({
    measuredVolumeL: "17",
    heightMm: "280",
  });
});

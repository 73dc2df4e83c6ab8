import { noMeasures, readMeasured } from "./measured-after";
import { emptySetDraft, readSet, type SetDraft } from "./set-draft";

const read = (more: Partial<SetDraft> = {}) => readSet({ ...emptySetDraft, ...more });

test("an untouched draft says: the ball as it is, upright, flare seen, not grafted", () => {
  expect(read()).toEqual({
    read: { set: { as: "ball" }, offAxisMm: 0, tiltDeg: 0, facing: "", flareDepthMm: 0, takenOffMm: 0, unionMm: null },
    problems: {},
  });
});

test("lengths may be written in any unit, a decimal comma is a decimal point", () => {
  const { read: set } = read({ offAxis: "2 cm", flareDepth: "3,5 cm", takenOff: "10", union: "2 in", tilt: "7,5" });
  expect(set).toMatchObject({ offAxisMm: 20, flareDepthMm: 35, takenOffMm: 10, unionMm: 50.8, tiltDeg: 7.5 });
});

test.each<[Partial<SetDraft>, string]>([
  [{ tilt: "80" }, "tiltDeg"],
  [{ tilt: "much" }, "tiltDeg"],
  [{ offAxis: "some" }, "offAxisMm"],
  [{ union: "-4" }, "unionMm"],
  [{ flareDepth: "20", takenOff: "30" }, "takenOffMm"],
  [{ as: "measured" }, "topWidthMm"],
  [
    { as: "measured", shape: "rectangle", measures: { topWidthMm: "200", baseWidthMm: "180", heightMm: "200" } },
    "topLengthMm",
  ],
  [{ as: "bare-root", measures: { spreadMm: "250" } }, "rootLengthMm"],
])("%j is told at %s, and nothing is read", (more, field) => {
  const answer = read(more);
  expect(answer.problems[field]).toBeTruthy();
  expect(answer.read).toBeNull();
});

test("a measured ball, a long one, bare roots and a pot planted whole", () => {
  const measures = { topWidthMm: "20 cm", baseWidthMm: "180", heightMm: "200" };
  expect(read({ as: "measured", measures }).read?.set).toEqual({
    as: "measured",
    ball: { shape: "round", topWidthMm: 200, baseWidthMm: 180, heightMm: 200 },
  });
  const long = { ...measures, topLengthMm: "400", baseLengthMm: "380" };
  expect(read({ as: "measured", shape: "rectangle", measures: long }).read?.set).toMatchObject({
    ball: { topLengthMm: 400, baseLengthMm: 380 },
  });
  expect(read({ as: "bare-root", measures: { spreadMm: "250", rootLengthMm: "200" } }).read?.set).toEqual({
    as: "bare-root",
    roots: { spreadMm: 250, rootLengthMm: 200 },
  });
  expect(read({ as: "whole-pot" }).read?.set).toEqual({ as: "whole-pot" });
});

test("what was not measured afterwards stays the plan; nonsense is told at its field", () => {
  // A field in pounds and gallons keeps the unit beside the figure.
  expect(readMeasured({ rim: "2 in", looseMix: "5 gal", wet: "62 lb" }).values).toEqual({
    ...{ rimMm: 50.8, looseMixL: 18.927058920000001, wetKg: 28.122726939999998 },
  });
  expect(readMeasured(noMeasures)).toEqual({ values: { rimMm: null, looseMixL: null, wetKg: null }, problems: {} });
  expect(readMeasured({ rim: "3 cm", looseMix: "2 gal", wet: "18,5" }).values).toEqual({
    rimMm: 30,
    looseMixL: expect.closeTo(7.57, 2) as number,
    wetKg: 18.5,
  });
  expect(Object.keys(readMeasured({ rim: "-1", looseMix: "0", wet: "heavy" }).problems)).toEqual([
    "measured.rimMm",
    "measured.looseMixL",
    "measured.wetKg",
  ]);
});

import { NOTHING_READ } from "@/core/roots/index";
import { aLot, aPotting, aTree, anEvent } from "@/test-support/records";
import { HILL, siteInputOf } from "@/test-support/sites";
import { openYard } from "./index";

const TODAY = "2026-05-15";
const weather = { key: "calibration", input: siteInputOf(HILL, { today: TODAY }) };
const lot = aLot({
  known: "measured",
  vessel: { shape: "cylinder", topWidthMm: 250, heightMm: 250, wall: "smooth-plastic" },
});

/** A quince potted two years ago, and a look of a grade. */
function looked(grade: number | null, on = "2026-05-01") {
  const tree = aTree();
  const about = { treeId: tree.id, potLotId: lot.id };
  const potted = aPotting();
  const events = [
    anEvent("2022-04-01", { kind: "arrived", form: "container", lastPotted: null }, about),
    anEvent("2024-04-01", potted, about),
    ...(grade === null
      ? []
      : [
          anEvent(
            on,
            { kind: "roots-read", fillGrade: grade, circlingGrade: 0, by: "look", reading: NOTHING_READ },
            { treeId: tree.id },
          ),
        ]),
  ];
  return { tree, events };
}
const calibration = (made: ReturnType<typeof looked>[]) =>
  openYard(
    {
      records: { trees: made.map((m) => m.tree), lots: [lot], places: [], events: made.flatMap((m) => m.events) },
      risk: 0.1,
    },
    weather,
    { today: TODAY },
  ).calibration;

test("looks are held against what was believed before them: a full ball after two years is foreseen, an empty one is not", () => {
  expect(calibration([looked(null)])).toEqual({ looks: 0, inside: 0, eyeOff: null });
  expect(calibration([looked(3)])).toEqual({ looks: 1, inside: 1, eyeOff: null });
  expect(calibration([looked(0)])).toEqual({ looks: 1, inside: 0, eyeOff: null });
  // A look of a day to come is none yet.
  expect(calibration([looked(3, "2026-06-01")])).toEqual({ looks: 0, inside: 0, eyeOff: null });
});

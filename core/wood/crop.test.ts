import { buildSite } from "../climate/index";
import { toDay } from "../dates/index";
import { TEST_NORMALS } from "@/test-support/normals";
import { cropOutlook, HABIT_PARAMETERS } from "./index";

const site = (warmerC: number) =>
  buildSite({
    latitudeDeg: 48.3,
    normals: {
      ...TEST_NORMALS,
      tminC: TEST_NORMALS.tminC.map((v) => v + warmerC),
      tmaxC: TEST_NORMALS.tmaxC.map((v) => v + warmerC),
    },
    record: null,
    today: toDay("2026-03-01"),
    seed: 7,
    historyFrom: toDay("2022-01-01"),
  });
const apple = HABIT_PARAMETERS["apple-like"];
const cool = site(0);

test("a crop that asks for more warmth ripens less often and later", () => {
  let [chance, on] = [1.01, ""];
  for (const degreeDays of [400, 700, 900, 1100, 1500]) {
    const o = cropOutlook(cool, 2026, apple, { degreeDays });
    expect(o.chance).toBeLessThanOrEqual(chance);
    if (o.ripeOn !== null) {
      expect(o.ripeOn > on).toBe(true);
      on = o.ripeOn;
    }
    chance = o.chance;
  }
  expect(chance).toBe(0);
});

test("an early start in warmth never ripens later, nor a warmer site less often", () => {
  const crop = { degreeDays: 950 };
  const [none, three, six] = [0, 3, 6].map((weeks) => cropOutlook(cool, 2026, apple, crop, weeks));
  expect(three.chance).toBeGreaterThanOrEqual(none.chance);
  expect(six.chance).toBeGreaterThanOrEqual(three.chance);
  expect(six.seasonBrings).toBeGreaterThan(none.seasonBrings);
  expect(cropOutlook(site(3), 2026, apple, crop).chance).toBeGreaterThan(none.chance);
});

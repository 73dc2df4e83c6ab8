import { renderToStaticMarkup } from "react-dom/server";
import { weatherHours } from "@/core/place/index";
import { type RootLimits, winterOutlook } from "@/core/winter/index";
import { continental } from "@/test-support/season";
import { Ribbon } from "./ribbon";

const DAYS = 250;
const { ensemble } = continental;
const from = 260;
const winters = [0, 1, 2, 3].map((year) => {
  const cut = (values: Float32Array) => values.subarray(from + 365 * year, from + 365 * year + DAYS);
  return weatherHours(continental.latitudeDeg, {
    startDay: ensemble.startDay + from + 365 * year,
    tminC: cut(ensemble.tminC),
    tmaxC: cut(ensemble.tmaxC),
    solarMJ: cut(ensemble.solarMJ),
    rainMm: cut(ensemble.rainMm),
    windMs: cut(ensemble.windMs),
  });
});
const limits: RootLimits = { youngC: -6, matureC: -9 };
const startDay = ensemble.startDay + from;
const outlook = winterOutlook({ volumeL: 12, wall: "terracotta", stand: "ground" }, winters, startDay, limits);
const draw = (more: Partial<Parameters<typeof Ribbon>[0]> = {}) =>
  renderToStaticMarkup(<Ribbon outlook={outlook} limits={limits} today={startDay + 90} units="metric" {...more} />);

test("the winter is drawn in numbers and said in words, the middle winter before the one in ten", () => {
  const svg = draw();
  expect(svg).not.toMatch(/NaN|undefined|Infinity/);
  const label = /aria-label="Coldest at the wall in the middle winter (-?[\d.]+) °C, in one of ten (-?[\d.]+) °C/.exec(
    svg.replaceAll("−", "-"),
  )!;
  expect(Number(label[2])).toBeLessThanOrEqual(Number(label[1]));
  for (const month of ["Dec", "Jan", "Feb"]) expect(svg).toContain(`>${month}`);
});

test("today stands in it only in the winter that is on", () => {
  const marks = (svg: string) => svg.split("<path").length;
  expect(marks(draw())).toBeGreaterThan(marks(draw({ today: null })));
  expect(marks(draw({ today: startDay + 900 }))).toBe(marks(draw({ today: null })));
});

test("the lines that kill are both in sight, however hardy the roots", () => {
  const hardy = draw({ limits: { youngC: -17, matureC: -23 } });
  expect(hardy).not.toMatch(/NaN|undefined|Infinity/);
  const kill = [...hardy.matchAll(/stroke="var\(--color-error\)"/g)].length;
  expect(kill).toBe([...draw().matchAll(/stroke="var\(--color-error\)"/g)].length);
  expect(kill).toBeGreaterThanOrEqual(2);
});

test("in other units the same winter is told", () => {
  expect(draw({ units: "us" })).toContain("°F");
  expect(draw({ units: "us" })).not.toContain("°C");
});

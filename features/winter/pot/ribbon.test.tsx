import { weatherHours } from "@/core/place/index";
import { type RootLimits, winterOutlook } from "@/core/winter/index";
import { toIso } from "@/core/dates/index";
import { continental } from "@/test-support/season";
import { dayAxis } from "@/ui/charts/index";
import { ribbonRows } from "./ribbon";

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
const rows = ribbonRows(outlook);

test("a row for each day of the winter, with the outlook’s own figures and nothing else", () => {
  expect(rows).toHaveLength(outlook.shell50C.length);
  rows.forEach((row, d) => {
    expect(row).toEqual({
      day: startDay + d,
      wallBand: [outlook.shell10C[d], outlook.shell50C[d]],
      wall: outlook.shell50C[d],
      coreBand: [outlook.core10C[d], outlook.core50C[d]],
      core: outlook.core50C[d],
    });
    for (const v of Object.values(row).flat()) expect(Number.isFinite(v)).toBe(true);
  });
});

test("the one-in-ten winter is never the milder one, and the coldest of both is what the sentence says", () => {
  for (const { wallBand } of rows) {
    const [cold, middle] = wallBand as readonly [number, number];
    expect(cold).toBeLessThanOrEqual(middle);
  }
});

test("its months are named, January by its year", () => {
  const axis = dayAxis(startDay, DAYS, toIso(startDay));
  const firsts = axis.ticks.map(toIso);
  expect(firsts.every((iso) => iso.endsWith("-01"))).toBe(true);
  expect(firsts).toHaveLength(8);
  const january = firsts.find((iso) => iso.slice(5, 7) === "01")!;
  expect(axis.word(axis.ticks[firsts.indexOf(january)])).toBe(january.slice(0, 4));
});

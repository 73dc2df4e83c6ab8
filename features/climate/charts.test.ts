import { toDay } from "@/core/dates/index";
import type { PlaceFit } from "@/core/climate/index";
import type { AtRisk } from "./ahead";
import { frostRows } from "./frost-detail";
import type { DrawnNight } from "./nights";
import { nightRows } from "./nights-chart";
import { fitRows } from "./places-view";
import { type DrawnSums, sumRows } from "./season-sums";
import type { WoodPicture } from "./wood/picture";
import { woodRows } from "./wood/wood-chart";

test("a running sum: a row for every drawn day, the running year only as far as it goes", () => {
  const sums: DrawnSums = {
    ...{ kind: "warmth", from: "2026-01-01", days: 15, years: 20, stepDays: 7, now: 12, usualNow: 10 },
    ...{ p10: [0, 4, 9], p50: [1, 6, 14], p90: [2, 9, 20], current: [1, 7] },
  };
  const start = toDay("2026-01-01");
  expect(sumRows(sums)).toEqual([
    { day: start, band: [0, 2], middle: 1, now: 1 },
    { day: start + 7, band: [4, 9], middle: 6, now: 7 },
    { day: start + 14, band: [9, 20], middle: 14, now: null },
  ]);
});

test("a frost curve that crosses New Year runs on, in per cent", () => {
  const point = (slot: number, share: number) => ({ slot, rank: share, normal: share / 2 });
  expect(frostRows([point(360, 0), point(364, 0.5), point(3, 1)])).toEqual([
    { ahead: 0, rank: 0, normal: 0 },
    { ahead: 4, rank: 50, normal: 25 },
    { ahead: 8, rank: 100, normal: 50 },
  ]);
});

const night = (on: string, minC: number): DrawnNight => ({
  ...{ on, minC, minErrorC: 1, maxC: minC + 9, maxErrorC: 1, rainMm: null, windMs: null, basis: "forecast" },
});

test("nights: the band holds eight of ten, a place's nights stand before the site's, wood far below is not drawn", () => {
  const nights = [night("2026-12-01", -2), night("2026-12-02", -5)];
  const [open] = nightRows(nights, null, "2026-12-01");
  expect(open).toMatchObject({ night: "1 Dec", low: -2, high: 7, tender: null, middle: null });
  const [low, high] = open.band as readonly [number, number];
  expect([low, high].map((v) => Math.round(100 * v) / 100)).toEqual([-3.28, -0.72]);
  const group = { minC: [-1, -4], lt50: { tender: [-9, -20], middle: [-11, -25] } } as unknown as AtRisk;
  expect(nightRows(nights, group, "2026-12-01").map(({ low: at, tender, middle }) => [at, tender, middle])).toEqual([
    [-1, -9, -11],
    [-4, null, null],
  ]);
});

test("a place against the site: each night, the learned line and that of no difference at the same spot, from end to end", () => {
  const fit = {
    climate: { offsetC: 2, damping: 0.5 },
    pairs: [
      { day: 1, siteC: -4, placeC: 0 },
      { day: 2, siteC: -8, placeC: -2 },
    ],
  } as unknown as PlaceFit;
  expect(fitRows(fit, -10, 0)).toEqual([
    { site: -10, night: null, learned: -3, same: -10 },
    { site: -8, night: -2, learned: -2, same: -8 },
    { site: -4, night: 0, learned: 0, same: -4 },
    { site: 0, night: null, learned: 2, same: 0 },
  ]);
});

test("the wood's season: every series at its step; nights warmer than twelve degrees say nothing of hardiness", () => {
  const picture = {
    ...{ from: "2026-03-01", stepDays: 5, shoots: null },
    ripe: { p10: [0, 10], p50: [5, 30], p90: [9, 60] },
    hardy: { hardy: [-20, -12], middle: [-15, 14], tender: [-10, 20] },
    ...{ coldNight: [-9, -3], recorded: [-4, null], safe: [null, 80] },
  } as unknown as WoodPicture;
  const start = toDay("2026-03-01");
  expect(woodRows(picture)).toEqual([
    {
      ...{ day: start, ripeBand: [0, 9], ripe: 5, shoots: null, coldBand: [-20, -10], cold: -15, once: -9 },
      ...{ recorded: -4, safe: null },
    },
    {
      ...{ day: start + 5, ripeBand: [10, 60], ripe: 30, shoots: null, coldBand: [-12, 12], cold: 12, once: -3 },
      ...{ recorded: null, safe: 80 },
    },
  ]);
});

import { normalsFromAnswers } from "../atlas/index";
import fc from "fast-check";
import { mirroredNormals } from "@/test-support/sites";
import { buildSite, type Normals, SEASON_LEAD_DAYS } from "../climate/index";
import { toDay } from "../dates/index";
import {
  damageShare,
  HABIT_PARAMETERS,
  HABITS,
  hardinessStep,
  lateFlushRipeness,
  ripeness,
  runWoodSeason,
  WOOD_PHASES,
  woodPhase,
  woodSeries,
  woodStage,
} from "./index";

const north = {
  latitudeDeg: 48.3,
  longitudeDeg: 11.9,
  elevationM: 540,
  coldestNightC: -16,
  lastSpringFrost: "05-01",
  firstAutumnFrost: "10-12",
};
const siteOf = (latitudeDeg: number, normals: Normals) =>
  buildSite({
    latitudeDeg,
    normals,
    record: null,
    today: toDay("2026-05-15"),
    seed: 7,
    historyFrom: toDay("2022-01-01"),
  });
const normals = normalsFromAnswers(north);
const site = siteOf(north.latitudeDeg, normals);
const { slices } = site.season(2026);

describe.each(HABITS)("%s", (habit) => {
  const h = HABIT_PARAMETERS[habit];

  test("a season's phases come in order, ripeness never falls, buds break in spring", () => {
    for (const slice of slices.slice(0, 6)) {
      const wood = runWoodSeason(h, slice, 48.3);
      expect(wood.budBreak).toBeGreaterThan(SEASON_LEAD_DAYS + 40);
      expect(wood.budBreak).toBeLessThan(SEASON_LEAD_DAYS + 185);
      expect(wood.swell).toBeLessThanOrEqual(wood.budBreak);
      let [phase, heat] = [0, 0];
      for (let i = SEASON_LEAD_DAYS; i < SEASON_LEAD_DAYS + 365; i++) {
        const p = WOOD_PHASES.indexOf(woodPhase(h, wood, i));
        expect(p).toBeGreaterThanOrEqual(phase);
        expect(wood.heat[i]).toBeGreaterThanOrEqual(heat);
        [phase, heat] = [p, wood.heat[i]];
      }
      if (h.leaf === "evergreen") expect(wood.leafFall).toBe(-1);
      else expect(woodStage("deciduous", WOOD_PHASES[phase])).toBe("dormant");
    }
  });

  test("a faster pace ripens sooner; a stronger disturbance leaves softer tips", () => {
    const slice = slices[3];
    const [slow, fast] = [runWoodSeason(h, slice, 48.3, -0.3), runWoodSeason(h, slice, 48.3, 0.3)];
    const at = SEASON_LEAD_DAYS + 270;
    expect(fast.heat[at]).toBeGreaterThan(slow.heat[at]);
    const wood = runWoodSeason(h, slice, 48.3);
    const day = SEASON_LEAD_DAYS + 215;
    const until = SEASON_LEAD_DAYS + 285;
    expect(lateFlushRipeness(h, wood, day, until, 0.8)).toBeLessThanOrEqual(
      lateFlushRipeness(h, wood, day, until, 0.3) + 1e-9,
    );
    // The later the flush, the less of the season it has.
    let last = 1;
    for (let d = day; d < until; d += 10) {
      const r = lateFlushRipeness(h, wood, d, until, 1);
      if (r < 1) {
        expect(r).toBeLessThanOrEqual(last + 0.02);
        last = r;
      }
    }
  });
});

test("the late flush in closed form agrees with stepping it", () => {
  const h = HABIT_PARAMETERS["apple-like"];
  const wood = runWoodSeason(h, slices[5], 48.3);
  const [at, until, q] = [SEASON_LEAD_DAYS + 200, SEASON_LEAD_DAYS + 290, 0.5];
  const from = at + 10;
  const c0 = wood.cessation[at];
  let open = 1 - c0 * (1 - q * (1 - c0));
  let heat = 0;
  for (let i = at + 1; i <= until; i++) {
    const drive = 1 - (1 - wood.cessation[i]) / (1 - wood.cessation[i - 1]);
    open *= 1 - drive;
    const warm = wood.warmth[i] - wood.warmth[i - 1];
    if (i > from) heat += warm * (h.m0 + (1 - h.m0) * (1 - open));
  }
  expect(lateFlushRipeness(h, wood, at, until, q)).toBeCloseTo(ripeness(heat, 0.45 * h.h50, h.n), 2);
});

test("mirrored hemispheres mirror: the same climate half a year apart gives the same wood half a year apart", () => {
  const mirror = siteOf(-north.latitudeDeg, mirroredNormals(normals));
  for (const habit of ["apple-like", "olive-bay-like"] as const) {
    const [n, s] = [
      woodSeries(site, HABIT_PARAMETERS[habit], 2024, 2024),
      woodSeries(mirror, HABIT_PARAMETERS[habit], 2024, 2024),
    ];
    const firstSoft = (series: typeof n) => series.phase.findIndex((p) => WOOD_PHASES[p] === "soft");
    expect(Math.abs(firstSoft(n) - firstSoft(s))).toBeLessThan(14);
  }
});

test("hardiness stays within its limits, and damage rises with cold", () => {
  const p = HABIT_PARAMETERS["apple-like"].hardiness;
  fc.assert(
    fc.property(
      fc.double({ min: -34, max: -2.5, noNaN: true }),
      fc.double({ min: -30, max: 30, noNaN: true }),
      fc.double({ min: -1200, max: 0, noNaN: true }),
      (lt50, temp, chill) => {
        const next = hardinessStep(lt50, chill, temp, p);
        expect(next).toBeGreaterThanOrEqual(p.hMax);
        expect(next).toBeLessThanOrEqual(p.hMin);
      },
    ),
  );
  expect(damageShare(-12, -10, 1.5)).toBeGreaterThan(damageShare(-8, -10, 1.5));
});

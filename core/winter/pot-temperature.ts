import type { PotHours } from "../place/index";
import {
  CONDUCTIVITY,
  FILM,
  HEAT,
  RING_AT,
  RING_SHARE,
  SKY,
  SOIL_SLEEVE_M,
  type Stand,
  SUN,
  UNDER_POT_R,
  wallResistanceM2KPerW,
  type WinterWall,
  type Wrap,
  WRAP_R,
} from "./figures";

/** A pot as winter finds it. */
export interface PotInWinter {
  volumeL: number;
  wall: WinterWall;
  wrap?: Wrap | null;
  stand: Stand;
  /** Share of the wall that meets the air: 1 alone, .5 at the edge of a block, .2 inside one. */
  exposure?: number;
  /** Share of the wind that reaches it. */
  shelter?: number;
  /** Mulch or snow on the mix, m²K/W. */
  mulchR?: number;
  /** Water by volume. */
  waterFraction?: number;
  /** Share of the sun on the mix that the crown keeps off. */
  shade?: number;
  /** Share of the sun on it that the wall takes up: dark .8, light .3. */
  wallTakes?: number;
}

export interface PotTemperatures {
  minShellC: number;
  minCoreC: number;
  shellC: Float64Array;
  coreC: Float64Array;
  /** Heat taken in by the pot over all hours, MJ, and what its mix holds more at the end: equal but for rounding. */
  takenMJ: number;
  heldMJ: number;
}

/** Enthalpy of wet mix, MJ/m³ above liquid at 0 °C: water freezes evenly between 0 and −1 °C. */
interface Matter {
  thawed: number;
  frozen: number;
  fusion: number;
  slush: number;
}

function matterOf(water: number): Matter {
  const thawed = HEAT.dry + HEAT.water * water;
  const frozen = HEAT.dry + HEAT.ice * water;
  const fusion = HEAT.fusion * water;
  return { thawed, frozen, fusion, slush: fusion + (thawed + frozen) / 2 };
}

const temperatureC = (e: number, m: Matter) =>
  e >= 0 ? e / m.thawed : e >= -m.slush ? e / m.slush : -1 + (e + m.slush) / m.frozen;
const enthalpy = (t: number, m: Matter) =>
  t >= 0 ? t * m.thawed : t >= -1 ? t * m.slush : -m.slush + (t + 1) * m.frozen;

const SECONDS = 3600;
/** Share of the quickest ring's time constant a step may take. */
const STEP_SHARE = 0.4;

/**
 * Temperature of the root zone hour by hour: three rings of a pot as tall as wide (shell, where turning roots live; middle; core),
 * heat through wall, mix surface and floor, latent heat of its water. Explicit steps, short against the quickest ring.
 * @param startC temperature of all mix at the start
 */
export function potTemperature(pot: PotInWinter, startC: number, hours: PotHours): PotTemperatures {
  const { exposure = 1, shelter = 1, mulchR = 0, waterFraction = 0.4, shade = 0 } = pot;
  const { wallTakes = SUN.wallTakes } = pot;
  const { airC: air, windMs, soilC: soil, sunWm2, skyLossWm2, snowR } = hours;
  const count = air.length;
  const m = matterOf(waterFraction);
  const volume = pot.volumeL / 1000;
  const radius = (volume / (2 * Math.PI)) ** (1 / 3);
  const height = 2 * radius;
  const around = 2 * Math.PI * height;
  const wallArea = 2 * Math.PI * radius * height;
  const disc = Math.PI * radius * radius;
  const upright = height / (4 * CONDUCTIVITY.upright);
  const insulation = wallResistanceM2KPerW(pot.wall) + (pot.wrap ? WRAP_R[pot.wrap] : 0);
  const lnWall = Math.log(1 / RING_AT[0]);
  const ln01 = Math.log(RING_AT[0] / RING_AT[1]);
  const ln12 = Math.log(RING_AT[1] / RING_AT[2]);
  const sleeve = (around * CONDUCTIVITY.soil) / Math.log((radius + SOIL_SLEEVE_M) / radius);
  // Scalars throughout: this loop runs hundreds of millions of times a plan, and arrays would cost three times as much.
  const { thawed, frozen, slush } = m;
  const held0 = RING_SHARE[0] * volume;
  const held1 = RING_SHARE[1] * volume;
  const held2 = RING_SHARE[2] * volume;
  const disc0 = RING_SHARE[0] * disc;
  const disc1 = RING_SHARE[1] * disc;
  const disc2 = RING_SHARE[2] * disc;
  const { thawed: k0, frozen: k1 } = CONDUCTIVITY;
  const least = Math.min(thawed, frozen);
  // Conductance between rings with both thawed, and what freezing of either adds.
  const g01Thawed = (around * k0) / ln01;
  const g12Thawed = (around * k0) / ln12;
  const g01More = (around * (k1 - k0)) / (2 * ln01);
  const g12More = (around * (k1 - k0)) / (2 * ln12);
  const g01Most = g01Thawed + 2 * g01More;
  const g12Most = g12Thawed + 2 * g12More;
  const kMore = k1 - k0;
  const shellPath = lnWall / around;
  const perThawed = 1 / thawed;
  const perSlush = 1 / slush;
  const perFrozen = 1 / frozen;

  const onBench = pot.stand === "bench";
  const sunk = pot.stand === "sunk";
  const throughFloor = 1 / (UNDER_POT_R + upright);
  const throughSoil = 1 / sleeve;
  const wallMet = wallArea * exposure;
  const wallSun = wallTakes * SUN.wallShare;
  const topSun = SUN.topTakes * (1 - shade);
  const wallSky = SKY.wall;
  const topSky = SKY.top;
  const stillFilm = FILM.still;
  const windFilm = FILM.perWindMs * shelter;

  let e0 = enthalpy(startC, m);
  let e1 = e0;
  let e2 = e0;
  const before = e0 * volume;
  const shellC = new Float64Array(count);
  const coreC = new Float64Array(count);
  let minShellC = startC;
  let minCoreC = startC;
  let taken = 0;

  for (let i = 0; i < count; i++) {
    const airC = air[i];
    const perFilm = 1 / (stillFilm + windFilm * windMs[i]);
    const wallC = airC + (wallSun * sunWm2[i] - wallSky * skyLossWm2[i]) * perFilm;
    const topC = airC + (topSun * sunWm2[i] - topSky * skyLossWm2[i]) * perFilm;
    const cover = snowR === null ? mulchR : mulchR + snowR[i];
    const top = 1 / (perFilm + cover + upright);
    const bottom = onBench ? 1 / (perFilm + upright) : throughFloor;
    const endsC = top * topC + bottom * (onBench ? airC : soil[i]);
    const ends = top + bottom;
    const sideC = sunk ? soil[i] : wallC;
    const outer = sunk ? throughSoil : (insulation + perFilm) / wallMet;
    // The quickest ring with everything frozen, where it is quickest.
    const wallMost = 1 / (shellPath / k1 + outer);
    const quickest = Math.min(
      (least * held0) / (wallMost + g01Most + disc0 * ends),
      (least * held1) / (g01Most + g12Most + disc1 * ends),
      (least * held2) / (g12Most + disc2 * ends),
    );
    const steps = Math.max(1, Math.ceil(SECONDS / (STEP_SHARE * quickest * 1e6)));
    const dt = SECONDS / steps / 1e6;
    const dt0 = dt / held0;
    const dt1 = dt / held1;
    const dt2 = dt / held2;
    for (let s = 0; s < steps; s++) {
      const t0 = e0 >= 0 ? e0 * perThawed : e0 >= -slush ? e0 * perSlush : -1 + (e0 + slush) * perFrozen;
      const t1 = e1 >= 0 ? e1 * perThawed : e1 >= -slush ? e1 * perSlush : -1 + (e1 + slush) * perFrozen;
      const t2 = e2 >= 0 ? e2 * perThawed : e2 >= -slush ? e2 * perSlush : -1 + (e2 + slush) * perFrozen;
      const f0 = e0 >= 0 ? 0 : e0 <= -slush ? 1 : -e0 * perSlush;
      const f1 = e1 >= 0 ? 0 : e1 <= -slush ? 1 : -e1 * perSlush;
      const f2 = e2 >= 0 ? 0 : e2 <= -slush ? 1 : -e2 * perSlush;
      const gWall = 1 / (shellPath / (k0 + kMore * f0) + outer);
      const in0 = gWall * (sideC - t0) + disc0 * (endsC - ends * t0);
      const in1 = disc1 * (endsC - ends * t1);
      const in2 = disc2 * (endsC - ends * t2);
      const q01 = (g01Thawed + g01More * (f0 + f1)) * (t1 - t0);
      const q12 = (g12Thawed + g12More * (f1 + f2)) * (t2 - t1);
      e0 += (in0 + q01) * dt0;
      e1 += (in1 - q01 + q12) * dt1;
      e2 += (in2 - q12) * dt2;
      taken += (in0 + in1 + in2) * dt;
    }
    const shell = temperatureC(e0, m);
    const core = temperatureC(e2, m);
    shellC[i] = shell;
    coreC[i] = core;
    if (shell < minShellC) minShellC = shell;
    if (core < minCoreC) minCoreC = core;
  }
  const heldMJ = e0 * held0 + e1 * held1 + e2 * held2 - before;
  return { minShellC, minCoreC, shellC, coreC, takenMJ: taken, heldMJ };
}

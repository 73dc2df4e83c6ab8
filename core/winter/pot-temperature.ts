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
  WALL_R,
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
}

/** Weather of an hour round the pot. Sun is what falls on level ground, sky loss what a clear sky takes from it, W/m². */
export interface PotHour {
  airC: number;
  windMs: number;
  soilC: number;
  sunWm2?: number;
  skyLossWm2?: number;
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
const frozenShare = (e: number, m: Matter) => (e >= 0 ? 0 : e <= -m.slush ? 1 : -e / m.slush);

const SECONDS = 3600;
/** Share of the quickest ring's time constant a step may take. */
const STEP_SHARE = 0.4;

/**
 * Temperature of the root zone hour by hour: three rings of a pot as tall as wide (shell, where turning roots live; middle; core),
 * heat through wall, mix surface and floor, latent heat of its water. Explicit steps, short against the quickest ring.
 * @param startC temperature of all mix at the start
 */
export function potTemperature(pot: PotInWinter, startC: number, hours: readonly PotHour[]): PotTemperatures {
  const { exposure = 1, shelter = 1, mulchR = 0, waterFraction = 0.4, shade = 0 } = pot;
  const m = matterOf(waterFraction);
  const volume = pot.volumeL / 1000;
  const radius = (volume / (2 * Math.PI)) ** (1 / 3);
  const height = 2 * radius;
  const around = 2 * Math.PI * height;
  const wallArea = 2 * Math.PI * radius * height;
  const disc = Math.PI * radius * radius;
  const upright = height / (4 * CONDUCTIVITY.upright);
  const insulation = WALL_R[pot.wall] + (pot.wrap ? WRAP_R[pot.wrap] : 0);
  const lnWall = Math.log(1 / RING_AT[0]);
  const ln01 = Math.log(RING_AT[0] / RING_AT[1]);
  const ln12 = Math.log(RING_AT[1] / RING_AT[2]);
  const sleeve = (around * CONDUCTIVITY.soil) / Math.log((radius + SOIL_SLEEVE_M) / radius);
  const heldM3 = RING_SHARE.map((share) => share * volume);
  const discs = RING_SHARE.map((share) => share * disc);

  let [e0, e1, e2] = [0, 0, 0].map(() => enthalpy(startC, m));
  const heat = () => e0 * heldM3[0] + e1 * heldM3[1] + e2 * heldM3[2];
  const before = heat();
  const shellC = new Float64Array(hours.length);
  const coreC = new Float64Array(hours.length);
  let [minShellC, minCoreC, taken] = [startC, startC, 0];
  const { thawed: k0, frozen: k1 } = CONDUCTIVITY;
  const least = Math.min(m.thawed, m.frozen);

  for (let i = 0; i < hours.length; i++) {
    const { airC, windMs, soilC, sunWm2 = 0, skyLossWm2 = 0 } = hours[i];
    const film = FILM.still + FILM.perWindMs * windMs * shelter;
    const wallC = airC + (SUN.wallTakes * SUN.wallShare * sunWm2 - SKY.wall * skyLossWm2) / film;
    const topC = airC + (SUN.topTakes * (1 - shade) * sunWm2 - SKY.top * skyLossWm2) / film;
    const top = 1 / (1 / film + mulchR + upright);
    const bottom = pot.stand === "bench" ? 1 / (1 / film + upright) : 1 / (UNDER_POT_R + upright);
    const floorC = pot.stand === "bench" ? airC : soilC;
    const sideC = pot.stand === "sunk" ? soilC : wallC;
    const outer = pot.stand === "sunk" ? 1 / sleeve : (insulation + 1 / film) / (wallArea * exposure);
    // The quickest ring with everything frozen, where it is quickest.
    const wallMost = 1 / (lnWall / (around * k1) + outer);
    const [m01, m12] = [(around * k1) / ln01, (around * k1) / ln12];
    const quickest = Math.min(
      (least * heldM3[0]) / (wallMost + m01 + discs[0] * (top + bottom)),
      (least * heldM3[1]) / (m01 + m12 + discs[1] * (top + bottom)),
      (least * heldM3[2]) / (m12 + discs[2] * (top + bottom)),
    );
    const steps = Math.max(1, Math.ceil(SECONDS / (STEP_SHARE * quickest * 1e6)));
    const dt = SECONDS / steps / 1e6;
    for (let s = 0; s < steps; s++) {
      const [t0, t1, t2] = [temperatureC(e0, m), temperatureC(e1, m), temperatureC(e2, m)];
      const [f0, f1, f2] = [frozenShare(e0, m), frozenShare(e1, m), frozenShare(e2, m)];
      const kShell = k0 + (k1 - k0) * f0;
      const gWall = 1 / (lnWall / (around * kShell) + outer);
      const g01 = (around * (k0 + ((k1 - k0) * (f0 + f1)) / 2)) / ln01;
      const g12 = (around * (k0 + ((k1 - k0) * (f1 + f2)) / 2)) / ln12;
      const in0 = gWall * (sideC - t0) + discs[0] * (top * (topC - t0) + bottom * (floorC - t0));
      const in1 = discs[1] * (top * (topC - t1) + bottom * (floorC - t1));
      const in2 = discs[2] * (top * (topC - t2) + bottom * (floorC - t2));
      const [q01, q12] = [g01 * (t1 - t0), g12 * (t2 - t1)];
      e0 += ((in0 + q01) * dt) / heldM3[0];
      e1 += ((in1 - q01 + q12) * dt) / heldM3[1];
      e2 += ((in2 - q12) * dt) / heldM3[2];
      taken += (in0 + in1 + in2) * dt;
    }
    shellC[i] = temperatureC(e0, m);
    coreC[i] = temperatureC(e2, m);
    if (shellC[i] < minShellC) minShellC = shellC[i];
    if (coreC[i] < minCoreC) minCoreC = coreC[i];
  }
  return { minShellC, minCoreC, shellC, coreC, takenMJ: taken, heldMJ: heat() - before };
}

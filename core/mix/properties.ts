import { areaAtM2, type Vessel, volumeL } from "../vessel/index";
import { dryKgPerL, mixInPot, type MixInPot, ROUGH_SLICES, TRIGGER_SUCTION_CM, volumeLeft, waterContent } from "./mix";
import type { Mix } from "./schema";

/** What stands at one depth of a drained pot, as shares of the volume there; solids, water and air sum to 1. */
export interface MixLayer {
  /** Height of the middle above the floor, mm. */
  heightMm: number;
  thicknessMm: number;
  /** Litres of mix in the layer. */
  volumeL: number;
  solids: number;
  /** Water a root can still have: between what the drained pot holds here and what is left when watering is due. */
  available: number;
  /** Water held harder than that. */
  held: number;
  air: number;
}

export interface MixColumn {
  layers: MixLayer[];
  whole: MixInPot;
  /** Available water of the whole pot, litres. */
  availableL: number;
  /** Height of the zone with less than a tenth of air, mm above the bottom layer. */
  soddenMm: number;
  dryKg: number;
  wetKg: number;
}

/** Roots want at least this share of air; what has less counts as sodden. Typical guide value (M). */
export const LEAST_AIR = 0.1;

export interface ColumnInput {
  mix: Mix;
  vessel: Vessel;
  fillHeightMm: number;
  bottomLayerMm?: number;
  ageYears?: number;
  /** Pots on a wick, or sunk and standing on the soil: the draining plane lies this far below the mix. */
  planeBelowMm?: number;
  layers?: number;
}

const FINE_LAYERS = 200;

function wholeOf(rows: readonly MixLayer[], mix: Mix, mixL: number): MixInPot {
  let [water, all] = [0, 0];
  for (const row of rows) {
    water += (row.available + row.held) * row.volumeL;
    all += row.volumeL;
  }
  const waterFraction = all > 0 ? water / all : mix.thetaS;
  const airFraction = mix.thetaS - waterFraction;
  return {
    waterFraction,
    airFraction,
    waterL: waterFraction * mixL,
    airL: airFraction * mixL,
    mixL,
    wetKgPerL: dryKgPerL(mix) + waterFraction,
  };
}

/** The pot after draining, layer by layer: what is drawn as a column beside the wall. */
export function mixColumn(input: ColumnInput): MixColumn {
  const { mix, vessel, fillHeightMm, bottomLayerMm = 0, ageYears = 0, planeBelowMm = 0, layers = 200 } = input;
  const thicknessMm = Math.max(0, fillHeightMm - bottomLayerMm) / layers;
  const dry = waterContent(mix, TRIGGER_SUCTION_CM, ageYears);
  let availableL = 0;
  let soddenMm = 0;
  const rows = Array.from({ length: layers }, (_, i): MixLayer => {
    const heightMm = bottomLayerMm + (i + 0.5) * thicknessMm;
    const water = waterContent(mix, (heightMm - bottomLayerMm + planeBelowMm) / 10, ageYears);
    const volume = areaAtM2(vessel, heightMm) * thicknessMm;
    const available = Math.max(0, water - dry);
    availableL += available * volume;
    if (mix.thetaS - water < LEAST_AIR) soddenMm += thicknessMm;
    return {
      heightMm,
      thicknessMm,
      volumeL: volume,
      solids: 1 - mix.thetaS,
      available,
      held: water - available,
      air: mix.thetaS - water,
    };
  });
  const mixL = Math.max(0, volumeL(vessel, fillHeightMm) - volumeL(vessel, bottomLayerMm));
  // Enough layers are the integral already; few of them only draw it.
  const whole =
    layers >= FINE_LAYERS
      ? wholeOf(rows, mix, mixL)
      : mixInPot(mix, vessel, fillHeightMm, bottomLayerMm, ageYears, planeBelowMm);
  return {
    layers: rows,
    whole,
    availableL,
    soddenMm,
    dryKg: mixL * dryKgPerL(mix),
    wetKg: mixL * whole.wetKgPerL,
  };
}

/** A mix is worn out when a fifth of its volume is gone, or when the air in a layer of 20 cm has fallen below this (L). */
export const WORN_OUT_LOSS = 0.2;
export const WORN_OUT_AIR = 0.12;
const LIFE_DEPTH_CM = 20;
const LONGEST_LIFE_YEARS = 30;

/** Air of a drained layer 20 cm deep, mean over its depth. */
export function airAt20cm(mix: Mix, ageYears: number): number {
  const slices = 80;
  let water = 0;
  for (let i = 0; i < slices; i++) water += waterContent(mix, ((i + 0.5) * LIFE_DEPTH_CM) / slices, ageYears) / slices;
  return mix.thetaS - water;
}

export interface MixLife {
  years: number;
  /** What ends it; `long` beyond thirty years, which nobody has watched. */
  by: "volume" | "air" | "long";
}

const lives = new WeakMap<Mix, MixLife>();

/** Years until the mix is worn out: the first of the two ends. Asked of every tree on every day, so each mix is worked out once. */
export function mixLife(mix: Mix): MixLife {
  let life = lives.get(mix);
  if (!life) lives.set(mix, (life = lifeOf(mix)));
  return life;
}

function lifeOf(mix: Mix): MixLife {
  const loss = mix.volumeLossPerYear ?? 0;
  const byVolume = loss > 0 ? -Math.log(1 - WORN_OUT_LOSS) / loss : Infinity;
  let byAir = Infinity;
  if (airAt20cm(mix, 0) < WORN_OUT_AIR) byAir = 0;
  else if (airAt20cm(mix, LONGEST_LIFE_YEARS) < WORN_OUT_AIR) {
    let [low, high] = [0, LONGEST_LIFE_YEARS];
    while (high - low > 0.01) {
      const middle = (low + high) / 2;
      if (airAt20cm(mix, middle) < WORN_OUT_AIR) high = middle;
      else low = middle;
    }
    byAir = high;
  }
  const years = Math.min(byVolume, byAir);
  if (years > LONGEST_LIFE_YEARS) return { years: LONGEST_LIFE_YEARS, by: "long" };
  return { years, by: byVolume <= byAir ? "volume" : "air" };
}

/** The pot year by year: mix slumps, pores get finer. */
export interface MixYear {
  ageYears: number;
  volumeShare: number;
  fillHeightMm: number;
  airFraction: number;
  waterFraction: number;
}

export function mixYears(input: ColumnInput, years: number): MixYear[] {
  const { mix, vessel, fillHeightMm, bottomLayerMm = 0, planeBelowMm = 0 } = input;
  return Array.from({ length: years + 1 }, (_, i) => {
    const ageYears = (input.ageYears ?? 0) + i;
    const volumeShare = volumeLeft(mix, i);
    const fill = bottomLayerMm + (fillHeightMm - bottomLayerMm) * volumeShare;
    const pot = mixInPot(mix, vessel, fill, bottomLayerMm, ageYears, planeBelowMm, ROUGH_SLICES);
    return {
      ageYears,
      volumeShare,
      fillHeightMm: fill,
      airFraction: pot.airFraction,
      waterFraction: pot.waterFraction,
    };
  });
}

/** A jump of texture larger than this strands ball or ring: one stays wet while the other dries. Growers' rule (L). */
export const TEXTURE_JUMP = 2;

export interface TextureJump {
  /** How many times coarser (above 1) or finer (below) the new mix is. */
  ratio: number;
  jump: "coarser" | "finer" | null;
}

/** The new mix against the ball; null where one of them is not known by its particles. */
export function textureJump(ball: Mix | null, fresh: Mix): TextureJump | null {
  if (!ball?.particleMm || !fresh.particleMm) return null;
  const ratio = fresh.particleMm / ball.particleMm;
  return { ratio, jump: ratio > TEXTURE_JUMP ? "coarser" : ratio < 1 / TEXTURE_JUMP ? "finer" : null };
}

import { type Wall, WALL } from "../vessel/index";

/** Walls as heat meets them: those of the pots, and two that are built for the winter (resistance m²K/W, M). */
const BUILT_FOR_WINTER = {
  "wood-20mm": { resistanceM2KPerW: 0.15, wet: true },
  "foam-30mm": { resistanceM2KPerW: 0.86, wet: false },
} as const;
export const WINTER_WALLS = Object.keys(BUILT_FOR_WINTER) as ["wood-20mm", "foam-30mm"];
export type WinterWall = Wall | (typeof WINTER_WALLS)[number];

const IN_WINTER: Record<WinterWall, { resistanceM2KPerW: number; wet: boolean }> = { ...WALL, ...BUILT_FOR_WINTER };

/** Resistance of a wall, m²K/W. @example wallResistanceM2KPerW("terracotta") // 0.015 */
export const wallResistanceM2KPerW = (wall: WinterWall) => IN_WINTER[wall].resistanceM2KPerW;
/** Whether a wall loses water through itself. @example isWetWall("fabric") // true */
export const isWetWall = (wall: WinterWall) => IN_WINTER[wall].wet;

export const WRAPS = ["fleece", "bubble-single", "bubble-double", "jute", "straw"] as const;
export type Wrap = (typeof WRAPS)[number];
/** Resistance of wrappings, m²K/W (M): fleece, bubble film of one and two layers, jute 2 cm, straw 10 cm. */
export const WRAP_R: Record<Wrap, number> = {
  fleece: 0.06,
  "bubble-single": 0.17,
  "bubble-double": 0.34,
  jute: 0.35,
  straw: 1.5,
};

export const STANDS = ["bench", "ground", "sunk"] as const;
/** On a bench with air beneath, on the ground, or sunk into it. */
export type Stand = (typeof STANDS)[number];

/** Share of the sun a dark wall and the mix take up, and of the sky's loss each sees (M). */
export const SUN = { wallShare: 0.3, wallTakes: 0.8, topTakes: 0.8 } as const;
export const SKY = { wall: 0.35, top: 0.9 } as const;
/** Heat from a surface to air: still, and per m/s of wind, W/m²K (M). */
export const FILM = { still: 5.7, perWindMs: 3.8 } as const;
/** Conductivity of mix thawed and frozen, of soil round a sunk pot, and of mix as heat crosses it upright, W/mK (M). */
export const CONDUCTIVITY = { thawed: 0.5, frozen: 0.9, soil: 1.3, upright: 0.5 } as const;
/** Soil round a sunk pot counts so far, m; an air gap under a standing one, m²K/W. */
export const SOIL_SLEEVE_M = 0.15;
export const UNDER_POT_R = 0.05;
/** Heat of fusion of water, and heat held by water, ice and dry mix, MJ/m³ (K). */
export const HEAT = { fusion: 333.55, water: 4.18, ice: 2.1, dry: 0.45 } as const;
/** Rings by volume, outermost first, and the radii their middles stand at, of the pot's. */
export const RING_SHARE = [0.36, 0.39, 0.25] as const;
export const RING_AT = [0.906, 0.667, 0.354] as const;

/** Straw 10 cm on the mix, m²K/W (M). */
export const MULCH_R = 1.5;
/** Water by volume of a pot that has just been watered (L). */
export const WATERED = 0.45;

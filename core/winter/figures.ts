import type { Wall } from "../vessel/index";

/** Walls as heat meets them: those of the pots, and two that are built for the winter. */
export const WINTER_WALLS = ["wood-20mm", "foam-30mm"] as const;
export type WinterWall = Wall | (typeof WINTER_WALLS)[number];

/** Resistance of a wall, m²K/W (B): thickness over the conductivity of the matter, rounded. */
export const WALL_R: Record<WinterWall, number> = {
  "smooth-plastic": 0.01,
  glazed: 0.015,
  metal: 0.001,
  concrete: 0.03,
  "poly-bag": 0.005,
  "timber-lined": 0.15,
  terracotta: 0.015,
  "air-pruning": 0.01,
  "copper-lined": 0.01,
  fabric: 0.03,
  rubber: 0.06,
  fibre: 0.05,
  "wood-20mm": 0.15,
  "foam-30mm": 0.86,
};

/** Walls that lose water themselves. */
export const WET_WALLS: ReadonlySet<WinterWall> = new Set(["terracotta", "fabric", "fibre", "wood-20mm"]);

export const WRAPS = ["fleece", "bubble-single", "bubble-double", "jute", "straw"] as const;
export type Wrap = (typeof WRAPS)[number];
/** Resistance of wrappings, m²K/W (B): fleece, bubble film of one and two layers, jute 2 cm, straw 10 cm. */
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

/** Share of the sun a dark wall and the mix take up, and of the sky's loss each sees (B). */
export const SUN = { wallShare: 0.3, wallTakes: 0.8, topTakes: 0.8 } as const;
export const SKY = { wall: 0.35, top: 0.9 } as const;
/** Heat from a surface to air: still, and per m/s of wind, W/m²K (B). */
export const FILM = { still: 5.7, perWindMs: 3.8 } as const;
/** Conductivity of mix thawed and frozen, of soil round a sunk pot, and of mix as heat crosses it upright, W/mK (B). */
export const CONDUCTIVITY = { thawed: 0.5, frozen: 0.9, soil: 1.3, upright: 0.5 } as const;
/** Soil round a sunk pot counts so far, m; an air gap under a standing one, m²K/W. */
export const SOIL_SLEEVE_M = 0.15;
export const UNDER_POT_R = 0.05;
/** Heat of fusion of water, and heat held by water, ice and dry mix, MJ/m³ (K). */
export const HEAT = { fusion: 333.55, water: 4.18, ice: 2.1, dry: 0.45 } as const;
/** Rings by volume, outermost first, and the radii their middles stand at, of the pot's. */
export const RING_SHARE = [0.36, 0.39, 0.25] as const;
export const RING_AT = [0.906, 0.667, 0.354] as const;

/** Straw 10 cm on the mix, m²K/W (B). */
export const MULCH_R = 1.5;
/** Water by volume of a pot that has just been watered (C). */
export const WATERED = 0.45;

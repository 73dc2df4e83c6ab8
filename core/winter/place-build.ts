import { z } from "zod";
import type { PlaceClimate, PlaceKind } from "../climate/index";
import { toDay } from "../dates/index";
import { isoDate, wrong } from "../fault/index";
import { WRAPS } from "./figures";
import {
  airAsRead,
  type LightClass,
  PLACE_AIR,
  type PlaceAir,
  SHELTERS,
  USUAL_SHELTER,
  type LearnedAir,
  type Shelter,
} from "../place/index";

const metres = (least: number, most: number) => z.number().min(least).max(most);

/** Longest stretch of every year in which a place may be said to stand empty, days. */
const MOST_EMPTY_DAYS = 360;

/** How a place is built: what goes in, what it weighs, how cold reaches it. What nobody has said is null. */
export const placeBuildSchema = z.object({
  shelter: z.enum(SHELTERS).nullable(),
  /** Along the wall the door is in, and away from it, m. */
  lengthM: metres(0.2, 500).nullable(),
  widthM: metres(0.2, 500).nullable(),
  heightM: metres(0.2, 50).nullable(),
  doorM: metres(0.2, 20).nullable(),
  /** Middle of the door from the left, m. */
  doorAtM: metres(0, 500).nullable(),
  steps: z.number().int().min(0).max(500),
  /** Way from where the trees stand in summer, m. */
  distanceM: metres(0, 5000).nullable(),
  /** What the floor bears, kg/m². */
  floorKgM2: z.number().min(10).max(20_000).nullable(),
  light: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]).nullable(),
  /** A heater keeps it above this, vents below that, °C. */
  heaterC: z.number().min(-20).max(30).nullable(),
  ventC: z.number().min(0).max(50).nullable(),
  /** Pots stand with air below: on a staging, or on a slab over a room. */
  raised: z.boolean(),
  /** What every pot there is wrapped in, and straw on the mix. */
  wrap: z.enum(WRAPS).nullable(),
  mulched: z.boolean(),
  /** Nothing may stand there from one day to the other: a drive that is cleared, a terrace for a feast. Absent: never. */
  empty: z
    .object({ from: isoDate, to: isoDate, yearly: z.boolean() })
    .refine((e) => e.from <= e.to, { path: ["to"], ...wrong("last-before-first") })
    // What comes every year leaves the place free for some of it.
    .refine((e) => !e.yearly || toDay(e.to) - toDay(e.from) < MOST_EMPTY_DAYS, { path: ["to"], ...wrong("never-free") })
    .nullable()
    .optional(),
});
export type PlaceBuild = z.infer<typeof placeBuildSchema>;

export const UNKNOWN_BUILD: PlaceBuild = {
  shelter: null,
  lengthM: null,
  widthM: null,
  heightM: null,
  doorM: null,
  doorAtM: null,
  steps: 0,
  distanceM: null,
  floorKgM2: null,
  light: null,
  heaterC: null,
  ventC: null,
  raised: false,
  wrap: null,
  mulched: false,
};

/** What is known of a place's air beyond its type. */
export interface PlaceClimateSaid {
  climate: PlaceClimate;
  /** Learned from so many nights; null where it was typed. */
  nights: number | null;
  /** How it follows the air outside, learned from hours read there. */
  air?: LearnedAir | null;
}

/** Where the numbers of a place's air come from. */
export type AirBasis = "read" | "said" | "type" | "guess";

function airAsLearned(built: PlaceAir, shelter: Shelter, { climate, air }: PlaceClimateSaid): PlaceAir {
  if (!air || air.as !== shelter) return airAsRead(built, climate);
  const { tauH, hold, addedC, gainC } = air;
  return { ...built, tauH, hold, addedC, gainC };
}

/** Air of a place: its type's, as built, and by the nights read there where there are any. */
export function airOf(
  kind: PlaceKind,
  build: PlaceBuild,
  own: PlaceClimateSaid | null,
): { air: PlaceAir; light: LightClass; basis: AirBasis } {
  const shelter = build.shelter ?? USUAL_SHELTER[kind];
  const type = PLACE_AIR[shelter];
  const built: PlaceAir = {
    ...type,
    floorC: build.heaterC ?? type.floorC,
    ventC: build.ventC ?? type.ventC,
  };
  return {
    air: own ? airAsLearned(built, shelter, own) : built,
    light: build.light ?? type.light,
    basis: own ? (own.nights === null ? "said" : "read") : build.shelter ? "type" : "guess",
  };
}

/** Ground of a place, m²; null where nobody has measured it. */
export const floorM2 = ({ lengthM, widthM }: PlaceBuild) =>
  lengthM === null || widthM === null ? null : lengthM * widthM;

import type { RootLimits, WinterWall, Wrap } from "../winter/index";
import type { HabitParameters } from "../wood/index";

/** What has been put round a pot. */
export interface Protection {
  wrap: Wrap | null;
  /** Straw on the mix. */
  mulched: boolean;
  sunk: boolean;
}
export const UNPROTECTED: Protection = { wrap: null, mulched: false, sunk: false };

/** A tree as its winter is calculated. */
export interface WinterTree {
  id: string;
  volumeL: number;
  wall: WinterWall;
  /** Its clay stands wet frost; null: nobody knows, or it is no clay. */
  frostProof: boolean | null;
  protection: Protection;
  limits: RootLimits;
  habit: HabitParameters;
  chillPortions: number;
  /** Cool weeks make its flowers: an evergreen that asks for cold, too. */
  coolForBloom: boolean;
  /** Wants its mix evenly moist. */
  even: boolean;
  /** Where it stands when no winter is near; null: the open ground. */
  homeId: string | null;
  /** The grower's own word: comes in below this night, °C. */
  inBelowC: number | null;
  /** Night before which its kind is usually brought in or covered, °C; null where only damage speaks. */
  bringInNightC: number | null;
}

/** What the winter does to one tree at one place, day by day and course by course. */
export interface DayDamage {
  roots: Float32Array[];
  wood: Float32Array[];
  shoots: Float32Array[];
}

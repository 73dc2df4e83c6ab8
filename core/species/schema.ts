import { wrong } from "../fault/index";
import { z } from "zod";
import { VIGOUR_PER_DEGREE_DAY, type Vigour } from "../roots/index";
import {
  GROUPS,
  HAZARDS,
  HEALTH_NOTES,
  type KindValues,
  POLLINATIONS,
  ROOT_WORK,
  TRAITS,
  WINTER_LIGHTS,
} from "./fields";

const VIGOURS = Object.keys(VIGOUR_PER_DEGREE_DAY) as [Vigour, ...Vigour[]];

/** Low and high of a range, the right way round. */
const range = (low: number, high: number) =>
  z
    .tuple([z.number().min(low).max(high), z.number().min(low).max(high)])
    .refine(([a, b]) => a <= b, wrong("lower-first"))
    .readonly();
const celsius = (low: number, high: number) => z.number().min(low).max(high);

/** The fields of a kind with what they may hold; any of them may be said anew by a grower. */
export const KIND_VALUE_SHAPES = {
  group: z.enum(GROUPS),
  leaf: z.enum(["deciduous", "evergreen", "semi-evergreen"]),
  vigour: z
    .tuple([z.enum(VIGOURS), z.enum(VIGOURS)])
    .refine(([a, b]) => VIGOUR_PER_DEGREE_DAY[a] <= VIGOUR_PER_DEGREE_DAY[b], wrong("slower-first"))
    .readonly(),
  spread: z.enum(["shallow", "even", "deep"]),
  roots: z.enum(["fibrous", "fleshy", "tap"]),
  tolerance: z.enum(["touchy", "normal", "robust"]),
  rootShare: z.number().min(0).max(0.6, wrong("root-loss-above-any-tree")),
  rootGrowthBaseC: z.union([z.literal(7), z.literal(12)]),
  largestStep: z.number().min(1.1).max(30).nullable(),
  cropVolumeL: range(1, 2000).nullable(),
  potNote: z.enum(["deep", "wide", "heavy", "air-pruning", "light-coloured", "no-saucer", "any"]),
  mixNote: z.enum(["airy", "acid", "lean-grit", "loam", "moist", "any"]),
  ph: range(3, 9.5),
  lime: z.enum(["likes", "tolerates", "mild-hater", "hater"]),
  phosphate: z.enum(["usual", "little", "sensitive"]),
  salt: z.enum(["sensitive", "usual", "tolerant"]),
  water: z.enum(["even", "dry-between", "wet-tolerant"]),
  kc: range(0.1, 1.5),
  winterLight: z.enum(WINTER_LIGHTS),
  winterC: range(-30, 30),
  chillPortions: range(0, 120),
  coolForBloom: z.boolean(),
  crownC: celsius(-50, 5),
  leafC: celsius(-50, 12).nullable(),
  budC: celsius(-50, 5).nullable(),
  bloomC: celsius(-30, 10).nullable(),
  flushFrostC: celsius(-10, 5),
  rootKillYoungC: celsius(-30, 5),
  rootKillMatureC: celsius(-35, 5),
  rootHeatC: celsius(30, 50),
  springRootZoneC: celsius(0, 25),
  takeHoldBaseC: celsius(0, 25),
  takeHoldDegreeDays: z.number().min(50).max(900),
  rootWork: z.array(z.enum(ROOT_WORK)).max(ROOT_WORK.length).readonly(),
  bloomDays: range(-150, 365).nullable(),
  fruitDays: range(-120, 600).nullable(),
  cropDegreeDays: z.number().min(100).max(5000).nullable(),
  pollination: z.enum(POLLINATIONS),
  circle: z.string().max(40).nullable(),
  feeding: z.enum(["usual", "hungry", "lean", "late-nitrogen-harms", "low-phosphate"]),
  wind: z.enum(["sturdy", "usual", "brittle"]),
  hazards: z.array(z.enum(HAZARDS)).max(HAZARDS.length).readonly(),
  health: z.array(z.enum(HEALTH_NOTES)).max(HEALTH_NOTES.length).readonly(),
  yieldPer10L: range(0, 1000).nullable(),
  yieldUnit: z.enum(["fruits", "kg"]),
  traits: z.array(z.enum(TRAITS)).max(TRAITS.length).readonly(),
  bringInNightC: celsius(-30, 20).nullable(),
  potHeightM: z.number().min(0.05).max(15).nullable(),
} satisfies { [F in keyof KindValues]: z.ZodType<KindValues[F]> };

/** Some fields of a kind, each within what it may hold. */
export const kindValuesSchema = z.strictObject(KIND_VALUE_SHAPES).partial();

/** In a grower's words, why a field is said otherwise. */
export const kindReasonsSchema = z.partialRecord(
  z.enum(Object.keys(KIND_VALUE_SHAPES) as [keyof KindValues, ...(keyof KindValues)[]]),
  z.string().trim().min(1).max(200),
);

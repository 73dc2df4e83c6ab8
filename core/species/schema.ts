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
    .tuple([
      z
        .number({ error: "A number, please." })
        .min(low, { error: `Not below ${low}.` })
        .max(high, { error: `Not above ${high}.` }),
      z
        .number({ error: "A number, please." })
        .min(low, { error: `Not below ${low}.` })
        .max(high, { error: `Not above ${high}.` }),
    ])
    .refine(([a, b]) => a <= b, { error: "The lower value comes first." })
    .readonly();
const celsius = (low: number, high: number) =>
  z
    .number({ error: "A temperature, please." })
    .min(low, { error: `Not below ${low} °C.` })
    .max(high, { error: `Not above ${high} °C.` });

/** The fields of a kind with what they may hold; any of them may be said anew by a grower. */
export const KIND_VALUE_SHAPES = {
  group: z.enum(GROUPS),
  leaf: z.enum(["deciduous", "evergreen", "semi-evergreen"]),
  vigour: z
    .tuple([z.enum(VIGOURS), z.enum(VIGOURS)])
    .refine(([a, b]) => VIGOUR_PER_DEGREE_DAY[a] <= VIGOUR_PER_DEGREE_DAY[b], { error: "The slower one comes first." })
    .readonly(),
  spread: z.enum(["shallow", "even", "deep"]),
  roots: z.enum(["fibrous", "fleshy", "tap"]),
  tolerance: z.enum(["touchy", "normal", "robust"]),
  rootShare: z
    .number({ error: "A share, please." })
    .min(0, { error: "At least 0 %." })
    .max(0.6, { error: "No tree stands the loss of more than 60 % at once." }),
  rootGrowthBaseC: z.union([z.literal(7), z.literal(12)]),
  rootsGrowDormant: z.boolean(),
  largestStep: z.number().min(1.1, { error: "At least 1.1 times." }).max(30, { error: "At most 30 times." }).nullable(),
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
  leafC: celsius(-50, 5).nullable(),
  budC: celsius(-50, 5).nullable(),
  bloomC: celsius(-30, 10).nullable(),
  flushFrostC: celsius(-10, 5),
  rootKillYoungC: celsius(-30, 5),
  rootKillMatureC: celsius(-35, 5),
  rootHeatC: celsius(30, 50),
  springRootZoneC: celsius(0, 25),
  takeHoldBaseC: celsius(0, 25),
  takeHoldDegreeDays: z.number().min(50, { error: "At least 50 °C·d." }).max(900, { error: "At most 900 °C·d." }),
  rootWork: z.array(z.enum(ROOT_WORK)).max(ROOT_WORK.length).readonly(),
  bloomDays: range(-150, 365).nullable(),
  fruitDays: range(-120, 600).nullable(),
  cropDegreeDays: z
    .number()
    .min(100, { error: "At least 100 °C·d." })
    .max(5000, { error: "At most 5,000 °C·d." })
    .nullable(),
  pollination: z.enum(POLLINATIONS),
  circle: z.string().max(40).nullable(),
  feeding: z.enum(["usual", "hungry", "lean", "late-nitrogen-harms", "low-phosphate"]),
  wind: z.enum(["sturdy", "usual", "brittle"]),
  hazards: z.array(z.enum(HAZARDS)).max(HAZARDS.length).readonly(),
  health: z.array(z.enum(HEALTH_NOTES)).max(HEALTH_NOTES.length).readonly(),
  yieldPer10L: range(0, 1000).nullable(),
  yieldUnit: z.enum(["fruits", "kg"]),
  traits: z.array(z.enum(TRAITS)).max(TRAITS.length).readonly(),
} satisfies { [F in keyof KindValues]: z.ZodType<KindValues[F]> };

/** Some fields of a kind, each within what it may hold. */
export const kindValuesSchema = z.strictObject(KIND_VALUE_SHAPES).partial();

import { isoDate, wrong } from "../fault/index";
import { z } from "zod";
import { extremesSaidSchema, normalsSaidSchema, PLACE_KINDS, placeClimateSchema } from "../climate/index";
import { learnedAirSchema } from "../place/index";
import { POT_CONDITIONS, potSchema } from "../vessel/index";
import {
  ARRIVAL_FORMS,
  ARRIVAL_VERDICTS,
  DEATH_CAUSES,
  ENDINGS,
  HEALTH_STATES,
  METHODS,
  PRUNING_PURPOSES,
  PURPOSES,
  RESCUE_CAUSES,
  RESCUE_STEPS,
} from "./forms";
import { kindReasonsSchema, looksSchema, kindValuesSchema, STOCK_PACES } from "../species/index";
import { LADDER_ACTIONS, ladderInputsSchema, ladderTermsSchema, PLANNERS } from "../ladder/index";
import { CORRECTION_NAMES, FACES, IN_PLACE_CORRECTIONS, readingSchema } from "../roots/index";
import { placeBuildSchema, WRAPS } from "../winter/index";
import { BENDS, FEED_FORMS, HABITS, LEAF_FALLS } from "../wood/index";
import {
  mixSchema,
  ownComponentSchema,
  partsSchema,
  productSchema,
  READY_MIX_NAMES,
  reclaimedSchema,
} from "../mix/index";

/** When something happened: a best day, and the range it may lie in when the day is rough. */
export const happened = z
  .object({ best: isoDate, from: isoDate, to: isoDate })
  .refine((h) => h.from <= h.best && h.best <= h.to, {
    path: ["from"],
    ...wrong("best-day-outside-range"),
  });
export type Happened = z.infer<typeof happened>;

const monthDay = z.string().regex(/^\d{2}-\d{2}$/);
const grade = z.number().int().min(0).max(4);
const text = (most: number) => z.string().max(most);
const id = z.uuid();

/** Depth from the rim down to the mix, by finger or rule. */
const depthToMixMm = z.number().min(0).max(2000).nullable().optional();

/**
 * What may be said anew of a tree: only the named fields change, for all days. A tag of null is a lost one.
 */
export const descriptionSchema = z.object({
  tag: text(40).min(1).nullable().optional(),
  kindId: text(60).nullable().optional(),
  typedName: text(120).nullable().optional(),
  habit: z
    .enum([...HABITS, "unknown"])
    .nullable()
    .optional(),
  /** What is seen of one whose kind nobody knows. */
  looks: looksSchema.nullable().optional(),
  cultivar: text(120).nullable().optional(),
  purpose: z.enum(PURPOSES).optional(),
  finalVolumeL: z.number().positive().max(5000).nullable().optional(),
  /** Growing season in which it is to go into the ground; null: it stays in pots. */
  plantOutSeason: z.number().int().min(1900).max(2200).nullable().optional(),
  rootstock: text(120).nullable().optional(),
  stockPace: z.enum(STOCK_PACES).nullable().optional(),
  /** Where the plant came from: a tree of this collection, or words. */
  motherId: id.nullable().optional(),
  motherName: text(160).nullable().optional(),
  method: z.enum(METHODS).nullable().optional(),
  raisedOn: happened.nullable().optional(),
});
export type Description = z.infer<typeof descriptionSchema>;

/** One discriminated union of everything that may have happened. Payloads are versioned in the log (`payload_version`). */
/** Units in which a job comes again. */
export const REPEATS = ["day", "week", "month", "year"] as const;
/** What may be said of something on the day's list. */
export const ANSWERS = ["done", "later", "refused", "back"] as const;

export const eventPayload = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("arrived"),
    form: z.enum(ARRIVAL_FORMS),
    /** When it was last potted, if anyone knows. */
    lastPotted: happened.nullable(),
    depthToMixMm,
    /** Number of equal plants, where a correction changed what the record began with. */
    count: z.number().int().min(1).max(100_000).optional(),
  }),
  z.object({
    kind: z.literal("potted"),
    correction: z.enum(CORRECTION_NAMES),
    retainedShare: z.number().min(0.05).max(1).nullable(),
    mix: z.union([z.enum(READY_MIX_NAMES), mixSchema]).nullable(),
    mixName: text(80),
    /** Mix in place and levels as planned or measured; null where only the pot is known and its range must travel on. */
    mixL: z.number().positive().max(20_000).nullable(),
    fillHeightMm: z.number().positive().max(5000).nullable(),
    bottomLayerMm: z.number().min(0).max(1000),
    wetMassKg: z.number().positive().max(50_000).nullable(),
    /** Age of the mix when it was filled in: reclaimed mix starts older. */
    mixAgeYears: z.number().min(0).max(40).optional(),
    /** Months the mix feeds. */
    fedMonths: z.number().min(0).max(60).optional(),
    /** Which of the figures above were measured once the tree stood, instead of planned. */
    measured: z
      .array(z.enum(["fill", "litres", "mass"]))
      .max(3)
      .optional(),
    /** New loose mix that went in, where it was counted. */
    looseMixL: z.number().positive().max(20_000).optional(),
    /** How it stands: lean from upright, the side it leans or faces to, the ball moved off the axis. */
    tiltDeg: z.number().min(0).max(60).optional(),
    facing: text(60).optional(),
    shiftMm: z.number().min(-1000).max(1000).optional(),
    /** The flare stays buried by this much, for a later potting. */
    flareBelowMm: z.number().min(0).max(1000).optional(),
    /** Done although the window was closed: what closed it, and the share of weather years that end well. */
    despite: z.object({ limiting: text(40), safe: z.number().min(0).max(1) }).optional(),
  }),
  z.object({
    kind: z.literal("roots-read"),
    fillGrade: grade.nullable(),
    circlingGrade: grade.nullable(),
    /** `feel`: judged through pot and surface, without knocking out. */
    by: z.enum(["look", "feel"]).optional(),
    /** What else was seen. */
    reading: readingSchema.optional(),
    /** It did not fit the history, and the keeper says the history is right: the tree is as it was seen. */
    confirmed: z.boolean().optional(),
  }),
  /** New roots in the fresh mix some time after a potting: the longest seen, mm; 0: none. `firm`: it no longer rocks. */
  z.object({
    kind: z.literal("rerooting-read"),
    lengthMm: z.number().min(0).max(2000),
    firm: z.boolean().nullable(),
  }),
  /** Held by a stake, or free of it again. */
  z.object({ kind: z.literal("staked"), staked: z.boolean() }),
  /** Work on roots of a tree that stays in its pot. */
  z.object({
    kind: z.literal("worked-in-place"),
    correction: z.enum(IN_PLACE_CORRECTIONS),
    /** Share of roots kept, as planned or as seen. */
    retainedShare: z.number().min(0.05).max(1),
    /** Share of the mix renewed. */
    renewedShare: z.number().min(0).max(1),
    /** Share of turning that went; the work's usual one where not said. */
    circlingRemoved: z.number().min(0).max(1).optional(),
    /** Where it was done: a side, a sector, half of the anchor; and how many holes of which width and depth, or how deep a slice. */
    where: text(40),
    count: z.number().int().min(1).max(2000).optional(),
    widthMm: z.number().positive().max(5000).optional(),
    depthMm: z.number().positive().max(5000).optional(),
    despite: z.object({ limiting: text(40), safe: z.number().min(0).max(1) }).optional(),
  }),
  /** How it was looked over when it came, and what that led to. */
  z.object({
    kind: z.literal("inspected"),
    verdict: z.enum(ARRIVAL_VERDICTS),
    /** What counted, as codes. */
    findings: z.array(text(40)).max(40),
    pricePaid: z.number().min(0).max(1_000_000).nullable(),
    /** What putting it right was reckoned to cost. */
    repairCost: z.number().min(0).max(1_000_000).nullable(),
    /** Of bare roots: how far they spread. */
    spreadMm: z.number().positive().max(3000).optional(),
  }),
  /** The ladder of pots somebody chose to follow, as it was computed then; null: none any more. */
  z.object({
    kind: z.literal("ladder-chosen"),
    plan: z
      .object({
        school: z.enum(PLANNERS),
        goalL: z.number().positive().max(5000),
        model: text(40),
        /** What it was worked out on, and a digest of all of it. */
        inputs: ladderInputsSchema.optional(),
        digest: text(80).optional(),
        cost: z.number(),
        steps: z
          .array(
            z.object({
              season: z.number().int(),
              action: z.enum(LADDER_ACTIONS),
              correction: z.enum(CORRECTION_NAMES).nullable(),
              volumeL: z.number().positive(),
              pot: text(160),
              potId: text(80).optional(),
              mixL: z.number().min(0).optional(),
              minutes: z.number().min(0).optional(),
              massKg: z.number().min(0).optional(),
            }),
          )
          .min(1)
          .max(40),
      })
      .nullable(),
  }),
  /** How ladders are planned in this collection; the newest word counts. */
  z.object({ kind: z.literal("ladder-terms"), terms: ladderTermsSchema }),
  /** A rescue begins; its checkpoints follow. */
  z.object({
    kind: z.literal("rescue-begun"),
    cause: z.enum(RESCUE_CAUSES),
    /** Green under the bark and live roots, as scratched and snipped: null where nobody did. */
    greenWood: z.boolean().nullable(),
    liveRoots: z.number().min(0).max(1).nullable(),
    soakMinutes: z.number().min(0).max(3000),
  }),
  z.object({
    kind: z.literal("checkpoint"),
    step: z.enum(RESCUE_STEPS),
    sign: z.enum(["seen", "failed"]),
    note: text(400),
  }),
  z.object({ kind: z.literal("rescue-ended"), how: z.enum(["recovered", "lost", "given-up"]) }),
  /** The pot it stands in, and the tree itself, as measured; only what was measured is given. */
  z.object({
    kind: z.literal("measured"),
    pot: potSchema.nullable(),
    depthToMixMm,
    trunkMm: z.number().positive().max(3000).nullable().optional(),
    heightM: z.number().positive().max(60).nullable().optional(),
    /** Across the crown at its widest. */
    crownM: z.number().positive().max(40).nullable().optional(),
  }),
  z.object({ kind: z.literal("described"), changes: descriptionSchema }),
  z.object({ kind: z.literal("placed") }),
  z.object({
    kind: z.literal("ended"),
    how: z.enum(ENDINGS),
    /** How many plants of the record. */
    count: z.number().int().min(1).max(100_000),
    cause: z.enum(DEATH_CAUSES).nullable(),
    /** The pot leaves with the tree; otherwise it is free again. */
    potLeaves: z.boolean(),
    /** The record it turned out to be a second one of. */
    intoTreeId: id.nullable().optional(),
    note: text(400),
  }),
  /** Plants taken from a batch become a record of their own, which shares the batch's past. */
  z.object({ kind: z.literal("split-off"), count: z.number().int().min(1).max(100_000), childId: id }),
  z.object({ kind: z.literal("split-from"), parentId: id }),
  /** Stands in one pot with others from now on, with this share of its mix (1: has it to itself again). */
  z.object({
    kind: z.literal("joined"),
    share: z.number().min(0.01).max(1),
    together: z.array(id).min(1).max(12),
    correction: z.enum(CORRECTION_NAMES),
  }),
  z.object({ kind: z.literal("photographed"), photoId: id, face: z.enum(FACES).optional() }),
  z.object({ kind: z.literal("stocked"), count: z.number().int().min(1).max(100_000) }),
  /** Pots of a lot that are thrown out, sold or broken. */
  z.object({ kind: z.literal("discarded"), count: z.number().int().min(1).max(100_000) }),
  z.object({ kind: z.literal("conditioned"), condition: z.enum(POT_CONDITIONS) }),
  /** What may be said anew of a lot of pots; only the named fields change. */
  z.object({
    kind: z.literal("lot-described"),
    name: text(120).min(1).optional(),
    price: z.number().min(0).max(1_000_000).nullable().optional(),
    /** More of them can be bought at this price. */
    toBuy: z.boolean().optional(),
    /** Clay that stands wet frost; null: nobody knows. */
    frostProof: z.boolean().nullable().optional(),
  }),
  /** The pot a tree stands in becomes a record of its own: the same pot, the same roots. */
  z.object({ kind: z.literal("identified") }),
  /** Own components, recipes, bags on offer, products and reclaimed mix: the newest word about each counts. */
  z.object({ kind: z.literal("component"), componentId: id, own: ownComponentSchema, gone: z.boolean() }),
  z.object({
    kind: z.literal("recipe"),
    recipeId: id,
    name: text(80).min(1),
    parts: partsSchema,
    feedsMonths: z.number().min(0).max(60).nullable(),
    note: text(400),
    gone: z.boolean(),
  }),
  z.object({
    kind: z.literal("offer"),
    componentId: text(60).min(1),
    bags: z.array(z.object({ litres: z.number().min(0.1).max(5000), price: z.number().min(0).max(100_000) })).max(8),
  }),
  z.object({ kind: z.literal("product"), productId: id, product: productSchema, gone: z.boolean() }),
  z.object({ kind: z.literal("reclaimed"), stockId: id, stock: reclaimedSchema, gone: z.boolean() }),
  z.object({ kind: z.literal("reclaimed-used"), stockId: id, litres: z.number().positive().max(20_000) }),
  /** This season's shoots as looked at; a BBCH stage may stand for the rest. */
  z.object({
    kind: z.literal("wood-read"),
    woodyShare: z.number().min(0).max(1).nullable(),
    bend: z.enum(BENDS).nullable(),
    terminalBud: z.boolean().nullable(),
    leafFall: z.enum(LEAF_FALLS).nullable(),
    bbch: z.number().int().min(0).max(99).nullable(),
  }),
  /** Nitrogen given; strength 1 is a full dose by the label. */
  z.object({
    kind: z.literal("fed"),
    form: z.enum(FEED_FORMS),
    strength: z.number().min(0.05).max(2),
    what: text(120),
  }),
  z.object({
    kind: z.literal("pruned"),
    how: z.enum(["light", "hard"]),
    /** Share of the crown that went, and what for. */
    crownShare: z.number().min(0.01).max(1).optional(),
    purpose: z.enum(PRUNING_PURPOSES).optional(),
  }),
  /** How a tree is: the newest word counts until the next. */
  z.object({ kind: z.literal("health"), state: z.enum(HEALTH_STATES) }),
  /** Roots have gone through the pot into the ground below, or have been severed again. */
  z.object({ kind: z.literal("anchored"), anchored: z.boolean() }),
  /** Belongs to a set of trees that are kept alike and move together; null leaves it. */
  z.object({ kind: z.literal("matched"), set: text(60).min(1).nullable() }),
  /** What the collection, a sort of it or one tree says of its kind otherwise than the library; null takes it back. */
  z.object({
    kind: z.literal("kind-said"),
    kindId: text(60).min(1),
    cultivar: text(120).min(1).nullable(),
    values: kindValuesSchema.nullable(),
    reasons: kindReasonsSchema.optional(),
  }),
  /** What may be said anew of a place; only the named fields change. */
  z.object({
    kind: z.literal("place-described"),
    name: text(120).min(1).optional(),
    placeKind: z.enum(PLACE_KINDS).optional(),
  }),
  /** How a place is built; the newest word counts. */
  z.object({ kind: z.literal("place-built"), build: placeBuildSchema }),
  /** What is round a pot from now on against frost. */
  z.object({
    kind: z.literal("protected"),
    wrap: z.enum(WRAPS).nullable(),
    mulched: z.boolean(),
    sunk: z.boolean(),
  }),
  /** Watered in winter quarters, or before a frost. */
  z.object({ kind: z.literal("watered") }),
  /** The grower's own word on when it comes in: below this night, °C; null: as reckoned. */
  z.object({ kind: z.literal("winter-word"), inBelowC: z.number().min(-30).max(20).nullable() }),
  /** Where trees stand in a winter, named by the season of its midwinter: `whole` says it of all, otherwise only these change. */
  z.object({
    kind: z.literal("shelter-planned"),
    winter: z.number().int().min(1900).max(2200),
    whole: z.boolean(),
    stands: z
      .array(
        z.object({
          treeId: id,
          /** null: it stays where it is in summer. */
          placeId: id.nullable(),
          xM: z.number().min(0).max(500).optional(),
          yM: z.number().min(0).max(500).optional(),
        }),
      )
      .max(20_000),
    cost: z.number().optional(),
    model: text(40).optional(),
  }),
  /** What the grower knows of the site's climate beyond its first answers. The newest word counts; null takes an earlier one back. */
  z.object({
    kind: z.literal("climate-said"),
    normals: normalsSaidSchema.nullable(),
    /** Usual days of the last and the first frost, as known in the neighbourhood. */
    frost: z.object({ last: monthDay.nullable(), first: monthDay.nullable() }).nullable(),
    extremes: extremesSaidSchema.nullable().optional(),
  }),
  /** Overlapping weather records, the most trusted first, and those set aside. */
  z.object({ kind: z.literal("weather-ranked"), order: z.array(id).max(200), leftOut: z.array(id).max(200) }),
  /** How a place's nights stand to the site's: typed, or learned from readings there. */
  z.object({
    kind: z.literal("place-climate"),
    climate: placeClimateSchema.nullable(),
    /** Learned from so many nights; null where it was typed. */
    nights: z.number().int().min(1).max(100_000).nullable(),
    /** How its air follows the air outside, learned from the hours read there. */
    air: learnedAirSchema.nullable().optional(),
  }),
  /** Tell me when such a night is forecast. The newest word counts. */
  z.object({
    kind: z.literal("alarm"),
    alarmId: id,
    name: text(80).min(1),
    thresholdC: z.number().min(-40).max(30),
    chance: z.number().min(0.05).max(0.95),
    placeId: id.nullable(),
    gone: z.boolean(),
  }),
  z.object({ kind: z.literal("noted"), text: text(4000) }),
  /** Events that do not count any more because this entry says it better or says it of another tree. */
  z.object({ kind: z.literal("withdrawn"), eventIds: z.array(id).min(1).max(20_000) }),
  /** Entries taken back together by this one. */
  z.object({ kind: z.literal("voided"), entryIds: z.array(id).min(1).max(20_000) }),
  /** Somebody who helps, or the keeper (`self`). The newest word about a person counts. */
  z.object({
    kind: z.literal("person"),
    personId: id,
    name: text(80).min(1),
    self: z.boolean(),
    liftKg: z.number().min(1).max(50),
    hoursPerWeek: z.number().min(0).max(100).nullable(),
    /** Days of the week, Monday = 1. */
    weekdays: z.array(z.number().int().min(1).max(7)).max(7),
    gone: z.boolean(),
  }),
  /** A job of the grower's own, once or every so often. The newest word about it counts. */
  z.object({
    kind: z.literal("task"),
    taskId: id,
    text: text(200).min(1),
    first: isoDate,
    every: z.object({ unit: z.enum(REPEATS), count: z.number().int().min(1).max(60) }).nullable(),
    placeId: id.nullable(),
    gone: z.boolean(),
  }),
  /** What a grower says of something on the day's list, named by its item: done, not before a day, not at all, or back on the list. */
  z.object({
    kind: z.literal("answered"),
    item: text(200).min(1),
    answer: z.enum(ANSWERS),
    until: isoDate.nullable(),
    reason: text(200),
  }),
  z.object({ kind: z.literal("absence"), personId: id.nullable(), from: isoDate, to: isoDate, note: text(160) }),
]);
export type EventPayload = z.infer<typeof eventPayload>;
/** As the log is read: what was said, or that it cannot be read. */
export type LoggedPayload = EventPayload | UnreadablePayload;
export type EventKind = LoggedPayload["kind"];

/** What a row holds that this program cannot read: it is named and kept, and counts for nothing. */
export interface UnreadablePayload {
  kind: "unreadable";
  /** The kind and version that its row names. */
  was: string;
  version: number;
  /** Written by a later program, or broken. */
  why: "later" | "broken";
}

/** An event as the replay reads it. `seq` orders events of one day by when they were recorded. */
export interface LoggedEvent {
  id: string;
  entryId: string;
  seq: number;
  ord: number;
  recordedAt: string;
  treeId: string | null;
  potLotId: string | null;
  placeId?: string | null;
  on: Happened;
  payload: LoggedPayload;
}

/** An event whose payload this program reads. */
export type ReadableEvent = LoggedEvent & { payload: EventPayload };
export const isReadable = (event: LoggedEvent): event is ReadableEvent => event.payload.kind !== "unreadable";

export const idSchema = id;

import { z } from "zod";
import { PLACE_KINDS } from "@/core/climate/index";
import { ARRIVAL_FORMS, isoDate, PURPOSES } from "@/core/event/index";
import { PLANNERS } from "@/core/ladder/index";
import { mixSchema, READY_MIX_NAMES } from "@/core/mix/index";
import { ROOT_COLOURS, SMELLS, VIGOUR_NAMES } from "@/core/roots/index";
import { vesselSchema } from "@/core/vessel/index";
import { HABITS } from "@/core/wood/index";
import { calcSiteSchema } from "./site";
import { wallName } from "./walls";
import { DAYS_PER_YEAR, type IsoDate, toDay, toIso } from "@/core/dates/index";
import type { EventPayload, ReadableEvent } from "@/core/event/index";
import { USUAL_TERMS } from "@/core/ladder/index";
import type { CollectionRecords, TreeRecord } from "@/core/records/index";
import { FILL_OF_GRADE, liveShareOf, NOTHING_READ, VIGOUR_PER_DEGREE_DAY } from "@/core/roots/index";
import { kindById, sortNamed } from "@/core/species/index";
import { MIX_SHARE_OF_BRIM, type Pot, USUAL_WALL, type Vessel, type Wall } from "@/core/vessel/index";
import type { StatedTree } from "@/model/index";
import { CalcProblem } from "./definition";

const litres = z.number().positive().max(20_000);
const pot = z
  .strictObject({ vessel: vesselSchema.optional(), aboutL: litres.optional(), wall: wallName.optional() })
  .refine((p) => (p.vessel === undefined) !== (p.aboutL === undefined), {
    path: ["vessel"],
    error: "Give exactly one of vessel and aboutL.",
  });

export const decisionSchema = z.strictObject({
  site: calcSiteSchema,
  on: isoDate,
  tree: z.strictObject({
    kind: z.string().min(1).max(120),
    habit: z.enum(HABITS).optional(),
    vigour: z.enum(VIGOUR_NAMES).optional(),
    purpose: z.enum(PURPOSES).default("ornament"),
    goalL: litres.optional(),
    arrivedOn: isoDate.optional(),
    form: z.enum(ARRIVAL_FORMS).default("container"),
    ageYears: z.number().min(0).max(2000).optional(),
    trunkMm: z.number().positive().max(3000).optional(),
    heightM: z.number().positive().max(40).optional(),
    count: z.int().min(1).max(100_000).default(1),
  }),
  /** null: none yet. `aboutL`: litres of mix. */
  pot: pot.nullable(),
  pottedOn: isoDate.optional(),
  mix: z.union([z.enum(READY_MIX_NAMES), mixSchema]).optional(),
  roots: z
    .strictObject({
      /** Share of the pot, 0–1; above 1 a grade, up to 4. */
      fill: z.number().min(0).max(4),
      circling: z.number().min(0).max(4),
      on: isoDate.optional(),
      tips: z.enum(ROOT_COLOURS).optional(),
      smell: z.enum(SMELLS).optional(),
      flareDepthMm: z.number().min(0).max(600).optional(),
      girdlerShare: z.number().min(0).max(1).optional(),
      dry: z.boolean().optional(),
      driesWithinDay: z.boolean().optional(),
    })
    .optional(),
  place: z.strictObject({ kind: z.enum(PLACE_KINDS) }).optional(),
  store: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(80),
        vessel: vesselSchema.optional(),
        aboutL: litres.optional(),
        wall: wallName.optional(),
        free: z.int().min(0).max(100_000).default(1),
      }),
    )
    .max(2000)
    .default([]),
  people: z
    .strictObject({ liftKg: z.number().positive().max(100), teamKg: z.number().positive().max(200).optional() })
    .optional(),
  school: z.enum(PLANNERS).optional(),
  risk: z.number().min(0.01).max(0.49).default(0.1),
});
export type AskedDecision = z.output<typeof decisionSchema>;

const TREE = "tree";
/** No pot of a store is called so. */
const POT = " its own";
const PLACE = "place";
/** A tree of which nobody says since when has been there for two years. */
const USUAL_STAY_DAYS = 730;

function potOf({ vessel, aboutL, wall }: { vessel?: Vessel; aboutL?: number; wall?: Wall }): Pot {
  if (vessel) return { known: "measured", vessel: { ...vessel, wall: vessel.wall ?? wall ?? USUAL_WALL } };
  // What is asked in litres of mix stands below the brim.
  return { known: "about", litres: aboutL! / MIX_SHARE_OF_BRIM.typical, wall: wall ?? USUAL_WALL };
}

/** Records of one tree as a question tells of it, in the form a collection keeps them. */
export function askedRecords(
  asked: AskedDecision,
): { records: CollectionRecords; stated: ReadonlyMap<string, StatedTree>; treeId: string } | CalcProblem {
  const { tree, on, roots, pottedOn } = asked;
  const arrivedOn = tree.arrivedOn ?? pottedOn ?? (asked.pot === null ? on : toIso(toDay(on) - USUAL_STAY_DAYS));
  if (arrivedOn > on) return new CalcProblem("tree.arrivedOn", "It has not come yet on that day.");
  if (pottedOn && pottedOn < arrivedOn) return new CalcProblem("pottedOn", "It was potted before it came.");
  if (pottedOn && pottedOn > on) return new CalcProblem("pottedOn", "It has not been potted yet on that day.");
  const readOn = roots?.on ?? on;
  if (readOn > on || readOn < arrivedOn)
    return new CalcProblem("roots.on", "Its roots were looked at while it was not there.");
  const record = recordOf(asked);
  const events: ReadableEvent[] = [];
  const add = (day: IsoDate, payload: EventPayload, about: Partial<ReadableEvent> = {}) =>
    events.push({
      id: `e${events.length}`,
      entryId: `e${events.length}`,
      seq: events.length,
      ord: 0,
      recordedAt: "",
      treeId: TREE,
      potLotId: null,
      on: { best: day, from: day, to: day },
      payload,
      ...about,
    });
  const bare = asked.pot === null;
  add(
    arrivedOn,
    { kind: "arrived", form: bare && tree.form === "container" ? "bare-root" : tree.form, lastPotted: null },
    { potLotId: bare ? null : POT },
  );
  if (asked.place) add(arrivedOn, { kind: "placed" }, { placeId: PLACE });
  if (pottedOn && !bare) add(pottedOn, potted(asked.mix ?? null), { potLotId: POT });
  if (roots) read(asked, readOn, add);
  for (const p of asked.store) add(arrivedOn, { kind: "stocked", count: p.free }, { treeId: null, potLotId: p.id });
  people(asked, add);
  if (asked.school)
    add(on, { kind: "ladder-terms", terms: { ...USUAL_TERMS, school: asked.school } }, { treeId: null });
  events.sort((a, b) => a.on.best.localeCompare(b.on.best) || a.seq - b.seq);
  const lots = [
    ...(asked.pot ? [{ id: POT, name: POT, pot: potOf(asked.pot) }] : []),
    ...asked.store.map((p) => ({ id: p.id, name: p.id, pot: potOf(p) })),
  ];
  const places = asked.place ? [{ id: PLACE, name: PLACE, kind: asked.place.kind }] : [];
  const stated = new Map<string, StatedTree>();
  const seen = roots && {
    on: toDay(readOn),
    fill: roots.fill > 1 ? FILL_OF_GRADE[Math.round(roots.fill)] : roots.fill,
    circling: roots.circling,
  };
  stated.set(TREE, {
    ...(tree.vigour ? { kPerDegreeDay: VIGOUR_PER_DEGREE_DAY[tree.vigour] } : {}),
    ...(seen && !bare ? { roots: seen } : {}),
  });
  return { records: { trees: [record], lots, places, events }, stated, treeId: TREE };
}

function recordOf({ tree, on }: AskedDecision): TreeRecord {
  const kindId = kindById(tree.kind) ? tree.kind : (sortNamed(tree.kind)?.kindId ?? null);
  const choice = { kindId, typedName: kindId ? null : tree.kind, habit: kindId ? null : (tree.habit ?? null) };
  const raised = tree.ageYears === undefined ? null : toIso(Math.round(toDay(on) - tree.ageYears * DAYS_PER_YEAR));
  return {
    id: TREE,
    tag: TREE,
    ...choice,
    cultivar: null,
    purpose: tree.purpose,
    count: tree.count,
    finalVolumeL: tree.goalL ?? null,
    trunkMm: tree.trunkMm ?? null,
    heightM: tree.heightM ?? null,
    raisedOn: raised === null ? null : { best: raised, from: raised, to: raised },
  };
}

const potted = (mix: AskedDecision["mix"] | null): EventPayload => ({
  kind: "potted",
  correction: "none",
  retainedShare: null,
  mix: mix ?? null,
  mixName: "",
  mixL: null,
  fillHeightMm: null,
  bottomLayerMm: 0,
  wetMassKg: null,
});

type Add = (day: IsoDate, payload: EventPayload, about?: Partial<ReadableEvent>) => void;

/** What was seen beside fill and turning, which are stated outright. */
function read({ roots, on }: AskedDecision, readOn: IsoDate, add: Add): void {
  const { tips, smell, flareDepthMm, girdlerShare, dry, driesWithinDay } = roots!;
  const reading = {
    ...NOTHING_READ,
    colour: tips ?? null,
    smell: smell ?? null,
    flareBelowMm: flareDepthMm ?? null,
    girdlerShare: girdlerShare ?? null,
  };
  add(readOn, {
    kind: "roots-read",
    fillGrade: null,
    circlingGrade: null,
    by: "look",
    reading: { ...reading, liveShare: smell === "sour" ? liveShareOf(reading) : null },
  });
  if (dry || driesWithinDay) add(on, { kind: "health", state: "dry" });
}

function people({ people: hands, on }: AskedDecision, add: Add): void {
  if (!hands) return;
  const person = (personId: string, liftKg: number): EventPayload => ({
    kind: "person",
    personId,
    name: personId,
    self: personId === "one",
    liftKg,
    hoursPerWeek: null,
    weekdays: [],
    gone: false,
  });
  add(on, person("one", hands.liftKg), { treeId: null });
  // Two together manage two thirds of what each does.
  if (hands.teamKg !== undefined)
    add(on, person("two", Math.max(1, 1.5 * hands.teamKg - hands.liftKg)), { treeId: null });
}

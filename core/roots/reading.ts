import { z } from "zod";

/** What is seen of a root ball, beyond the two grades. Whatever nobody looked at is left out. */
export const FACES = ["side", "base", "top"] as const;
export type Face = (typeof FACES)[number];
/** Colour of the tips and young roots; what it means depends on the kind. */
export const ROOT_COLOURS = ["white", "tan", "brown", "black", "yellow", "orange"] as const;
export type RootColour = (typeof ROOT_COLOURS)[number];
export const FIRMNESSES = ["snaps", "bends", "mushy"] as const;
export type Firmness = (typeof FIRMNESSES)[number];
export const SMELLS = ["earthy", "sour"] as const;
export type Smell = (typeof SMELLS)[number];
/** Fungal threads: pale ones with an earthy smell are no fault. */
export const THREADS = ["none", "pale", "slimy"] as const;
export type Threads = (typeof THREADS)[number];
export const MIX_STATES = ["open", "slumped", "spent", "sour"] as const;
export type MixState = (typeof MIX_STATES)[number];
export const ROOT_SIGNS = ["mantle", "nodules", "bottle-brush", "galls", "grubs", "aphids"] as const;
export type RootSign = (typeof ROOT_SIGNS)[number];

const grade = z.number().int().min(0).max(4);
const faceSchema = z.object({ fill: grade.nullable(), circling: grade.nullable() });

export const readingSchema = z.object({
  faces: z.object({ side: faceSchema.optional(), base: faceSchema.optional(), top: faceSchema.optional() }),
  colour: z.enum(ROOT_COLOURS).nullable(),
  firmness: z.enum(FIRMNESSES).nullable(),
  smell: z.enum(SMELLS).nullable(),
  threads: z.enum(THREADS).nullable(),
  mix: z.enum(MIX_STATES).nullable(),
  signs: z.array(z.enum(ROOT_SIGNS)).max(6),
  /** Mix above the first structural root, mm; 0: the flare shows. */
  flareBelowMm: z.number().min(0).max(600).nullable(),
  /** A root lies across the flare: the share of the girth it serves, 0 where nobody can say; null: none seen. */
  girdlerShare: z.number().min(0).max(1).nullable(),
  throughHoles: z.boolean(),
  anchored: z.boolean(),
  /** Share of the roots alive, where somebody judged it. */
  liveShare: z.number().min(0).max(1).nullable(),
  thickestMm: z.number().min(0).max(200).nullable(),
  /** Height of the graft above the mix, mm; null: not grafted, or not looked at. */
  unionMm: z.number().min(0).max(2000).nullable().default(null),
  offAxisMm: z.number().min(0).max(500).nullable(),
});
export type Reading = z.output<typeof readingSchema>;

export const NOTHING_READ: Reading = {
  faces: {},
  colour: null,
  firmness: null,
  smell: null,
  threads: null,
  mix: null,
  signs: [],
  flareBelowMm: null,
  girdlerShare: null,
  throughHoles: false,
  anchored: false,
  liveShare: null,
  thickestMm: null,
  unionMm: null,
  offAxisMm: null,
};

/** Middle of a grade of fill, as a share of the pot. */
export const FILL_OF_GRADE = [0.12, 0.37, 0.65, 0.88, 0.97] as const;

/** The two grades of the whole ball: the side tells how full it is, the worst face how much turns; a girdling root is turning of grade 4. */
export function gradesOf({ faces, girdlerShare }: Pick<Reading, "faces" | "girdlerShare">): {
  fill: number | null;
  circling: number | null;
} {
  const turns = FACES.flatMap((f) => faces[f]?.circling ?? []);
  if (girdlerShare !== null) turns.push(4);
  return {
    fill: faces.side?.fill ?? faces.base?.fill ?? faces.top?.fill ?? null,
    circling: turns.length > 0 ? Math.max(...turns) : null,
  };
}

/** Share of the roots taken to be alive by how they feel and smell, where nobody judged it. Our judgement (L). */
const LIVE_BY_FEEL = { mushySour: 0.3, mushy: 0.45, sour: 0.7, bends: 0.85, well: 1 } as const;

export function liveShareOf(r: Pick<Reading, "liveShare" | "firmness" | "smell">): number {
  if (r.liveShare !== null) return r.liveShare;
  const sour = r.smell === "sour";
  if (r.firmness === "mushy") return sour ? LIVE_BY_FEEL.mushySour : LIVE_BY_FEEL.mushy;
  if (sour) return LIVE_BY_FEEL.sour;
  return r.firmness === "bends" ? LIVE_BY_FEEL.bends : LIVE_BY_FEEL.well;
}

/** Drowned, sour or rotten: then the ball is not bound, however full it looks. Slime counts as smell does. */
export function isSour(r: Reading): boolean {
  return (
    r.firmness === "mushy" || r.smell === "sour" || r.mix === "sour" || r.threads === "slimy" || liveShareOf(r) < 0.5
  );
}

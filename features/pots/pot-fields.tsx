"use client";

import { faultOfIssue } from "@/contract/read";
import { faultWords } from "@/words/faults";
import type { FieldPath } from "@/contract/index";
import { useId } from "react";
import {
  CONTAINER_CLASSES,
  mixEstimate,
  nominalVolume,
  type Pot,
  type PotSizeFault,
  readPotSize,
  potSchema,
  type Vessel,
  volumeL,
  type Wall,
  WALLS,
  USUAL_WALL,
} from "@/core/vessel/index";
import { litres, readNumber, type Units } from "@/words/format";
import { SelectField, TextField } from "@/ui/fields";
import { WALL_WORDS } from "@/words/terms";

/** Where in a pot a fault may lie: in the described pot, or in what was typed. */
export type PotField = FieldPath<Pot> | FieldPath<Extract<Pot, { known: "measured" }>["vessel"]> | "size" | "litres";

/** A pot as it is being typed: text stays text until it is read. */
export interface PotDraft {
  known: "measured" | "outside" | "nominal" | "about";
  shape: NamedShape;
  wall: Wall;
  measures: Record<string, string>;
  /** Outside, at the rim: across, or once round. */
  rimBy: "width" | "girth";
  system: "container-class" | "litre-label" | "pint-bag";
  size: string;
  litres: string;
}

export const emptyPotDraft: PotDraft = {
  known: "measured",
  shape: "round",
  wall: USUAL_WALL,
  measures: {},
  rimBy: "width",
  system: "litre-label",
  size: "",
  litres: "",
};

const TAPERED = [
  ["topWidthMm", "Inside width at the rim"],
  ["baseWidthMm", "Inside width at the floor"],
  ["heightMm", "Inside height"],
] as const;

const MEASURES: Record<NamedShape, readonly (readonly [string, string])[]> = {
  round: TAPERED,
  square: TAPERED,
  "deep-square": TAPERED,
  box: [
    ["topLengthMm", "Inside length"],
    ["topWidthMm", "Inside width"],
    ["heightMm", "Inside height"],
  ],
  rectangle: [
    ["topLengthMm", "Length at the rim"],
    ["topWidthMm", "Width at the rim"],
    ["baseLengthMm", "Length at the floor"],
    ["baseWidthMm", "Width at the floor"],
    ["heightMm", "Inside height"],
  ],
  cylinder: [
    ["topWidthMm", "Inside width"],
    ["heightMm", "Inside height"],
  ],
  fabric: [
    ["topWidthMm", "Width"],
    ["heightMm", "Height"],
  ],
  bag: [
    ["flatWidthMm", "Width lying flat"],
    ["gussetMm", "Opened gusset"],
    ["lengthMm", "Length"],
  ],
};

/** Shapes as people name them, and the geometry behind each: a box is a rectangle that does not taper, a deep tree pot a square. */
const SHAPES = [
  ["round", "round, tapered", "round"],
  ["square", "square, tapered", "square"],
  ["deep-square", "deep tree pot, square", "square"],
  ["rectangle", "rectangular, tapered", "rectangle"],
  ["box", "box, upright sides", "rectangle"],
  ["cylinder", "straight-sided round", "cylinder"],
  ["fabric", "fabric, round", "fabric"],
  ["bag", "gusseted bag", "bag"],
] as const;
type NamedShape = (typeof SHAPES)[number][0];
const geometryOf = (shape: NamedShape) => SHAPES.find(([key]) => key === shape)![2];

/** Measures a tape can take while the tree stands in the pot. */
const outsideMeasures = (rimBy: PotDraft["rimBy"]) =>
  [
    rimBy === "width" ? ["outerWidthMm", "Outside width at the rim"] : ["girthMm", "Girth round the rim"],
    ["outerHeightMm", "Outside height"],
    ["outerBaseWidthMm", "Width at the foot"],
    ["wallMm", "Wall at the rim"],
  ] as const;
/** Measured inside: what may be said besides. Litres poured in beat the tape; the wall gives mass. */
const MORE_INSIDE = [
  ["measuredVolumeL", "Litres of water it took", "L"],
  ["wallMm", "Wall thickness", "mm"],
  ["cornerRadiusMm", "Corner radius", "mm"],
] as const;
const moreInside = (shape: NamedShape) =>
  MORE_INSIDE.filter(([field]) => field !== "cornerRadiusMm" || geometryOf(shape) === "square");
const OPTIONAL = new Set(["outerBaseWidthMm", "wallMm", "measuredVolumeL", "cornerRadiusMm"]);

/** A pot on record as it would be typed: what a correction starts from. */
export function draftOf(pot: Pot | null): PotDraft {
  if (!pot) return { ...emptyPotDraft, known: "about" };
  const text = (values: Record<string, unknown>) =>
    Object.fromEntries(
      Object.entries(values).flatMap(([key, value]) =>
        typeof value === "number" ? [[key, String(Math.round(value * 100) / 100)]] : [],
      ),
    );
  switch (pot.known) {
    case "measured":
      return {
        ...emptyPotDraft,
        shape: pot.vessel.shape,
        wall: pot.vessel.wall ?? USUAL_WALL,
        measures: text(pot.vessel),
      };
    case "outside":
      return {
        ...emptyPotDraft,
        known: "outside",
        shape: pot.shape,
        wall: pot.wall,
        rimBy: pot.girthMm === undefined ? "width" : "girth",
        measures: text(pot),
      };
    case "nominal":
      return { ...emptyPotDraft, known: "nominal", wall: pot.wall, system: pot.system, size: pot.size };
    case "about":
      return { ...emptyPotDraft, known: "about", wall: pot.wall, litres: String(Math.round(pot.litres * 10) / 10) };
  }
}

/** Why a size was not read, for whoever typed it. */
export function potSizeWords(fault: PotSizeFault): string {
  switch (fault.code) {
    case "no-such-class":
      return `There is no #${fault.asked} pot: the nearest are ${fault.nearest.join(" and ")}. For true gallons write ${fault.asked} US gal.`;
    case "unknown-unit":
      return "This unit is not known here: write litres, #5, 5 gal or 3 pints.";
    case "too-large":
      return "More than 5,000 litres is no pot. Is the unit right?";
    case "not-a-size":
      return "About how many litres? A number between 0 and 5,000, or a size such as #5, 5 gal or 3 pints.";
  }
}

/** Reads a draft; problems by field, in words. */
export function readPot(draft: PotDraft, units: Units): { pot: Pot; problems: Record<string, string> } {
  const problems: Record<string, string> = {};
  if (draft.known === "about") {
    const read = readPotSize(draft.litres, draft.wall, "about");
    if (read.ok) return { pot: read.pot, problems };
    problems.litres = potSizeWords(read.fault);
    return { pot: { known: "about", litres: NaN, wall: draft.wall }, problems };
  }
  if (draft.known === "nominal") {
    const typed = draft.size.trim();
    const plain = draft.system === "container-class" ? NaN : readNumber(typed);
    const size = Number.isNaN(plain) ? typed : String(plain);
    if (nominalVolume(draft.system, size) === null)
      problems.size = draft.system === "container-class" ? "Choose a size." : "A size such as 5 or 7.5.";
    return { pot: { known: "nominal", system: draft.system, size, wall: draft.wall }, problems };
  }
  const measures: Record<string, number> = {};
  const fields = draft.known === "outside" ? outsideMeasures(draft.rimBy) : MEASURES[draft.shape];
  for (const [field] of fields) {
    const typed = draft.measures[field] ?? "";
    if (OPTIONAL.has(field) && typed.trim() === "") continue;
    const value = readNumber(typed, "mm");
    if (field === "wallMm") {
      if (!(value > 0)) problems[field] = "The wall in mm, or leave it empty.";
    } else if (Number.isNaN(value)) problems[field] = "Measure it, in mm (or write 30 cm, 12 in).";
    else if (value < 20) problems[field] = "Less than 20 mm is no pot. Did you mean cm? Write 30 cm.";
    else if (value > (field === "girthMm" ? 16_000 : 5000)) problems[field] = "More than 5 m across is no pot.";
    measures[field] = value;
  }
  if (draft.known === "outside") {
    const shape = draft.shape === "square" ? "square" : "round";
    const pot = { known: "outside", shape, wall: draft.wall, ...measures } as Pot;
    const parsed = potSchema.safeParse(pot, { reportInput: true });
    if (!parsed.success && Object.keys(problems).length === 0)
      for (const issue of parsed.error.issues)
        problems[String(issue.path[0] ?? "outerWidthMm")] = faultWords(faultOfIssue(issue), units);
    return { pot, problems };
  }
  for (const [field, , unit] of moreInside(draft.shape)) {
    const typed = draft.measures[field] ?? "";
    if (typed.trim() === "") continue;
    const value = readNumber(typed, unit === "L" ? "litres" : "mm");
    if (!(value > 0)) problems[field] = "A number above 0, or leave it empty.";
    measures[field] = value;
  }
  if (draft.shape === "bag" && measures.lengthMm <= measures.gussetMm / 2)
    problems.lengthMm = "The bag is shorter than half its gusset: it cannot stand.";
  // Exactly the measures this shape asks for have been read just above; the server validates them once more.
  const upright = draft.shape === "box" ? { baseLengthMm: measures.topLengthMm, baseWidthMm: measures.topWidthMm } : {};
  const shape = geometryOf(draft.shape);
  const vessel = { shape, wall: draft.wall, ...measures, ...upright } as unknown as Vessel;
  if (Object.keys(problems).length === 0) {
    // What no tape could have measured together: told at the field the schema names, or by a volume far from the shape's.
    for (const issue of potSchema.safeParse({ known: "measured", vessel }, { reportInput: true }).error?.issues ?? [])
      problems[String(issue.path.at(-1))] ??= faultWords(faultOfIssue(issue), units);
    const { measuredVolumeL, ...shapeOnly } = vessel;
    const byTape = Object.keys(problems).length === 0 ? volumeL(shapeOnly) : NaN;
    if (measuredVolumeL !== undefined && (measuredVolumeL > 1.6 * byTape || measuredVolumeL < 0.5 * byTape))
      problems.measuredVolumeL = `By the tape it holds about ${litres(byTape, units)}: check the litres or the measures.`;
  }
  return { pot: { known: "measured", vessel }, problems };
}

export function PotFields({
  draft,
  onChange,
  fault,
  units,
  depthToMixMm = null,
}: {
  draft: PotDraft;
  onChange: (draft: PotDraft) => void;
  fault: (path: PotField) => string | undefined;
  units: Units;
  /** Down from the rim to the mix, where it was felt. */
  depthToMixMm?: number | null;
}) {
  const set = (part: Partial<PotDraft>) => onChange({ ...draft, ...part });
  const { pot, problems } = readPot(draft, units);
  const volume = Object.keys(problems).length === 0 ? mixEstimate(pot, depthToMixMm) : null;
  return (
    <div className="space-y-3">
      <HowKnown draft={draft} set={set} />
      <WhatKind draft={draft} set={set} />
      {(draft.known === "measured" || draft.known === "outside") && <Measures draft={draft} set={set} fault={fault} />}
      {(draft.known === "nominal" || draft.known === "about") && <Size draft={draft} set={set} fault={fault} />}
      {volume && (
        <p className="text-sm" aria-live="polite" data-testid="pot-volume">
          {draft.known === "about" && pot.known === "nominal" && `Taken as ${nominalWords(pot)}. `}Holds{" "}
          {litres(volume.p50, units)} of mix{depthToMixMm === null ? " at the fill line" : " as it is filled"}
          {litres(volume.p10, units) !== litres(volume.p90, units)
            ? `, between ${litres(volume.p10, units)} and ${litres(volume.p90, units)}: ${RANGE_WORDS[draft.known]}`
            : ""}
          .
        </p>
      )}
    </div>
  );
}

interface Part {
  draft: PotDraft;
  set: (part: Partial<PotDraft>) => void;
}
type FaultAt = (path: PotField) => string | undefined;

function HowKnown({ draft, set }: Part) {
  const group = useId();
  return (
    <div role="radiogroup" aria-label="How is the pot known" className="flex flex-wrap gap-x-6 gap-y-1">
      {(
        [
          ["outside", "from outside, the tree in it"],
          ["measured", "inside, empty"],
          ["nominal", "by its trade size"],
          ["about", "about so many litres"],
        ] as const
      ).map(([key, words]) => (
        <label key={key} className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="radio"
            name={group}
            className="radio"
            checked={draft.known === key}
            onChange={() => set({ known: key })}
          />
          {words}
        </label>
      ))}
    </div>
  );
}

/** Wall, and shape or system of names. */
function WhatKind({ draft, set }: Part) {
  return (
    <div className="grid grid-cols-2 items-end gap-3">
      <SelectField
        label="Wall"
        value={draft.wall}
        onChange={(wall) => set({ wall })}
        options={WALLS.map((w) => [w, WALL_WORDS[w]] as const)}
      />
      {draft.known === "measured" && (
        <SelectField
          label="Shape"
          value={draft.shape}
          onChange={(shape) => set({ shape })}
          options={SHAPES.map(([key, words]) => [key, words] as const)}
        />
      )}
      {draft.known === "outside" && (
        <SelectField
          label="Shape"
          value={draft.shape === "square" ? "square" : "round"}
          onChange={(shape) => set({ shape })}
          options={[
            ["round", "round"],
            ["square", "square"],
          ]}
        />
      )}
      {draft.known === "nominal" && (
        <SelectField
          label="Named by"
          value={draft.system}
          onChange={(system) => set({ system, size: "" })}
          options={[
            ["litre-label", "litres on the label"],
            ["container-class", "container class, # sizes"],
            ["pint-bag", "planter bag, pints"],
          ]}
        />
      )}
    </div>
  );
}

/** What the tape says, from inside or outside. */
function Measures({ draft, set, fault }: Part & { fault: FaultAt }) {
  return (
    <>
      {draft.known === "outside" && (
        <label className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={draft.rimBy === "girth"}
            onChange={(e) => set({ rimBy: e.target.checked ? "girth" : "width" })}
          />
          the rim measured with a tape round it
        </label>
      )}
      {(draft.known === "measured" || draft.known === "outside") && (
        <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
          {(draft.known === "outside" ? outsideMeasures(draft.rimBy) : MEASURES[draft.shape]).map(([field, label]) => (
            <TextField
              key={field}
              label={label}
              numeric
              suffix="mm"
              value={draft.measures[field] ?? ""}
              onChange={(text) => set({ measures: { ...draft.measures, [field]: text } })}
              hint={OPTIONAL.has(field) ? "if you can" : undefined}
              fault={fault(field as PotField) ?? fault(`vessel.${field}` as PotField)}
            />
          ))}
        </div>
      )}
      {draft.known === "measured" && (
        <details open={moreInside(draft.shape).some(([field]) => (draft.measures[field] ?? "") !== "")}>
          <summary className="min-h-11 cursor-pointer">More, if you measured it</summary>
          <div className="mt-1 grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
            {moreInside(draft.shape).map(([field, label, suffix]) => (
              <TextField
                key={field}
                label={label}
                numeric
                suffix={suffix}
                value={draft.measures[field] ?? ""}
                onChange={(text) => set({ measures: { ...draft.measures, [field]: text } })}
                hint={field === "measuredVolumeL" ? "to the brim: beats the tape" : undefined}
                fault={fault(field as PotField) ?? fault(`vessel.${field}` as PotField)}
              />
            ))}
          </div>
        </details>
      )}
    </>
  );
}

/** A size by its name, or by eye. */
function Size({ draft, set, fault }: Part & { fault: FaultAt }) {
  return (
    <>
      {draft.known === "nominal" &&
        (draft.system === "container-class" ? (
          <SelectField
            label="Size"
            value={draft.size}
            onChange={(size) => set({ size })}
            options={[["", "choose …"] as const, ...CONTAINER_CLASSES.map((c) => [c, c] as const)]}
            fault={fault("size")}
          />
        ) : (
          <TextField
            className="max-w-48"
            label="Size"
            numeric
            suffix={draft.system === "pint-bag" ? "pints" : "litres"}
            value={draft.size}
            onChange={(size) => set({ size })}
            fault={fault("size")}
          />
        ))}
      {draft.known === "about" && (
        <TextField
          className="max-w-48"
          label="Volume, about"
          hint="or #5, 5 gal, 3 pints"
          suffix="L"
          value={draft.litres}
          onChange={(text) => set({ litres: text })}
          fault={fault("litres")}
        />
      )}
    </>
  );
}

/** A trade name as it was understood. */
const nominalWords = (pot: Extract<Pot, { known: "nominal" }>) =>
  pot.system === "container-class"
    ? `a ${pot.size} nursery pot, which is not ${pot.size.slice(1)} true gallons`
    : pot.system === "pint-bag"
      ? `a planter bag of ${pot.size} pints`
      : `a pot labelled ${pot.size} L`;

/** Where the range of a volume comes from. */
const RANGE_WORDS: Record<PotDraft["known"], string> = {
  measured: "the fill line varies",
  outside: "wall, taper and fill line are not seen",
  nominal: "a name, not a measure",
  about: "a guess by eye",
};

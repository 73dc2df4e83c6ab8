"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/pot";
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
  ["topWidthMm", say.insideWidthAtTheRim],
  ["baseWidthMm", say.insideWidthAtTheFloor],
  ["heightMm", say.insideHeight],
] as const;

const MEASURES: Record<NamedShape, readonly (readonly [string, string])[]> = {
  round: TAPERED,
  square: TAPERED,
  "deep-square": TAPERED,
  box: [
    ["topLengthMm", say.insideLength],
    ["topWidthMm", say.insideWidth],
    ["heightMm", say.insideHeight],
  ],
  rectangle: [
    ["topLengthMm", say.lengthAtTheRim],
    ["topWidthMm", say.widthAtTheRim],
    ["baseLengthMm", say.lengthAtTheFloor],
    ["baseWidthMm", say.widthAtTheFloor],
    ["heightMm", say.insideHeight],
  ],
  cylinder: [
    ["topWidthMm", say.insideWidth],
    ["heightMm", say.insideHeight],
  ],
  fabric: [
    ["topWidthMm", say.width],
    ["heightMm", common.height],
  ],
  bag: [
    ["flatWidthMm", say.widthLyingFlat],
    ["gussetMm", say.openedGusset],
    ["lengthMm", say.length],
  ],
};

/** Shapes as people name them, and the geometry behind each: a box is a rectangle that does not taper, a deep tree pot a square. */
const SHAPES = [
  ["round", say.roundTapered, "round"],
  ["square", say.squareTapered, "square"],
  ["deep-square", say.deepTreePotSquare, "square"],
  ["rectangle", say.rectangularTapered, "rectangle"],
  ["box", say.boxUprightSides, "rectangle"],
  ["cylinder", "straight-sided round", "cylinder"],
  ["fabric", say.fabricRound, "fabric"],
  ["bag", say.gussetedBag, "bag"],
] as const;
type NamedShape = (typeof SHAPES)[number][0];
const geometryOf = (shape: NamedShape) => SHAPES.find(([key]) => key === shape)![2];

/** Measures a tape can take while the tree stands in the pot. */
const outsideMeasures = (rimBy: PotDraft["rimBy"]) =>
  [
    rimBy === "width" ? ["outerWidthMm", say.outsideWidthAtTheRim] : ["girthMm", say.girthRoundTheRim],
    ["outerHeightMm", say.outsideHeight],
    ["outerBaseWidthMm", say.widthAtTheFoot],
    ["wallMm", say.wallAtTheRim],
  ] as const;
/** Measured inside: what may be said besides. Litres poured in beat the tape; the wall gives mass. */
const insideToo = () =>
  [
    ["measuredVolumeL", say.litresOfWaterItTook(), "L"],
    ["wallMm", say.wallThickness, "mm"],
    ["cornerRadiusMm", say.cornerRadius, "mm"],
  ] as const;
const moreInside = (shape: NamedShape) =>
  insideToo().filter(([field]) => field !== "cornerRadiusMm" || geometryOf(shape) === "square");
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
      return say.thereIsNoPotThe(fault.asked, fault.nearest.join(" and "), fault.asked);
    case "unknown-unit":
      return say.thisUnitIsNotKnown();
    case "too-large":
      return say.moreThan5000Litres();
    case "not-a-size":
      return say.aboutHowManyLitresA();
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
      problems.size = draft.system === "container-class" ? say.chooseASize : say.aSizeSuchAs5;
    return { pot: { known: "nominal", system: draft.system, size, wall: draft.wall }, problems };
  }
  const measures: Record<string, number> = {};
  const fields = draft.known === "outside" ? outsideMeasures(draft.rimBy) : MEASURES[draft.shape];
  for (const [field] of fields) {
    const typed = draft.measures[field] ?? "";
    if (OPTIONAL.has(field) && typed.trim() === "") continue;
    const value = readNumber(typed, "mm");
    if (field === "wallMm") {
      if (!(value > 0)) problems[field] = say.theWallInMmOr;
    } else if (Number.isNaN(value)) problems[field] = say.measureItInMmOr;
    else if (value < 20) problems[field] = say.lessThan20MmIs;
    else if (value > (field === "girthMm" ? 16_000 : 5000)) problems[field] = say.moreThan5MAcross;
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
    if (!(value > 0)) problems[field] = say.aNumberAbove0Or;
    measures[field] = value;
  }
  if (draft.shape === "bag" && measures.lengthMm <= measures.gussetMm / 2) problems.lengthMm = say.theBagIsShorterThan;
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
      problems.measuredVolumeL = say.byTheTapeItHolds(litres(byTape, units));
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
          {draft.known === "about" && pot.known === "nominal" && say.takenAs(nominalWords(pot))}
          {say.holdsOfMix(
            litres(volume.p50, units),
            depthToMixMm === null ? say.atTheFillLine : say.asItIsFilled,
            litres(volume.p10, units) !== litres(volume.p90, units)
              ? say.betweenAnd(litres(volume.p10, units), litres(volume.p90, units), RANGE_WORDS[draft.known])
              : "",
          )}
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
    <div role="radiogroup" aria-label={say.howIsThePotKnown} className="flex flex-wrap gap-x-6 gap-y-1">
      {(
        [
          ["outside", say.fromOutsideTheTreeIn],
          ["measured", say.insideEmpty],
          ["nominal", say.byItsTradeSize],
          ["about", say.aboutSoManyLitres()],
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
        label={say.wall}
        value={draft.wall}
        onChange={(wall) => set({ wall })}
        options={WALLS.map((w) => [w, WALL_WORDS[w]] as const)}
      />
      {draft.known === "measured" && (
        <SelectField
          label={say.shape}
          value={draft.shape}
          onChange={(shape) => set({ shape })}
          options={SHAPES.map(([key, words]) => [key, words] as const)}
        />
      )}
      {draft.known === "outside" && (
        <SelectField
          label={say.shape}
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
          label={say.namedBy}
          value={draft.system}
          onChange={(system) => set({ system, size: "" })}
          options={[
            ["litre-label", say.litresOnTheLabel()],
            ["container-class", say.containerClassSizes],
            ["pint-bag", say.planterBagPints],
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
          {say.theRimMeasuredWithA}
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
              hint={OPTIONAL.has(field) ? say.ifYouCan : undefined}
              fault={fault(field as PotField) ?? fault(`vessel.${field}` as PotField)}
            />
          ))}
        </div>
      )}
      {draft.known === "measured" && (
        <details open={moreInside(draft.shape).some(([field]) => (draft.measures[field] ?? "") !== "")}>
          <summary className="min-h-11 cursor-pointer">{say.moreIfYouMeasuredIt}</summary>
          <div className="mt-1 grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
            {moreInside(draft.shape).map(([field, label, suffix]) => (
              <TextField
                key={field}
                label={label}
                numeric
                suffix={suffix}
                value={draft.measures[field] ?? ""}
                onChange={(text) => set({ measures: { ...draft.measures, [field]: text } })}
                hint={field === "measuredVolumeL" ? say.toTheBrimBeatsThe : undefined}
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
            label={say.size}
            value={draft.size}
            onChange={(size) => set({ size })}
            options={[["", "choose …"] as const, ...CONTAINER_CLASSES.map((c) => [c, c] as const)]}
            fault={fault("size")}
          />
        ) : (
          <TextField
            className="max-w-48"
            label={say.size}
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
          label={say.volumeAbout}
          hint={say.or55Gal3}
          suffix={common.l}
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
    ? say.aNurseryPotWhichIs(pot.size, pot.size.slice(1))
    : pot.system === "pint-bag"
      ? say.aPlanterBagOfPints(pot.size)
      : say.aPotLabelledL(pot.size);

/** Where the range of a volume comes from. */
const RANGE_WORDS: Record<PotDraft["known"], string> = {
  measured: say.theFillLineVaries,
  outside: say.wallTaperAndFillLine,
  nominal: say.aNameNotAMeasure,
  about: say.aGuessByEye,
};

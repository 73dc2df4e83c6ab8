"use client";

import {
  CONTAINER_CLASSES,
  mixEstimate,
  nominalVolume,
  type Pot,
  type Vessel,
  type Wall,
  WALLS,
} from "@/core/vessel/index";
import { litres, readNumber, type Units } from "@/ui/format";
import { SelectField, TextField } from "@/ui/fields";
import { WALL_WORDS } from "../words";

/** A pot as it is being typed: text stays text until it is read. */
export interface PotDraft {
  known: "measured" | "nominal" | "about";
  shape: "round" | "square" | "rectangle" | "cylinder" | "fabric" | "bag";
  wall: Wall;
  measures: Record<string, string>;
  system: "container-class" | "litre-label" | "pint-bag";
  size: string;
  litres: string;
}

export const emptyPotDraft: PotDraft = {
  known: "measured",
  shape: "round",
  wall: "smooth-plastic",
  measures: {},
  system: "litre-label",
  size: "",
  litres: "",
};

const MEASURES: Record<PotDraft["shape"], readonly (readonly [string, string])[]> = {
  round: [
    ["topWidthMm", "Inside width at the rim"],
    ["baseWidthMm", "Inside width at the floor"],
    ["heightMm", "Inside height"],
  ],
  square: [
    ["topWidthMm", "Inside width at the rim"],
    ["baseWidthMm", "Inside width at the floor"],
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

const SHAPES = [
  ["round", "round, tapered"],
  ["square", "square, tapered"],
  ["rectangle", "rectangular or box"],
  ["cylinder", "straight-sided round"],
  ["fabric", "fabric, round"],
  ["bag", "gusseted bag"],
] as const;

/** Reads a draft; problems by field, in words. */
export function readPot(draft: PotDraft): { pot: Pot; problems: Record<string, string> } {
  const problems: Record<string, string> = {};
  if (draft.known === "about") {
    const value = readNumber(draft.litres, "litres");
    if (!(value > 0 && value <= 5000)) problems.litres = "About how many litres? A number between 0 and 5,000.";
    return { pot: { known: "about", litres: value, wall: draft.wall }, problems };
  }
  if (draft.known === "nominal") {
    const size = draft.size.trim();
    if (nominalVolume(draft.system, size) === null)
      problems.size = draft.system === "container-class" ? "Choose a size." : "A size such as 5 or 7.5.";
    return { pot: { known: "nominal", system: draft.system, size, wall: draft.wall }, problems };
  }
  const measures: Record<string, number> = {};
  for (const [field] of MEASURES[draft.shape]) {
    const value = readNumber(draft.measures[field] ?? "", "mm");
    if (Number.isNaN(value)) problems[field] = "Measure it, in mm (or write 30 cm, 12 in).";
    else if (value < 20) problems[field] = "Less than 20 mm is no pot. Did you mean cm? Write 30 cm.";
    else if (value > 5000) problems[field] = "More than 5 m is no pot.";
    measures[field] = value;
  }
  if (draft.shape === "bag" && measures.lengthMm <= measures.gussetMm / 2)
    problems.lengthMm = "The bag is shorter than half its gusset: it cannot stand.";
  // Exactly the measures this shape asks for have been read just above; the server validates them once more.
  const vessel = { shape: draft.shape, wall: draft.wall, ...measures } as unknown as Vessel;
  return { pot: { known: "measured", vessel }, problems };
}

export function PotFields({
  draft,
  onChange,
  fault,
  units,
}: {
  draft: PotDraft;
  onChange: (draft: PotDraft) => void;
  fault: (path: string) => string | undefined;
  units: Units;
}) {
  const set = (part: Partial<PotDraft>) => onChange({ ...draft, ...part });
  const { pot, problems } = readPot(draft);
  const volume = Object.keys(problems).length === 0 ? mixEstimate(pot) : null;
  return (
    <div className="space-y-3">
      <div role="radiogroup" aria-label="How is the pot known" className="flex flex-wrap gap-x-6 gap-y-1">
        {(
          [
            ["measured", "I can measure it"],
            ["nominal", "by its trade size"],
            ["about", "about so many litres"],
          ] as const
        ).map(([key, words]) => (
          <label key={key} className="flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="radio"
              name="known"
              className="radio"
              checked={draft.known === key}
              onChange={() => set({ known: key })}
            />
            {words}
          </label>
        ))}
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Wall"
          value={draft.wall}
          onChange={(wall) => set({ wall })}
          options={WALLS.map((w) => [w, WALL_WORDS[w]] as const)}
        />
        {draft.known === "measured" && (
          <SelectField label="Shape" value={draft.shape} onChange={(shape) => set({ shape })} options={SHAPES} />
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
      {draft.known === "measured" && (
        <div className="grid gap-3 sm:grid-cols-3">
          {MEASURES[draft.shape].map(([field, label]) => (
            <TextField
              key={field}
              label={label}
              numeric
              suffix="mm"
              value={draft.measures[field] ?? ""}
              onChange={(text) => set({ measures: { ...draft.measures, [field]: text } })}
              fault={fault(field) ?? fault(`vessel.${field}`)}
            />
          ))}
        </div>
      )}
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
            suffix={draft.system === "pint-bag" ? "pints" : "L"}
            value={draft.size}
            onChange={(size) => set({ size })}
            fault={fault("size")}
          />
        ))}
      {draft.known === "about" && (
        <TextField
          className="max-w-48"
          label="Litres, about"
          numeric
          suffix="L"
          value={draft.litres}
          onChange={(text) => set({ litres: text })}
          fault={fault("litres")}
        />
      )}
      {volume && (
        <p className="text-sm" aria-live="polite">
          Holds {litres(volume.p50, units)} of mix at the fill line
          {volume.p90 - volume.p10 > 0.02 * volume.p50
            ? `, between ${litres(volume.p10, units)} and ${litres(volume.p90, units)}: ${draft.known === "measured" ? "the fill line varies" : "a name, not a measure"}`
            : ""}
          .
        </p>
      )}
    </div>
  );
}

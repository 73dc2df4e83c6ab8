import { writeRoughDate } from "@/core/dates/index";
import { kindById } from "@/core/species/index";
import { outerWidthMm, type Pot } from "@/core/vessel/index";
import type { PotLine, PottingLine, TreeLine } from "./collection-csv";
import { COLUMNS, type ImportKind } from "./collection-columns";
import { csvLine } from "./csv-line";

type Cell = string | number | null;

const rounded = (value: number | null | undefined, digits = 1): number | null =>
  value === null || value === undefined ? null : Math.round(value * 10 ** digits) / 10 ** digits;

function potCells(pot: Pot | null): Record<string, Cell> {
  if (!pot) return {};
  switch (pot.known) {
    case "about":
      return { wall: pot.wall, litres: pot.litres };
    case "nominal": {
      const size = { "container-class": pot.size, "litre-label": `${pot.size} L`, "pint-bag": `${pot.size} pint` };
      return { wall: pot.wall, size: size[pot.system] };
    }
    case "outside":
      return {
        wall: pot.wall,
        shape: pot.shape,
        ...(pot.girthMm === undefined ? { outsideWidth: rounded(outerWidthMm(pot)) } : { girth: pot.girthMm }),
        outsideHeight: pot.outerHeightMm,
        outsideBase: pot.outerBaseWidthMm ?? null,
        wallThickness: rounded(pot.wallMm, 2),
      };
    case "measured": {
      const { vessel } = pot;
      const common = { wall: vessel.wall ?? null, shape: vessel.shape, measuredL: vessel.measuredVolumeL ?? null };
      if (vessel.shape === "bag")
        return { ...common, bagWidth: vessel.flatWidthMm, bagGusset: vessel.gussetMm, bagLength: vessel.lengthMm };
      return {
        ...common,
        insideWidth: vessel.topWidthMm,
        insideBase: "baseWidthMm" in vessel ? vessel.baseWidthMm : null,
        corner: vessel.shape === "square" ? (vessel.cornerRadiusMm ?? null) : null,
        insideLength: vessel.shape === "rectangle" ? vessel.topLengthMm : null,
        insideHeight: vessel.heightMm,
      };
    }
  }
}

function write(kind: ImportKind, lines: readonly Record<string, Cell>[]): string {
  const columns = COLUMNS[kind];
  return [
    csvLine(columns.map((column) => column.header)),
    ...lines.map((line) => csvLine(columns.map((column) => line[column.field] ?? null))),
  ].join("");
}

const day = (range: TreeLine["arrived"]) => (range === null ? null : writeRoughDate(range));

/** What is written is read again as the same lines. */
export function writeTreeLines(lines: readonly Omit<TreeLine, "line">[]): string {
  return write(
    "trees",
    lines.map((t) => ({
      ...potCells(t.pot),
      tag: t.tag,
      kind: t.typedName ?? kindById(t.kindId!)!.names[0],
      cultivar: t.cultivar,
      habit: t.habit === "unknown" ? null : t.habit,
      purpose: t.purpose,
      count: t.count,
      arrived: day(t.arrived),
      form: t.form,
      lastPotted: day(t.lastPotted),
      depthToMix: t.depthToMixMm,
      finalVolume: t.finalVolumeL,
      trunk: t.trunkMm,
      height: t.heightM,
      crown: t.crownM,
      rootstock: t.rootstock,
      stockPace: t.stockPace,
      place: t.place,
      mother: t.mother,
      method: t.method,
      raisedOn: day(t.raisedOn),
      status: t.ended,
      endedOn: day(t.endedOn),
      note: t.note,
    })),
  );
}

export function writePotLines(lines: readonly Omit<PotLine, "line">[]): string {
  return write(
    "pots",
    lines.map((p) => ({
      ...potCells(p.pot),
      name: p.name,
      count: p.count,
      price: p.price,
      condition: p.condition === "sound" ? null : p.condition,
      place: p.place,
      toBuy: p.toBuy ? "yes" : null,
      since: day(p.since),
    })),
  );
}

export function writePottingLines(lines: readonly Omit<PottingLine, "line">[]): string {
  return write(
    "pottings",
    lines.map((p) => ({
      ...potCells(p.pot),
      tag: p.tag,
      when: writeRoughDate(p.when),
      pot: p.potName,
      mix: p.mix,
      correction: p.correction,
      note: p.note,
    })),
  );
}

import * as say from "@/words/pages/setup/imports";
import { type Pot, readPotSize, USUAL_WALL } from "@/core/vessel/index";
import type { PlaceKind } from "@/core/climate/index";
import type { CellProblem } from "@/formats/collection-csv";
import type { ImportKind, Mapping } from "@/formats/collection-columns";
import { placeKindNamed } from "@/formats/proposals";
import type { Table } from "@/formats/table";

/** The same fault of the same words in one column, wherever it stands. */
export interface Doubt extends Omit<CellProblem, "line"> {
  /** The first lines it stands in, and how many there are. */
  lines: number[];
  count: number;
}

const LINES_NAMED = 6;

/** Equal faults together: a word is put right once for all lines it stands in. Tags and empty cells are each line's own. */
export function doubtsOf(problems: readonly CellProblem[], tagColumn: string | undefined): Doubt[] {
  const doubts = new Map<string, Doubt>();
  for (const { line, ...problem } of problems) {
    const own = problem.value === "" || problem.column === tagColumn;
    const key = JSON.stringify([problem.column, problem.value, problem.message, problem.propose, own ? line : null]);
    const known = doubts.get(key);
    if (!known) doubts.set(key, { ...problem, lines: [line], count: 1 });
    else {
      known.count++;
      if (known.lines.length < LINES_NAMED) known.lines.push(line);
    }
  }
  return [...doubts.values()];
}

/** A size that can be read, but may mean another: a trade name of a pot that holds less than it says. */
export interface Reading {
  column: string;
  value: string;
  lines: number;
  /** What it is taken as. */
  pot: Pot;
  /** Written so, the litres are meant as they stand. */
  instead: string;
}

const TRADE_GALLONS = /^(\d+(?:[.,]\d+)?)\s*-?\s*gal(?:lons?|s)?\.?$/i;
const MOST_READINGS = 20;

/** Sizes in gallons that are read as trade classes, each once. */
export function readingsOf(kind: ImportKind, table: Table, mapping: Mapping, bareInGallons: boolean): Reading[] {
  if (kind === "pottings") return [];
  const found = new Map<string, Reading>();
  for (const field of ["size", "litres", "finalVolume"]) {
    const at = mapping[field];
    if (at === undefined) continue;
    for (const { cells } of table.rows) {
      const value = (cells[at] ?? "").trim();
      const key = `${at}:${value}`;
      const known = found.get(key);
      if (known) known.lines++;
      else {
        const text = bareInGallons && /^\d+([.,]\d+)?$/.test(value) ? say.gal(value) : value;
        const gallons = TRADE_GALLONS.exec(text)?.[1];
        if (gallons === undefined) continue;
        const read = readPotSize(text, USUAL_WALL, "label");
        if (!read.ok || read.pot.known !== "nominal") continue;
        found.set(key, { column: table.headers[at], value, lines: 1, pot: read.pot, instead: `${gallons} US gal` });
      }
    }
  }
  return [...found.values()].sort((a, b) => b.lines - a.lines).slice(0, MOST_READINGS);
}

/** A place nobody has named before, and what its name says of it. */
export interface NewPlace {
  name: string;
  lines: number;
  guess: PlaceKind | null;
}

export function newPlaces(lines: readonly { place?: string | null }[], known: readonly { name: string }[]): NewPlace[] {
  const before = new Set(known.map(({ name }) => name.toLocaleLowerCase()));
  const found = new Map<string, NewPlace>();
  for (const { place } of lines) {
    if (!place || before.has(place.toLocaleLowerCase())) continue;
    const key = place.toLocaleLowerCase();
    const seen = found.get(key);
    if (seen) seen.lines++;
    else found.set(key, { name: place, lines: 1, guess: placeKindNamed(place) });
  }
  return [...found.values()];
}

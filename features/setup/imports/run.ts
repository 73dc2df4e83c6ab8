import { SHOWN_PROBLEMS } from "./ndjson";
import type { FileDone, FileMessage } from "./send-file";
import { type Fault, fault } from "@/contract/faults";
import type { ListRequest } from "@/contract/files";
import type { FoundKind } from "@/contract/queries";
import "server-only";
import { findCollection } from "@/data/collections";
import { isDatabaseGone } from "@/data/db";
import {
  type CellProblem,
  type ImportSetting,
  type LinesRead,
  readPotLines,
  readPottingLines,
  readTreeLines,
} from "@/formats/collection-csv";
import { COLUMNS, guessMapping, type ImportKind, type Mapping } from "@/formats/collection-columns";
import { readTable, type Table } from "@/formats/table";
import { todayAt } from "@/server/clock";
import { log } from "@/server/log";
import { pool } from "@/server/pool";
import { BadBody } from "@/server/requests";
import { type LoadedRecords, loadRecords } from "@/features/kernel/collection/load";
import type { RunCommand } from "@/features/kernel/run";
import { findKinds, foundKind } from "@/features/trees/search/kinds";
import { checkPottingLines, checkTreeLines } from "./check";
import { type Doubt, doubtsOf, type NewPlace, newPlaces, type Reading, readingsOf } from "./doubts";
import { withEdits } from "./edits";

export interface ImportPreview {
  headers: string[];
  mapping: Mapping;
  columns: { field: string; label: string; needed: boolean }[];
  total: number;
  good: number;
  /** The first lines as they will come in. */
  sample: { line: number; cells: string[] }[];
  problemCount: number;
  /** Faults, equal ones together; of many the first. */
  doubts: Doubt[];
  doubtCount: number;
  /** The line that names the columns, and the lines of which another may be meant. */
  header: Table["header"];
  /** Of a workbook: its sheets, and the one that was read. */
  sheets: { names: string[]; read: string } | null;
  /** Needed fields no column holds. */
  missing: string[];
  /** Lines that come in with a cell left empty. */
  withGaps: number;
  /** What would otherwise be taken without a word. */
  notes: {
    /** Lines above the header. */
    above: string[];
    /** Columns that hold something and mean nothing here. */
    unused: string[];
    /** Names that are none of the library's, with the lines that bear them, what they go by, and the nearest the library has. */
    unlisted: UnlistedName[];
    /** Places that will be made: in the open, until somebody says more of them. */
    newPlaces: NewPlace[];
    /** Sizes that are read as trade names. */
    readings: Reading[];
  };
}

export interface UnlistedName {
  name: string;
  lines: number;
  /** The kind or genus it comes in as, if any. */
  goesBy: FoundKind | null;
  /** What may be meant; the keeper decides. */
  near: FoundKind[];
}

/** How many lines came in, and how many were left out. */
export interface ListDone extends FileDone {
  count: number;
  skipped: number;
}
/** What the browser is told while a file is at work, a line of JSON each. */
export type ImportMessage = FileMessage<ImportPreview, ListDone>;

const SAMPLE_LINES = 8;

const COMMAND_OF: Record<ImportKind, string> = {
  trees: "import-trees",
  pots: "import-pots",
  pottings: "import-pottings",
};

/** Reads a file as it streams in; without a commandId nothing is kept: that is the preview. */
export async function runImport(
  collectionId: string,
  request: ListRequest,
  file: AsyncIterable<Uint8Array>,
  tell: (message: ImportMessage) => void,
  runCommand: RunCommand,
): Promise<void> {
  const fail = (why: Fault) => tell({ step: "fault", faults: [why] });
  try {
    const collection = await findCollection(pool(), collectionId);
    if (!collection) return fail(fault("file", "collection-gone"));
    const read = await readTable(
      file,
      (done) => tell({ step: "reading", done, of: Math.max(done, request.bytes) }),
      (cells) => Object.keys(guessMapping(request.kind, cells)).length,
      request.sheet,
      request.headerLine,
    );
    if (!read.ok) return fail(fault("file", "file-unread", { why: read.message }));
    const table = withEdits(read.table, request.edits);
    const mapping = request.mapping ?? guessMapping(request.kind, table.headers);
    const missing = COLUMNS[request.kind].filter((c) => c.needed && !(c.field in mapping));
    tell({ step: "checking", done: 0, of: table.rows.length });
    const setting = { today: todayAt(collection.zone), latitudeDeg: collection.latitudeDeg };
    const known = await loadRecords(pool(), collection);
    const { good, problems } =
      missing.length > 0 ? { good: [], problems: [] } : readLines(request, table, mapping, setting, known);
    if (request.commandId === null)
      return tell({ step: "preview", preview: previewOf(request, table, mapping, good, problems, known) });
    if (good.length === 0) return fail(fault("file", "no-good-line"));
    const answer = await runCommand(
      COMMAND_OF[request.kind],
      {
        commandId: request.commandId,
        collectionId,
        fileName: request.fileName,
        lines: good,
        ...newPlaceKinds(request),
      },
      (done, of) => tell({ step: "saving", done, of }),
    );
    if (!answer.ok) return tell({ step: "fault", faults: answer.faults });
    const { entryId, revision } = answer;
    const kept = { entryId, revision, count: good.length, skipped: table.rows.length - good.length };
    tell({ step: "done", kept });
  } catch (error) {
    if (error instanceof BadBody) return fail(error.fault);
    if (isDatabaseGone(error)) return fail(fault("file", "database-away"));
    log().error({ err: error, kind: request.kind }, "import failed");
    fail(fault("file", "program-fault"));
  }
}

/** The file's lines that can come in, and what is wrong with the others: in themselves, or beside what is on record. */
function readLines(
  { kind, options }: ListRequest,
  table: Table,
  mapping: Mapping,
  setting: ImportSetting,
  known: LoadedRecords,
): { good: { line: number }[]; problems: CellProblem[] } {
  const sift = <T extends { line: number }>(read: LinesRead<T>, clashes: CellProblem[]) => {
    const bad = new Set(clashes.filter((p) => p.fatal).map((p) => p.line));
    // What clashes is named by its field: the file calls it by its own heading.
    const named = clashes.map((p) => ({ ...p, column: table.headers[mapping[p.column]] ?? p.column }));
    return {
      good: read.lines.filter((line) => !bad.has(line.line)),
      problems: [...read.problems, ...named].sort((a, b) => a.line - b.line),
    };
  };
  switch (kind) {
    case "trees": {
      const read = readTreeLines(table, mapping, options, setting);
      return sift(read, checkTreeLines(known, read.lines));
    }
    case "pots":
      return sift(readPotLines(table, mapping, options, setting), []);
    case "pottings": {
      const read = readPottingLines(table, mapping, options, setting);
      return sift(read, checkPottingLines(known, read.lines));
    }
  }
}

/** Only lists that name places say what they are like. */
const newPlaceKinds = ({ kind, options }: ListRequest) => (kind === "pottings" ? {} : { places: options.places });

function previewOf(
  { kind, options }: ListRequest,
  table: Table,
  mapping: Mapping,
  good: readonly { line: number; kindId?: string | null; typedName?: string | null; place?: string | null }[],
  problems: CellProblem[],
  known: LoadedRecords,
): ImportPreview {
  const used = new Set(Object.values(mapping));
  const fatal = new Set(problems.filter((p) => p.fatal).map((p) => p.line));
  const doubts = doubtsOf(problems, mapping.tag === undefined ? undefined : table.headers[mapping.tag]);
  return {
    headers: table.headers,
    sheets: table.sheets ?? null,
    mapping,
    columns: COLUMNS[kind].map(({ field, label, needed }) => ({ field, label, needed: needed ?? false })),
    total: table.rows.length,
    good: good.length,
    withGaps: new Set(problems.filter((p) => !fatal.has(p.line)).map((p) => p.line)).size,
    notes: {
      above: table.above,
      unused: table.headers.filter((_, at) => !used.has(at) && table.rows.some((row) => (row.cells[at] ?? "") !== "")),
      unlisted: unlistedIn(good),
      newPlaces: newPlaces(good, known.places),
      readings: readingsOf(kind, table, mapping, options.volumeUnit === "gal"),
    },
    sample: table.rows.slice(0, SAMPLE_LINES),
    problemCount: problems.length,
    doubts: doubts.slice(0, SHOWN_PROBLEMS),
    doubtCount: doubts.length,
    header: table.header,
    missing: COLUMNS[kind].filter((c) => c.needed && !(c.field in mapping)).map((c) => c.label),
  };
}

/** So many names get proposals: a list of more is better mended where it was written. */
const MOST_PROPOSED = 40;
const MOST_NEAR = 5;

function unlistedIn(good: readonly { kindId?: string | null; typedName?: string | null }[]): UnlistedName[] {
  const names = new Map<string, { name: string; lines: number; kindId: string | null }>();
  for (const { kindId, typedName } of good) {
    if (!typedName) continue;
    const key = typedName.toLocaleLowerCase();
    const before = names.get(key);
    names.set(key, { name: before?.name ?? typedName, lines: (before?.lines ?? 0) + 1, kindId: kindId ?? null });
  }
  return [...names.values()]
    .sort((a, b) => b.lines - a.lines)
    .map(({ name, lines, kindId }, i) => ({
      name,
      lines,
      goesBy: kindId === null ? null : foundKind(kindId),
      near: i < MOST_PROPOSED ? findKinds(name).slice(0, MOST_NEAR) : [],
    }));
}

import { Readable } from "node:stream";
import { CsvError, parse } from "csv-parse";
import { isZip, readWorkbook } from "./workbook";

/** A text table as it stands in a file: nothing is interpreted yet. */
export interface Table {
  headers: string[];
  rows: TableRow[];
  /** Lines above the header that hold no table: a title, a date. */
  above: string[];
  /** The line that names the columns, and the first lines, of which another may be meant. */
  header: { line: number; choices: { line: number; text: string }[] };
  /** Of a workbook: its sheets, and the one that was read. */
  sheets?: { names: string[]; read: string };
}

export interface TableRow {
  /** Line of the file the row begins on, from 1. */
  line: number;
  cells: string[];
}

export type TableRead = { ok: true; table: Table } | { ok: false; message: string };

/** Lines looked through for a header below titles. */
const HEADER_WITHIN = 12;

/**
 * Comma, semicolon or tab: the one that most of the first lines hold equally often outside quotes, so that neither a title above the
 * table nor a sign within a cell decides; of equals the one that stands more often.
 */
export function separatorOf(text: string): string {
  const lines = text
    .slice(0, 5000)
    .replace(/"[^"]*"/g, "")
    .split(/\r?\n/)
    .filter((line) => line.trim() !== "")
    .slice(0, HEADER_WITHIN);
  const scoreOf = (s: string) => {
    const counts = lines.map((line) => line.split(s).length - 1).filter((n) => n > 0);
    const alike = (n: number) => counts.filter((m) => m === n).length;
    return counts.reduce((best, n) => Math.max(best, 1000 * alike(n) + n), 0);
  };
  return [";", "\t", ","].sort((a, b) => scoreOf(b) - scoreOf(a))[0];
}

const MOST_ROWS = 50_000;
const MOST_COLUMNS = 120;

/** Bytes as text, chunk by chunk: UTF-8, or UTF-16 by its mark, or the old Western set where UTF-8 does not fit. */
async function* decode(chunks: AsyncIterable<Uint8Array>, onBytes: (done: number) => void): AsyncGenerator<string> {
  let decoder: TextDecoder | null = null;
  let done = 0;
  for await (const chunk of chunks) {
    if (!decoder) {
      const utf16 = (chunk[0] === 0xff && chunk[1] === 0xfe) || (chunk[0] === 0xfe && chunk[1] === 0xff);
      decoder = new TextDecoder(
        utf16 ? (chunk[0] === 0xff ? "utf-16le" : "utf-16be") : looksUtf8(chunk) ? "utf-8" : "windows-1252",
      );
    }
    done += chunk.length;
    onBytes(done);
    yield decoder.decode(chunk, { stream: true });
  }
  if (decoder) yield decoder.decode();
}

function looksUtf8(chunk: Uint8Array): boolean {
  try {
    // The last bytes may be half a letter: they are left to the next chunk.
    new TextDecoder("utf-8", { fatal: true }).decode(chunk, { stream: true });
    return true;
  } catch {
    return false;
  }
}

/** How many columns a line of the file would name, were it the header. */
type NamesColumns = (cells: readonly string[]) => number;

/**
 * Reads comma-, semicolon- or tab-separated text with a header line as it streams in, or a sheet of a workbook.
 * Rules of RFC 4180; quotes inside fields, ragged rows and a byte order mark are forgiven.
 */
export async function readTable(
  chunks: AsyncIterable<Uint8Array>,
  onBytes: (done: number) => void = () => undefined,
  /** The best of the first lines is taken, the first of equals. */
  namesColumns: NamesColumns = () => 0,
  /** Of a workbook: the sheet to read; null: the one whose header names most. */
  sheet: string | null = null,
  /** The line that names the columns; null: the one of the first lines that names most. */
  headerLine: number | null = null,
): Promise<TableRead> {
  const source = chunks[Symbol.asyncIterator]();
  const head = await source.next();
  const first = head.done ? new Uint8Array() : head.value;
  async function* whole() {
    yield first;
    for (let next = await source.next(); !next.done; next = await source.next()) yield next.value;
  }
  return isZip(first)
    ? readSheets(whole(), onBytes, namesColumns, sheet, headerLine)
    : readText(whole(), onBytes, namesColumns, headerLine);
}

/** Of a workbook's sheets the one asked for, else the one whose header names most columns. */
async function readSheets(
  chunks: AsyncIterable<Uint8Array>,
  onBytes: (done: number) => void,
  namesColumns: NamesColumns,
  wanted: string | null,
  headerLine: number | null,
): Promise<TableRead> {
  const parts: Uint8Array[] = [];
  let done = 0;
  for await (const chunk of chunks) {
    parts.push(chunk);
    done += chunk.length;
    onBytes(done);
  }
  const read = await readWorkbook(Buffer.concat(parts));
  if (!read.ok) return read;
  const tables = read.sheets.map(({ name, rows }) => {
    const numbered = rows.flatMap((cells, i) => (cells.every((cell) => cell === "") ? [] : [{ line: i + 1, cells }]));
    const names = Math.max(0, ...numbered.slice(0, HEADER_WITHIN).map((row) => namesColumns(row.cells)));
    return { name, rows: numbered, names };
  });
  const best = tables.reduce<(typeof tables)[number] | undefined>(
    (most, t) => (most === undefined || t.names > most.names ? t : most),
    undefined,
  );
  const chosen = tables.find((t) => t.name === wanted) ?? best;
  if (chosen === undefined || chosen.rows.length === 0) return { ok: false, message: "The file is empty." };
  if (chosen.rows[0].cells.length > MOST_COLUMNS) return { ok: false, message: TOO_WIDE };
  if (chosen.rows.length > MOST_ROWS + 1) return { ok: false, message: TOO_LONG };
  const table = withHeader(chosen.rows, namesColumns, headerLine);
  if (!table.ok) return table;
  return { ok: true, table: { ...table.table, sheets: { names: tables.map((t) => t.name), read: chosen.name } } };
}

const TOO_WIDE = "More than 120 columns: this is no list of trees.";
const TOO_LONG = "More than 50,000 lines: read the file in in parts.";

async function readText(
  chunks: AsyncIterable<Uint8Array>,
  onBytes: (done: number) => void,
  namesColumns: NamesColumns,
  headerLine: number | null,
): Promise<TableRead> {
  const texts = decode(chunks, onBytes);
  const head = await texts.next();
  const first = head.done ? "" : head.value.replace(/^\uFEFF/, "");
  if (first.trim() === "") return { ok: false, message: "The file is empty." };
  if (first.includes("\u0000")) return { ok: false, message: "This is no text file. Save the table as CSV first." };
  const parser = parse({
    delimiter: separatorOf(first),
    bom: true,
    relax_quotes: true,
    relax_column_count: true,
    skip_empty_lines: true,
    trim: true,
    info: true,
    max_record_size: 200_000,
  });
  async function* whole() {
    yield first;
    yield* texts;
  }
  const rows: TableRow[] = [];
  try {
    // What comes out while the file is still coming in is kept: the rest of the file never stands in memory as text.
    for await (const { record, info } of Readable.from(whole()).pipe(parser) as AsyncIterable<{
      record: string[];
      info: { lines: number };
    }>) {
      if (rows.length === 0 && record.length > MOST_COLUMNS) return { ok: false, message: TOO_WIDE };
      if (record.every((cell) => cell === "")) continue;
      if (rows.length > MOST_ROWS) return { ok: false, message: TOO_LONG };
      rows.push({ line: info.lines - record.reduce((n, cell) => n + cell.split("\n").length - 1, 0), cells: record });
    }
  } catch (error) {
    if (error instanceof CsvError)
      return {
        ok: false,
        message: `The table breaks off near line ${String((error as { lines?: number }).lines ?? "?")}: a quotation mark is opened and never closed.`,
      };
    throw error;
  }
  return withHeader(rows, namesColumns, headerLine);
}

/** The header among the first lines, what stands above it, and the lines beneath. */
function withHeader(rows: readonly TableRow[], namesColumns: NamesColumns, headerLine: number | null): TableRead {
  const first = rows.slice(0, HEADER_WITHIN);
  const scores = first.map((row) => namesColumns(row.cells));
  const said = headerLine === null ? -1 : first.findIndex((row) => row.line === headerLine);
  const at = said >= 0 ? said : Math.max(0, scores.indexOf(Math.max(...scores)));
  if (rows.length < at + 2) return { ok: false, message: "There is a header line but no line under it." };
  return {
    ok: true,
    table: {
      headers: rows[at].cells,
      rows: rows.slice(at + 1),
      above: rows.slice(0, at).map((row) => row.cells.filter((cell) => cell !== "").join(" ")),
      header: {
        line: rows[at].line,
        choices: first.map(({ line, cells }) => ({
          line,
          text: cells
            .filter((c) => c !== "")
            .join(" · ")
            .slice(0, 80),
        })),
      },
    },
  };
}

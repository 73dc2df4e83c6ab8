import { parse } from "csv-parse/sync";

/** A line of a table with its number in the file. */
export interface CsvRow {
  record: string[];
  info: { lines: number };
}

export const QUOTES_FAULT = "The file's quotes do not match up, so its columns cannot be told apart.";

/** All lines of a table, uneven ones too; null where its quotes do not match up. */
export function csvRows(text: string, delimiter: string): CsvRow[] | null {
  try {
    return parse(text, {
      bom: true,
      delimiter,
      relax_column_count: true,
      relax_quotes: true,
      skip_empty_lines: true,
      info: true,
      trim: true,
    }) as unknown as CsvRow[];
  } catch {
    return null;
  }
}

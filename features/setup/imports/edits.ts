import type { ListRequest } from "@/contract/files";
import { COLUMNS, STATUS } from "@/formats/collection-columns";
import type { Table } from "@/formats/table";

type Edit = ListRequest["edits"][number];

/** The table with the cells that were put right: of one line, or of all lines in which the same stands. */
export function withEdits(table: Table, edits: readonly Edit[]): Table {
  if (edits.length === 0) return table;
  const whole = edits.some((e) => e.ended !== undefined) ? withStatus(table) : table;
  const status = statusColumn(whole.headers);
  const known = edits.flatMap((edit) => {
    const at = whole.headers.indexOf(edit.column);
    return at < 0 ? [] : [{ ...edit, at }];
  });
  const rows = whole.rows.map((row) => {
    const fitting = known.filter(({ line, at, from }) =>
      line === null ? (row.cells[at] ?? "") === from : line === row.line,
    );
    if (fitting.length === 0) return row;
    const cells = whole.headers.map((_, i) => row.cells[i] ?? "");
    for (const { at, value, ended } of fitting) {
      cells[at] = value;
      if (ended !== undefined) cells[status] = ended;
    }
    return { ...row, cells };
  });
  return { ...whole, rows };
}

const STATUS_COLUMN = COLUMNS.trees.find((column) => column.field === STATUS)!;
const statusColumn = (headers: readonly string[]) =>
  headers.findIndex((header) => STATUS_COLUMN.synonyms.test(header.trim().toLowerCase()));

/** A list that has no column for the end of a tree is given one. */
const withStatus = (table: Table): Table =>
  statusColumn(table.headers) >= 0 ? table : { ...table, headers: [...table.headers, STATUS_COLUMN.header] };

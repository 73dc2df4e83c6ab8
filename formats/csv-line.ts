/** One line of CSV by RFC 4180. Text that a spreadsheet would run as a formula is kept as text by a leading apostrophe. */
export function csvLine(cells: readonly (string | number | null)[]): string {
  return `${cells.map(csvCell).join(",")}\r\n`;
}

function csvCell(value: string | number | null): string {
  if (value === null) return "";
  if (typeof value === "number") return String(value);
  const safe = /^[=+@\t\r]/.test(value) || (value.startsWith("-") && Number.isNaN(Number(value))) ? `'${value}` : value;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

/** Takes back the apostrophe that `csvLine` sets before formula-like text. */
export function unguard(cell: string): string {
  return /^'[=+@-]/.test(cell) ? cell.slice(1) : cell;
}

import { strToU8, zipSync } from "fflate";

const column = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${column(Math.floor(i / 26) - 1)}${column(i % 26)}`;
const escaped = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;");

/** A day as a workbook counts it: days since 30 December 1899, in the style of a date. */
export const asDay = (iso: string) => ({ days: (Date.parse(iso) - Date.parse("1899-12-30")) / 86_400_000 });
export type Cell = string | number | null | { days: number };

const cellXml = (cell: Cell, at: string): string => {
  if (cell === null) return "";
  if (typeof cell === "number") return `<c r="${at}"><v>${cell}</v></c>`;
  if (typeof cell === "object") return `<c r="${at}" s="1"><v>${cell.days}</v></c>`;
  return `<c r="${at}" t="inlineStr"><is><t>${escaped(cell)}</t></is></c>`;
};

/** A small workbook as a spreadsheet saves it, for tests: sheets of rows, with whatever else is to lie in it. */
export function workbook(
  sheets: Readonly<Record<string, readonly (readonly Cell[])[]>>,
  more: Readonly<Record<string, Uint8Array>> = {},
): Uint8Array {
  const names = Object.keys(sheets);
  const head = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>';
  const ns = "http://schemas.openxmlformats.org";
  const parts: Record<string, string> = {
    "[Content_Types].xml": `${head}<Types xmlns="${ns}/package/2006/content-types"><Default Extension="xml" ContentType="application/xml"/></Types>`,
    "_rels/.rels": `${head}<Relationships xmlns="${ns}/package/2006/relationships"><Relationship Id="rId1" Type="${ns}/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
    "xl/workbook.xml": `${head}<workbook xmlns="${ns}/spreadsheetml/2006/main" xmlns:r="${ns}/officeDocument/2006/relationships"><sheets>${names
      .map((name, i) => `<sheet name="${escaped(name)}" sheetId="${i + 1}" r:id="rId${i + 1}"/>`)
      .join("")}</sheets></workbook>`,
    "xl/_rels/workbook.xml.rels": `${head}<Relationships xmlns="${ns}/package/2006/relationships">${names
      .map(
        (_, i) =>
          `<Relationship Id="rId${i + 1}" Type="${ns}/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet${i + 1}.xml"/>`,
      )
      .join(
        "",
      )}<Relationship Id="rIdS" Type="${ns}/officeDocument/2006/relationships/styles" Target="styles.xml"/></Relationships>`,
    "xl/styles.xml": `${head}<styleSheet xmlns="${ns}/spreadsheetml/2006/main"><cellXfs count="2"><xf numFmtId="0"/><xf numFmtId="14" applyNumberFormat="1"/></cellXfs></styleSheet>`,
  };
  names.forEach((name, i) => {
    const rows = sheets[name].map(
      (cells, r) => `<row r="${r + 1}">${cells.map((cell, c) => cellXml(cell, `${column(c)}${r + 1}`)).join("")}</row>`,
    );
    parts[`xl/worksheets/sheet${i + 1}.xml`] =
      `${head}<worksheet xmlns="${ns}/spreadsheetml/2006/main"><sheetData>${rows.join("")}</sheetData></worksheet>`;
  });
  return zipSync({ ...Object.fromEntries(Object.entries(parts).map(([k, v]) => [k, strToU8(v)])), ...more });
}

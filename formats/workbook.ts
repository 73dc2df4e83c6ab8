import { unzipSync, zipSync } from "fflate";
import readXlsxFile from "read-excel-file/universal";

/** A sheet as rows of text; nothing is interpreted yet. */
interface WorkbookSheet {
  name: string;
  rows: string[][];
}

export type WorkbookRead = { ok: true; sheets: WorkbookSheet[] } | { ok: false; message: string };

/** What a workbook may unpack to: a list of fifty thousand lines needs a tenth. */
const MOST_UNPACKED = 200 * 1_048_576;
const MOST_PARTS = 400;
/** What the text of a workbook lies in; pictures, macros and the rest are never unpacked. */
const NEEDED =
  /^(\[Content_Types\]\.xml|_rels\/\.rels|xl\/(workbook|styles|sharedStrings)\.xml|xl\/_rels\/workbook\.xml\.rels|xl\/worksheets\/[^/]+\.xml)$/;

/** A zip, which workbooks are. */
export const isZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 0x03 && bytes[3] === 0x04;

const BROKEN =
  "This workbook cannot be read: it may be damaged, or locked with a password. Save it again, or save the sheet as CSV.";

/**
 * Reads the sheets of an xlsx workbook. Only the parts that hold text are unpacked, and only up to a limit: what a part claims to hold
 * is all it is given room for.
 */
export async function readWorkbook(bytes: Uint8Array, mostUnpacked = MOST_UNPACKED): Promise<WorkbookRead> {
  let [unpacked, parts, large] = [0, 0, false];
  let needed: Record<string, Uint8Array>;
  try {
    needed = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!NEEDED.test(name)) return false;
        unpacked += originalSize;
        parts += 1;
        large ||= unpacked > mostUnpacked || parts > MOST_PARTS;
        return !large;
      },
    });
  } catch {
    return { ok: false, message: BROKEN };
  }
  if (large) return { ok: false, message: "This workbook unpacks to more than 200 MB: this is no list of trees." };
  if (!("xl/workbook.xml" in needed))
    return { ok: false, message: "This is no workbook of the kind .xlsx. Save the table as .xlsx or CSV first." };
  try {
    const sheets = await readXlsxFile(new Blob([new Uint8Array(zipSync(needed, { level: 0 }))]));
    return {
      ok: true,
      sheets: sheets.map(({ sheet, data }) => ({ name: sheet, rows: data.map((row) => row.map(cellText)) })),
    };
  } catch {
    return { ok: false, message: BROKEN };
  }
}

/** A cell as a person would have typed it: days as ISO, numbers without a float's tail. */
function cellText(cell: unknown): string {
  if (cell === null || cell === undefined) return "";
  if (cell instanceof Date) return Number.isNaN(cell.getTime()) ? "" : cell.toISOString().slice(0, 10);
  if (typeof cell === "number") return String(Number(cell.toPrecision(12)));
  if (typeof cell === "boolean") return cell ? "yes" : "no";
  return typeof cell === "string" ? cell.trim() : "";
}

import { strToU8, zipSync } from "fflate";
import { asDay, workbook } from "@/test-support/workbook";
import { readTable } from "./table";
import { isZip, readWorkbook } from "./workbook";

async function* chunks(bytes: Uint8Array, size = 1000) {
  await Promise.resolve();
  for (let i = 0; i < bytes.length; i += size) yield bytes.subarray(i, i + size);
}
const names = (cells: readonly string[]) =>
  cells.filter((c) => ["tag", "kind", "pot"].includes(c.toLowerCase())).length;
const LIST = {
  Notes: [["What I must not forget"]],
  "Trees & pots": [
    ["My trees", null, null],
    ["Tag", "Kind", "Potted"],
    ["A-1", "Fig", asDay("2024-03-29")],
    [null, null, null],
    ["A-2", "Lemon", 2023],
    ["A-3", "Oak <old>", 0.1 + 0.2],
  ],
};

test("cells are text as a person would type them: days as days, numbers without a tail", async () => {
  const read = await readWorkbook(workbook(LIST));
  if (!read.ok) throw new Error(read.message);
  expect(read.sheets.map((s) => s.name)).toEqual(["Notes", "Trees & pots"]);
  expect(read.sheets[1].rows[2]).toEqual(["A-1", "Fig", "2024-03-29"]);
  expect(read.sheets[1].rows.at(-1)).toEqual(["A-3", "Oak <old>", "0.3"]);
});

test("the sheet whose header names most is read, with what stands above it and the lines' own numbers", async () => {
  const read = await readTable(chunks(workbook(LIST)), undefined, names);
  if (!read.ok) throw new Error(read.message);
  const { headers, above, rows, sheets } = read.table;
  expect(headers).toEqual(["Tag", "Kind", "Potted"]);
  expect(above).toEqual(["My trees"]);
  expect(rows.map((r) => [r.line, r.cells[0]])).toEqual([
    [3, "A-1"],
    [5, "A-2"],
    [6, "A-3"],
  ]);
  expect(sheets).toEqual({ names: ["Notes", "Trees & pots"], read: "Trees & pots" });
});

test("another sheet may be meant; one that is not there is none", async () => {
  const two = workbook({
    One: [["tag"], ["A"]],
    Two: [
      ["tag", "kind"],
      ["B", "Fig"],
    ],
  });
  const of = async (sheet: string) => {
    const read = await readTable(chunks(two), undefined, names, sheet);
    return read.ok ? read.table.rows[0].cells[0] : read.message;
  };
  expect([await of("One"), await of("Two"), await of("Three")]).toEqual(["A", "B", "B"]);
});

describe("what is no list", () => {
  const message = async (bytes: Uint8Array) => {
    const read = await readTable(chunks(bytes));
    return read.ok ? "read" : read.message;
  };
  test("a zip of something else, a damaged file, an empty sheet", async () => {
    expect(await message(zipSync({ "letter.txt": strToU8("hello") }))).toMatch(
      /^This is no workbook of the kind \.xlsx/,
    );
    const whole = workbook(LIST);
    expect(await message(whole.subarray(0, whole.length - 200))).toMatch(
      /^This workbook cannot be read: it may be damaged/,
    );
    expect(await message(workbook({ Empty: [] }))).toBe("The file is empty.");
    expect(await message(workbook({ Alone: [["tag", "kind"]] }))).toBe("There is a header line but no line under it.");
    expect(await message(workbook({ Wide: [Array.from({ length: 121 }, (_, i) => `c${i}`), ["x"]] }))).toMatch(
      /^More than 120/,
    );
  });

  test("what unpacks to too much is not unpacked; pictures and macros never are", async () => {
    const large = new Uint8Array(50_001);
    const bomb = workbook(LIST, { "xl/worksheets/sheet9.xml": large });
    expect(await readWorkbook(bomb, 50_000)).toMatchObject({
      ok: false,
      message: expect.stringMatching(/^This workbook unpacks to more than 200 MB/) as string,
    });
    expect(await readWorkbook(workbook(LIST, { "xl/vbaProject.bin": large }), 50_000)).toMatchObject({ ok: true });
    const parts = Object.fromEntries(
      Array.from({ length: 400 }, (_, i) => [`xl/worksheets/s${i}.xml`, new Uint8Array(1)]),
    );
    expect(await readWorkbook(workbook(LIST, parts), 50_000)).toMatchObject({ ok: false });
  });

  test("only what begins as a zip is taken for one", () => {
    expect([isZip(workbook(LIST)), isZip(strToU8("tag,kind")), isZip(new Uint8Array())]).toEqual([true, false, false]);
  });
});

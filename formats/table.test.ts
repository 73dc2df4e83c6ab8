import fc from "fast-check";
import { csvLine, unguard } from "./csv-line";
import { readTable, separatorOf } from "./table";

async function* chunks(text: string | Uint8Array, size = 7) {
  const bytes = typeof text === "string" ? new TextEncoder().encode(text) : text;
  for (let i = 0; i < bytes.length; i += size) {
    await Promise.resolve();
    yield bytes.subarray(i, i + size);
  }
}
const read = async (text: string | Uint8Array, size = 4096) => {
  const answer = await readTable(chunks(text, size));
  if (!answer.ok) throw new Error(answer.message);
  return answer.table;
};

test.each([
  ["a,b\n1,2\n", ","],
  ["a;b\n1,5;2\n", ";"],
  ["a\tb\n1\t2\n", "\t"],
  ['"x;y",b\n1,2\n', ","],
])("the separator of %j", async (text, expected) => {
  expect(separatorOf(text)).toBe(expected);
  expect((await read(text)).headers).toHaveLength(2);
});

test("quotes, line breaks inside them, ragged and empty lines, a byte order mark: lines keep their numbers", async () => {
  const table = await read('\uFEFFtag,note\r\nA,"two\nlines"\r\n\r\nB\r\nC,"say ""hi""",extra\r\n');
  expect(table.headers).toEqual(["tag", "note"]);
  expect(table.rows.map((r) => [r.line, r.cells])).toEqual([
    [2, ["A", "two\nlines"]],
    [5, ["B"]],
    [6, ["C", 'say "hi"', "extra"]],
  ]);
});

test("old Western letters and UTF-16 are read as what they are", async () => {
  const latin = Uint8Array.from([..."tag,kind\nA,Kumm"].map((c) => c.charCodeAt(0)).concat([0xe9, 0x0a]));
  expect((await read(latin)).rows[0].cells[1]).toBe("Kummé");
  const wide = new Uint8Array(2 + 2 * 18);
  wide.set([0xff, 0xfe]);
  [..."tag,kind\nA,Mispel\n"].forEach((c, i) => (wide[2 + 2 * i] = c.charCodeAt(0)));
  expect((await read(wide)).rows[0].cells).toEqual(["A", "Mispel"]);
});

test("what is no table says so", async () => {
  const fault = async (text: string | Uint8Array) => {
    const answer = await readTable(chunks(text, 4096));
    return answer.ok ? null : answer.message;
  };
  expect(await fault("")).toMatch(/empty/);
  expect(await fault("only,a,header\n")).toMatch(/no line under it/);
  expect(await fault('a,b\n1,"never closed\n2,3\n')).toMatch(/quotation mark/);
  expect(await fault(Uint8Array.from([80, 75, 3, 4, 0, 0, 0]))).toMatch(/^This workbook cannot be read/);
  expect(await fault(Uint8Array.from([65, 0, 66, 44, 10]))).toMatch(/no text file/);
  expect(await fault(`a\n${"1\n".repeat(50_001)}`)).toMatch(/50,000/);
});

test("a file may be cut anywhere on its way", async () => {
  const text = 'tag;größe;note\nA;12,5;"Ö;ß"\nB;3;x\n';
  const whole = await read(text);
  for (const size of [1, 2, 3, 5, 11]) expect(await read(text, size)).toEqual(whole);
});

test("what is written is read again; nothing a spreadsheet would run leaves the house", async () => {
  expect(csvLine(["=1+1", "-x", -3.5, null, "a,b"])).toBe("'=1+1,'-x,-3.5,,\"a,b\"\r\n");
  await fc.assert(
    fc.asyncProperty(
      fc.array(
        fc
          .string({ minLength: 1 })
          .map((s) => s.trim())
          .filter((s) => s !== "" && !s.includes("\u0000") && !s.startsWith("'") && !/[\r\uFEFF]/.test(s)),
        { minLength: 2, maxLength: 5 },
      ),
      async (cells) => {
        const table = await read(csvLine(cells.map((_, i) => `h${i}`)) + csvLine(cells));
        expect(table.rows[0].cells.map(unguard)).toEqual(cells);
      },
    ),
  );
});

test("titles above the header are passed over and named; the header is the line that names most columns", async () => {
  const names = (cells: readonly string[]) => cells.filter((c) => ["tag", "kind", "pot"].includes(c)).length;
  const bytes = (text: string) =>
    (async function* () {
      await Promise.resolve();
      yield new TextEncoder().encode(text);
    })();
  const text = "Our trees, spring\nas of May; kept by hand\n\ntag;kind;pot\nA;Fig;#5\nB;Bay;tag\n";
  const found = await readTable(bytes(text), undefined, names);
  expect(found.ok && found.table).toEqual({
    headers: ["tag", "kind", "pot"],
    above: ["Our trees, spring", "as of May kept by hand"],
    header: {
      line: 4,
      choices: [
        { line: 1, text: "Our trees, spring" },
        { line: 2, text: "as of May · kept by hand" },
        { line: 4, text: "tag · kind · pot" },
        { line: 5, text: "A · Fig · #5" },
        { line: 6, text: "B · Bay · tag" },
      ],
    },
    rows: [
      { line: 5, cells: ["A", "Fig", "#5"] },
      { line: 6, cells: ["B", "Bay", "tag"] },
    ],
  });
  // Nothing known anywhere: the first line is the header.
  const plain = await readTable(bytes("a,b\n1,2\n"), undefined, names);
  expect(plain.ok && [plain.table.headers, plain.table.above]).toEqual([["a", "b"], []]);
});

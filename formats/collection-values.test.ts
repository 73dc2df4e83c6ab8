import { type ImportOptions, readPotLines, readPottingLines, readTreeLines } from "./collection-csv";
import { COLUMNS, guessMapping } from "./collection-columns";
import { csvLine } from "./csv-line";
import { readTable, separatorOf } from "./table";

/** Each field of a list at its least, its most and beyond. */
const setting = { today: "2026-05-15", latitudeDeg: 48.3 };
const options: ImportOptions = { lengthUnit: "mm", volumeUnit: "L", dateOrder: null };
const READ = { trees: readTreeLines, pots: readPotLines, pottings: readPottingLines };

function read<K extends keyof typeof READ>(kind: K, cells: Record<string, string>, more: Partial<ImportOptions> = {}) {
  const headers = Object.keys(cells);
  const table = {
    headers,
    rows: [{ line: 2, cells: Object.values(cells) }],
    above: [],
    header: { line: 1, choices: [] },
  };
  const answer = READ[kind](table, guessMapping(kind, headers), { ...options, ...more }, setting);
  const [line] = answer.lines as ReturnType<(typeof READ)[K]>["lines"][number][];
  return { line, problems: answer.problems.map((p) => [p.column, p.message]) };
}
const tree = (more: Record<string, string>, choice: Partial<ImportOptions> = {}) =>
  read("trees", { tag: "A", kind: "Fig", ...more }, choice);

test("lengths: above zero, at most 16 m, in the unit of the header or the file", () => {
  const trunk = (text: string, unit: ImportOptions["lengthUnit"] = "mm") => {
    const { line, problems } = tree({ trunk: text }, { lengthUnit: unit });
    return [line.trunkMm, problems];
  };
  expect(trunk("16000")).toEqual([16_000, []]);
  expect(trunk("16001")).toEqual([null, [["trunk", "This is too large to be true. Is the unit right?"]]]);
  expect(trunk("0")).toEqual([null, [["trunk", "A number above zero is needed here, or nothing."]]]);
  expect(trunk("3", "cm")).toEqual([30, []]);
  expect(trunk("2", "in")).toEqual([expect.closeTo(50.8, 9), []]);
  expect(trunk("2 in", "cm")).toEqual([expect.closeTo(50.8, 9), []]);
  expect(trunk("?")).toEqual([null, []]);
  expect(tree({ "trunk (cm)": "3" }).line.trunkMm).toBe(30);
  expect(tree({ trunk_m: "3" }).line.trunkMm).toBe(3000);
});

test("heights: metres unless the header says otherwise, at most 60", () => {
  const height = (header: string, text: string) => {
    const { line, problems } = tree({ [header]: text });
    return [line.heightM, problems.length];
  };
  expect(height("height", "60")).toEqual([60, 0]);
  expect(height("height", "60.1")).toEqual([null, 1]);
  expect(height("height", "0")).toEqual([null, 1]);
  expect(height("height", "180 cm")).toEqual([1.8, 0]);
  expect(height("height (cm)", "180")).toEqual([1.8, 0]);
  expect(height("height", "")).toEqual([null, 0]);
  expect(tree({ height: "tall" }).problems).toEqual([
    ["height", "The height of the tree in metres, between 0 and 60."],
  ]);
  expect(tree({ crown: "1.5" }).line.crownM).toBe(1.5);
});

test("counts: whole, one at least, 100,000 at most; none of what can be bought", () => {
  const plants = (text: string) => {
    const { line, problems } = tree({ plants: text });
    return [line.count, problems];
  };
  expect(plants("100000")).toEqual([100_000, []]);
  expect(plants("100001")).toEqual([1, [["plants", "A whole number, at least one: 1 is taken."]]]);
  expect([plants("0")[0], plants("1.5")[0], plants("")[0]]).toEqual([1, 1, 1]);
  expect(plants("0")[1]).toHaveLength(1);
  const pots = (count: string, buy: string) => {
    const { line, problems } = read("pots", { name: "P", about_litres: "5", count, to_buy: buy });
    return [line.count, line.toBuy, problems];
  };
  expect(pots("0", "yes")).toEqual([0, true, []]);
  expect(pots("0", "")).toEqual([1, false, [["count", "A whole number, at least one: 1 is taken."]]]);
  expect(pots("-1", "yes")).toEqual([1, true, [["count", "A whole number, 0 or more: 1 is taken."]]]);
  expect(pots("2", "no")).toEqual([2, false, []]);
});

test("prices with or without a sign of money, below a million", () => {
  const price = (text: string) => {
    const { line, problems } = read("pots", { name: "P", about_litres: "5", price: text });
    return [line.price, problems];
  };
  expect([price("€ 3,50")[0], price("4.20 each")[0], price("0")[0], price("")[0]]).toEqual([3.5, 4.2, 0, null]);
  expect(price("999999")[0]).toBe(999_999);
  expect(price("1000000")).toEqual([null, [["price", "A price is a number, 0 or more."]]]);
  expect(price("-1")).toEqual([null, [["price", "A price is a number, 0 or more."]]]);
});

test("texts are cut where they end, and said so", () => {
  const at = (
    field: string,
    most: number,
    kind: keyof typeof READ = "trees",
    base: Record<string, string> = { tag: "A", kind: "Fig" },
  ) => {
    const fits = read(kind, { ...base, [field]: "x".repeat(most) }).problems;
    const beyond = read(kind, { ...base, [field]: "x".repeat(most + 1) }).problems;
    return [fits.length, beyond.map((p) => p[1])];
  };
  const cut = (most: number) => [0, [`At most ${most} characters here: it is cut there.`]];
  expect(at("cultivar", 120)).toEqual(cut(120));
  expect(at("rootstock", 120)).toEqual(cut(120));
  expect(at("place", 120)).toEqual(cut(120));
  expect(at("mother", 160)).toEqual(cut(160));
  expect(at("note", 2000)).toEqual(cut(2000));
  const pots = { about_litres: "5", name: "P" };
  expect(at("name", 120, "pots", pots)).toEqual(cut(120));
  expect(at("place", 120, "pots", pots)).toEqual(cut(120));
  const pottings = { tag: "A", potted_on: "2021" };
  expect(at("pot", 120, "pottings", pottings)).toEqual(cut(120));
  expect(at("note", 2000, "pottings", pottings)).toEqual(cut(2000));
  // A tag is what every line needs: cut, it could be another tree's.
  expect(read("trees", { tag: "x".repeat(41), kind: "Fig" }).line).toBeUndefined();
  expect(read("trees", { tag: "x".repeat(40), kind: "Fig" }).line.tag).toHaveLength(40);
});

test("pots by each way of saying them", () => {
  const pot = (cells: Record<string, string>, more: Partial<ImportOptions> = {}) => tree(cells, more).line.pot;
  const inside = { inside_width_mm: "300", inside_height_mm: "280" };
  expect(pot(inside)).toEqual({
    known: "measured",
    vessel: { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280, wall: "smooth-plastic" },
  });
  expect(
    pot({ ...inside, shape: "square", inside_base_mm: "200", corner_mm: "20", measured_litres: "19", wall: "clay" }),
  ).toEqual({
    known: "measured",
    vessel: {
      ...{ shape: "square", topWidthMm: 300, baseWidthMm: 200, heightMm: 280, cornerRadiusMm: 20 },
      ...{ wall: "terracotta", measuredVolumeL: 19 },
    },
  });
  expect(pot({ ...inside, shape: "rectangle", inside_length_mm: "600", inside_base_mm: "270" })).toEqual({
    known: "measured",
    vessel: {
      ...{ shape: "rectangle", topWidthMm: 300, baseWidthMm: 270, topLengthMm: 600, baseLengthMm: 540 },
      ...{ heightMm: 280, wall: "smooth-plastic" },
    },
  });
  expect(pot({ ...inside, wall: "fabric" })).toEqual({
    known: "measured",
    vessel: { shape: "fabric", topWidthMm: 300, heightMm: 280, wall: "fabric" },
  });
  expect(pot({ bag_width_mm: "200", bag_gusset_mm: "100", bag_length_mm: "350", wall: "poly bag" })).toEqual({
    known: "measured",
    vessel: { shape: "bag", flatWidthMm: 200, gussetMm: 100, lengthMm: 350, wall: "poly-bag" },
  });
  expect(pot({ girth_mm: "900", outside_height_mm: "270", outside_base_mm: "230", wall_mm: "3" })).toEqual({
    ...{ known: "outside", shape: "round", wall: "smooth-plastic", girthMm: 900, outerHeightMm: 270 },
    ...{ outerBaseWidthMm: 230, wallMm: 3 },
  });
  expect(pot({ width: "300" })).toEqual({ known: "about", litres: 15.1, wall: "smooth-plastic" });
  expect(pot({ girth_mm: "1200", shape: "square" })).toMatchObject({ known: "about", litres: 19.2 });
  expect(pot({ measured_litres: "12" })).toEqual({ known: "about", litres: 12, wall: "smooth-plastic" });
  expect(pot({ measured_litres: "2" }, { volumeUnit: "gal" })).toMatchObject({
    litres: expect.closeTo(7.570824, 6) as number,
  });
  expect(tree({ size: "8 gal" }).problems).toEqual([
    ["size", "There is no #8 pot: the nearest are #7 and #10. For true gallons write 8 US gal."],
  ]);
  expect(tree({ wall: "cork" }).problems[0][1]).toMatch(
    /^What is its wall of\? One of smooth-plastic, .*: plastic is taken\.$/,
  );
});

test("a potting without its day or tag, pots without a size, cannot come in", () => {
  expect(read("pottings", { tag: "A", potted_on: "unknown" })).toEqual({
    line: undefined,
    problems: [
      ["potted_on", "When was it potted? A year is enough; what nobody knows at all cannot be put into a history."],
    ],
  });
  expect(read("pottings", { tag: "", potted_on: "2021" }).problems).toEqual([
    ["tag", "Which tree? Its tag is missing."],
  ]);
  expect(read("pottings", { tag: "A", potted_on: "soon" }).problems).toHaveLength(1);
  expect(read("pots", { name: "P" }).problems).toEqual([
    [
      "trade size (7.5 L, #3)",
      "Nothing is said about the size: give its measures, a trade size or about how many litres.",
    ],
  ]);
  expect(read("pots", { name: "", size: "big" }).problems.map((p) => p[1])).toEqual([
    "Give these pots a name.",
    "A size such as 7.5 L, #3, 5 gal, 20 pints or 30 cm plastic; a height measured belongs in a column of its own.",
    "Without a size it is no pot in store.",
  ]);
  expect(read("pottings", { tag: "A", potted_on: "2021", correction: "juggled" }).problems[0][1]).toMatch(
    /^What was done to the roots: one of /,
  );
});

test("every column of our own files is found again by its own header", () => {
  for (const kind of ["trees", "pots", "pottings"] as const) {
    const headers = COLUMNS[kind].map((c) => c.header);
    expect(guessMapping(kind, headers)).toEqual(Object.fromEntries(COLUMNS[kind].map((c, i) => [c.field, i])));
  }
});

test("tables: separators counted, limits of lines and columns, lines with breaks keep their number", async () => {
  async function* one(text: string) {
    await Promise.resolve();
    yield new TextEncoder().encode(text);
  }
  const told = async (text: string) => {
    const answer = await readTable(one(text));
    return answer.ok ? answer.table.rows.length : answer.message;
  };
  expect(await told(`${"a,".repeat(119)}a\n1\n`)).toBe(1);
  expect(await told(`${"a,".repeat(120)}a\n1\n`)).toBe("More than 120 columns: this is no list of trees.");
  expect(await told(`a\n${"1\n".repeat(50_000)}`)).toBe(50_000);
  expect(await told('a,b\n1,"x\n')).toMatch(/^The table breaks off near line 2: a quotation mark/);
  expect([
    separatorOf("a;b,c\n1;2,5\n"),
    separatorOf("title, with, commas\na;b\n1;2\n3;4\n"),
    separatorOf("one"),
  ]).toEqual([";", ";", ";"]);
  expect(csvLine(["+1", "@x", "\tx", "-5", "a\nb", 'q"'])).toBe('\'+1,\'@x,\'\tx,-5,"a\nb","q"""\r\n');
});

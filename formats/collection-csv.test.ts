import fc from "fast-check";
import { KINDS } from "@/core/species/index";
import { litresFromRim, type Pot } from "@/core/vessel/index";
import {
  type ImportOptions,
  type PotLine,
  readPotLines,
  readPottingLines,
  readTreeLines,
  type TreeLine,
} from "./collection-csv";
import { guessMapping, type ImportKind, lengthUnitOf } from "./collection-columns";
import { writePotLines, writePottingLines, writeTreeLines } from "./collection-write";
import { readTable } from "./table";

const setting = { today: "2026-05-15", latitudeDeg: 48.3 };
const options: ImportOptions = { lengthUnit: "cm", volumeUnit: "L", dateOrder: null };
const tableOf = async (text: string) => {
  async function* one() {
    await Promise.resolve();
    yield new TextEncoder().encode(text);
  }
  const read = await readTable(one());
  if (!read.ok) throw new Error(read.message);
  return read.table;
};
const trees = async (text: string, more: Partial<ImportOptions> = {}) => {
  const table = await tableOf(text);
  return readTreeLines(table, guessMapping("trees", table.headers), { ...options, ...more }, setting);
};

test("a grower's own list: names matched, decimal commas, rough dates, unlisted kinds", async () => {
  const { lines, problems } = await trees(
    [
      "Label;Species;Variety;Pot width (cm);Pot height (cm);Repotted;Where;Remarks;Acquired",
      "A1;Fig;Cellar Brown;31;29;spring 2023;South steps;leans;2021",
      "A2;punica granatum;;28,5;27;before March 2020;;;2019",
      "A3;Moon plum;;;;unknown;;nobody knows;",
    ].join("\n"),
  );
  expect(problems).toEqual([]);
  expect(lines.map((l) => [l.tag, l.kindId, l.typedName])).toEqual([
    ["A1", "fig", null],
    ["A2", "pomegranate", null],
    ["A3", null, "Moon plum"],
  ]);
  expect(lines[0]).toMatchObject({
    cultivar: "Cellar Brown",
    place: "South steps",
    note: "leans",
    pot: { known: "outside", outerWidthMm: 310, outerHeightMm: 290 },
    lastPotted: { from: "2023-03-01", to: "2023-05-31" },
    arrived: { from: "2021-01-01", to: "2021-12-31" },
  });
  expect(lines[1].pot).toMatchObject({ outerWidthMm: 285 });
  // Nothing said is unknown, never an error.
  expect(lines[2]).toMatchObject({ pot: null, lastPotted: null, arrived: null, habit: "unknown", count: 1 });
});

test("each fault names its line, its column and what stood there; good lines are not lost with bad ones", async () => {
  const { lines, problems } = await trees(
    "tag,kind,plants,last_potted,trade_size,trunk (mm)\n,Fig,,,,\nB,,,,,\nC,Fig,some,,,\nD,Fig,2,when we moved,,\nE,Fig,1,2020,bucket,\nF,Fig,1,2031,#5,thick\nG,Fig,3,2021,7.5 L,20\n",
  );
  expect(problems.map((p) => [p.line, p.column, p.value])).toEqual([
    [2, "tag", ""],
    [3, "kind", ""],
    [4, "plants", "some"],
    [5, "last_potted", "when we moved"],
    [6, "trade_size", "bucket"],
    [7, "last_potted", "2031"],
    [7, "trunk (mm)", "thick"],
  ]);
  // Only what every line needs keeps one out; a bad cell elsewhere is left empty and said.
  expect(problems.map((p) => p.fatal)).toEqual([true, true, false, false, false, false, false]);
  expect(lines.map((l) => l.tag)).toEqual(["C", "D", "E", "F", "G"]);
  expect(lines.map((l) => [l.count, l.lastPotted, l.trunkMm]).slice(0, 4)).toEqual([
    [1, null, null],
    [2, null, null],
    [1, { best: "2020-07-02", from: "2020-01-01", to: "2020-12-31" }, null],
    [1, null, null],
  ]);
  expect(lines[2].pot).toBeNull();
  expect(lines[3].pot).toMatchObject({ known: "nominal", system: "container-class", size: "#5" });
  expect(lines[4]).toMatchObject({ count: 3, trunkMm: 20, pot: { known: "nominal", size: "7.5" } });
});

test("a width and a wall are a pot of about so many litres, as many lists write it", async () => {
  const texts = [
    "30 cm plastic",
    "12 in clay pot",
    "0,4",
    "30 cm",
    '12" square',
    "30 cm from the gate",
    "3 cm plastic",
    "300 mm glazed",
  ];
  const { lines, problems } = await trees(
    `tag;kind;trade_size\n${texts.map((t, i) => `A${i};Fig;${t.includes('"') ? `"${t.replace('"', '""')}"` : t}`).join("\n")}\n`,
  );
  const about = (shape: "round" | "square", widthMm: number, wall: Parameters<typeof litresFromRim>[2]) => ({
    known: "about",
    litres: litresFromRim(shape, widthMm, wall),
    wall,
  });
  expect(lines.map((l) => l.pot)).toEqual([
    about("round", 300, "smooth-plastic"),
    about("round", 304.8, "terracotta"),
    expect.objectContaining({ known: "nominal" }) as Pot,
    about("round", 300, "smooth-plastic"),
    about("square", 304.8, "smooth-plastic"),
    null,
    null,
    about("round", 300, "glazed"),
  ]);
  expect(problems.map((p) => p.value)).toEqual(["30 cm from the gate", "3 cm plastic"]);
});

test("sizes of pots as people write them: classes, gallons that are classes, pints, US lists", async () => {
  const pots = async (cells: string[], more: Partial<ImportOptions> = {}) =>
    (await trees(`tag,kind,Pot\n${cells.map((cell, i) => `T${i},Fig,"${cell}"`).join("\n")}\n`, more)).lines.map(
      (l) => l.pot,
    );
  const nominal = (system: string, size: string) => ({ known: "nominal", system, size, wall: "smooth-plastic" });
  expect(await pots(["#7", "5 gal", "15 gallon", "3 pint", "7,5 L", "18", "4 gal", "big"])).toEqual([
    nominal("container-class", "#7"),
    nominal("container-class", "#5"),
    nominal("container-class", "#15"),
    nominal("pint-bag", "3"),
    nominal("litre-label", "7.5"),
    nominal("litre-label", "18"),
    null,
    null,
  ]);
  expect(await pots(["5"], { volumeUnit: "gal" })).toEqual([nominal("container-class", "#5")]);
  const goal = async (cell: string) => (await trees(`tag,kind,final_pot\nA,Fig,${cell}\n`)).lines[0].finalVolumeL;
  expect([await goal("15 gal"), await goal("40"), await goal('"1,200"')]).toEqual([53, 40, 1200]);
});

test("days that can only be a slip are said, and left empty", async () => {
  const { lines, problems } = await trees("tag,kind,arrived,last_potted\nA,Fig,1026-05-03,2021\n");
  expect(problems).toMatchObject([{ column: "arrived", value: "1026-05-03", fatal: false }]);
  expect(problems[0].message).toMatch(/^This lies too far back/);
  expect(lines[0]).toMatchObject({ tag: "A", arrived: null, lastPotted: { from: "2021-01-01" } });
});

test("units come from the header, else from the choice; a doubtful date is a fault until its order is said", async () => {
  expect([
    lengthUnitOf("width (cm)"),
    lengthUnitOf("width_mm"),
    lengthUnitOf("Rim [inch]"),
    lengthUnitOf("width"),
  ]).toEqual(["cm", "mm", "in", null]);
  const text = "tag,kind,width,pot height (mm),potted\nA,Fig,12,300,03/04/2021\n";
  expect((await trees(text)).problems[0].message).toMatch(/cannot be read as a day/);
  const us = await trees(text, { lengthUnit: "in", dateOrder: "mdy" });
  expect(us.lines[0]).toMatchObject({
    pot: { outerWidthMm: expect.closeTo(304.8, 6) as number, outerHeightMm: 300 },
    lastPotted: { best: "2021-03-04" },
  });
});

test("a rim without a height comes in as about so many litres; an inside width without one is a fault", async () => {
  expect((await trees("tag,kind,width\nA,Fig,30\n")).lines[0].pot).toMatchObject({ known: "about" });
  expect((await trees("tag,kind,inside width\nA,Fig,30\n")).problems[0].message).toMatch(/Add the height/);
});

const mm = fc.integer({ min: 60, max: 900 });
const pot: fc.Arbitrary<Pot> = fc.oneof(
  fc.record({
    known: fc.constant("about" as const),
    litres: fc.integer({ min: 1, max: 900 }),
    wall: fc.constantFrom("glazed", "fabric", "rubber"),
  }),
  fc.record({
    known: fc.constant("nominal" as const),
    system: fc.constant("container-class" as const),
    size: fc.constantFrom("#1", "#5", "#15"),
    wall: fc.constant("smooth-plastic" as const),
  }),
  fc.record({
    known: fc.constant("outside" as const),
    shape: fc.constantFrom("round", "square"),
    wall: fc.constant("terracotta" as const),
    outerWidthMm: mm,
    outerHeightMm: mm,
  }),
  mm.map((w) => ({
    known: "measured" as const,
    vessel: {
      shape: "square" as const,
      topWidthMm: w,
      baseWidthMm: w - 20,
      heightMm: w,
      cornerRadiusMm: 10,
      wall: "concrete" as const,
    },
  })),
  mm.map((w) => ({
    known: "measured" as const,
    vessel: { shape: "bag" as const, flatWidthMm: w, gussetMm: 50, lengthMm: w + 100, wall: "poly-bag" as const },
  })),
  mm.map((w) => ({
    known: "measured" as const,
    vessel: {
      shape: "rectangle" as const,
      topLengthMm: 2 * w,
      topWidthMm: w,
      baseLengthMm: 2 * w,
      baseWidthMm: w,
      heightMm: w,
      wall: "timber-lined" as const,
    },
  })),
);
const range = fc.constantFrom(
  null,
  { best: "2021-05-03", from: "2021-05-03", to: "2021-05-03" },
  { best: "2020-07-02", from: "2020-01-01", to: "2020-12-31" },
  { best: "2022-04-16", from: "2022-03-01", to: "2022-05-31" },
);
const words = fc.constantFrom("", "plain", "with, comma", 'and "quotes"', "=risky", "two words");

const again = async (kind: ImportKind, text: string) => {
  const table = await tableOf(text);
  const mapping = guessMapping(kind, table.headers);
  const all = { ...options, lengthUnit: "mm" as const };
  return kind === "trees"
    ? readTreeLines(table, mapping, all, setting)
    : kind === "pots"
      ? readPotLines(table, mapping, all, setting)
      : readPottingLines(table, mapping, all, setting);
};

test("trees that were written are read again as they were", async () => {
  const line: fc.Arbitrary<TreeLine> = fc.record({
    line: fc.constant(2),
    tag: fc.constantFrom("A-1", "-7", "=X", "Ö 3"),
    kindId: fc.constantFrom(...KINDS.map((k) => k.id)),
    typedName: fc.constant(null),
    habit: fc.constant(null),
    cultivar: words.map((w) => w || null),
    purpose: fc.constantFrom("crop", "rescue", "grow-on"),
    count: fc.integer({ min: 1, max: 900 }),
    arrived: fc.constant({ best: "2023-01-05", from: "2023-01-05", to: "2023-01-05" }),
    form: fc.constantFrom("container", "unknown", "air-layer"),
    lastPotted: range,
    pot: fc.option(pot),
    depthToMixMm: fc.option(fc.integer({ min: 5, max: 90 })),
    finalVolumeL: fc.option(fc.integer({ min: 1, max: 500 })),
    trunkMm: fc.option(fc.integer({ min: 2, max: 300 })),
    heightM: fc.option(fc.constantFrom(0.4, 1.25, 7)),
    crownM: fc.option(fc.constantFrom(0.3, 1.2)),
    rootstock: words.map((w) => w || null),
    stockPace: fc.option(fc.constantFrom("dwarfing", "vigorous")),
    place: words.map((w) => w || null),
    mother: words.map((w) => w || null),
    method: fc.option(fc.constantFrom("seed", "graft")),
    raisedOn: range,
    ended: fc.constantFrom("died", "sold", "given", "planted-out", "lost", "scrapped"),
    endedOn: range,
    note: words,
  });
  await fc.assert(
    fc.asyncProperty(line, async (t) => {
      const read = await again("trees", writeTreeLines([t]));
      expect(read.problems).toEqual([]);
      expect(read.lines).toEqual([t]);
    }),
  );
});

test("pots and pottings that were written are read again as they were", async () => {
  await fc.assert(
    fc.asyncProperty(pot, range, async (p, when) => {
      const stored: PotLine = {
        line: 2,
        name: "Grey pots",
        count: 5,
        pot: p,
        price: 1.5,
        condition: "wash",
        place: "Shed",
        toBuy: true,
        since: when,
      };
      expect(await again("pots", writePotLines([stored]))).toEqual({ lines: [stored], problems: [] });
      if (when === null) return;
      const potting = {
        line: 2,
        tag: "A-1",
        when,
        potName: "Grey pots",
        pot: p,
        mix: "pine-bark" as const,
        correction: "shave" as const,
        note: "x",
      };
      expect(await again("pottings", writePottingLines([potting]))).toEqual({ lines: [potting], problems: [] });
    }),
  );
});

test("a pot that cannot be is refused in words, not by a code or in the words of a library", async () => {
  const { lines, problems } = await trees("Label;Species;Pot width (cm);Pot height (cm)\nA1;Fig;3;29\n");
  expect(lines.map((l) => l.pot)).not.toContainEqual(expect.objectContaining({ known: "outside" }));
  expect(problems.map((p) => p.message)).toEqual(["This pot is not possible: At least 40 mm."]);
});

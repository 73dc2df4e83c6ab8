import { readFileSync } from "node:fs";
import { z } from "zod";
import { type Fault, fault } from "@/contract/faults";
import { COMMAND_NAMES, contractOf } from "@/contract/index";
import { readBy } from "@/contract/read";
import { INPUT_FAULTS } from "@/core/fault/index";
import { faultWords } from "./faults";

const both = (f: Fault) => [faultWords(f, "metric"), faultWords(f, "us")];
const bound = (kind: "too-small" | "too-big", field: string, value: number, inclusive = true) =>
  kind === "too-small"
    ? fault(field, kind, { least: value, inclusive, of: "number", field })
    : fault(field, kind, { most: value, inclusive, of: "number", field });

test.each<[Fault, string, string]>([
  [bound("too-big", "crownMm", 80), "At most 80 mm.", "At most 3.1 in."],
  [bound("too-small", "pot.litres", 0.1), "At least 0.1.", "At least 0.1."],
  [bound("too-small", "litres", 0.1), "At least 0.1 L.", "At least 0.1 qt."],
  [bound("too-small", "looseMixL", 0, false), "More than 0 L.", "More than 0 gal."],
  [bound("too-big", "liftKg", 23), "At most 23 kg.", "At most 51 lb."],
  [bound("too-small", "thresholdC", -40), "At least -40 °C.", "At least -40 °F."],
  [bound("too-big", "heightM", 60), "At most 60 m.", "At most 196.9 ft."],
  [bound("too-big", "retainedShare", 1), "At most 100 %.", "At most 100 %."],
  [bound("too-big", "porosity", 0.98), "At most 98 %.", "At most 98 %."],
  [bound("too-big", "tiltDeg", 45), "At most 45°.", "At most 45°."],
  [bound("too-big", "dryKgPerL", 2.7), "At most 2.7 kg/L.", "At most 2.7 kg/L."],
  [
    bound("too-small", "ratePerL", 0.001),
    "At least 0.001 ml or g in a litre of water.",
    "At least 0.001 ml or g in a litre of water.",
  ],
  [bound("too-big", "soakMinutes", 1440), "At most 1,440 minutes.", "At most 1,440 minutes."],
  [bound("too-big", "count", 100_000), "At most 100,000.", "At most 100,000."],
  [
    fault("x", "ball-too-wide", { ballMm: 254, potMm: 203.2, shaveMm: 50.8 }),
    "The ball is 254 mm wide where this pot is 203 mm: take a wider pot, or take 51 mm off each side.",
    "The ball is 10 in wide where this pot is 8 in: take a wider pot, or take 2 in off each side.",
  ],
  [
    fault("x", "lift-above-limit"),
    "Above 25 kg nobody lifts alone. A limit may be lowered, not raised.",
    "Above 55 lb nobody lifts alone. A limit may be lowered, not raised.",
  ],
  [
    fault("x", "future-day", { day: "2027-01-01" }),
    "1 Jan 2027 has not come yet. Record it on the day it is done; what lies ahead is planned, not recorded.",
    "1 Jan 2027 has not come yet. Record it on the day it is done; what lies ahead is planned, not recorded.",
  ],
  [
    fault("x", "later-entries", { shown: ["a", "b"], more: 3, several: false }),
    "Later entries build on this one: a; b and 3 more.",
    "Later entries build on this one: a; b and 3 more.",
  ],
  [
    fault("x", "too-large", { what: "picture", mostBytes: 25_165_824 }),
    "This picture is larger than 24 MB, which is the most that is taken at once.",
    "This picture is larger than 24 MB, which is the most that is taken at once.",
  ],
])("%j in words, metric and US", (what, metric, us) => {
  expect(both(what)).toEqual([metric, us]);
});

test("one plant stands, several stand; a list or a text is counted in its own words", () => {
  expect(faultWords(fault("x", "fewer-plants", { plants: 1 }), "metric")).toBe("Only 1 plant stands here.");
  expect(faultWords(fault("x", "fewer-plants", { plants: 4 }), "metric")).toBe("Only 4 plants stand here.");
  const of = (of: "text" | "list", most: number) =>
    faultWords(fault("x", "too-big", { most, inclusive: true, of, field: "x" }), "metric");
  expect([of("text", 4000), of("list", 8)]).toEqual(["At most 4,000 characters here.", "At most 8 of these."]);
});

test("every code that a schema may answer has its words", () => {
  for (const code of INPUT_FAULTS) expect(faultWords({ path: "", code }, "metric")).toMatch(/^[A-Z“].*[.?]$/);
});

test("what zod finds becomes a code: missing, unread, out of bounds, not of the list", () => {
  const schema = z.object({
    name: z.string().min(1),
    count: z.number().int(),
    trunkMm: z.number().positive().max(3000),
    kind: z.enum(["a", "b"]),
    on: z.union([z.iso.date({ error: "no-such-day" }), z.object({ best: z.string() })]),
    ids: z.array(z.string()).min(1).max(2),
  });
  const found = (raw: object) => {
    const read = readBy(schema, raw);
    return read.ok ? [] : read.faults;
  };
  expect(found({ name: "", count: 1.5, trunkMm: NaN, kind: "c", on: "x", ids: [] })).toEqual([
    { path: "name", code: "missing" },
    { path: "count", code: "not-a-whole-number" },
    { path: "trunkMm", code: "not-a-number" },
    { path: "kind", code: "not-a-choice" },
    { path: "on", code: "no-such-day" },
    { path: "ids", code: "too-small", figures: { least: 1, inclusive: true, of: "list", field: "ids" } },
  ]);
  expect(found({ name: "n", count: null, trunkMm: 0, kind: "a", on: "2026-01-01", ids: ["a", "b", "c"] })).toEqual([
    { path: "count", code: "missing" },
    { path: "trunkMm", code: "too-small", figures: { least: 0, inclusive: false, of: "number", field: "trunkMm" } },
    { path: "ids", code: "too-big", figures: { most: 2, inclusive: true, of: "list", field: "ids" } },
  ]);
});

test("an empty form of every command is refused in words of ours at every field", () => {
  for (const name of COMMAND_NAMES) {
    const read = readBy(contractOf(name).input, {});
    for (const f of read.ok ? [] : read.faults) expect(faultWords(f, "us")).not.toBe("");
  }
});

test("no schema carries a sentence: what is wrong is a code", () => {
  for (const file of ["trees", "potting", "pots", "mixes", "care", "people", "climate", "places", "winter", "roots"])
    expect(readFileSync(`contract/${file}.ts`, "utf8")).not.toMatch(/(error|message): ["`]/);
});

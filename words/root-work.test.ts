import fc from "fast-check";
import { midwinterOf } from "@/core/dates/index";
import { ROOT_COLOURS, FIRMNESSES, MIX_STATES, SMELLS } from "@/core/roots/index";
import { KINDS } from "@/core/species/index";
import { ask } from "@/test-support/advice";
import { continental, warm } from "@/test-support/season";
import { RULE_WORDS } from "./rules";
import { findingWords, holdWords, meanwhileWords, objectionWords, optionWords } from "./root-work";

/** A sentence a grower can read: no hole where a figure should stand, no code where a word should. */
function expectReadable(text: string) {
  expect(text).not.toMatch(/undefined|NaN|null|\[object|Infinity/);
  expect(text).not.toMatch(/\b[a-z]+-[a-z]+-[a-z]+-[a-z]+\b/);
  expect(text.length).toBeGreaterThan(8);
}

const anyTree = fc.record({
  site: fc.constantFrom(continental, warm),
  kindId: fc.constantFrom(...KINDS.map((k) => k.id)),
  day: fc.integer({ min: 0, max: 364 }),
  fill: fc.double({ min: 0.05, max: 0.99, noNaN: true }),
  circling: fc.double({ min: 0, max: 3.8, noNaN: true }),
  volumeL: fc.constantFrom(0.5, 3, 12, 45, 300),
  dry: fc.boolean(),
  flareHidden: fc.boolean(),
  broken: fc.boolean(),
  slumped: fc.boolean(),
  healthy: fc.boolean(),
  finalPot: fc.boolean(),
  offeredL: fc.constantFrom(null, 2, 20, 90),
  hottestC: fc.constantFrom(null, 12, 36),
});
const anyReading = fc.record({
  colour: fc.constantFrom(null, ...ROOT_COLOURS),
  firmness: fc.constantFrom(null, ...FIRMNESSES),
  smell: fc.constantFrom(null, ...SMELLS),
  mix: fc.constantFrom(null, ...MIX_STATES),
  flareBelowMm: fc.constantFrom(null, 0, 25, 60),
  girdlerShare: fc.constantFrom(null, 0.2, 0.6),
  liveShare: fc.constantFrom(null, 0.35, 0.8),
  anchored: fc.boolean(),
});
const onDay = (v: { site: typeof warm; day: number }) => midwinterOf(2026, v.site.latitudeDeg) + v.day;

test.each(["metric", "us"] as const)("whatever a ball is like, its advice is said in whole sentences (%s)", (units) => {
  const said = new Set<string>();
  fc.assert(
    fc.property(anyTree, anyReading, ({ site, kindId, day, ...tree }, reading) => {
      const on = onDay({ site, day });
      const advice = ask(site, kindId, on, tree, reading);
      for (const finding of advice.findings) {
        said.add(finding.code);
        expectReadable(findingWords(finding, units));
      }
      for (const option of advice.options) {
        expectReadable(optionWords(option, units));
        expectReadable(holdWords(option, "2026-05-15"));
        for (const objection of option.objections) {
          const text = objectionWords(objection, units);
          expectReadable(text);
          // It goes on a sentence that has begun.
          expect(text[0]).toBe(text[0].toLowerCase());
        }
      }
      for (const text of meanwhileWords(advice)) expectReadable(text);
    }),
    { numRuns: 60 },
  );
  expect(said.size).toBeGreaterThan(5);
});

test("every rule has a name and a text of its own", () => {
  const words = Object.values(RULE_WORDS);
  expect(new Set(words.map((w) => w.name)).size).toBe(words.length);
  for (const { name, text } of words) {
    expectReadable(text);
    expect(name[0]).toBe(name[0].toUpperCase());
  }
});

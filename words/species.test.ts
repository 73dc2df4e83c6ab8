import { FIELD_NAMES, KINDS, profileOf } from "@/core/species/index";
import {
  FIELD_WORDS,
  HEALTH_NOTE_WORDS,
  LAYER_WORDS,
  MARK_WORDS,
  ROOT_WORK_WORDS,
  sayField,
  TRAIT_WORDS,
  VIGOUR_WORDS,
} from "./species";

test.each(["metric", "us"] as const)("every field of every kind is said in words, in %s units", (units) => {
  for (const kind of KINDS) {
    const { values } = profileOf({ kindId: kind.id, typedName: null, habit: null });
    for (const name of FIELD_NAMES) {
      const text = sayField(name, values[name], units);
      expect([kind.id, name, text]).not.toEqual([kind.id, name, ""]);
      expect(`${kind.id} ${name}: ${text}`).not.toMatch(/undefined|NaN|null|\[object|Infinity|true$|false$/);
    }
  }
});

test("each field has a name, and says what it does; no two share a name", () => {
  const names = FIELD_NAMES.map((f) => FIELD_WORDS[f].name);
  expect(new Set(names).size).toBe(names.length);
  for (const f of FIELD_NAMES) {
    expect(FIELD_WORDS[f].name).toMatch(/^([A-Z]|pH)/);
    expect(FIELD_WORDS[f].does.length).toBeGreaterThan(10);
  }
});

test("temperatures follow the units, shares do not", () => {
  expect(sayField("crownC", -10, "metric")).toMatch(/^[-−]10 °C/);
  expect(sayField("crownC", -10, "us")).toContain("14 °F");
  expect(sayField("rootShare", 0.3, "us")).toBe(sayField("rootShare", 0.3, "metric"));
  expect(sayField("rootShare", 0.3, "metric")).toMatch(/30\s%/);
});

test("words of one list are all different", () => {
  for (const list of [VIGOUR_WORDS, ROOT_WORK_WORDS, TRAIT_WORDS, HEALTH_NOTE_WORDS, LAYER_WORDS]) {
    const words = Object.values<string>(list);
    expect(new Set(words).size).toBe(words.length);
    for (const w of words) expect(w.trim()).toBe(w);
  }
  expect(new Set(Object.values(MARK_WORDS).map((m) => m.name)).size).toBe(Object.keys(MARK_WORDS).length);
});

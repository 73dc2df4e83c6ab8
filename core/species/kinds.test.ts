import { HABITS } from "../wood/index";
import { kindById, KINDS, profileOf, VIGOUR_SD } from "./index";

test("ids are unique and every kind has a name, a scientific name and a note", () => {
  expect(new Set(KINDS.map((k) => k.id)).size).toBe(KINDS.length);
  for (const kind of KINDS) {
    expect(kind.names[0].length).toBeGreaterThan(2);
    expect(kind.scientific).toMatch(/^[A-Z][a-z]+ /);
    expect(kind.note.length).toBeGreaterThan(5);
    expect(HABITS).toContain(kind.habit);
  }
});

test("young roots die no later than mature ones, and all above −30 °C", () => {
  for (const kind of KINDS) {
    expect(kind.rootKillYoungC).toBeGreaterThanOrEqual(kind.rootKillMatureC);
    expect(kind.rootKillMatureC).toBeGreaterThan(-30);
    expect(kind.rootKillYoungC).toBeLessThan(0);
  }
});

test("a kind between two vigour classes grows at their geometric mean", () => {
  expect(profileOf({ kindId: "pomegranate", typedName: null, habit: null }).kPerDegreeDay).toBeCloseTo(
    Math.sqrt(0.00075 * 0.0014),
    9,
  );
  expect(profileOf({ kindId: "fig", typedName: null, habit: null }).kPerDegreeDay).toBeCloseTo(0.0031, 9);
});

test("the less is known the wider the prior; a listed kind wins over typed words", () => {
  const listed = profileOf({ kindId: "bay", typedName: "ignored", habit: "fig-like" });
  const habit = profileOf({ kindId: null, typedName: "Moon plum", habit: "apple-like" });
  const nothing = profileOf({ kindId: null, typedName: "Moon plum", habit: "unknown" });
  expect([listed.vigourSd, habit.vigourSd, nothing.vigourSd]).toEqual([
    VIGOUR_SD.kind,
    VIGOUR_SD.habit,
    VIGOUR_SD.unknown,
  ]);
  expect(listed.name).toBe("Bay laurel");
  expect(habit).toMatchObject({ name: "Moon plum", basis: "guess", key: "habit:apple-like" });
  expect(nothing.habits).toEqual(HABITS);
  expect(kindById("triffid")).toBeUndefined();
  expect(profileOf({ kindId: "triffid", typedName: null, habit: null }).name).toBe("Unnamed kind");
});

test("kinds may ask for a warmer spring than their habit", () => {
  expect(profileOf({ kindId: "crape-myrtle", typedName: null, habit: null }).parameters[0].springRootZoneC).toBe(10);
  expect(profileOf({ kindId: "pomegranate", typedName: null, habit: null }).parameters[0].springRootZoneC).toBe(9);
});

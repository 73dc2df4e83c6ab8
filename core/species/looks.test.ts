import { knownValuesOf, LAST_SHOOTS, type Looks, possibleHabits, profileOf, valuesSeen, VIGOUR_SD } from "./index";
import { HABIT_PARAMETERS } from "../wood/index";

const seen = (more: Partial<Looks>): Looks => ({ leaf: null, group: null, lastShoots: null, ...more });
const unnamed = (looks: Looks | null, habit: "unknown" | "fig-like" = "unknown") =>
  profileOf({ kindId: null, typedName: "Moon plum", habit, looks });

test("habits that are left by leaf and group", () => {
  expect(possibleHabits(null)).toEqual([
    "apple-like",
    "japanese-maple-like",
    "fig-like",
    "pomegranate-like",
    "citrus-like",
    "olive-bay-like",
  ]);
  expect(possibleHabits(seen({ leaf: "evergreen" }))).toEqual(["citrus-like", "olive-bay-like"]);
  expect(possibleHabits(seen({ group: "conifer" }))).toEqual(["conifer-like"]);
  expect(possibleHabits(seen({ group: "mediterranean" }))).toEqual(["olive-bay-like", "pomegranate-like"]);
  expect(possibleHabits(seen({ group: "mediterranean", leaf: "deciduous" }))).toEqual(["pomegranate-like"]);
  // A leaf none of the group has is passed over.
  expect(possibleHabits(seen({ group: "pome", leaf: "evergreen" }))).toEqual(["apple-like"]);
});

test("shoots say the pace, the group its group", () => {
  expect(LAST_SHOOTS.map((lastShoots) => valuesSeen(seen({ lastShoots })).vigour![0])).toEqual([
    "slow",
    "moderate",
    "vigorous",
    "very-vigorous",
  ]);
  expect(valuesSeen(seen({ group: "citrus" }))).toEqual({ group: "citrus" });
  expect(valuesSeen(null)).toEqual({});
});

test("an unnamed plant goes by what is seen of it; each thing seen narrows", () => {
  const nothing = unnamed(null);
  expect([nothing.habits.length, nothing.vigourSd, nothing.rootKillYoungC]).toEqual([6, VIGOUR_SD.unknown, -4]);
  const fast = unnamed(seen({ lastShoots: "very-long" }));
  expect([fast.habits.length, fast.vigourSd]).toEqual([6, VIGOUR_SD.habit]);
  expect(fast.values.vigour).toEqual(["very-vigorous", "very-vigorous"]);
  expect(fast.kPerDegreeDay / nothing.kPerDegreeDay).toBeGreaterThan(1.5);
  const conifer = unnamed(seen({ group: "conifer" }));
  expect(conifer.habits).toEqual(["conifer-like"]);
  expect(conifer.parameters[0].habit).toBe("conifer-like");
  expect([conifer.values.group, conifer.vigourSd]).toEqual(["conifer", VIGOUR_SD.habit]);
  expect(new Set([nothing, fast, conifer].map((p) => p.key)).size).toBe(3);
});

test("a habit that was picked stays, its shoots count; a listed kind says all itself, of a genus the shoots count", () => {
  const fig = unnamed(seen({ group: "conifer", lastShoots: "short" }), "fig-like");
  expect([fig.habits, fig.values.vigour]).toEqual([["fig-like"], ["slow", "slow"]]);
  const apple = profileOf({ kindId: "apple", typedName: null, habit: null, looks: seen({ lastShoots: "very-long" }) });
  expect(apple).toBe(profileOf({ kindId: "apple", typedName: null, habit: null }));
  const oak = (looks: Looks | null) =>
    profileOf({ kindId: "genus-quercus", typedName: "Quercus rugosa", habit: null, looks });
  const slow = oak(seen({ lastShoots: "short", group: "citrus", leaf: "evergreen" }));
  expect(slow.values.vigour).toEqual(["slow", "slow"]);
  expect(slow.values.group).toBe(oak(null).values.group);
  expect(slow.habits).toEqual(oak(null).habits);
  expect([oak(null).vigourSd, slow.vigourSd]).toEqual([VIGOUR_SD.habit, VIGOUR_SD.genus]);
  expect(HABIT_PARAMETERS[slow.habits[0]]).toBeDefined();
});

test("the tree's own word goes before what it looks like", () => {
  const known = knownValuesOf({
    kindId: null,
    typedName: "x",
    habit: "unknown",
    looks: seen({ lastShoots: "long" }),
    own: { tree: { vigour: ["slow", "moderate"] } },
  });
  expect([known.vigour.value, known.vigour.layer]).toEqual([["slow", "moderate"], "tree"]);
});

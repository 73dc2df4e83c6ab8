import { HABITS } from "../wood/index";
import {
  FIELD_NAMES,
  GROUPS,
  kindById,
  KINDS,
  knownValuesOf,
  onStock,
  profileOf,
  REFERENCES,
  resolveValues,
  stockFor,
  STOCKS,
  VIGOUR_SD,
} from "./index";

const of = (kindId: string, rootstock: string | null = null) =>
  profileOf({ kindId, typedName: null, habit: null, rootstock });
/** The kinds set in full: those whose page shows no inherited value. */
const LATER = ["bringInNightC", "potHeightM"];
const SAID_IN_FULL = FIELD_NAMES.filter((name) => !LATER.includes(name));
const complete = KINDS.filter((k) => SAID_IN_FULL.every((name) => name in k.values));

test("forty kinds are set in full and at least fifty more inherit", () => {
  expect(complete.length).toBe(40);
  expect(KINDS.length).toBeGreaterThanOrEqual(90);
  for (const kind of complete) {
    const known = resolveValues(kind, kind.habit);
    for (const name of SAID_IN_FULL) expect([kind.id, name, known[name].layer]).toEqual([kind.id, name, "kind"]);
  }
});

test("every kind has every field, names, a note, and no mark without a source", () => {
  expect(new Set(KINDS.map((k) => k.id)).size).toBe(KINDS.length);
  const names = KINDS.flatMap((k) => k.names.map((n) => n.toLocaleLowerCase()));
  expect(new Set(names).size).toBe(names.length);
  for (const kind of KINDS) {
    expect(kind.scientific).toMatch(/^[A-Z][a-z]+ /);
    expect(kind.note.length).toBeGreaterThan(5);
    expect(HABITS).toContain(kind.habit);
    const known = resolveValues(kind, kind.habit);
    expect(GROUPS).toContain(known.group.value);
    for (const name of FIELD_NAMES) {
      const value = known[name];
      expect(value).toBeDefined();
      if (value.layer === "habit" || value.layer === "genus")
        expect([value.mark, value.source]).toEqual(["guess", "kin"]);
      if (value.mark === "H" || value.mark === "M") expect(value.source).toBe("published");
      if (value.reference !== null) expect(Object.values(REFERENCES)).toContain(value.reference);
    }
  }
});

test("values hang together: young roots no hardier than old, ranges the right way round", () => {
  for (const kind of KINDS) {
    const { values } = of(kind.id);
    expect(values.rootKillYoungC).toBeGreaterThanOrEqual(values.rootKillMatureC);
    expect(values.rootKillMatureC).toBeGreaterThan(-30);
    expect(values.crownC).toBeLessThan(0);
    // Leaves are damaged no later than wood, roots no later than crowns.
    if (values.leafC !== null) expect([kind.id, values.leafC >= values.crownC]).toEqual([kind.id, true]);
    expect([kind.id, values.rootKillYoungC >= values.crownC]).toEqual([kind.id, true]);
    for (const range of [values.ph, values.kc, values.winterC, values.chillPortions])
      expect([kind.id, range[0] <= range[1]]).toEqual([kind.id, true]);
    expect(values.rootShare).toBeGreaterThanOrEqual(0);
    expect(values.rootShare).toBeLessThanOrEqual(0.5);
    if (values.tolerance === "touchy") expect([kind.id, values.rootShare <= 0.25]).toEqual([kind.id, true]);
    if (values.leaf === "deciduous" && values.group !== "conifer") expect(values.traits).not.toContain("conifer");
  }
});

test("kin inherit through habit, genus and kind, and what is inherited is a guess", () => {
  const known = knownValuesOf({ kindId: "paperbark-maple", typedName: null, habit: null });
  expect(known.traits).toMatchObject({ value: ["bleeder"], layer: "genus", mark: "guess" });
  expect(known.kc).toMatchObject({ layer: "habit", mark: "guess" });
  expect(known.rootShare).toMatchObject({ value: 0.2, layer: "kind", mark: "L" });
});

test("a collection, a sort and a tree have the last word, in this order", () => {
  const choice = { kindId: "fig", typedName: null, habit: null };
  const own = { collection: { crownC: -12 }, cultivar: { crownC: -14 }, tree: { rootShare: 0.3 } };
  const known = knownValuesOf({ ...choice, own });
  expect(known.crownC).toMatchObject({ value: -14, layer: "cultivar", source: "grower" });
  expect(known.rootShare).toMatchObject({ value: 0.3, layer: "tree" });
  const profile = profileOf({ ...choice, own });
  expect(profile.key).not.toBe(profileOf(choice).key);
  expect(profile.parameters[0].hardiness.hMax).toBeCloseTo(-15.4, 6);
});

test("roots of a grafted tree are its stock's, its crown the scion's", () => {
  expect(stockFor("Pyrus", "on Quince, from a friend")?.id).toBe("quince");
  expect(stockFor("Prunus", "quince")).toBeNull();
  expect(of("pear", "pear seedling").rootKillYoungC).toBe(-9);
  expect(of("pear", "quince").rootKillYoungC).toBe(-7);
  expect(of("pear", "pear seedling").values.crownC).toBe(of("pear").values.crownC);
  expect(of("kumquat", "trifoliate").values.lime).toBe("hater");
});

test("a kind between two vigour classes grows at their geometric mean", () => {
  expect(of("pomegranate").kPerDegreeDay).toBeCloseTo(Math.sqrt(0.00075 * 0.0014), 9);
  expect(of("fig").kPerDegreeDay).toBeCloseTo(0.0031, 9);
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
  expect(nothing.habits.length).toBe(6);
  expect(kindById("triffid")).toBeUndefined();
  expect(profileOf({ kindId: "triffid", typedName: null, habit: null }).name).toBe("Unnamed kind");
});

test("spring, chill and hardiness of the wood follow the kind, not its habit alone", () => {
  expect(of("crape-myrtle").parameters[0].springRootZoneC).toBe(10);
  expect(of("pomegranate").parameters[0].springRootZoneC).toBe(9);
  expect(of("sour-cherry").parameters[0].chillPortions).toBeGreaterThan(of("apricot").parameters[0].chillPortions);
  expect(of("lime").parameters[0].hardiness.hMax).toBeGreaterThan(of("mandarin").parameters[0].hardiness.hMax);
});

test("stocks by name: roots, lime and the pace they set; the longest word decides, and what is said of this tree goes before", () => {
  const on = (kindId: string, rootstock: string) => of(kindId, rootstock);
  expect(stockFor("Malus", "M27, very dwarfing")?.id).toBe("apple-very-dwarf");
  expect(stockFor("Malus", "a very dwarf one")?.id).toBe("apple-very-dwarf");
  expect(stockFor("Malus", "dwarf")?.id).toBe("apple-dwarf");
  expect(stockFor("Malus", "MM 106")?.id).toBe("apple-half");
  expect(stockFor("Prunus", "St Julien")?.id).toBe("plum-half");
  expect(stockFor("Prunus", "mahaleb")?.values.lime).toBe("likes");
  expect(stockFor("Citrus", "Flying Dragon trifoliate")?.id).toBe("trifoliate-dwarf");
  expect(stockFor("Juglans", "black walnut")?.id).toBe("black-walnut");
  expect(stockFor("Vitis", "41B")?.values.lime).toBe("likes");
  expect(stockFor("Quercus", "seedling")).toBeNull();
  const pace = (rootstock: string, said: Parameters<typeof onStock>[1] = null) =>
    onStock(on("apple", rootstock), said).kPerDegreeDay / of("apple").kPerDegreeDay;
  expect(
    [pace("M9"), pace("MM106"), pace("from a friend"), pace("M9", "vigorous")].map((v) => Math.round(100 * v)),
  ).toEqual([50, 85, 100, 115]);
  // Every stock is of a genus that the library knows, and no word is said twice within a genus.
  for (const stock of STOCKS)
    for (const genus of stock.genera)
      expect([stock.id, kindById(`genus-${genus.toLowerCase()}`)?.id]).toEqual([
        stock.id,
        `genus-${genus.toLowerCase()}`,
      ]);
  const words = STOCKS.flatMap((s) => s.genera.flatMap((g) => s.words.map((w) => `${g} ${w}`)));
  expect(words.filter((w, i) => words.indexOf(w) !== i)).toEqual([]);
});

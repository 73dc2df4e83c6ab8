import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";
import { HABIT_PARAMETERS } from "../wood/index";
import {
  FIELD_NAMES,
  GENERA,
  genusOf,
  GROUPS,
  HAZARDS,
  HEALTH_NOTES,
  type Kind,
  kindById,
  KINDS,
  kindValuesSchema,
  profileOf,
  ROOT_WORK,
  TRAITS,
} from "./index";

const valuesOf = (kind: Kind) => profileOf({ kindId: kind.id, typedName: null, habit: null }).values;
const fingerprint = (kind: Kind) =>
  `${kind.id} ${createHash("sha256").update(JSON.stringify(kind)).digest("hex").slice(0, 12)}`;

/** A line that is changed shows here by its name; the file is then changed on purpose, or the slip is found. */
test("every line of the library is the one that was written down", () => {
  const written = readFileSync("core/species/fingerprints.txt", "utf8").trim().split("\n");
  expect([...KINDS, ...GENERA].map(fingerprint).sort()).toEqual(written);
});

test("the library's size, and that no two lines are of one name", () => {
  expect([KINDS.length, GENERA.length]).toEqual([453, 883]);
  const all = [...KINDS, ...GENERA];
  expect(new Set(all.map((k) => k.id)).size).toBe(all.length);
  expect(new Set(KINDS.map((k) => k.scientific)).size).toBe(KINDS.length);
  expect(new Set(GENERA.map((g) => g.scientific)).size).toBe(GENERA.length);
});

test("what is written of a kind or genus may be written: codes, ranges, each within its bounds", () => {
  for (const kind of [...KINDS, ...GENERA]) {
    const parsed = kindValuesSchema.safeParse(kind.values);
    expect([kind.id, parsed.error?.issues.map((i) => `${i.path.join(".")} ${i.message}`)]).toEqual([
      kind.id,
      undefined,
    ]);
  }
  const used = (of: (k: Kind) => readonly string[] | undefined) =>
    new Set([...KINDS, ...GENERA].flatMap((k) => of(k) ?? []));
  // No code that nobody uses.
  expect([...GROUPS].filter((g) => !used((k) => [k.values.group ?? ""]).has(g))).toEqual([]);
  expect([...TRAITS].filter((t) => !used((k) => k.values.traits).has(t))).toEqual([]);
  expect([...HAZARDS].filter((h) => !used((k) => k.values.hazards).has(h))).toEqual([]);
  expect([...HEALTH_NOTES].filter((h) => !used((k) => k.values.health).has(h))).toEqual([]);
  expect([...ROOT_WORK].filter((w) => !used((k) => k.values.rootWork).has(w))).toEqual([]);
});

test("genera hang together: young roots no hardier than old, leaves no hardier than wood, roots no hardier than crowns of hardy ones", () => {
  for (const genus of GENERA) {
    const v = valuesOf(genus);
    const told = {
      roots: v.rootKillYoungC >= v.rootKillMatureC,
      leaves: v.leafC === null || v.leafC >= v.crownC,
      hardy: v.crownC > -8 || v.rootKillYoungC >= v.crownC,
      ranges: [v.ph, v.kc, v.winterC, v.chillPortions].every(([a, b]) => a <= b),
      rest: v.leaf !== "evergreen" || v.winterLight !== "dark",
    };
    expect([genus.id, told]).toEqual([genus.id, { roots: true, leaves: true, hardy: true, ranges: true, rest: true }]);
  }
});

test("a kind that grows otherwise than its genus keeps its own leaf, cold and pace; what it hates and fears it shares", () => {
  const holm = valuesOf(kindById("holm-oak")!);
  expect(holm.leaf).toBe("evergreen");
  expect(holm.chillPortions).toEqual([0, 0]);
  expect(holm.hazards).toContain("poisonous-to-animals");
  // Whether it keeps its leaves says the habit it grows by, unless the kind's own line says otherwise.
  const odd = KINDS.filter((kind) => {
    const { leaf } = valuesOf(kind);
    return kind.values.leaf === undefined && leaf !== "semi-evergreen" && leaf !== HABIT_PARAMETERS[kind.habit].leaf;
  });
  // These stand bare in a dry or cool season, though they grow by warmth as their evergreen neighbours do.
  expect(odd.map((kind) => kind.id)).toEqual(["baobab", "desert-rose", "frangipani", "moringa"]);
});

test("poisonous genera are marked so, and those under quarantine carry its note", () => {
  const marked = (name: string) =>
    (GENERA.find((g) => g.scientific === name)?.values.hazards ?? []).some((h) => h.includes("poison"));
  expect(
    [
      "Nerium",
      "Taxus",
      "Brugmansia",
      "Ricinus",
      "Laburnum",
      "Daphne",
      "Rhododendron",
      "Cycas",
      "Cerbera",
      "Aconitum",
    ].filter((g) => kindById(`genus-${g.toLowerCase()}`) && !marked(g)),
  ).toEqual([]);
  const health = (name: string) => GENERA.find((g) => g.scientific === name)?.values.health ?? [];
  for (const name of ["Olea", "Nerium", "Myrtus"])
    expect([name, health(name)]).toEqual([name, expect.arrayContaining(["xylella-rules"])]);
  expect(health("Citrus")).toContain("citrus-rules");
  for (const id of ["oleander", "almond", "olive"])
    expect([id, valuesOf(kindById(id)!).health]).toEqual([id, expect.arrayContaining(["xylella-rules"])]);
  expect(GENERA.filter((g) => KINDS.some((k) => genusOf(k) === g.scientific)).length).toBeGreaterThan(200);
});

/** Root kill of young and of old, crown, chill: typed anew from a list of its own. */
test.each<[string, number, number, number, [number, number] | null]>([
  ["pomegranate", -4, -7, -13, [8, 18]],
  ["loquat", -4, -6, -11, null],
  ["feijoa", -5, -8, -10, null],
  ["kumquat", -3, -5, -8, null],
  ["bay", -4, -7, -12, null],
  ["japanese-maple", -9, -10, -25, [45, 65]],
  ["camellia", -5, -8, -13, null],
  ["crape-myrtle", -5, -8, -16, [10, 25]],
  ["kaki", -5, -8, -16, [10, 35]],
  ["medlar", -7, -10, -28, [40, 60]],
  ["quince", -7, -9, -25, [20, 35]],
  ["sour-cherry", -9, -12, -30, [55, 75]],
  ["serviceberry", -10, -14, -35, [50, 70]],
  ["stewartia", -6, -9, -25, [50, 65]],
  ["ginkgo", -7, -10, -30, [40, 60]],
  ["larch", -12, -18, -40, [50, 70]],
  ["fig", -4, -7, -10, [5, 15]],
  ["olive", -4, -7, -12, null],
  ["lemon", -2, -4, -4, null],
  ["apple", -8, -11, -30, [40, 75]],
  ["plum", -9, -12, -28, [45, 75]],
  ["apricot", -8, -10, -25, [35, 65]],
  ["avocado", -1, -3, -2, null],
  ["mango", -1, -2, -2, null],
  ["guava", -2, -4, -3, null],
  ["tea", -5, -8, -10, null],
  ["magnolia", -5, -6, -25, [45, 60]],
])("%s: roots %d and %d, crown %d", (id, young, mature, crown, chill) => {
  const v = valuesOf(kindById(id)!);
  expect([v.rootKillYoungC, v.rootKillMatureC, v.crownC]).toEqual([young, mature, crown]);
  if (chill) expect(v.chillPortions).toEqual(chill);
});

test("every value is read somewhere, and the documents say where", () => {
  const rows = [...readFileSync("docs/library.md", "utf8").matchAll(/^\| `(\w+)` \| .+? \| (.+) \|$/gm)];
  expect(rows.map(([, field]) => field).sort()).toEqual([...FIELD_NAMES].sort());
  for (const [, field, files] of rows)
    for (const [, file] of files.matchAll(/`([^`]+)`/g))
      expect([field, file, new RegExp(`\\b${field}\\b`).test(readFileSync(file, "utf8"))]).toEqual([field, file, true]);
});

import { FIFTY } from "@/core/species/fifty";
import { genusOf, kindById, profileOf } from "@/core/species/index";
import { findKinds } from "./kinds";

const ids = (text: string) => findKinds(text).map((kind) => kind.id);
const exact = (text: string) => findKinds(text).find((kind) => kind.exact)?.id ?? null;

test.each(FIFTY.map((plant) => [plant.typed, plant] as const))(
  "%s is found, and nothing said of it would kill it",
  (typed, plant) => {
    const [found] = findKinds(typed);
    expect(genusOf(found)).toBe(plant.genus);
    const { values } = profileOf({ kindId: found.id, typedName: typed, habit: null });
    // Between shedding in a dry spell and shedding for the winter the books differ.
    expect(values.leaf === "evergreen").toBe(plant.leaf === "evergreen");
    if (plant.frostKills) {
      expect([typed, "young roots and crown are tender", values.rootKillYoungC >= -4 && values.crownC >= -8]).toEqual([
        typed,
        "young roots and crown are tender",
        true,
      ]);
      expect(values.winterC[0]).toBeGreaterThanOrEqual(0);
    }
    if (plant.wholeBall) expect(values.rootShare).toBeLessThanOrEqual(0.05);
    if (plant.limeKills) expect(["hater", "mild-hater"]).toContain(values.lime);
    if (plant.phosphateKills) expect(values.phosphate).toBe("sensitive");
    if (plant.mustBeCold) {
      expect(values.chillPortions[1] > 0 || values.winterLight === "outdoors").toBe(true);
      expect(values.winterC[1]).toBeLessThanOrEqual(8);
    }
  },
);

test("names with slips, in the plural, without accents, with a tree too many", () => {
  expect(ids("Lemmon")[0]).toBe("lemon");
  expect(exact("Lemmon")).toBeNull();
  expect(exact("fig tree")).toBe("fig");
  expect(exact("FIGS")).toBe("fig");
  expect(exact("kowhai")).toBe("kowhai");
  expect(exact("Kōwhai")).toBe("kowhai");
  expect(exact("blueberries")).toBe("blueberry");
  expect(exact("sweet gum")).toBe("sweetgum");
  expect(ids("Appel")[0]).toBe("apple");
  expect(ids("mini olive")).toContain("olive");
  expect(ids("bouganvilla")[0]).toBe("bougainvillea");
});

test("a species that is not in the library brings its genus; a word in another language decides nothing", () => {
  expect(ids("Quercus phellos")[0]).toBe("genus-quercus");
  expect(exact("Quercus phellos")).toBeNull();
  expect(exact("Zitrone")).toBeNull();
  expect(findKinds("Redhaven")).toEqual([]);
  expect(findKinds("   ")).toEqual([]);
});

test("homonyms are told apart by group and leaf, and a kind comes before its genus", () => {
  const laurels = findKinds("laurel");
  expect(laurels.map((k) => k.scientific)).toEqual(expect.arrayContaining(["Laurus nobilis"]));
  for (const kind of laurels) expect([kind.group, kind.leaf]).toEqual([expect.any(String), expect.any(String)]);
  expect(ids("olive").slice(0, 2)).toEqual(["olive", "genus-olea"]);
  expect(kindById(ids("olive")[1])?.rank).toBe("genus");
});

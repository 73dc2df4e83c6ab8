import { closePools } from "@/server/pool";
import { hasTestDatabase } from "@/test-support/database";
import { findTowns, zoneAt } from "./towns";
import { sitePreview } from "./preview";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
afterAll(() => closePools());

onDatabase("towns", () => {
  const first = async (query: string) => (await findTowns(query))[0];

  test("by name, the largest first; accents do not matter, nor does a letter", async () => {
    expect(await first("zurich")).toMatchObject({ name: "Zürich", country: "Switzerland", zone: "Europe/Zurich" });
    expect(await first("Wellingtn")).toMatchObject({ name: "Wellington", country: "New Zealand" });
    expect((await findTowns("york")).length).toBeLessThanOrEqual(8);
  });
  test("a country or a state after a comma narrows", async () => {
    expect(await first("York, GB")).toMatchObject({ name: "York", country: "United Kingdom" });
    expect(await first("york, united kingdom")).toMatchObject({ country: "United Kingdom" });
    expect(await first("Springfield, IL")).toMatchObject({ region: "IL", country: "United States" });
    expect(await first("Springfield, Illinois")).toMatchObject({ region: "IL" });
    expect(await first("Springfield, Missouri, USA")).toMatchObject({ region: "MO" });
    expect(await first("York, England")).toMatchObject({ country: "United Kingdom", region: "ENG" });
    expect(await first("Perth, Scotland, UK")).toMatchObject({ region: "SCT" });
  });
  test("what names no place known narrows nothing: the towns stand there with their countries", async () => {
    expect((await findTowns("York, Atlantis")).map((t) => t.name)).toEqual(
      (await findTowns("York")).map((t) => t.name),
    );
  });
  test("nothing is found where there is nothing, and no sign is a pattern", async () => {
    expect(await findTowns("Qxzvbn")).toEqual([]);
    expect(await findTowns("  ")).toEqual([]);
    expect(await findTowns("%")).toEqual([]);
  });
});

test("the zone of a point", () => {
  expect([zoneAt(-38, 145), zoneAt(1.35, 103.8), zoneAt(33.45, -112.07), zoneAt(60.2, 24.9)]).toEqual([
    "Australia/Melbourne",
    "Asia/Singapore",
    "America/Phoenix",
    "Europe/Helsinki",
  ]);
});

describe("the year that is guessed", () => {
  const seed = 20_011;
  test("a low desert from where it is alone: hot summers, and the height of the nearest known place", () => {
    const p = sitePreview({ seed, latitudeDeg: 33.45, longitudeDeg: -112.07 });
    expect(Math.abs(p.tmaxC[6] - 41)).toBeLessThan(2);
    expect(Math.abs(p.tminC[6] - 28.5)).toBeLessThan(2);
    expect(p.elevationM).toBe(p.nearest.elevationM);
    expect(p.zone).toBe("America/Phoenix");
  });
  test("answers are met within a degree and four days; a contradiction is left out, the rest kept", () => {
    const here = { seed, latitudeDeg: 47, longitudeDeg: 8, elevationM: 450 };
    const p = sitePreview({
      ...here,
      coldestNightC: -15,
      lastSpringFrost: "04-28",
      firstAutumnFrost: "10-15",
      hotAfternoonC: 31,
    });
    const days = (a: string, b: string) => Math.abs(Date.parse(`2001-${a}`) - Date.parse(`2001-${b}`)) / 86_400_000;
    expect(Math.abs(p.coldestNightC + 15)).toBeLessThanOrEqual(1);
    expect(days(p.lastSpringFrost!, "04-28")).toBeLessThanOrEqual(4);
    expect(days(p.firstAutumnFrost!, "10-15")).toBeLessThanOrEqual(4);
    expect(p.hotAfternoonC).toBeCloseTo(31, 6);
    const bare = sitePreview(here);
    expect(sitePreview({ ...here, hotAfternoonC: -5, coldestNightC: -3 })).toEqual(bare);
    // The hot afternoon moves summer days and nothing of winter.
    const hotter = sitePreview({ ...here, hotAfternoonC: bare.hotAfternoonC + 4 });
    expect(hotter.tmaxC[6] - bare.tmaxC[6]).toBeCloseTo(4, 6);
    expect(hotter.tmaxC[0]).toBeCloseTo(bare.tmaxC[0], 6);
    expect(hotter.tminC).toEqual(bare.tminC);
  });
  test("at the equator and at 60° N", () => {
    const equator = sitePreview({ seed, latitudeDeg: 1.35, longitudeDeg: 103.8, elevationM: 15 });
    expect([equator.lastSpringFrost, equator.firstAutumnFrost]).toEqual([null, null]);
    expect(Math.max(...equator.tmaxC) - Math.min(...equator.tmaxC)).toBeLessThan(3);
    const north = sitePreview({ seed, latitudeDeg: 60.2, longitudeDeg: 24.9, elevationM: 20 });
    expect(north.lastSpringFrost! > "04-15" && north.lastSpringFrost! < "05-31").toBe(true);
    expect(north.firstAutumnFrost! > "09-10" && north.firstAutumnFrost! < "10-25").toBe(true);
  });
});

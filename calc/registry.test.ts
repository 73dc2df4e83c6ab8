import { normalsFromAnswers } from "@/core/atlas/index";
import { generateWeather, type Normals } from "@/core/climate/index";
import { mirroredNormals } from "@/test-support/sites";
import { toIso } from "@/core/dates/index";
import { calculate, calculateAny, CALCULATIONS, listCalculations, schemaOf } from "./registry";

const out = (name: string, input: unknown) => {
  const answer = calculate(name, input);
  if ("error" in answer) throw new Error(JSON.stringify(answer.error));
  return answer.out as Record<string, never>;
};
const paths = (name: string, input: unknown) => {
  const answer = calculate(name, input);
  return "error" in answer ? answer.error.map((e) => e.path) : [];
};

test("every calculation is listed with what it is about, and has a schema", () => {
  expect(listCalculations().length).toBe(CALCULATIONS.size);
  for (const { name, about } of listCalculations()) {
    expect(name).toMatch(/^[a-z]+\.[a-zA-Z]+$/);
    expect(about.length).toBeGreaterThan(10);
    expect(schemaOf(name)).toMatchObject({ type: "object" });
  }
  expect(schemaOf("nope")).toBeNull();
});

test.each([
  ["vessel.volume", { vessel: { shape: "round", topWidthMm: -1, baseWidthMm: 10, heightMm: 10 } }, "vessel.topWidthMm"],
  ["vessel.volume", { vessel: { shape: "cylinder", topWidthMm: 100, heightMm: 100 }, heightMm: 200 }, "heightMm"],
  ["vessel.height", { vessel: { shape: "cylinder", topWidthMm: 100, heightMm: 100 }, volumeL: 5 }, "volumeL"],
  ["vessel.freeboard", { vessel: { shape: "cylinder", topWidthMm: 100, heightMm: 100 } }, "doseL"],
  ["vessel.mass", { vessel: { shape: "cylinder", topWidthMm: 100, heightMm: 100 } }, "vessel.wallMm"],
  ["vessel.nominal", { system: "container-class", size: "#8" }, "size"],
  ["mix.retention", { mix: "mud", suctionCm: 10 }, "mix"],
  [
    "mix.inPot",
    {
      mix: "pine-bark",
      vessel: { shape: "cylinder", topWidthMm: 100, heightMm: 100 },
      fillHeightMm: 90,
      bottomLayerMm: 90,
    },
    "bottomLayerMm",
  ],
  ["mix.blend", { parts: {} }, "parts"],
  [
    "roots.grow",
    { fill: 0.5, circling: 0, vigour: "slow", kPerDegreeDay: 0.001, degreeDays: 10, wall: "metal" },
    "vigour",
  ],
  ["roots.grow", { fill: 0.5, circling: 0, degreeDays: 10, wall: "metal" }, "vigour"],
  [
    "roots.move",
    { fill: 0.5, circling: 0, fromL: 3, toL: 5, correction: "shave", ballWidthMm: 50, ballHeightMm: 50, depthMm: 40 },
    "depthMm",
  ],
  ["roots.degreeDays", { tempC: 10, baseC: 30 }, "optimumC"],
  ["climate.daylength", { latitudeDeg: 91, date: "2025-01-01" }, "latitudeDeg"],
  ["climate.daylength", { latitudeDeg: 9, date: "2025-02-29" }, "date"],
  ["climate.evaporation", { tminC: 20, tmaxC: 10, extraterrestrialMJ: 30 }, "tmaxC"],
  ["wood.ripeness", { heatSum: -1, h50: 500, n: 2 }, "heatSum"],
  ["tree.mass", { trunkMm: 0, heightM: 2 }, "trunkMm"],
])("%s names the fault's path: %j", (name, input, path) => {
  expect(paths(name, input)).toContain(path);
});

test("unknown fields and unknown names are told, not swallowed", () => {
  expect(paths("tree.mass", { trunkMm: 20, heightM: 2, colour: "green" })).toHaveLength(1);
  expect(calculate("nope.nope", {})).toMatchObject({ error: [{ path: "calc" }] });
  expect(paths("tree.mass", null).length).toBeGreaterThan(0);
});

test("the mass of a tree by its formula", () => {
  expect(out("tree.mass", { trunkMm: 100, heightM: 2 }).massKg).toBeCloseTo(
    0.5 * 900 * (Math.PI / 4) * 0.01 * 2 * 1.6,
    6,
  );
});

test("a shave's share follows from its depth; a measured share wins", () => {
  const move = (more: object) =>
    out("roots.move", { fill: 0.9, circling: 2, fromL: 10, toL: 10, correction: "shave", ...more }).fill as number;
  expect(move({ ballWidthMm: 250, ballHeightMm: 220, depthMm: 25 })).toBeLessThan(
    move({ ballWidthMm: 250, ballHeightMm: 220, depthMm: 8 }),
  );
  expect(move({ retainedShare: 0.5 })).toBeCloseTo(0.45, 9);
});

describe("window.find", () => {
  const normals = normalsFromAnswers({
    latitudeDeg: 48,
    longitudeDeg: 8,
    elevationM: 300,
    coldestNightC: -12,
    lastSpringFrost: "04-25",
    firstAutumnFrost: "10-20",
  });
  const weatherOf = (latitudeDeg: number, normals: Normals) => {
    const w = generateWeather(latitudeDeg, normals, 12, 3);
    return Array.from(w.tminC, (tmin, i) => [toIso(w.startDay + i), tmin, w.tmaxC[i]] as const);
  };
  const north = {
    latitudeDeg: 48,
    habit: "apple-like",
    weather: weatherOf(48, normals),
    from: "2026-01-01",
    to: "2026-12-31",
    operations: ["up-pot", "slip-up"],
  };

  test("a day for each operation, periods where they are open, the reason where they are not", () => {
    const answer = out("window.find", north) as unknown as {
      byDay: { date: string; operation: string; suitability: number; limiting: string }[];
      periods: { operation: string; from: string; to: string; limiting: string }[];
    };
    expect(answer.byDay).toHaveLength(2 * 365);
    const first = answer.periods.find((p) => p.operation === "up-pot")!;
    expect(first.from >= "2026-02-01" && first.from <= "2026-04-20").toBe(true);
    for (const day of answer.byDay) {
      expect(day.suitability).toBeGreaterThanOrEqual(0);
      expect(day.suitability).toBeLessThanOrEqual(1);
      if (day.suitability < 0.5) expect(day.limiting).not.toBe("none");
    }
  });

  test("mirrored hemispheres mirror within two weeks", () => {
    const south = {
      ...north,
      latitudeDeg: -48,
      weather: weatherOf(-48, mirroredNormals(normals)),
      from: "2026-07-01",
      to: "2027-06-30",
      operations: ["up-pot"],
    };
    const opens = (input: object) =>
      (out("window.find", input) as unknown as { periods: { from: string }[] }).periods[0].from;
    const [a, b] = [Date.parse(opens({ ...north, operations: ["up-pot"] })), Date.parse(opens(south))];
    const apart = (b - a) / 86_400_000;
    expect(Math.abs(apart - 182)).toBeLessThan(15);
  });

  test("faults: a kind nobody knows, an end before the beginning, too little weather", () => {
    expect(paths("window.find", { ...north, habit: undefined, species: "triffid" })).toEqual(["species"]);
    expect(paths("window.find", { ...north, to: "2025-01-01" })).toEqual(["to"]);
    expect(paths("window.find", { ...north, weather: north.weather.slice(0, 100) })).toEqual(["weather"]);
    expect(paths("window.find", { ...north, species: "bay" })).toEqual(["habit"]);
  });
});

test("slow ones answer later, and say what is wrong like the others", async () => {
  const tree = { id: "a", areaM2: 0.1, heightM: null, widthM: 0.3, massKg: 9, cost: { outside: 5, glass: 1 } };
  const glass = { id: "glass", areaM2: 1, heightM: null, doorM: null };
  expect(() => calculate("winter.assign", { trees: [], places: [] })).toThrow(/later/);
  expect(await calculateAny("winter.assign", { trees: [tree], places: [glass] })).toEqual({
    out: { assignment: { a: "glass" }, cost: 1, provenGap: 0 },
  });
  const twice = await calculateAny("winter.assign", { trees: [tree, tree], places: [glass] });
  expect(twice).toMatchObject({ error: [{ path: "trees.1.id" }] });
  const outside = await calculateAny("winter.assign", { trees: [tree], places: [{ ...glass, id: "outside" }] });
  expect(outside).toMatchObject({ error: [{ path: "places.0.id" }] });
});

test("`timber` and `timber-lined` are one wall", () => {
  const grow = (wall: string) =>
    calculate("roots.grow", { fill: 0.9, circling: 1, vigour: "moderate", degreeDays: 600, wall });
  expect("out" in grow("timber")).toBe(true);
  expect(grow("timber")).toEqual(grow("timber-lined"));
  expect(grow("timber")).toEqual(grow(0.85 as unknown as string));
});

describe("site.normals", () => {
  const desert = { latitudeDeg: 33.45, longitudeDeg: -112.07, elevationM: 340 };
  test("from the place alone, and with answers that pull it", () => {
    const bare = out("site.normals", desert) as unknown as {
      tmaxC: number[];
      basis: string;
      nearest: { distanceKm: number }[];
    };
    expect([bare.basis, bare.tmaxC.length]).toEqual(["atlas", 12]);
    expect(Math.abs(bare.tmaxC[6] - 41)).toBeLessThan(2);
    const pulled = out("site.normals", { ...desert, answers: { hotAfternoonC: 50 } }) as unknown as typeof bare;
    expect([pulled.basis, pulled.tmaxC[6] > bare.tmaxC[6]]).toEqual(["answers", true]);
    const out50 = out("site.normals", { ...desert, leaveOutKm: 50 }) as unknown as typeof bare;
    expect(out50.nearest[0].distanceKm).toBeGreaterThanOrEqual(50);
  });
  test("what cannot be true is told at its answer", () => {
    expect(paths("site.normals", { ...desert, elevationM: 9000 })).toEqual(["elevationM"]);
    expect(paths("site.normals", { ...desert, answers: { coldestNightC: 5, hotAfternoonC: 6 } })).toEqual([
      "answers.hotAfternoonC",
    ]);
    expect(
      paths("site.normals", {
        ...desert,
        answers: { lastSpringFrost: "02-10", firstAutumnFrost: "12-05", coldestNightC: 3 },
      }),
    ).toEqual(["answers.coldestNightC"]);
  });
});

import fc from "fast-check";
import { profileOf } from "../species/index";
import { ARRIVAL_FINDINGS, ARRIVAL_FIGURES, type ArrivalSeason, inspect, type Inspection, LEAVES } from "./index";

const fig = profileOf({ kindId: "fig", typedName: null, habit: null });
const apple = profileOf({ kindId: "apple", typedName: null, habit: null });
const season: ArrivalSeason = { phase: "soft", autumn: false, weeksToCold: 22, hottestC: 22 };
const sound: Inspection = {
  form: "container",
  light: false,
  rootsAtHoles: false,
  rootsOnSurface: false,
  fillGrade: 3,
  circlingGrade: 1,
  girdlerShare: null,
  flareBelowMm: 0,
  unionMm: null,
  sour: false,
  liveShare: null,
  green: null,
  leaves: "fresh",
  bearing: false,
  wounds: "none",
  crossing: false,
  leaning: false,
  offCentreMm: null,
  signs: [],
  ailing: false,
  plants: 1,
  bare: null,
  layerBrown: null,
  hooked: false,
  labelLost: false,
  stockUnknown: false,
  volumeL: 8,
  price: null,
  soundPrice: 40,
};
const look = (more: Partial<Inspection>, kind = fig, s = season, lonely = false) =>
  inspect({ ...sound, ...more }, kind.values, s, lonely);
const acts = (v: ReturnType<typeof look>) => v.steps.map((s) => s.act);

test("a sound plant is taken, and only photographed", () => {
  const v = look({});
  expect(v.verdict).toBe("accept");
  expect(v.found).toEqual([]);
  expect(acts(v)).toEqual(["photograph"]);
});

test("worked example 1 at the gate: bound, dry, flare down: taken and put right, the cuts waiting for their window", () => {
  const v = look({
    light: true,
    fillGrade: 4,
    circlingGrade: 3,
    flareBelowMm: 70,
    girdlerShare: 0.5,
    volumeL: 5,
  });
  expect(v.verdict).toBe("correct");
  expect(v.found.map((f) => f.code)).toEqual(
    expect.arrayContaining(["dry", "bound", "rings", "girdler", "flare-deep"]),
  );
  const slip = v.steps.find((s) => s.act === "slip-up")!;
  expect([slip.figures.lowL, slip.figures.highL]).toEqual([7, 8]);
  expect(v.steps.find((s) => s.act === "correct-ball")!.when).toEqual({ at: "window", operation: "shave" });
  expect(v.steps.find((s) => s.act === "cut-girdler")!.when.at).toBe("window");
  expect(v.steps[0].when.at).toBe("now");
  expect(v.cost.worthShare).toBeLessThan(1);
});

test("sour is a rescue, dead is left, pests are kept apart, and what is hooked is culled", () => {
  expect(look({ sour: true, liveShare: 0.4 }).verdict).toBe("rescue");
  expect(acts(look({ sour: true }))).toEqual(expect.arrayContaining(["start-rescue", "cut-to-live"]));
  expect(look({ light: true, leaves: "crisp" }).verdict).toBe("rescue");
  expect(look({ green: false }).verdict).toBe("refuse");
  expect(look({ liveShare: 0.1 }).verdict).toBe("refuse");
  const pests = look({ signs: ["grubs"] });
  expect(pests.verdict).toBe("quarantine");
  expect(pests.steps.filter((s) => s.act === "look-again").map((s) => s.when)).toContainEqual({
    at: "days",
    days: ARRIVAL_FIGURES.quarantineDays,
  });
  expect(look({ form: "liner", hooked: true }).verdict).toBe("refuse");
  expect(look({ form: "liner", circlingGrade: 4 }).verdict).toBe("refuse");
});

test("a salvaged one is scratched before it is carried home", () => {
  expect(acts(look({ form: "salvaged" }))[0]).toBe("scratch-first");
  expect(acts(look({ form: "salvaged", green: true }))).not.toContain("scratch-first");
});

test("bare roots: rejected when a third snap dry; soaked and potted within one and a half spreads otherwise", () => {
  expect(look({ form: "bare-root", bare: { drySnapShare: 0.5, exposedMinutes: 5, spreadMm: 300 } }).verdict).toBe(
    "refuse",
  );
  const v = look({ form: "bare-root", bare: { drySnapShare: 0.15, exposedMinutes: 30, spreadMm: 300 } });
  expect(v.verdict).toBe("correct");
  expect(v.steps.find((s) => s.act === "pot-bare")!.figures.mostMm).toBe(450);
});

test("an air layer waits for brown second roots, and is not severed nine weeks before the cold", () => {
  expect(acts(look({ form: "air-layer", layerBrown: false }))).toContain("sever-later");
  expect(acts(look({ form: "air-layer", layerBrown: true }))).toContain("pot-layer");
  const late = look({ form: "air-layer", layerBrown: true }, fig, { ...season, weeksToCold: 6 });
  expect(acts(late)).toContain("sever-later");
  expect(acts(late)).not.toContain("pot-layer");
});

test("a graft under the mix, several in a pot, a lost stock and no partner are said, each with what to do", () => {
  const v = look({ unionMm: 20, plants: 3, stockUnknown: true, labelLost: true }, apple, season, true);
  expect(v.found.map((f) => f.code)).toEqual(
    expect.arrayContaining(["union-buried", "several", "stock-unknown", "label-lost", "no-partner"]),
  );
  expect(acts(v)).toEqual(expect.arrayContaining(["raise-union", "part", "ask-stock", "write-label", "find-partner"]));
});

test("worse findings never better the verdict or the worth", () => {
  const rank = ["accept", "correct", "quarantine", "rescue", "refuse"];
  fc.assert(
    fc.property(
      fc.record({
        light: fc.boolean(),
        fillGrade: fc.integer({ min: 0, max: 4 }),
        circlingGrade: fc.integer({ min: 0, max: 4 }),
        flareBelowMm: fc.integer({ min: 0, max: 90 }),
        leaves: fc.constantFrom(...LEAVES),
        plants: fc.integer({ min: 1, max: 4 }),
      }),
      (more) => {
        const a = look(more);
        const b = look({ ...more, ailing: true, sour: true, wounds: "large" });
        expect(rank.indexOf(b.verdict)).toBeGreaterThanOrEqual(rank.indexOf(a.verdict));
        expect(b.cost.worthShare).toBeLessThanOrEqual(a.cost.worthShare + 1e-9);
        for (const f of a.found) expect(ARRIVAL_FINDINGS).toContain(f.code);
      },
    ),
  );
});

import fc from "fast-check";
import { PLACE_KINDS } from "../climate/index";
import { isOutdoors, PLACE_AIR, SHELTERS, USUAL_SHELTER } from "../place/index";
import { airOf, floorM2, placeBuildSchema, UNKNOWN_BUILD } from "./index";

test("air of a place: read before said, said before its type, its type before what it is like", () => {
  const nights = { climate: { offsetC: 3, damping: 0.4 }, nights: 20 };
  const cellar = { ...UNKNOWN_BUILD, shelter: "cellar" as const };
  expect(airOf("unheated", UNKNOWN_BUILD, null)).toMatchObject({ basis: "guess", air: PLACE_AIR.glasshouse });
  expect(airOf("unheated", cellar, null)).toMatchObject({ basis: "type", air: PLACE_AIR.cellar, light: 0 });
  expect(airOf("unheated", cellar, nights)).toMatchObject({ basis: "read", air: { hold: 0.4, addedC: 3, tauH: 0 } });
  expect(airOf("unheated", cellar, { ...nights, nights: null }).basis).toBe("said");
});

test("air learned from hours holds for the type it was learned as; another type has the nights that were read", () => {
  const air = { as: "shed", tauH: 8, hold: 0.3, addedC: 1, gainC: 0.2 } as const;
  const said = { climate: { offsetC: 2, damping: 0.2 }, nights: 40, air };
  const shed = { ...UNKNOWN_BUILD, shelter: "shed" as const, heaterC: 3 };
  expect(airOf("unheated", shed, said)).toMatchObject({
    basis: "read",
    air: { tauH: 8, hold: 0.3, addedC: 1, anchorC: "soil", floorC: 3 },
  });
  expect(airOf("unheated", { ...shed, shelter: "garage" }, said).air).toMatchObject({ tauH: 0, hold: 0.2, addedC: 2 });
});

test("nights read out of doors are its nights only", () => {
  const said = { climate: { offsetC: -2, damping: 0 }, nights: null };
  expect(airOf("open", UNKNOWN_BUILD, said).air).toMatchObject({ addedC: 0, nightAddedC: -2 });
});

test("what was built goes before the type: light, heater, vents", () => {
  const built = { ...UNKNOWN_BUILD, shelter: "shed" as const, light: 2 as const, heaterC: 4, ventC: 18 };
  expect(airOf("unheated", built, null)).toMatchObject({ light: 2, air: { floorC: 4, ventC: 18 } });
  // A heated porch keeps its own floor where nobody says otherwise.
  expect(airOf("frost-free", UNKNOWN_BUILD, null).air.floorC).toBe(PLACE_AIR.porch.floorC);
});

test("every kind of place has a shelter, outdoors and in, and floors are known only when both sides are", () => {
  for (const kind of PLACE_KINDS) {
    const shelter = USUAL_SHELTER[kind];
    expect(SHELTERS).toContain(shelter);
    expect(PLACE_AIR[shelter].outdoors).toBe(isOutdoors(kind));
  }
  expect(floorM2(UNKNOWN_BUILD)).toBeNull();
  expect(floorM2({ ...UNKNOWN_BUILD, lengthM: 4 })).toBeNull();
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 500, noNaN: true }),
      fc.double({ min: 0.2, max: 500, noNaN: true }),
      (l, w) => {
        const build = placeBuildSchema.parse({ ...UNKNOWN_BUILD, lengthM: l, widthM: w });
        expect(floorM2(build)).toBeCloseTo(l * w, 9);
      },
    ),
  );
  expect(placeBuildSchema.safeParse({ ...UNKNOWN_BUILD, steps: -1 }).success).toBe(false);
  expect(placeBuildSchema.safeParse({ ...UNKNOWN_BUILD, light: 5 }).success).toBe(false);
});

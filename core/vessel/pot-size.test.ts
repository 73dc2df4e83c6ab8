import { readPotSize } from "./index";

test.each([
  ["#5", "nominal", "#5"],
  ["no. 5", "nominal", "#5"],
  ["5 gal", "nominal", "#5"],
  ["15 gallon", "nominal", "#15"],
  ["3 pints", "nominal", "3"],
  ["1/2 pint", "nominal", "0.5"],
] as const)("%s is a name, not a measure", (text, known, size) => {
  expect(readPotSize(text, "smooth-plastic", "about")).toMatchObject({ ok: true, pot: { known, size } });
});

test.each([
  ["12 l", 12],
  ["1,200", 1200],
  ["0,5", 0.5],
  ["5 US gal", 18.927],
  ["2 imp gal", 9.092],
] as const)("%s is about so many litres", (text, litres) => {
  expect(readPotSize(text, "smooth-plastic", "about")).toEqual({
    ok: true,
    pot: { known: "about", litres, wall: "smooth-plastic" },
  });
});

test("fabric bags are sold by true gallons; litres on a label are a label", () => {
  expect(readPotSize("7 gal", "fabric", "label")).toEqual({
    ok: true,
    pot: { known: "about", litres: 26.498, wall: "fabric" },
  });
  expect(readPotSize("7.5 L", "glazed", "label")).toEqual({
    ok: true,
    pot: { known: "nominal", system: "litre-label", size: "7.5", wall: "glazed" },
  });
});

test.each([
  ["4 gal", { code: "no-such-class", asked: 4, nearest: ["#3", "#5"] }],
  ["30 gal", { code: "no-such-class", asked: 30, nearest: ["#25"] }],
  ["a big one", { code: "not-a-size" }],
  ["-3", { code: "not-a-size" }],
  ["0", { code: "not-a-size" }],
  ["12 in", { code: "unknown-unit" }],
  ["3 buckets", { code: "unknown-unit" }],
  ["6000", { code: "too-large" }],
])("%s is refused: %j", (text, fault) => {
  expect(readPotSize(text, "smooth-plastic", "about")).toEqual({ ok: false, fault });
});

import { crownFormOf, KINDS } from "./index";

const form = (scientific: string | null, more: Partial<Parameters<typeof crownFormOf>[0]> = {}) =>
  crownFormOf({ scientific, group: "pome", cultivar: null, name: "Tree", miniature: false, ...more });

test.each([
  ["Malus domestica", {}, "spreading"],
  ["Pyrus communis", {}, "upright"],
  ["Citrus × limon", { group: "citrus" }, "standard"],
  ["× Citrofortunella", { group: "citrus" }, "standard"],
  ["Salix babylonica", {}, "weeping"],
  ["Vaccinium corymbosum", {}, "shrub"],
  ["Vitis vinifera", {}, "climber"],
  ["Phoenix canariensis", {}, "palm"],
  ["Cupressus sempervirens", { group: "conifer" }, "columnar"],
  ["Pinus nigra", { group: "conifer" }, "conifer"],
  ["Corylus avellana", {}, "many-stemmed"],
  [null, {}, "spreading"],
  [null, { group: "conifer" }, "conifer"],
  // What its name says goes before its genus, what it is kept as before all.
  ["Malus domestica", { cultivar: "Red Pillar" }, "columnar"],
  ["Pyrus salicifolia", { cultivar: "Pendula" }, "weeping"],
  ["Pyrus communis", { name: "Pear, espalier" }, "trained"],
  ["Pyrus communis", { cultivar: "Pendula", miniature: true }, "miniature"],
] as const)("%s, %j: %s", (scientific, more, wanted) => {
  expect(form(scientific, more)).toBe(wanted);
});

test("no species of the library is left without a form", () => {
  for (const { scientific, values } of KINDS)
    expect(form(scientific, values.group ? { group: values.group } : {})).toMatch(/^[a-z-]+$/);
});

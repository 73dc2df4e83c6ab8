import { potSchema } from "@/core/vessel/index";
import { emptyPotDraft, readPot, type PotDraft } from "./pot-fields";

const draft = (more: Partial<PotDraft>): PotDraft => ({ ...emptyPotDraft, ...more });

test.each([
  [draft({ shape: "round", measures: { topWidthMm: "30 cm", baseWidthMm: "235", heightMm: "27,0 cm" } })],
  [draft({ shape: "square", measures: { topWidthMm: "300", baseWidthMm: "240", heightMm: "400" } })],
  [
    draft({
      shape: "rectangle",
      measures: { topLengthMm: "750", topWidthMm: "700", baseLengthMm: "750", baseWidthMm: "700", heightMm: "600" },
    }),
  ],
  [draft({ shape: "cylinder", measures: { topWidthMm: "12 in", heightMm: "12 in" } })],
  [draft({ shape: "fabric", measures: { topWidthMm: "350", heightMm: "320" } })],
  [draft({ shape: "bag", measures: { flatWidthMm: "150", gussetMm: "150", lengthMm: "300" } })],
  [draft({ known: "nominal", system: "litre-label", size: "7,5" })],
  [draft({ known: "nominal", system: "container-class", size: "#7" })],
  [draft({ known: "about", litres: "5 gal" })],
])("what the form reads the server takes: %j", (d) => {
  const { pot, problems } = readPot(d, "metric");
  expect(problems).toEqual({});
  expect(potSchema.safeParse(pot).success).toBe(true);
});

test.each([
  [draft({ measures: { topWidthMm: "12", baseWidthMm: "200", heightMm: "200" } }), "topWidthMm", /Did you mean cm/],
  [draft({ measures: { topWidthMm: "wide", baseWidthMm: "200", heightMm: "200" } }), "topWidthMm", /Measure it/],
  [draft({ measures: { topWidthMm: "300", baseWidthMm: "200", heightMm: "9 m" } }), "heightMm", /More than 5 m/],
  [draft({ measures: {} }), "heightMm", /Measure it/],
  [
    draft({ shape: "bag", measures: { flatWidthMm: "100", gussetMm: "200", lengthMm: "90" } }),
    "lengthMm",
    /cannot stand/,
  ],
  [draft({ known: "nominal", system: "container-class", size: "" }), "size", /Choose a size/],
  [draft({ known: "nominal", system: "litre-label", size: "big" }), "size", /such as 5/],
  [draft({ known: "about", litres: "-3" }), "litres", /between 0 and 5,000/],
])("what cannot be a pot is told at its field", (d, field, words) => {
  expect(readPot(d, "metric").problems[field]).toMatch(words);
});

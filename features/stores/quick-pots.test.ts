import { readPot } from "./pot-fields";
import { readQuickPots } from "./quick-pots";

test.each([
  [
    "5 × 25/20/22 terracotta 4.50",
    { count: "5", price: "4.50" },
    {
      known: "measured",
      vessel: { shape: "round", wall: "terracotta", topWidthMm: 250, baseWidthMm: 200, heightMm: 220 },
    },
  ],
  [
    "12 square 9/7/10",
    { count: "12", price: "" },
    {
      known: "measured",
      vessel: { shape: "square", wall: "smooth-plastic", topWidthMm: 90, baseWidthMm: 70, heightMm: 100 },
    },
  ],
  [
    "3 x 18 L fabric",
    { count: "3", price: "" },
    { known: "nominal", system: "litre-label", size: "18", wall: "fabric" },
  ],
  ["18 L fabric", { count: "1" }, { known: "nominal", system: "litre-label", size: "18", wall: "fabric" }],
  ["2 × #7", { count: "2" }, { known: "nominal", system: "container-class", size: "#7", wall: "smooth-plastic" }],
  [
    "40/38 glazed",
    { count: "1" },
    { known: "measured", vessel: { shape: "cylinder", wall: "glazed", topWidthMm: 400, heightMm: 380 } },
  ],
  [
    "1 × 450/400/420 mm concrete 80",
    { count: "1", price: "80" },
    {
      known: "measured",
      vessel: { shape: "round", wall: "concrete", topWidthMm: 450, baseWidthMm: 400, heightMm: 420 },
    },
  ],
])("%s", (line, more, pot) => {
  const read = readQuickPots(line);
  expect(read).toMatchObject(more);
  expect(readPot(read!.draft)).toEqual({ pot, problems: {} });
});

test("words that are neither count, size, wall nor price become the name; without a size nothing is read", () => {
  expect(readQuickPots("4 × 30/25/27 rosy terracotta 6")?.name).toBe("rosy");
  expect(readQuickPots("five black ones")).toBeNull();
  expect(readQuickPots("")).toBeNull();
});

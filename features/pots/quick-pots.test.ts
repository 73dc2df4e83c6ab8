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
  if (!read.ok) throw new Error(read.fault);
  expect(read.pots).toMatchObject(more);
  expect(readPot(read.pots.draft, "metric")).toEqual({ pot, problems: {} });
});

const refusal = (line: string) => {
  const read = readQuickPots(line);
  return read.ok ? null : read.fault;
};

test("words that are neither count, size, wall nor price become the name", () => {
  const read = readQuickPots("4 × 30/25/27 rosy terracotta 6");
  expect(read.ok && read.pots.name).toBe("rosy");
});

test.each([
  ["five black ones", /^No size is found/],
  ["", /^No size is found/],
  ["2 × 4 gal", /^There is no #4 pot: the nearest are #3 and #5\. For true gallons write 4 US gal\.$/],
  ["3 × 18 L model 2023b", /^What is “2023b”\?/],
  ["3 × 25/20/22 18 L", /^What is “18”\?/],
])("%j is refused in words", (line, words) => {
  expect(refusal(line)).toMatch(words);
});

const nominal = (system: string, size: string, wall = "smooth-plastic") => ({ known: "nominal", system, size, wall });
const round = (top: number, base: number, height: number) => ({
  known: "measured",
  vessel: { shape: "round", wall: "smooth-plastic", topWidthMm: top, baseWidthMm: base, heightMm: height },
});
test.each([
  ["16/13/14 in", "1", round(406.4, 330.2, 355.6)],
  ['3 × 16/13/14"', "3", round(406.4, 330.2, 355.6)],
  ["90/70/80 mm", "1", round(90, 70, 80)],
  ["10 x 9/7/8 cm", "10", round(90, 70, 80)],
  ["7 gallon", "1", nominal("container-class", "#7")],
  ["4 × 5 gal plastic", "4", nominal("container-class", "#5")],
  ["2 × 7 gallon fabric", "2", { known: "about", litres: 26.498, wall: "fabric" }],
  ["3 US gal", "1", { known: "about", litres: 11.356, wall: "smooth-plastic" }],
  ["40 × 3 pint bags", "40", nominal("pint-bag", "3", "poly-bag")],
  ["12 pints", "1", nominal("pint-bag", "12")],
  ["6 × 7,5 L", "6", nominal("litre-label", "7.5")],
])("%s", (line, count, pot) => {
  const read = readQuickPots(line);
  if (!read.ok) throw new Error(read.fault);
  expect(read.pots.count).toBe(count);
  expect(readPot(read.pots.draft, "metric")).toEqual({ pot, problems: {} });
});

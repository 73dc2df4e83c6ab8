import {
  dateProposals,
  endingNamed,
  numberProposals,
  placeKindNamed,
  type Proposal,
  sizeProposals,
  wordProposals,
} from "./proposals";

const SETTING = { today: "2026-05-15", latitudeDeg: 50 };
const values = (list: Proposal[]) => list.map((p) => (p.code === "ended" ? p.how : p.value));

test("a day within words is found; a doubtful one may be either; what lies ahead is not proposed", () => {
  const days = (text: string) => values(dateProposals(text, SETTING, null));
  expect(days("repotted in spring 2022 or so")).toEqual(["spring 2022"]);
  expect(days("2019 (Tom)")).toEqual(["2019"]);
  expect(days("03/04/2021")).toEqual(["2021-04-03", "2021-03-04"]);
  expect(days("31/04/2021")).toEqual([]);
  expect(days("25/12/2021")).toEqual(["2021-12-25"]);
  expect(days("in 2031")).toEqual([]);
  expect(days("when we moved")).toEqual([]);
  expect(days("never")).toEqual([]);
  expect(dateProposals("Never.", SETTING, "May 2020")).toEqual([{ code: "arrival", value: "May 2020" }]);
});

test("the one number within words, with its unit; of two none is chosen", () => {
  expect(values(numberProposals("about 12 or so"))).toEqual(["12"]);
  expect(values(numberProposals("ca. 30 cm"))).toEqual(["30 cm"]);
  expect(values(numberProposals("2,5"))).toEqual(["2,5"]);
  expect(values(numberProposals("30 by 28"))).toEqual([]);
  expect(values(numberProposals("large"))).toEqual([]);
});

test("a class that does not exist: those beside it, and true gallons", () => {
  expect(values(sizeProposals("#16", { code: "no-such-class", asked: 16, nearest: ["#15", "#20"] }))).toEqual([
    "#15",
    "#20",
    "16 US gal",
  ]);
  expect(values(sizeProposals("about 7 L", { code: "not-a-size" }))).toEqual(["7 L"]);
  expect(values(sizeProposals("big one", { code: "not-a-size" }))).toEqual([]);
});

test("words a column takes that are like the one that stands there", () => {
  const allowed = ["crop", "ornament", "grow-on", "rescue"];
  expect(values(wordProposals("ornamental", allowed))).toEqual(["ornament"]);
  expect(values(wordProposals("Crops", allowed))).toEqual(["crop"]);
  expect(values(wordProposals("Grow on", allowed))).toEqual(["grow-on"]);
  expect(values(wordProposals("spinach", allowed))).toEqual([]);
});

test.each([
  ["dead", "died"],
  ["†", "died"],
  ["Sold.", "sold"],
  ["given away", "given"],
  ["planted-out", "planted-out"],
  ["gone", "lost"],
  ["binned", "scrapped"],
  ["alive", null],
  ["dead wood cut", null],
] as const)("“%s” ends a tree as %s", (text, how) => {
  expect(endingNamed(text)).toBe(how);
});

test.each([
  ["Greenhouse", "frost-free"],
  ["Old cellar", "frost-free"],
  ["Garage left", "unheated"],
  ["Kitchen sill", "heated"],
  ["South wall", "sheltered"],
  ["Roof", null],
] as const)("a place called %s is %s", (name, kind) => {
  expect(placeKindNamed(name)).toBe(kind);
});

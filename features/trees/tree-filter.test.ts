import type { YardRow } from "@/model/index";
import { asksFor, inGroups, inOrder, isFiltered, missingOf, NO_FILTER, type TreeFilter } from "./tree-filter";
import { filterOf, groupOf, treesAsked } from "./use-tree-filter";

const ON = "2026-12-01";
const headline = (code: "do-by" | "not-due") => ({ code }) as YardRow["headline"];
const row = (more: Partial<YardRow> = {}): YardRow => ({
  id: "a",
  tag: "LM-2",
  tagLost: false,
  name: "Lemon",
  cultivar: "Meyér",
  count: 1,
  placeId: "p1",
  vessel: { shape: "cylinder", topWidthMm: 200, heightMm: 200 },
  fillHeightMm: 180,
  guessed: false,
  volumeL: 5,
  fill: 0.5,
  ripe: null,
  dueOn: "2026-12-31",
  headline: headline("do-by"),
  pressDays: null,
  health: "well",
  form: "spreading",
  heightMm: 1200,
  heightGuessed: false,
  pottedOn: "2024-04-01",
  checkedOn: "2025-04-01",
  ...more,
});
const asks = (filter: Partial<TreeFilter>, more: Partial<YardRow> = {}) =>
  asksFor({ ...NO_FILTER, ...filter }, row(more), ON);

test.each<[Partial<TreeFilter>, Partial<YardRow>, boolean]>([
  [{}, {}, true],
  [{ text: "lm" }, {}, true],
  [{ text: "meyer  lemon" }, {}, true],
  [{ text: "lemon orange" }, {}, false],
  [{ place: "p1" }, {}, true],
  [{ place: "p2" }, {}, false],
  [{ place: "none" }, {}, false],
  [{ place: "none" }, { placeId: null }, true],
  [{ species: "Lemon" }, {}, true],
  [{ species: "Lem" }, {}, false],
  [{ status: "do-by" }, {}, true],
  [{ status: "not-due" }, {}, false],
  [{ status: "not-due" }, { headline: null }, false],
  // 31 December is thirty days off: within the month, one day later is not.
  [{ due: "month" }, {}, true],
  [{ due: "month" }, { dueOn: "2027-01-01" }, false],
  [{ due: "now" }, { dueOn: ON }, true],
  [{ due: "now" }, {}, false],
  [{ due: "year" }, { dueOn: null }, false],
  // A size begins with its first figure and ends before its last.
  [{ pot: "small" }, {}, false],
  [{ pot: "small" }, { volumeL: 4.99 }, true],
  [{ pot: "medium" }, {}, true],
  [{ pot: "medium" }, { volumeL: 15 }, false],
  [{ pot: "large" }, { volumeL: 39.9 }, true],
  [{ pot: "huge" }, { volumeL: 40 }, true],
  [{ health: "well" }, {}, true],
  [{ health: "sick" }, {}, false],
  [{ missing: "any" }, {}, false],
  [{ missing: "any" }, { checkedOn: null }, true],
  [{ missing: "pot" }, { guessed: true }, true],
  [{ missing: "place" }, { checkedOn: null }, false],
  [{ place: "p1", text: "lm", status: "not-due" }, {}, false],
])("%j of %j: %s", (filter, more, wanted) => {
  expect(asks(filter, more)).toBe(wanted);
});

test("what nobody has said of a tree", () => {
  expect(missingOf(row())).toEqual([]);
  const bare = row({ vessel: null, placeId: null, pottedOn: null, checkedOn: null });
  expect(missingOf(bare)).toEqual(["pot", "place", "potted", "check"]);
});

test("a filter of blanks is none", () => {
  expect([NO_FILTER, { ...NO_FILTER, text: " " }, { ...NO_FILTER, pot: "huge" as const }].map(isFiltered)).toEqual([
    false,
    false,
    true,
  ]);
});

const three = [
  row({ tag: "T-10", name: "Olive", volumeL: 7, fill: 0.2, dueOn: null, placeId: null, headline: headline("not-due") }),
  row({ tag: "T-9", name: "fig", volumeL: 30, fill: 0.9, dueOn: "2027-05-01" }),
  row({ tag: "t-1", name: "Olive", volumeL: 7, fill: 0.5, dueOn: "2026-12-01" }),
];
const tags = (rows: readonly YardRow[]) => rows.map((r) => r.tag);

test.each([
  ["urgency", ["T-10", "T-9", "t-1"]],
  ["tag", ["t-1", "T-9", "T-10"]],
  ["species", ["T-9", "t-1", "T-10"]],
  ["pot", ["T-10", "t-1", "T-9"]],
  ["fill", ["T-9", "t-1", "T-10"]],
  ["due", ["t-1", "T-9", "T-10"]],
] as const)("in order of %s", (sort, wanted) => {
  expect(tags(inOrder(three, sort))).toEqual(wanted);
  expect(tags(three)).toEqual(["T-10", "T-9", "t-1"]);
});

test.each([
  ["none", [[null, ["T-10", "T-9", "t-1"]]]],
  [
    "place",
    [
      ["none", ["T-10"]],
      ["p1", ["T-9", "t-1"]],
    ],
  ],
  [
    "species",
    [
      ["Olive", ["T-10", "t-1"]],
      ["fig", ["T-9"]],
    ],
  ],
  [
    "status",
    [
      ["not-due", ["T-10"]],
      ["do-by", ["T-9", "t-1"]],
    ],
  ],
] as const)("in groups by %s, in the order of their first trees", (group, wanted) => {
  expect(inGroups(three, group).map(({ key, rows }) => [key, tags(rows)])).toEqual(wanted);
});

test("an address that asks for what there is not asks for nothing", () => {
  const usual = { ...NO_FILTER, sort: "urgency", group: "auto", view: "pictures" };
  expect(treesAsked.parse({})).toEqual(usual);
  const odd = {
    status: "dying",
    due: "tomorrow",
    pot: "9",
    health: "?",
    missing: "all",
    sort: "x",
    group: "y",
    view: "z",
  };
  expect(treesAsked.parse({ ...odd, text: "a".repeat(121) })).toEqual(usual);
  const asked = treesAsked.parse({ status: "do-by", group: "species", view: "rows", text: "fig" });
  expect(filterOf(asked)).toEqual({ ...NO_FILTER, status: "do-by", text: "fig" });
  expect([groupOf(asked, 800), groupOf(treesAsked.parse({}), 60), groupOf(treesAsked.parse({}), 61)]).toEqual([
    "species",
    "none",
    "place",
  ]);
});

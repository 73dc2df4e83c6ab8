import { todayList } from "@/core/today/index";
import type { ShownMove, ShownRound } from "@/features/winter/moves-data";
import { todayTitle } from "@/words/today";
import { moveItems } from "./moves";

const TREES = { a: "11111111-1111-4111-8111-111111111111", b: "22222222-2222-4222-8222-222222222222" };

const move = (treeId: string, tag: string, over: Partial<ShownMove> = {}): ShownMove => ({
  id: treeId,
  treeIds: [treeId],
  tag,
  name: "Fig",
  plants: 1,
  direction: "in",
  from: "South wall",
  to: "Cellar",
  toId: "cellar",
  day: "2026-11-20",
  middle: null,
  why: "roots",
  inBelowC: null,
  bringInNightC: null,
  soon: [],
  eachKg: 24,
  massKg: 24,
  massGuessed: false,
  by: "alone",
  people: 1,
  minutes: 4,
  kgM: 200,
  steps: 0,
  nightsAfter: 0,
  stages: [],
  ...over,
});

const round = (day: string, moves: ShownMove[]): ShownRound => ({
  ...{ day, moves, minutes: 0, have: null, kg: 0, kgM: 0, loads: [] },
});

const at = (id: string) => (id === TREES.a || id === TREES.b ? "wall" : null);

test("a round is one row: its day, the night that ends it, minutes added, the heaviest named", () => {
  const items = moveItems(
    {
      winter: 2026,
      in: [
        round("2026-11-14", [move(TREES.a, "A"), move(TREES.b, "B", { day: "2026-11-25", eachKg: 61, minutes: 9 })]),
      ],
      out: [],
    },
    at,
    "2026-11-10",
  );
  expect(items.map(({ id, from, to, placeId }) => [id, from, to, placeId])).toEqual([
    [`${TREES.a}:move:in:2026`, "2026-11-14", "2026-11-20", "wall"],
    [`${TREES.b}:move:in:2026`, "2026-11-14", "2026-11-25", "wall"],
  ]);
  const [row, ...rest] = todayList(items, new Map(), "2026-11-10").groups.week.flatMap((r) => r.rows);
  expect(rest).toEqual([]);
  expect([row.count, row.minutes, row.massKg, row.from, row.to]).toEqual([2, 13, 61, "2026-11-14", "2026-11-20"]);
  expect(todayTitle(row.what)).toBe("Carry in: Cellar");
});

test("two places are two rows; a move out lasts two weeks; what lies further than sixty days ahead waits in the moving plan", () => {
  const out = (tag: string, id: string, toId: string) => move(id, tag, { direction: "out", toId, to: toId });
  const items = moveItems(
    {
      winter: 2025,
      in: [round("2026-07-10", [move(TREES.a, "A")])],
      out: [
        round("2026-07-09", [out("A", TREES.a, "wall"), out("B", TREES.b, "roof")]),
        round("2026-07-10", [out("A", TREES.a, "wall")]),
      ],
    },
    at,
    "2026-05-10",
  );
  expect(items.map(({ tag, from, to }) => [tag, from, to])).toEqual([
    ["A", "2026-07-09", "2026-07-23"],
    ["B", "2026-07-09", "2026-07-23"],
  ]);
  const rows = todayList(items, new Map(), "2026-05-10").groups.later.flatMap((r) => r.rows);
  expect(rows.map((row) => todayTitle(row.what)).sort()).toEqual(["Carry out: roof", "Carry out: wall"]);
});

test("a night that should have been met already ends on the round's own day", () => {
  const [item] = moveItems(
    { winter: 2026, in: [round("2026-11-30", [move(TREES.a, "A")])], out: [] },
    at,
    "2026-11-30",
  );
  expect([item.from, item.to]).toEqual(["2026-11-30", "2026-11-30"]);
});

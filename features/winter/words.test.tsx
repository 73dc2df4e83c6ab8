import { renderToStaticMarkup } from "react-dom/server";
import {
  indoorHome,
  type Obstacle,
  OUTSIDE,
  type PlacedPlan,
  type Quarter,
  type Standing,
  UNPROTECTED,
} from "@/core/shelter/index";
import { UNKNOWN_BUILD } from "@/core/winter/index";
import { FloorPlan, type FloorPlanProps } from "./floor-plan";
import { roundWords, triggerOf, whenWords } from "./move-words";
import type { ShownMove, ShownRound } from "./moves-data";
import { brokenWords, proofWords, summary, usedWords } from "@/words/layout-plan";
import { tonightWords } from "./watch-words";
import { Misfits } from "./misfits";
import { fateOf, lossWords, obstacleWords, partWords, stepWords, winterWords } from "@/words/layout";

const standing = (id: string, more: Partial<Standing> = {}): Standing => ({
  id,
  treeIds: [id],
  tag: id.toUpperCase(),
  name: "Fig",
  plants: 1,
  evergreen: false,
  need: "dark",
  volumeL: 10,
  widthM: 0.5,
  potM: 0.5,
  crownM: null,
  throughM: 0.4,
  heightM: 1.4,
  eachKg: 12,
  massKg: 12,
  massGuessed: false,
  anchored: false,
  homeId: null,
  nowId: null,
  lastWinterId: null,
  lastWinterKnown: false,
  group: null,
  protection: UNPROTECTED,
  inBelowC: null,
  bringInNightC: null,
  ...more,
});

test("winters by their years, fates by the risk taken, losses without false zeros", () => {
  expect(winterWords(2027, false)).toBe("winter 2026/27");
  expect(winterWords(2027, true)).toBe("winter 2027");
  expect([0.02, 0.05, 0.08, 0.1, 0.11].map((loss) => fateOf(loss, 0.1))).toEqual([
    "holds",
    "holds",
    "doubt",
    "doubt",
    "danger",
  ]);
  expect(lossWords(0.004)).toBe("under 1 %");
  expect(lossWords(0.123)).toBe("12 %");
  expect(lossWords(0.951)).toBe("nearly all");
  expect([stepWords(1), stepWords(3)]).toEqual(["1 step", "3 steps"]);
  expect(partWords({ loss: 40, light: 0.2, chill: 0, pot: 0, effort: 3, change: 0 })).toBe(
    "what it may lose 40, carrying 3",
  );
  expect(partWords({ loss: 0.1, light: 0, chill: 0, pot: 0, effort: 0.2, change: 0 })).toBe("next to nothing");
});

test("every obstacle names the place, the measure and a way out, in the grower's units", () => {
  const say = (why: Obstacle["why"], over: number, units: "metric" | "us" = "metric") =>
    obstacleWords({ placeId: "p", why, over, gain: 9 }, "Glass", standing("a"), units);
  expect(say("height", 0.4)).toMatch(/^Glass: 0\.4 m too tall .*crown/);
  expect(say("door", 0.12)).toMatch(/0\.12 m wider than the door/);
  expect(say("door", 0.3048, "us")).toContain("1 ft wider");
  expect(say("lift", 8)).toMatch(/8 kg more than people carry.*hoist/);
  expect(say("floor", 30)).toContain("30 kg more than the floor");
  expect(say("full", 0.25)).toContain("0.25 m² more floor");
  expect(say("full", 0)).toBe("Glass would keep it better and has floor left.");
  const wide = { ...standing("a"), crownM: 1.5, widthM: 1.2, throughM: 0.9 };
  expect(obstacleWords({ placeId: "p", why: "door", over: 0.1, gain: 9 }, "Glass", wide, "metric")).toMatch(
    /its crown, tied in, is 0\.1 m wider than the door/,
  );
  expect(say("area", 1)).toContain("0.5 m of floor");
});

const move = (more: Partial<ShownMove> = {}): ShownMove => ({
  id: "a",
  treeIds: ["a"],
  tag: "A",
  name: "Fig",
  plants: 1,
  direction: "in",
  from: "Terrace",
  to: "Glass",
  toId: "glass",
  day: "2026-11-05",
  middle: "2026-11-20",
  why: "wood",
  inBelowC: null,
  bringInNightC: null,
  soon: [],
  eachKg: 12,
  massKg: 12,
  massGuessed: false,
  by: "alone",
  people: 1,
  minutes: 4,
  kgM: 240,
  steps: 0,
  nightsAfter: 0,
  stages: [],
  ...more,
});

test("when a pot moves, in one line: before which night and how sure, or after which", () => {
  const say = (more: Partial<ShownMove>) => whenWords(move(more), "2026-10-01", "metric");
  expect(say({})).toBe("by 5 Nov, before frost for its wood (one winter in ten; middle winter 20 Nov)");
  expect(say({ why: "roots", middle: null })).toContain(
    "frost for its roots (one winter in ten; in most winters never)",
  );
  expect(say({ why: "word", inBelowC: 3 })).toContain("the first night below 3 °C, your word");
  expect(say({ why: "kind", bringInNightC: -2 })).toContain(
    "the first night of -2 °C, when its species is usually brought in",
  );
  expect(say({ why: "no-hurry" })).toBe("by 5 Nov: no night here harms it in one winter of ten");
  expect(say({ why: "between" })).toContain("in winter quarters already");
  expect(say({ direction: "out", why: "swell", middle: "2026-11-05" })).toBe(
    "from 5 Nov, after the frosts its roots fear, as its buds swell",
  );
  expect(say({ direction: "out", why: "frost" })).toMatch(/middle year 20 Nov.*last night that would harm it/);
});

test("the trigger is the first day by which the risk is passed; rounds say who carries what", () => {
  expect(triggerOf(move({ soon: [0.02, 0.08, 0.3, 0.5] }), "2026-10-30", 0.1)).toEqual({
    on: "2026-11-01",
    chance: 0.3,
  });
  expect(triggerOf(move({ soon: [0, 0] }), "2026-10-30", 0.1)).toBeNull();
  const round: ShownRound = {
    day: "2026-11-01",
    moves: [
      move(),
      move({ id: "b", by: "pair" }),
      move({ id: "c", by: "truck", plants: 30 }),
      move({ id: "d", by: "nobody" }),
    ],
    minutes: 40,
    have: 120,
    kg: 300,
    kgM: 900,
    loads: [],
  };
  expect(roundWords(round)).toBe(
    "33 pots, 300 kg, 40 person-minutes of 120, 1 lift for two, 1 on the sack truck, 1 nobody here can carry",
  );
  expect(roundWords({ ...round, moves: [move()], have: null })).toBe("1 pot, 300 kg, 40 person-minutes");
});

test("the plan in a sentence, its proof, and what is broken by name", () => {
  const say = (v: Partial<Parameters<typeof summary>[0]>) =>
    summary({ as: "kept", inside: 3, all: 5, danger: 0, calculated: true, ...v });
  expect(say({})).toBe("As planned: 3 of 5 pots in winter quarters, none of them in danger.");
  expect(say({ as: "now", calculated: false })).toMatch(/^As they stand today: .*not been calculated yet/);
  expect(say({ all: 0 })).toMatch(/No tree has a pot yet/);
  const plan = (more: Partial<PlacedPlan>): PlacedPlan => ({
    assignment: {},
    spots: {},
    cost: 100,
    boundCost: 99.9,
    rounds: 1,
    ...more,
  });
  expect(proofWords(100, { plan: plan({}), quickCost: 120 })).toBe(
    "100 points. At most half a per cent above the best there can be. The quick answer was 20 % dearer.",
  );
  expect(proofWords(100, { plan: plan({ boundCost: 90 }), quickCost: 100 })).toContain("At most 10 %");
  expect(proofWords(100, { plan: plan({ boundCost: null }), quickCost: 100 })).toMatch(/found nothing in its time/);
  const byId = new Map([["a", standing("a")]]);
  expect(brokenWords(["a: door", "glass: area", "glass: mass"], byId, () => "Glass")).toBe(
    "A does not get through the door; Glass is overfull; Glass is loaded more than its floor bears. Place them anew.",
  );
  const build = { ...UNKNOWN_BUILD, lengthM: 2, widthM: 1 };
  expect(usedWords(build, [standing("a")], { assignment: { a: "glass" } }, "glass", "metric")).toBe(
    "1 pot, 10 % of its floor, 12 kg",
  );
  expect(usedWords(build, [], { assignment: {} }, "glass", "us")).toBe("empty");
});

test("tonight in a sentence, honest about where it comes from", () => {
  const nights = [
    { day: "2026-11-27", minC: -2, forecast: true },
    { day: "2026-11-28", minC: -6.4, forecast: true },
  ];
  expect(tonightWords({ nights, cold: [] }, "metric", "2026-11-27")).toBe(
    "The coldest of the coming three nights has -6 °C (28 Nov): every pot is safe where it stands.",
  );
  const usual = nights.map((n) => ({ ...n, forecast: false }));
  expect(tonightWords({ nights: usual, cold: [{} as never, {} as never] }, "metric", "2026-11-27")).toMatch(
    /^As usual at this time, the coldest .*: 2 pots are at risk/,
  );
});

const glass: Quarter = {
  id: "glass",
  name: "Glass",
  kind: "unheated",
  build: { ...UNKNOWN_BUILD, lengthM: 3, widthM: 2, doorM: 0.8, steps: 4 },
  light: 3,
};
const props: FloorPlanProps = {
  places: [{ quarter: glass, used: "1 pot" }],
  standings: [standing("a"), standing("b"), standing("c", { plants: 400, widthM: 6, massKg: 900 })],
  assignment: { a: "glass" },
  spots: { a: { xM: 0.5, yM: 0.5 } },
  fate: (s) => (s.id === "b" ? "danger" : s.id === "a" ? "holds" : null),
  selected: "a",
  pxPerM: 100,
  units: "metric",
  onSelect: () => undefined,
  onPlace: () => undefined,
  onOver: () => undefined,
  onDrop: () => undefined,
  onResize: () => undefined,
};

test("the plan from above: to scale, each pot named in words, what waits outside beside it, nothing undefined", () => {
  const html = renderToStaticMarkup(<FloorPlan {...props} />);
  expect(html).not.toMatch(/NaN|undefined|Infinity/);
  expect(html).toContain('aria-label="A, Fig, 12 kg, safe"');
  expect(html).toContain('aria-label="B, Fig, 12 kg, in danger"');
  expect(html).toContain('aria-label="C, Fig, 400 plants, 900 kg"');
  expect(html).toContain("3 m × 2 m");
  expect(html).toContain("4 steps");
  // Half a metre at a hundred pixels a metre, its middle half a metre from the walls.
  expect(html).toMatch(/data-pot="A"[^>]*style="position:absolute;left:35px;top:35px;width:50px;height:50px/);
  // A batch of hundreds off the floor stays in sight.
  expect(html).toMatch(/data-pot="C"[^>]*style="width:84px/);
  expect(html).toContain("Door of Glass: shift it along the wall");
  expect(html).toContain(`data-place="${OUTSIDE}"`);
});

test("a place nobody has measured still takes pots, and says so", () => {
  const bare = { ...glass, build: UNKNOWN_BUILD };
  const html = renderToStaticMarkup(<FloorPlan {...props} places={[{ quarter: bare, used: "1 pot" }]} />);
  expect(html).toContain("not measured");
  expect(html).not.toContain("Corner of Glass");
  expect(html).toContain('data-pot="A"');
});

test("what is at home indoors all year is not outside", () => {
  const quarters = [
    { id: "room", kind: "heated" },
    { id: "yard", kind: "open" },
    { id: "porch", kind: "sheltered" },
  ] as const;
  const home = (homeId: string | null) => indoorHome({ homeId }, quarters)?.id ?? null;
  expect([home("room"), home("yard"), home("porch"), home(null), home("gone")]).toEqual([
    "room",
    null,
    null,
    null,
    null,
  ]);
});

test("before anything is planned a loss is what would come of staying, not a forecast", () => {
  const shown = (planned: boolean) =>
    renderToStaticMarkup(
      <Misfits
        danger={[{ s: standing("a", { anchored: true }), loss: 1 }]}
        obstacle={() => null}
        where={() => "its summer place"}
        planned={planned}
        onSelect={() => undefined}
        collectionId="c"
      />,
    ).replace(/<[^>]+>/g, "");
  expect(shown(false)).toContain("Not safe all winter where they stand today");
  expect(shown(false)).toContain("left there all winter it could lose nearly all.");
  expect(shown(true)).toContain("its summer place: nearly all may be lost.");
});

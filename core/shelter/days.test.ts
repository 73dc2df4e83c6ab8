import { inDays, outDays } from "./days";
import type { SiteWinter } from "./site-winter";
import type { WinterTree } from "./winter-tree";

/** Ten winters of 150 days whose harmful nights are set by hand. Midwinter is day 60, today is its first day. */
const site = { days: 150, midwinter: 60, startDay: 20_000, today: 20_000 } as SiteWinter;
const treeOf = (more: object = {}) =>
  ({ inBelowC: null, habit: { leaf: "evergreen", hardiness: { hMax: -10 } }, ...more }) as unknown as WinterTree;
const winters = (of: (course: number) => Record<number, number>) =>
  Array.from({ length: 10 }, (_, c) => {
    const days = new Float32Array(site.days);
    for (const [day, value] of Object.entries(of(c))) days[Number(day)] = value;
    return days;
  });
const none = winters(() => ({}));
const mild = winters(() => Object.fromEntries(Array.from({ length: 150 }, (_, d) => [d, 5])));
const asked = { site, nights: mild, roots: none, wood: none, shoots: none, risk: 0.1, tree: treeOf() };

test("in: one winter of ten, half of them, and what does the harm", () => {
  // The first harm to the wood falls on day 10 + 2 × the winter's number.
  const wood = winters((c) => ({ [10 + 2 * c]: 0.11 }));
  expect(inDays({ ...asked, wood })).toEqual({
    p10: 10,
    p50: 18,
    share: 1,
    soon: Array<number>(10).fill(0),
    cause: "wood",
  });
  const soon = winters((c) => ({ [c]: 0.5 }));
  expect(inDays({ ...asked, roots: soon })).toMatchObject({
    ...{ p10: 0, p50: 4, share: 1, cause: "roots" },
    soon: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1],
  });
  // Both risks together pass what neither does alone: 1 − .94² = .1164.
  const both = winters(() => ({ 30: 0.06 }));
  expect(inDays({ ...asked, roots: both, wood: both })).toMatchObject({ p10: 30, cause: "wood" });
  // Just below the risk is no harm.
  expect(inDays({ ...asked, wood: winters(() => ({ 30: 0.0999 })) })).toBeNull();
});

test("in: what comes later than forty days after midwinter finds it in, what has passed was lived through", () => {
  const at = (day: number) => inDays({ ...asked, wood: winters(() => ({ [day]: 0.5 })) });
  expect([at(99)?.p10, at(100)]).toEqual([99, null]);
  const later = { ...site, today: site.startDay + 31 };
  const wood = winters(() => ({ 30: 0.5, 50: 0.5 }));
  expect(inDays({ ...asked, site: later, wood })?.p10).toBe(50);
  // In four winters of ten: the one in ten is known, the middle one is not.
  const some = winters((c): Record<number, number> => (c < 4 ? { 20: 0.5 } : {}));
  expect(inDays({ ...asked, wood: some })).toMatchObject({ p10: 20, p50: null, share: 0.4 });
});

test("in: the grower's own word is a night, whatever it would kill", () => {
  const nights = mild.map((w) => w.slice());
  nights.forEach((w, c) => (w[12 + c] = 3));
  expect(inDays({ ...asked, nights, tree: treeOf({ inBelowC: 3 }) })).toMatchObject({
    p10: 12,
    p50: 16,
    cause: "word",
  });
});

test("out: the day after the last harm, and not before twenty-five days after midwinter", () => {
  const shoots = winters((c) => ({ [100 + c]: 0.2 }));
  const out = outDays({ ...asked, shoots, swell: Array<number>(10).fill(95) });
  // The last harm falls on day 100 … 109: out on 101 … 110; the fifth and the ninth of ten.
  expect(out).toEqual({ p50: 105, p90: 109, bySwell: false, nightsAfter: 0.1 });
  expect(outDays({ ...asked, roots: winters((c) => ({ [100 + c]: 0.2 })), swell: [] })).toMatchObject({
    p50: 105,
    p90: 109,
  });
  expect(outDays({ ...asked, wood: winters(() => ({ 70: 0.2 })), swell: [] })).toMatchObject({ p50: 85, p90: 85 });
  const nights = mild.map((w) => w.slice());
  nights.forEach((w) => (w[120] = 2));
  expect(outDays({ ...asked, nights, tree: treeOf({ inBelowC: 2 }), swell: [] })).toMatchObject({ p50: 121, p90: 121 });
});

test("out: hardy deciduous trees go as their buds swell, frost on the crown or not; their roots are waited for", () => {
  const hardy = treeOf({ habit: { leaf: "deciduous", hardiness: { hMax: -15 } } });
  const shoots = winters(() => ({ 120: 0.2 }));
  const swell = Array<number>(10).fill(95);
  expect(outDays({ ...asked, tree: hardy, shoots, swell })).toEqual({
    p50: 95,
    p90: 95,
    bySwell: true,
    nightsAfter: 1,
  });
  const roots = winters(() => ({ 98: 0.2 }));
  expect(outDays({ ...asked, tree: hardy, shoots, roots, swell })).toMatchObject({ p50: 99, bySwell: true });
  // A crown that is safe earlier than its buds does not wait for them.
  expect(outDays({ ...asked, tree: hardy, shoots: winters(() => ({ 89: 0.2 })), swell })).toMatchObject({
    p50: 90,
    bySwell: false,
  });
  const tender = treeOf({ habit: { leaf: "deciduous", hardiness: { hMax: -14 } } });
  expect(outDays({ ...asked, tree: tender, shoots, swell })).toMatchObject({ p50: 121, bySwell: false });
});

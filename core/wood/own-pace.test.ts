import { normalsFromAnswers } from "../atlas/index";
import fc from "fast-check";
import { buildSite, SEASON_LEAD_DAYS } from "../climate/index";
import { toDay } from "../dates/index";
import {
  checkLikelihood,
  type Feed,
  FEED_FORMS,
  HABIT_PARAMETERS,
  HABITS,
  hardinessSeries,
  NO_CARE,
  nightRisk,
  PRIOR_SHIFT,
  residualNitrogen,
  ripeFrom,
  ripeness,
  ripeOn,
  runWoodSeason,
  shiftFromChecks,
  tipRipeness,
  type WoodCheck,
  woodMembers,
} from "./index";

const answers = {
  latitudeDeg: 48.3,
  longitudeDeg: 11.9,
  elevationM: 540,
  coldestNightC: -16,
  lastSpringFrost: "05-01",
  firstAutumnFrost: "10-12",
};
const site = buildSite({
  latitudeDeg: 48.3,
  normals: normalsFromAnswers(answers),
  record: null,
  today: toDay("2026-05-15"),
  seed: 7,
  historyFrom: toDay("2022-01-01"),
});
const { slices, observedUntil } = site.season(2026);
const apple = HABIT_PARAMETERS["apple-like"];
const fig = HABIT_PARAMETERS["fig-like"];
const start = slices[0].startDay;
const late = toDay("2026-08-20");
const mean = (b: { shifts: readonly number[]; weights: readonly number[] }) =>
  b.shifts.reduce((s, v, i) => s + v * b.weights[i], 0);

test("nitrogen falls off by its kind and never counts for more than a full dose", () => {
  const feed = (form: Feed["form"]): Feed => ({ on: 1000, form, strength: 1 });
  expect(residualNitrogen([feed("quick")], 999)).toBe(0);
  expect(residualNitrogen([feed("quick")], 1015)).toBeCloseTo(Math.exp(-1));
  expect(residualNitrogen(FEED_FORMS.map(feed), 1000)).toBe(1);
  const left = FEED_FORMS.map((form) => residualNitrogen([feed(form)], 1040));
  expect(left).toEqual([...left].sort((a, b) => a - b));
});

test.each(["quick", "organic", "coated"] as const)(
  "a late %s feed ripens the wood later, a strong one more so",
  (form) => {
    const day = (strength: number) => {
      const care = { feeds: strength === 0 ? [] : [{ on: late, form, strength }], wakings: [] };
      return slices
        .slice(0, 12)
        .reduce((s, slice) => s + runWoodSeason(apple, slice, 48.3, 0, care).cessation[SEASON_LEAD_DAYS + 270], 0);
    };
    expect(day(0.5)).toBeLessThan(day(0));
    expect(day(1)).toBeLessThan(day(0.5));
  },
);

test("late work starts tips of their own, which the whole tree's safety hangs on; early work starts none", () => {
  const warm = slices.find((slice) => ripeFrom(apple, runWoodSeason(apple, slice, 48.3, 0.2)) !== null)!;
  const woken = runWoodSeason(apple, warm, 48.3, 0.2, { feeds: [], wakings: [{ on: late, strength: 0.8 }] });
  const left = runWoodSeason(apple, warm, 48.3, 0.2);
  expect(woken.tips).not.toBeNull();
  const at = late - start + 12;
  expect(tipRipeness(apple, woken, at)).toBeLessThan(0.1);
  expect(tipRipeness(apple, left, at)).toBe(ripeness(left.heat[at], apple.h50, apple.n));
  const asleep = runWoodSeason(apple, slices[2], 48.3, 0, {
    feeds: [],
    wakings: [{ on: start + 80, strength: 1 }],
  });
  expect(asleep.tips).toBeNull();
  const [soon, never] = [ripeFrom(apple, left), ripeFrom(apple, woken)];
  expect(soon).not.toBeNull();
  expect(never === null || never > soon!).toBe(true);
});

describe("wood checks", () => {
  test("each sign speaks for the ripeness it stands for", () => {
    expect(checkLikelihood({ bend: "soft" }, 0.1, 0.1)).toBeGreaterThan(checkLikelihood({ bend: "soft" }, 0.8, 0.8));
    expect(checkLikelihood({ bend: "snaps" }, 0.9, 0.9)).toBeGreaterThan(checkLikelihood({ bend: "snaps" }, 0.4, 0.4));
    expect(checkLikelihood({ bend: "stays-bent" }, 0.5, 0.5)).toBeGreaterThan(0.5);
    expect(checkLikelihood({ terminalBud: true }, 0.5, 0.2)).toBeLessThan(0.3);
    expect(checkLikelihood({ leafFall: "all" }, 0.95, 0.95)).toBeGreaterThan(
      checkLikelihood({ leafFall: "all" }, 0.5, 0.5),
    );
    expect(checkLikelihood({}, 0.3, 0.3)).toBe(1);
  });
  const check = (more: Omit<WoodCheck, "on">, on = toDay("2026-09-10")): WoodCheck => ({ on, ...more });
  const after = (checks: WoodCheck[]) => shiftFromChecks(apple, slices, observedUntil, 48.3, NO_CARE, checks);

  test("woody shoots speed the pace, soft ones slow it, more looks narrow it", () => {
    expect(after([])).toBe(PRIOR_SHIFT);
    const [ripe, soft] = [after([check({ woodyShare: 0.95 })]), after([check({ woodyShare: 0.1 })])];
    expect(mean(ripe)).toBeGreaterThan(0.05);
    expect(mean(soft)).toBeLessThan(-0.05);
    const spread = (b: ReturnType<typeof after>) =>
      b.shifts.reduce((s, v, i) => s + b.weights[i] * (v - mean(b)) ** 2, 0);
    expect(spread(ripe)).toBeLessThan(spread(PRIOR_SHIFT));
    expect(ripe.weights.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });

  test("one weather known: in turn or all at once give the same belief", () => {
    const [a, b] = [check({ woodyShare: 0.6 }), check({ bend: "stays-bent" }, toDay("2026-09-20"))];
    const all = shiftFromChecks(apple, slices, Infinity, 48.3, NO_CARE, [a, b]);
    const first = shiftFromChecks(apple, slices, Infinity, 48.3, NO_CARE, [a]);
    const second = shiftFromChecks(apple, slices, Infinity, 48.3, NO_CARE, [b]);
    const product = first.weights.map((w, i) => (w * second.weights[i]) / PRIOR_SHIFT.weights[i]);
    const total = product.reduce((x, y) => x + y, 0);
    product.forEach((w, i) => expect(w / total).toBeCloseTo(all.weights[i], 6));
  });

  test("what no pace explains leaves a belief, not a fault", () => {
    const odd = after([check({ woodyShare: 1, bend: "soft", terminalBud: false }, toDay("2026-05-01"))]);
    expect(odd.weights.every((w) => Number.isFinite(w) && w >= 0)).toBe(true);
  });

  test("a tree seen ripe is expected ripe earlier", () => {
    const own = { shift: after([check({ woodyShare: 0.98 }, toDay("2026-08-20"))]), care: NO_CARE };
    const day = (o?: typeof own) => {
      const e = ripeOn(apple, woodMembers(site, 2026, apple, o), start, "typical");
      return "none" in e || e.p50 === null ? Infinity : toDay(e.p50);
    };
    expect(day(own)).toBeLessThan(day());
  });
});

describe.each(HABITS)("hardiness of %s", (habit) => {
  const h = HABIT_PARAMETERS[habit];
  const series = hardinessSeries(site, h, toDay("2026-06-21"), toDay("2027-06-20"));
  const on = (iso: string) => toDay(iso) - series.startDay;

  test("soft in summer, hardest in winter, within the kind's limits, tender no hardier than hardy", () => {
    for (let i = 0; i < series.middleC.length; i++) {
      expect(series.tenderC[i]).toBeGreaterThanOrEqual(series.middleC[i] - 1e-4);
      expect(series.middleC[i]).toBeGreaterThanOrEqual(series.hardyC[i] - 1e-4);
      expect(series.hardyC[i]).toBeGreaterThanOrEqual(h.hardiness.hMax - 1e-4);
      expect(series.tenderC[i]).toBeLessThanOrEqual(h.hardiness.hMin + 1e-4);
    }
    expect(series.middleC[on("2027-01-15")]).toBeLessThan(
      series.middleC[on("2026-08-01")] - 0.2 * (h.hardiness.hMin - h.hardiness.hMax),
    );
    expect(series.softShare[on("2026-07-01")]).toBeGreaterThan(series.softShare[on("2027-01-15")]);
  });

  test("unripe wood cannot harden far: late work costs winter hardiness", () => {
    const own = { shift: PRIOR_SHIFT, care: { feeds: [], wakings: [{ on: toDay("2026-08-25"), strength: 1 }] } };
    const woken = hardinessSeries(site, h, toDay("2027-01-10"), toDay("2027-01-20"), (s) =>
      s === 2026 ? own : undefined,
    );
    expect(woken.middleC[5]).toBeGreaterThanOrEqual(series.middleC[on("2027-01-15")] - 1e-3);
  });
});

test("a night's damage rises with cold and with tenderness; a damped place is spared", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -25, max: 5, noNaN: true }),
      fc.double({ min: 0.5, max: 6, noNaN: true }),
      fc.double({ min: -30, max: -2, noNaN: true }),
      (minC, minErrorC, lt50) => {
        const open = { offsetC: 0, damping: 0 };
        const risk = (c: number, l = lt50, place = open) => nightRisk(fig, { minC: c, minErrorC }, place, l, 0.5);
        expect(risk(minC - 2).wood).toBeGreaterThanOrEqual(risk(minC).wood);
        expect(risk(minC, lt50 + 2).wood).toBeGreaterThanOrEqual(risk(minC).wood);
        expect(risk(minC - 2).shoots).toBeGreaterThanOrEqual(risk(minC).shoots);
        expect(risk(minC, lt50, { offsetC: 20, damping: 0.9 }).wood).toBeLessThanOrEqual(risk(minC).wood + 1e-12);
      },
    ),
  );
});

describe("flowers in a night", () => {
  const h = { ...HABIT_PARAMETERS["apple-like"], bloomDays: [10, 30] as const };
  const [from, to] = ["2027-01-01", "2027-06-30"].map(toDay);
  const members = woodMembers(site, 2027, h);
  const { slices } = site.season(2027);
  /** Counted from the courses themselves. */
  const share = (iso: string, holds: (daysFromBreak: number) => boolean) =>
    members.filter((m) => holds(toDay(iso) - slices[0].startDay - m.wood.budBreak)).length / members.length;

  test("buds wait until bloom, bloom lasts its days, then both are over", () => {
    const series = hardinessSeries(site, h, from, to);
    for (const iso of ["2027-01-15", "2027-04-20", "2027-05-05", "2027-05-20", "2027-06-25"]) {
      const i = toDay(iso) - from;
      expect(series.budShare[i]).toBeCloseTo(
        share(iso, (d) => d < 10),
        6,
      );
      expect(series.openShare[i]).toBeCloseTo(
        share(iso, (d) => d >= 10 && d <= 30),
        6,
      );
    }
    expect(series.budShare[14]).toBe(1);
    expect([series.budShare.at(-1), series.openShare.at(-1)]).toEqual([0, 0]);
  });
  test("without a known bloom there is none", () => {
    const series = hardinessSeries(site, { ...h, bloomDays: null }, from, to);
    expect([...series.openShare, ...series.budShare].every((v) => v === 0)).toBe(true);
  });
  test("each dies at its own frost: half of each where the night's middle is its limit", () => {
    const open = { offsetC: 0, damping: 0 };
    const night = (minC: number, flowers: Parameters<typeof nightRisk>[5]) =>
      nightRisk(h, { minC, minErrorC: 1 }, open, -20, 0, flowers).flowers;
    const both = { budC: -12, bloomC: -2, budShare: 0.4, openShare: 0.6 };
    expect(night(-2, both)).toBeCloseTo(0.6 * 0.5, 6);
    expect(night(-12, both)).toBeCloseTo(0.6 + 0.4 * 0.5, 6);
    expect(night(-12, { ...both, budC: null })).toBeCloseTo(0.6, 6);
    expect(night(-2, { ...both, bloomC: null })).toBeCloseTo(0, 6);
    expect(night(-30, undefined)).toBe(0);
  });
});

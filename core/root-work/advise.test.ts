import fc from "fast-check";
import { ask } from "@/test-support/advice";
import { continental, dayWhen, warm } from "@/test-support/season";
import type { CorrectionName } from "../roots/index";
import { profileOf } from "../species/index";
import { type Objection, priceOf } from "./index";

const option = (a: ReturnType<typeof ask>, name: CorrectionName) => a.options.find((o) => o.correction === name)!;
const codes = (list: readonly Objection[]) => list.map((o) => o.code);
const swell = (kindId: string) =>
  dayWhen(
    continental,
    kindId,
    "swelling",
    (f) => f.rootZoneC >= profileOf({ kindId, typedName: null, habit: null }).values.springRootZoneC,
  );

test("at bud swell the grade decides: left whole, loosened, teased, shaved", () => {
  const on = swell("quince");
  const picks = [0, 1, 2, 3].map(
    (circling) => ask(continental, "quince", on, { circling, fill: 0.9 }).pick?.correction,
  );
  expect(picks[0]).toBe("none");
  expect(["none", "loosen"]).toContain(picks[1]);
  expect(picks[2]).toBe("tease-and-clip");
  expect(picks[3]).toBe("shave");
});

test("worked example 1: bound in leaf: whole now, the shave waits for its day, and says what it would cost today", () => {
  const on = dayWhen(continental, "serviceberry", "soft");
  const a = ask(continental, "serviceberry", on, {
    volumeL: 5,
    fill: 0.97,
    circling: 3,
    ball: { widthMm: 205, heightMm: 180 },
    hottestC: 31,
    dry: true,
  });
  expect(["none", "loosen"]).toContain(a.pick?.correction);
  expect(a.lossAllowed).toBeLessThanOrEqual(0.05);
  const shave = option(a, "shave");
  expect(codes(shave.objections)).toEqual(expect.arrayContaining(["window", "share"]));
  expect(shave.rightFrom).toBe("2027-03-20");
  expect(shave.price.loss).toBeGreaterThan(0.24);
  expect(codes(option(a, "wash-bare").objections)).toContain("share");
  expect(a.later?.correction).toBe("shave");
});

test("worked example 3: a rooted fig at bud swell is combed, and its roots hold within weeks", () => {
  const on = dayWhen(warm, "fig", "swelling", (f) => f.rootZoneC >= 8);
  const a = ask(warm, "fig", on, { volumeL: 3, fill: 0.97, circling: 2, ball: { widthMm: 165, heightMm: 155 } });
  expect(["tease-and-clip", "shave"]).toContain(a.pick?.correction);
  expect(a.pick!.hold.days).toBeGreaterThan(7);
  expect(a.pick!.hold.days).toBeLessThan(70);
});

test("sour is not bound: no correction but cutting to live tissue, and a smaller pot", () => {
  const on = swell("quince");
  for (const reading of [
    { firmness: "mushy" as const },
    { smell: "sour" as const },
    { threads: "slimy" as const },
    { liveShare: 0.3 },
  ]) {
    const a = ask(continental, "quince", on, { volumeL: 10, fill: 0.97, circling: 2 }, reading);
    expect(a.sour!.mostL).toBeLessThanOrEqual(12);
    expect(a.sour!.mostL).toBeCloseTo(1.2 * a.sour!.liveShare * 10, 9);
    expect(a.pick).toBeNull();
    expect(a.options.every((o) => codes(o.objections).includes("sour"))).toBe(true);
  }
  // Pale threads that smell of earth are no fault.
  expect(ask(continental, "quince", on, {}, { threads: "pale", smell: "earthy" }).sour).toBeNull();
});

test("conifers, fungus trees and protea kin are never washed, whatever the season", () => {
  for (const kindId of ["pine", "larch", "juniper"])
    for (let d = 0; d < 360; d += 45) {
      const a = ask(continental, kindId, swell("quince") + d, { circling: 4, fill: 0.97 });
      expect(a.pick?.correction).not.toBe("wash-bare");
      expect(codes(option(a, "wash-bare").objections).length).toBeGreaterThan(0);
    }
});

test("a buried flare comes up as far as the roots above it may go today; the rest stays for later pottings", () => {
  const on = dayWhen(continental, "quince", "soft");
  const soft = ask(
    continental,
    "quince",
    on,
    { fill: 0.9, ball: { widthMm: 240, heightMm: 220 } },
    { flareBelowMm: 70 },
  ).flare!;
  expect(soft.loss).toBeGreaterThan(soft.most);
  expect(soft.takeOffMm).toBeLessThan(70);
  expect(soft.takeOffMm + soft.leaveMm).toBe(70);
  const spring = ask(
    continental,
    "quince",
    swell("quince"),
    { fill: 0.9, ball: { widthMm: 240, heightMm: 220 } },
    { flareBelowMm: 70 },
  ).flare!;
  expect(spring.takeOffMm).toBe(70);
  expect(ask(continental, "quince", on, {}, { flareBelowMm: 0 }).flare).toBeNull();
});

test("a girdler that serves more than a third comes out over two seasons", () => {
  const on = swell("quince");
  expect(ask(continental, "quince", on, {}, { girdlerShare: 0.2 }).girdler).toMatchObject({
    now: true,
    twoSeasons: false,
  });
  expect(ask(continental, "quince", on, {}, { girdlerShare: 0.5 }).girdler).toMatchObject({
    now: false,
    twoSeasons: true,
  });
  expect(ask(continental, "quince", on, {}, {}).girdler).toBeNull();
});

test("what is anchored is severed in halves while it is in leaf", () => {
  expect(
    ask(continental, "quince", dayWhen(continental, "quince", "soft"), {}, { anchored: true }).anchored?.halves,
  ).toBe(true);
  expect(ask(continental, "quince", swell("quince"), {}, { anchored: true }).anchored?.halves).toBe(false);
});

test("more loss never costs less, a correction never leaves more turning, and an advice is never a refused one", () => {
  const on = [dayWhen(continental, "quince", "soft"), swell("quince"), swell("quince") + 150];
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 4, noNaN: true }),
      fc.double({ min: 0.05, max: 0.99, noNaN: true }),
      fc.constantFrom(...on),
      (circling, fill, day) => {
        const a = ask(continental, "quince", day, { circling, fill });
        for (const o of a.options) expect(o.price.circlingAfter).toBeLessThanOrEqual(circling + 1e-9);
        if (a.pick) {
          expect(a.pick.objections).toEqual([]);
          expect(a.pick.price.loss).toBeLessThanOrEqual(a.lossAllowed + 1e-9);
        }
      },
    ),
    { numRuns: 12 },
  );
  expect(priceOf("shave", 3, "normal", 0.4).total).toBeGreaterThan(priceOf("shave", 3, "normal", 0.2).total);
});

test("a rule's refusal is told once: by the rule where the window has not said it already", () => {
  const on = swell("quince");
  const washed = option(ask(continental, "pine", on, { circling: 4, fill: 0.97 }), "wash-bare").objections;
  expect(washed.flatMap((o) => (o.code === "rule" ? [[o.finding.rule, o.finding.code]] : []))).toContainEqual([
    "conifer",
    "never-wash",
  ]);
  // In January both the closed window and the rule are against it: the season is said once, what holds all year stays.
  const winter = option(ask(continental, "lemon", on - 70, { circling: 3, fill: 0.97 }), "shave").objections;
  expect(codes(winter)).toContain("window");
  expect(winter.filter((o) => o.code === "rule" && ["too-cold-yet", "frost-ahead"].includes(o.finding.code))).toEqual(
    [],
  );
});

import { KNOWN_SEASON, knownSite, knownYears } from "@/test-support/known-years";
import { toDay } from "../dates/index";
import { quantileOf } from "../math/index";
import { profileOf, sortNamed } from "../species/index";
import { fruitClock, kindDates, type Stage } from "./index";

const STAGE: Record<string, Stage> = {
  "bud-break": "budBreak",
  "green-tip": "budBreak",
  "leaf-out": "leafOut",
  "first-bloom": "firstBloom",
  "full-bloom": "fullBloom",
  ripe: "ripe",
  "leaf-fall": "leafFall",
};

/** Days by which the middle year's date lies after the known one. */
function late(line: Record<string, string>): number {
  const { kindId, sort } = sortNamed(line.kind)!;
  const { parameters } = profileOf({ kindId, typedName: null, habit: null });
  const dated = kindDates(knownSite(line), KNOWN_SEASON, parameters[0], fruitClock(kindId, sort))[STAGE[line.stage]];
  if ("because" in dated) throw new Error(`${line.kind} has no ${line.stage} at ${line.latitudeDeg}: ${dated.because}`);
  const apart = (dated.p50 - toDay(`2027-${line.median}`)) % 365;
  return apart > 182 ? apart - 365 : apart < -182 ? apart + 365 : apart;
}

/** The clocks' constants were fitted to the odd lines; the even ones are strangers to them. */
test("dates of regions the clocks were not fitted to are met", () => {
  const strangers = knownYears("phenology").filter((_, i) => i % 2 === 1);
  const misses = (of: (stage: string) => boolean) => {
    const days = strangers
      .filter((line) => of(line.stage))
      .map((line) => Math.abs(late(line)))
      .sort((a, b) => a - b);
    return { lines: days.length, middle: quantileOf(days, 0.5), nineOfTen: quantileOf(days, 0.9) };
  };
  const all = misses(() => true);
  const waking = misses((stage) => stage !== "ripe" && stage !== "leaf-fall");
  const ripe = misses((stage) => stage === "ripe");
  expect([all.lines, waking.lines, ripe.lines]).toEqual([130, 73, 53]);
  expect(all.middle).toBeLessThanOrEqual(7);
  expect(Math.round(all.nineOfTen)).toBeLessThanOrEqual(16);
  expect(waking.middle).toBeLessThanOrEqual(7);
  expect(waking.nineOfTen).toBeLessThanOrEqual(16);
  // Ripeness differs by sort more than by place: nine of ten within this, not within the 16 days of bloom.
  expect(ripe.middle).toBeLessThanOrEqual(9);
  expect(ripe.nineOfTen).toBeLessThanOrEqual(25);
});

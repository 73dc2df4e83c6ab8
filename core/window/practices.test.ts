import { readFileSync } from "node:fs";
import { KNOWN_SEASON, knownSite, knownYears } from "@/test-support/known-years";
import { midwinterOf, toDay } from "../dates/index";
import { profileOf, sortNamed } from "../species/index";
import { OPEN_FROM, type Operation, suitabilityOn, windowSeries, type WindowSeries } from "./index";

const LEAST_AGREED = 0.85;

const series = new Map<string, WindowSeries>();

/** How well the middle day of a known practice's dates stands with its work, where its kind is grown from coordinates alone. */
function inTheMiddle(line: Record<string, string>): number {
  const { kind, latitudeDeg, longitudeDeg, work, from, to } = line;
  const { kindId } = sortNamed(kind)!;
  const opening = midwinterOf(KNOWN_SEASON, Number(latitudeDeg));
  const key = `${kindId}@${latitudeDeg},${longitudeDeg}:${work}`;
  let found = series.get(key);
  if (!found) {
    const profile = profileOf({ kindId, typedName: null, habit: null });
    found = windowSeries(knownSite(line), profile, work as Operation, KNOWN_SEASON, KNOWN_SEASON + 1);
    series.set(key, found);
  }
  const [first, last] = [from, to].map((monthDay) => toDay(`2027-${monthDay}`));
  const middle = Math.round((first + (last < first ? last + 365 : last)) / 2);
  // The day of the year, in the year after the first weeks of the series.
  const day = opening + 20 + ((((middle - opening - 20) % 365) + 365) % 365);
  return suitabilityOn(found, day)!.suitability;
}

test("windows agree with accepted practice in nine climates; where they do not, the documents say why", () => {
  const lines = knownYears("practices");
  expect(lines).toHaveLength(337);
  const apart = lines
    .filter((line) => (line.strength === "usual") !== inTheMiddle(line) >= OPEN_FROM)
    .map(({ id }) => id);
  const explained = [...readFileSync("docs/practice.md", "utf8").matchAll(/^\| `([a-z]+\d+s?-\d+)` \|/gm)].map(
    (m) => m[1],
  );
  expect(apart.sort()).toEqual(explained.sort());
  expect(1 - apart.length / lines.length).toBeGreaterThanOrEqual(LEAST_AGREED);
});

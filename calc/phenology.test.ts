import { calculate } from "./registry";

const at = (site: object, kind: string, more: object = {}) => calculate("phenology.dates", { site, kind, ...more });
const out = (site: object, kind: string) => {
  const answer = at(site, kind);
  if ("error" in answer) throw new Error(JSON.stringify(answer.error));
  return answer.out as Record<string, { p10: string; p50: string; p90: string } | null> & {
    because: Record<string, string>;
  };
};
const VALLEY = { latitudeDeg: 47.4, longitudeDeg: 8.5, elevationM: 450 };

test("coordinates and height alone make dates in the order of the year, each with its spread", () => {
  const { budBreak, leafOut, firstBloom, fullBloom, ripe, leafFall, because } = out(VALLEY, "apple");
  const middles = [budBreak, leafOut, firstBloom, fullBloom, ripe, leafFall].map((d) => d!.p50);
  expect(middles).toEqual([...middles].sort());
  for (const d of [budBreak, fullBloom, ripe])
    expect([d!.p10, d!.p50, d!.p90]).toEqual([d!.p10, d!.p50, d!.p90].sort());
  expect(because).toEqual({});
});

test("sorts of a kind ripen in their order, two crops of figs in theirs; a name may be written in any way", () => {
  const ripe = (kind: string) => out(VALLEY, kind).ripe!.p50;
  expect(ripe("apple-early") < ripe("apple-mid") && ripe("apple-mid") < ripe("apple-late")).toBe(true);
  expect(out({ latitudeDeg: 37.85, longitudeDeg: 27.85, elevationM: 60 }, "fig-breba").ripe!.p50 < "07-15").toBe(true);
  expect(out(VALLEY, "Late apple")).toEqual(out(VALLEY, "apple-late"));
  expect(out(VALLEY, "cherry-blossom-double").fullBloom).not.toBeNull();
});

test("what has no date says why", () => {
  const island = out({ latitudeDeg: 1.3, longitudeDeg: 103.8, elevationM: 15 }, "lime");
  expect([island.budBreak, island.because.budBreak]).toEqual([
    null,
    "No winter stops it here: it grows in flushes all year.",
  ]);
  expect(out(VALLEY, "oak").because.ripe).toBe("Nobody has timed its fruit.");
  expect(out({ latitudeDeg: 60.2, longitudeDeg: 25, elevationM: 15 }, "pomegranate").because.ripe).toBe(
    "Its fruit does not ripen before the season ends.",
  );
});

test("months that are given go before the guess: a warmer site wakes earlier", () => {
  const months = {
    tminC: [-3, -2, 0, 3, 8, 11, 13, 13, 9, 6, 1, -2],
    tmaxC: [2, 4, 9, 14, 19, 22, 25, 24, 19, 13, 7, 3],
  };
  const warmer = { tminC: months.tminC.map((v) => v + 3), tmaxC: months.tmaxC.map((v) => v + 3) };
  const bloom = (normals: object) => out({ latitudeDeg: 47.4, normals }, "apple").fullBloom!.p50;
  expect(bloom(warmer) < bloom(months)).toBe(true);
  const answered = { ...VALLEY, answers: { coldestNightC: -18, lastSpringFrost: "05-12", firstAutumnFrost: "10-01" } };
  expect(out(answered, "apple").fullBloom!.p50 >= out(VALLEY, "apple").fullBloom!.p50).toBe(true);
});

test.each([
  [{ latitudeDeg: 95, longitudeDeg: 8 }, "apple", "site.latitudeDeg"],
  [{ latitudeDeg: 47 }, "apple", "site.longitudeDeg"],
  [{ ...VALLEY, elevationM: 9000 }, "apple", "site.elevationM"],
  [
    { ...VALLEY, answers: { coldestNightC: 4, lastSpringFrost: "05-01", firstAutumnFrost: "10-01" } },
    "apple",
    "site.answers.coldestNightC",
  ],
  [{ ...VALLEY, answers: { coldestNightC: -7, hotAfternoonC: -5 } }, "apple", "site.answers.hotAfternoonC"],
  [
    { ...VALLEY, normals: { tminC: new Array(12).fill(9), tmaxC: new Array(12).fill(5) } },
    "apple",
    "site.normals.tmaxC.0",
  ],
  [{ ...VALLEY, normals: { tminC: [1], tmaxC: [5] } }, "apple", "site.normals.tminC"],
  [VALLEY, "triffid", "kind"],
])("bad input is told at its path: %j %s", (site, kind, path) => {
  const answer = at(site, kind);
  expect("error" in answer && answer.error.map((e) => e.path)).toContain(path);
});

import { normalsFromAnswers } from "@/core/atlas/index";
import { buildSite, type SiteAnswers } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import { continental } from "@/test-support/season";
import { frostWords, slotWord, sourceWords } from "./climate";

const site = (answers: Partial<SiteAnswers>) => {
  const all = {
    latitudeDeg: 47,
    longitudeDeg: 8,
    elevationM: 450,
    coldestNightC: -14,
    lastSpringFrost: "04-28",
    firstAutumnFrost: "10-18",
    ...answers,
  };
  return buildSite({
    latitudeDeg: all.latitudeDeg,
    normals: normalsFromAnswers(all),
    record: null,
    today: toDay("2026-05-15"),
    seed: 7,
    historyFrom: toDay("2024-01-01"),
  });
};

test("a slot of the frost year is a day of the year, each in its half of the world", () => {
  // The frost year starts in July in the north, in January in the south.
  expect(slotWord(0, 47)).toBe("1 Jul");
  expect(slotWord(0, -41)).toBe("1 Jan");
  expect(slotWord(184, 47)).toBe("1 Jan");
  expect(slotWord(null, 47)).toBeNull();
});

test("both ends of the frost are told with their tail, and that it is a guess", () => {
  const words = frostWords(continental);
  expect(words.last).toMatch(/^Usually by \d+ (Apr|May); 10 % chance of frost after \d+ May\.$/);
  expect(words.first).toMatch(/^Usually not before \d+ (Sept|Oct|Nov); 10 % chance of frost before \d+ (Sept|Oct)\.$/);
  expect(words.plusMinus).toMatch(/^± \d+ days$/);
  expect(words.guess).toBe(true);
  expect(words.source).toBe(sourceWords(continental));
});

test("in the south spring frost ends in October", () => {
  const words = frostWords(
    site({ latitudeDeg: -41, coldestNightC: -4, lastSpringFrost: "10-01", firstAutumnFrost: "05-10" }),
  );
  expect(words.last).toMatch(/(Sept|Oct)/);
  expect(words.first).toMatch(/(May|Jun)/);
});

test("where it never freezes the sentence says so, and where it rarely does it says in how many years", () => {
  const tropics = site({ latitudeDeg: 8, coldestNightC: 17, lastSpringFrost: null, firstAutumnFrost: null });
  const none = frostWords(tropics);
  expect([none.last, none.first]).toEqual(["No spring frost in any year.", "No autumn frost in any year."]);
  expect(none.plusMinus).toBe("");
  // At thresholds that are reached in a year now and then.
  const rare = [-12, -13, -14, -15, -16]
    .map((t) => frostWords(continental, continental.frost(t)))
    .find((w) => w.first.includes("years only"));
  expect(rare?.first).toMatch(/^Frost in \d+ of \d+ years only/);
});

test("where the numbers come from", () => {
  expect(sourceWords({ ...continental, basis: "record", recordYears: 22 })).toContain("22 complete frost years");
  expect(sourceWords({ ...continental, basis: "short-record" })).toContain("too short");
  expect(sourceWords({ ...continental, basis: "table" })).toContain("twelve monthly normals");
});

import type { TreeState, Verdict, VerdictCode } from "@/model/index";
import { LIMITS } from "@/core/window/index";
import {
  countYard,
  verdictDate,
  verdictSentence,
  verdictWord,
  wantedPot,
  windowReason,
  yardSentence,
} from "./sentences";
import { LIMIT_BECAUSE, LIMIT_WORD, potName, VERDICT_WORD } from "./terms";

const band = (p10: number, p50: number, p90: number) => ({ p10, p50, p90, basis: "derived" as const });
const verdict = (code: VerdictCode, more: Partial<Verdict> = {}): Verdict => ({
  code,
  on: "2026-09-01",
  limiting: "wood",
  open: false,
  ...more,
});
const state = (v: Verdict, more: Partial<TreeState> = {}): TreeState => ({
  treeId: "t",
  on: "2026-05-15",
  lotId: null,
  pottedOn: null,
  volumeL: band(5, 5, 5),
  share: 1,
  together: [],
  fill: band(0.2, 0.5, 0.9),
  circling: band(0, 1, 2),
  stage: "knit",
  vigour: band(0.7, 1, 1.4),
  due: { p10: "2026-08-01", p50: "2026-09-01", p90: "2027-06-01", basis: "derived" },
  dueBy: "fill",
  isDue: false,
  mixAgeYears: null,
  mix: null,
  wood: { stage: "soft", ripe: band(0, 0.1, 0.2) },
  window: {
    open: v.open,
    suitability: v.open ? 0.9 : 0.2,
    limiting: v.limiting,
    safe: 0.4,
    period: { from: "2026-09-01", to: "2026-09-20", closedBy: "root-warmth" },
    periods: [],
    mainLimit: v.limiting,
  },
  verdict: v,
  pressDays: 10,
  correction: "none",
  surprise: null,
  ...more,
});

test("where nothing closes the window no last day is told", () => {
  const endless = state(verdict("move-now", { open: true, on: null }));
  endless.window.period = { from: "2026-05-01", to: "2028-05-14", closedBy: "none" };
  expect(verdictSentence(endless, "2026-05-15")).toBe("Due, and the window is open: pot it on at any time.");
  expect(windowReason(endless, "2026-05-15")).toMatch(/^Open\. .*Nothing closes it within two years\.$/);
});

test.each([
  ["unknown", {}, /Nobody knows how full this pot is: somewhere between 20 % and 90 %.*from 1 Sept/],
  ["not-due", {}, /Not due: .* about 1 Sept 2026 \(between 1 Aug and 1 Jun 2027\)/],
  [
    "move-now",
    { open: true, on: "2026-06-01" },
    /window is open: pot it on by 1 Jun; after that too little root warmth would follow/,
  ],
  ["wait", {}, /Due, but wait until 1 Sept 2026: now new shoots would not ripen before the frost/],
  ["overdue", {}, /Overdue: its pot is full\. Teasing and potting on must wait, because .*; the window opens 1 Sept/],
  ["overdue", { open: true }, /Overdue: .* The window is open: pot it on by 1 Sept/],
  ["overdue", { on: null }, /no window opens within two years/],
  ["no-window", { on: null }, /no window opens within two years, because/],
  ["no-pot", { open: true }, /window is open until 1 Sept 2026, but nothing in store fits/],
  ["hold", {}, /final pot and full: renew its roots.*best from 1 Sept/],
] as [VerdictCode, Partial<Verdict>, RegExp][])("%s in one sentence", (code, more, words) => {
  const sentence = verdictSentence(state(verdict(code, more)), "2026-05-15");
  expect(sentence).toMatch(words);
  expect(sentence).not.toMatch(/null|undefined|NaN/);
  expect(sentence.endsWith(".")).toBe(true);
});

test("a tree that may be due already is not promised a day that has passed", () => {
  expect(verdictSentence(state(verdict("unknown", { on: "2026-05-15" })), "2026-05-15")).toMatch(
    /it may be due already\.$/,
  );
});

test("a look that does not fit its history is told as such", () => {
  const s = state(verdict("unknown"), { surprise: { on: "2026-05-10", probability: 0.01 } });
  expect(verdictSentence(s, "2026-05-15")).toMatch(/seen on 10 May does not fit its history/);
});

test("turning roots are named", () => {
  expect(verdictSentence(state(verdict("overdue"), { circling: band(2, 3, 4) }), "2026-05-15")).toContain(
    "full and turning",
  );
});

test("every verdict has a word and a date that a small label can carry", () => {
  for (const code of Object.keys(VERDICT_WORD) as VerdictCode[]) {
    expect(verdictWord(verdict(code)).length).toBeLessThan(14);
    expect(verdictDate(verdict(code), "2026-05-15").length).toBeLessThan(24);
    expect(verdictDate(verdict(code, { on: null }), "2026-05-15")).toBe("");
  }
  expect(verdictDate(verdict("unknown", { on: "2026-05-15" }), "2026-05-15")).toBe("perhaps due");
});

test("every limit has a word and a because", () => {
  for (const limit of LIMITS) {
    expect(LIMIT_WORD[limit].length).toBeGreaterThan(2);
    expect(LIMIT_BECAUSE[limit].length).toBeGreaterThan(5);
  }
});

test("a window's reason gives the figures, open or closed", () => {
  expect(windowReason(state(verdict("wait")), "2026-05-15")).toMatch(
    /^Closed: .*opens 1 Sept 2026 and closes after 20 Sept 2026/,
  );
  expect(windowReason(state(verdict("move-now", { open: true, limiting: "none" })), "2026-05-15")).toMatch(
    /^Open\. .*In 40 % .*closes after 20 Sept 2026, because then too little root warmth/,
  );
});

test("the Yard in one sentence", () => {
  const row = (code: VerdictCode, open = false) => ({ verdict: verdict(code, { open }) });
  expect(yardSentence(countYard([row("overdue", true), row("overdue"), row("not-due")]))).toBe(
    "3 trees · 2 overdue · 1 to move now",
  );
  expect(yardSentence(countYard([row("wait")]))).toBe("1 tree · nothing to move today");
});

test("pots nobody named get plain names; wanted pots a range", () => {
  expect(potName({ known: "about", litres: 12, wall: "terracotta" })).toBe("About 12 L");
  expect(potName({ known: "nominal", system: "container-class", size: "#5", wall: "metal" })).toBe("#5");
  expect(potName({ known: "nominal", system: "pint-bag", size: "18", wall: "poly-bag" })).toBe("18 pint bag");
  expect(
    potName({ known: "measured", vessel: { shape: "round", topWidthMm: 224, baseWidthMm: 160, heightMm: 200 } }),
  ).toBe("Round 22 cm");
  expect(wantedPot(9.2, 18.4, "metric")).toBe("9.2 L to 18 L of mix");
});

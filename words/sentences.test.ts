import type { TreeState } from "@/model/index";
import { LIMITS } from "@/core/window/index";
import { wantedPot, windowReason } from "./sentences";
import { LIMIT_BECAUSE, LIMIT_WORD, potName } from "./terms";

const band = (p10: number, p50: number, p90: number) => ({ p10, p50, p90, basis: "derived" as const });
type Window = TreeState["window"];
const state = (window: Partial<Window> = {}): TreeState => ({
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
  dueFill: 0.85,
  mixAgeYears: null,
  mix: null,
  wood: { stage: "soft", ripe: band(0, 0.1, 0.2) },
  window: {
    open: false,
    suitability: 0.2,
    limiting: "wood",
    safe: 0.4,
    period: { from: "2026-09-01", to: "2026-09-20", closedBy: "root-warmth" },
    periods: [],
    mainLimit: "wood",
    ...window,
  },
  correction: "none",
  surprise: null,
});

test("where nothing closes the window no last day is told", () => {
  const period = { from: "2026-05-01", to: "2028-05-14", closedBy: "none" as const };
  const endless = state({ open: true, limiting: "none", period });
  expect(windowReason(endless, "2026-05-15")).toMatch(/^Open\. .*Nothing closes it within two years\.$/);
});

test("every limit has a word and a because", () => {
  for (const limit of LIMITS) {
    expect(LIMIT_WORD[limit].length).toBeGreaterThan(2);
    expect(LIMIT_BECAUSE[limit].length).toBeGreaterThan(5);
  }
});

test("a window's reason gives the figures, open or closed", () => {
  expect(windowReason(state(), "2026-05-15")).toMatch(/^Closed: .*opens 1 Sept 2026 and closes after 20 Sept 2026/);
  expect(windowReason(state({ open: true, limiting: "none" }), "2026-05-15")).toMatch(
    /^Open\. .*In 40 % .*closes after 20 Sept 2026, because then too little warm weather/,
  );
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

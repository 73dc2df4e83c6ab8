import type { ArrivalForm, ArrivalVerdict } from "../event/index";
import type { RootSign } from "../roots/index";
import type { KindValues } from "../species/index";
import type { WoodPhase } from "../wood/index";
import { ARRIVAL_FIGURES as F } from "./figures";

export const LEAVES = ["none", "fresh", "yellow", "crisp", "dropping"] as const;
export type Leaves = (typeof LEAVES)[number];
export const WOUNDS = ["none", "small", "large"] as const;
export type Wounds = (typeof WOUNDS)[number];

/** What is seen of a plant that stands in front of one. Whatever nobody looked at is null. */
export interface Inspection {
  form: ArrivalForm;
  /** Pot light for its size: dried out. */
  light: boolean | null;
  rootsAtHoles: boolean;
  rootsOnSurface: boolean;
  fillGrade: number | null;
  circlingGrade: number | null;
  /** A root across the flare: share of the girth it serves; null: none seen. */
  girdlerShare: number | null;
  flareBelowMm: number | null;
  /** Height of the graft above the mix; null: not grafted, or not seen. */
  unionMm: number | null;
  sour: boolean | null;
  liveShare: number | null;
  /** Green under the bark, where somebody scratched. */
  green: boolean | null;
  leaves: Leaves | null;
  bearing: boolean;
  wounds: Wounds;
  crossing: boolean;
  leaning: boolean;
  offCentreMm: number | null;
  signs: readonly RootSign[];
  /** Insects or spots on leaves and wood. */
  ailing: boolean;
  plants: number;
  bare: { drySnapShare: number; exposedMinutes: number; spreadMm: number | null } | null;
  /** Second roots of an air layer have branched and browned. */
  layerBrown: boolean | null;
  hooked: boolean;
  labelLost: boolean;
  stockUnknown: boolean;
  volumeL: number | null;
  /** Asked price, and what a sound one costs, in the collection's currency. */
  price: number | null;
  soundPrice: number | null;
}

/** What of its kind the verdict asks. */
export type ArrivalKind = Pick<KindValues, "traits" | "rootShare">;

/** The season it comes into. */
export interface ArrivalSeason {
  phase: WoodPhase;
  autumn: boolean;
  weeksToCold: number;
  hottestC: number | null;
}

export const ARRIVAL_FINDINGS = [
  "dead",
  "hooked",
  "roots-dead",
  "dried-roots",
  "rotten",
  "sour",
  "parched",
  "dry",
  "large-wounds",
  "galls",
  "pests",
  "bound",
  "rings",
  "girdler",
  "flare-deep",
  "flare-below",
  "union-buried",
  "layer-early",
  "layer-late",
  "several",
  "off-centre",
  "yellow",
  "dropping",
  "bearing",
  "crossing",
  "leaning",
  "small-wounds",
  "at-holes",
  "exposed",
  "label-lost",
  "stock-unknown",
  "no-partner",
] as const;
export type ArrivalFinding = (typeof ARRIVAL_FINDINGS)[number];

export interface Found {
  code: ArrivalFinding;
  verdict: ArrivalVerdict;
  figures: Record<string, number>;
}

export const ARRIVAL_ACTS = [
  "leave-there",
  "isolate",
  "look-again",
  "bath",
  "soak-bare",
  "start-rescue",
  "cut-to-live",
  "expose-flare",
  "raise-union",
  "cut-girdler",
  "slip-up",
  "correct-ball",
  "part",
  "sever-later",
  "pot-layer",
  "pot-bare",
  "shade",
  "no-feed",
  "take-fruit-off",
  "centre",
  "stake-straight",
  "prune-crossing",
  "ask-stock",
  "write-label",
  "find-partner",
  "photograph",
  "scratch-first",
] as const;
export type ArrivalAct = (typeof ARRIVAL_ACTS)[number];

/** When an act is due: at once, in so many days, or when a window of the kind opens. */
export type ArrivalWhen =
  | { at: "now" }
  | { at: "days"; days: number }
  | { at: "window"; operation: "slip-up" | "shave" | "split" | "up-pot" | "bare-root" };

export interface ArrivalStep {
  act: ArrivalAct;
  when: ArrivalWhen;
  figures: Record<string, number>;
}

export interface InspectionVerdict {
  verdict: ArrivalVerdict;
  found: Found[];
  steps: ArrivalStep[];
  /** Work, mix and time it takes to put right, and what that leaves of a sound one's price. */
  cost: {
    minutes: number;
    mixL: number;
    seasons: number;
    lossChance: number;
    worthShare: number;
    worth: number | null;
  };
}

const RANK: Record<ArrivalVerdict, number> = { accept: 0, correct: 1, quarantine: 2, rescue: 3, refuse: 4 };
const now: ArrivalWhen = { at: "now" };
const open = (operation: Extract<ArrivalWhen, { at: "window" }>["operation"]): ArrivalWhen => ({
  at: "window",
  operation,
});

/** Looks over a plant that arrives: what counts, the verdict, what to do and when, and what it is still worth. */
export function inspect(
  i: Inspection,
  kind: ArrivalKind,
  season: ArrivalSeason,
  /** A crop tree that needs a partner and has none here. */
  lonely: boolean,
): InspectionVerdict {
  const found: Found[] = [];
  const steps: ArrivalStep[] = [];
  const see = (code: ArrivalFinding, verdict: ArrivalVerdict, figures: Record<string, number> = {}) =>
    found.push({ code, verdict, figures });
  const todo = (act: ArrivalAct, when: ArrivalWhen = now, figures: Record<string, number> = {}) =>
    steps.push({ act, when, figures });

  alive(i, see, todo);
  thirst(i, see, todo);
  health(i, see, todo);
  ball(i, season, kind, see, todo);
  setting(i, kind, see, todo);
  forms(i, season, see, todo);
  crown(i, see, todo);
  if (i.labelLost) {
    see("label-lost", "accept");
    todo("write-label");
  }
  if (i.stockUnknown && kind.traits.includes("grafted")) {
    see("stock-unknown", "accept");
    todo("ask-stock");
  }
  if (lonely) {
    see("no-partner", "accept");
    todo("find-partner");
  }

  const verdict = found.reduce<ArrivalVerdict>(
    (worst, f) => (RANK[f.verdict] > RANK[worst] ? f.verdict : worst),
    "accept",
  );
  // Sick and half dead: it is rescued in isolation.
  if (verdict === "rescue") steps.unshift({ act: "start-rescue", when: now, figures: {} });
  const kept =
    verdict === "refuse" ? [{ act: "leave-there" as const, when: now, figures: {} }] : withCare(steps, season);
  return {
    verdict,
    found: found.sort((a, b) => RANK[b.verdict] - RANK[a.verdict]),
    steps: kept,
    cost: costOf(i, verdict, kept),
  };
}

type See = (code: ArrivalFinding, verdict: ArrivalVerdict, figures?: Record<string, number>) => unknown;
type Todo = (act: ArrivalAct, when?: ArrivalWhen, figures?: Record<string, number>) => unknown;

function alive(i: Inspection, see: See, todo: Todo): void {
  // Nobody carries a dead one home.
  if (i.form === "salvaged" && i.green === null) todo("scratch-first");
  if (i.green === false) see("dead", "refuse");
  if (i.hooked) see("hooked", "refuse");
  if (i.bare && i.bare.drySnapShare > F.drySnapShare) see("dried-roots", "refuse", { share: i.bare.drySnapShare });
  if (i.liveShare !== null && i.liveShare < F.refuseLive) see("roots-dead", "refuse", { share: i.liveShare });
}

function thirst(i: Inspection, see: See, todo: Todo): void {
  if (i.light !== true) return;
  const crisp = i.leaves === "crisp";
  see(crisp ? "parched" : "dry", crisp ? "rescue" : "correct");
  todo("bath", now, { low: F.bathMinutes[0], high: F.bathMinutes[1] });
}

function health(i: Inspection, see: See, todo: Todo): void {
  if (i.sour === true) {
    const live = i.liveShare ?? 0.6;
    if (live < F.rescueLive) see("rotten", "rescue", { share: live });
    else see("sour", "rescue", { share: live });
    todo("cut-to-live");
  } else if (i.liveShare !== null && i.liveShare >= F.refuseLive && i.liveShare < F.rescueLive) {
    see("rotten", "rescue", { share: i.liveShare });
    todo("cut-to-live");
  }
  const pests = i.signs.filter((s) => s === "galls" || s === "grubs" || s === "aphids");
  if (pests.includes("galls")) see("galls", "quarantine");
  if (i.ailing || pests.length > 0) {
    see("pests", "quarantine");
    todo("isolate", now, { days: F.quarantineDays });
    todo("look-again", { at: "days", days: F.quarantineDays / 2 });
    todo("look-again", { at: "days", days: F.quarantineDays });
  }
  if (i.wounds === "large") see("large-wounds", "correct");
  else if (i.wounds === "small") see("small-wounds", "accept");
}

/** Soft shoots, leaves on a deciduous tree: the ball is moved whole, and what must be cut waits. */
function ball(i: Inspection, season: ArrivalSeason, kind: ArrivalKind, see: See, todo: Todo): void {
  if (i.form === "bare-root") return;
  if (i.girdlerShare !== null) {
    see("girdler", "correct", { share: i.girdlerShare });
    todo("cut-girdler", i.girdlerShare < 1 / 3 ? now : open("shave"), { share: i.girdlerShare });
  }
  const circling = i.circlingGrade ?? (i.rootsOnSurface ? 2 : null);
  const bound = (i.fillGrade ?? 0) >= 4 || (i.rootsAtHoles && i.rootsOnSurface);
  // Woody rings in something this young stay for life.
  if (circling !== null && circling >= 4 && (i.form === "liner" || i.form === "cutting")) see("rings", "refuse");
  else if (circling !== null && circling >= 3) {
    see("rings", "correct", { grade: circling });
    todo("correct-ball", open("shave"), { share: kind.rootShare });
  }
  if (bound) {
    see("bound", "correct");
    if (i.volumeL !== null)
      todo("slip-up", open("slip-up"), {
        lowL: 1.4 * i.volumeL,
        highL: 1.6 * i.volumeL,
        weeksLeft: season.weeksToCold,
      });
  } else if (i.rootsAtHoles) see("at-holes", "accept");
}

function setting(i: Inspection, kind: ArrivalKind, see: See, todo: Todo): void {
  if (i.form === "bare-root" || i.form === "cutting" || i.form === "liner") return;
  const below = i.flareBelowMm ?? 0;
  if (below > 0) {
    see(below > F.flareLateMm ? "flare-deep" : "flare-below", "correct", { mm: below });
    todo("expose-flare", now, { mm: below });
  }
  if (i.unionMm !== null && i.unionMm < F.unionClearMm && kind.traits.includes("grafted")) {
    see("union-buried", "correct", { mm: i.unionMm });
    todo("raise-union", open("slip-up"), { mm: F.unionClearMm - i.unionMm });
  }
  if (i.offCentreMm !== null && i.offCentreMm >= F.offCentreMm) {
    see("off-centre", "accept", { mm: i.offCentreMm });
    todo("centre", open("slip-up"), { mm: i.offCentreMm });
  }
}

function forms(i: Inspection, season: ArrivalSeason, see: See, todo: Todo): void {
  if (i.bare) {
    if (i.bare.exposedMinutes > F.exposedMinutes || i.bare.drySnapShare > 0.1)
      see("exposed", "correct", { minutes: i.bare.exposedMinutes, share: i.bare.drySnapShare });
    todo("soak-bare", now, { low: F.soakHours[0], high: F.soakHours[1] });
    todo("pot-bare", open("bare-root"), i.bare.spreadMm === null ? {} : { mostMm: 1.5 * i.bare.spreadMm });
  }
  if (i.form === "air-layer") {
    if (season.weeksToCold < F.layerWeeks) {
      see("layer-late", "correct", { weeks: season.weeksToCold, need: F.layerWeeks });
      todo("sever-later");
    } else if (i.layerBrown === false) {
      see("layer-early", "correct");
      todo("sever-later");
    } else todo("pot-layer", now, i.volumeL === null ? {} : { mostL: 2 * i.volumeL });
  }
  if (i.plants > 1) {
    see("several", "correct", { count: i.plants });
    todo("part", open("split"), { count: i.plants });
  }
}

function crown(i: Inspection, see: See, todo: Todo): void {
  if (i.leaves === "yellow") see("yellow", "accept");
  if (i.leaves === "dropping") see("dropping", "correct");
  if (i.bearing) {
    see("bearing", "accept");
    todo("take-fruit-off");
  }
  if (i.crossing) {
    see("crossing", "accept");
    todo("prune-crossing", { at: "window", operation: "up-pot" });
  }
  if (i.leaning) {
    see("leaning", "accept");
    todo("stake-straight");
  }
}

function withCare(steps: ArrivalStep[], season: ArrivalSeason): ArrivalStep[] {
  const out = [...steps];
  const disturbed = steps.some((s) => s.act === "bath" || s.act === "cut-to-live" || s.act === "pot-bare");
  if (disturbed || (season.hottestC ?? 0) > 28) out.push({ act: "shade", when: now, figures: { days: 14 } });
  if (disturbed) out.push({ act: "no-feed", when: now, figures: { mm: 100 } });
  out.push({ act: "photograph", when: now, figures: {} });
  const order = (w: ArrivalWhen) => (w.at === "now" ? 0 : w.at === "days" ? w.days : 1000);
  return out.sort((a, b) => order(a.when) - order(b.when));
}

function costOf(i: Inspection, verdict: ArrivalVerdict, steps: readonly ArrivalStep[]): InspectionVerdict["cost"] {
  const v = i.volumeL ?? 5;
  const has = (...acts: ArrivalAct[]) => steps.some((s) => acts.includes(s.act));
  const work = ([a, b]: readonly [number, number]) => a + b * v ** 0.75;
  const cuts = has("correct-ball", "cut-to-live", "part");
  const moves = has("slip-up", "pot-bare", "pot-layer", "raise-union");
  const minutes = (cuts ? work(F.pruneMinutes) : 0) + (moves ? work(F.upPotMinutes) : 0) + 3 * steps.length;
  const mixL = (cuts ? 0.35 * v : 0) + (moves ? 0.6 * v : 0);
  const lossChance = F.lossChance[verdict];
  const seasons = F.setback[verdict] + (i.wounds === "large" ? 0.5 : 0);
  const worthShare = (1 - lossChance) * Math.max(0, 1 - F.worthPerSeason * seasons);
  return {
    minutes,
    mixL,
    seasons,
    lossChance,
    worthShare,
    worth: i.soundPrice === null ? null : worthShare * i.soundPrice,
  };
}

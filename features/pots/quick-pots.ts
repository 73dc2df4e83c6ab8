import * as say from "@/words/pages/pots/quick-pots";
import { plainText, readNumber } from "@/core/quantity/index";
import { readPotSize, wallNamed } from "@/core/vessel/index";
import { emptyPotDraft, type PotDraft, potSizeWords } from "./pot-fields";

interface QuickPots {
  count: string;
  price: string;
  draft: PotDraft;
  name: string;
}
export type QuickRead = { ok: true; pots: QuickPots } | { ok: false; fault: string };

const noSize = say.noSizeIsFoundWrite;

const VOLUMES = String.raw`(?:l|ltr|litres?|liters?|ml|us[ -]gal(?:lons?)?|gal(?:lons?)?|pt|pints?|qt|quarts?)`;
const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
const MEASURES = new RegExp(
  String.raw`(?<![\d.,/])(${NUMBER})\s*\/\s*(${NUMBER})(?:\s*\/\s*(${NUMBER}))?\s*(cm|mm|inch(?:es)?|in\b\.?|"|″)?(?![\d.,/])`,
  "i",
);
const SIZE = new RegExp(String.raw`(?:#\s?\d+|${NUMBER}\s*${VOLUMES}\b\.?)`, "i");

const COUNT = new RegExp(
  String.raw`^(\d+)\s*(?:[x×*]\s*|\s+(?=\S))(?!\s*(?:${VOLUMES}|cm|mm|in|inch(?:es)?)\b)(?!\s*\/)`,
  "i",
);

/** Without a unit: centimetres, unless a number is too large for a pot's. */
function unitOf(word: string | undefined, numbers: readonly number[]): string {
  if (word) return word.toLowerCase().startsWith("in") || /["″]/.test(word) ? "in" : word.toLowerCase();
  return Math.max(...numbers) < 130 ? "cm" : "mm";
}

/**
 * A line such as "5 × 25/20/22 terracotta 4.50", "12 square 9/7/10", "16/13/14 in", "3 × 18 L fabric", "2 × #7" or "4 × 3 pint bag": how
 * many, the size (width at rim / at floor / height inside, or litres, or a class), the wall, the price, the name. Read to its last
 * figure, or refused in words: never half.
 */
export function readQuickPots(line: string): QuickRead {
  let rest = plainText(line);
  const take = (pattern: RegExp): RegExpMatchArray | null => {
    const found = rest.match(pattern);
    if (found) rest = rest.replace(found[0], " ").replace(/\s+/g, " ").trim();
    return found;
  };
  const draft: PotDraft = { ...emptyPotDraft };
  // "18 L" at the start is a size, "18 × …" or "18 black …" a count.
  const count = take(COUNT);
  const measures = take(MEASURES);
  const size = measures ? null : take(SIZE);
  if (take(/\bsquare\b/i)) draft.shape = "square";
  const known = wallNamed(rest);
  if (known) {
    take(new RegExp(known.words.replace(/[^\w ]/g, "\\$&")));
    draft.wall = known.wall;
  }
  if (draft.wall === "fabric") draft.shape = "fabric";
  if (measures) {
    const [a, b, c] = measures.slice(1, 4).map((text) => (text === undefined ? undefined : readNumber(text)));
    const unit = unitOf(
      measures[4],
      [a, b, c].filter((n) => n !== undefined),
    );
    const mm = (n: number) => String(Math.round(readNumber(`${n} ${unit}`, "mm") * 10) / 10);
    if (c === undefined) {
      if (draft.shape === "round") draft.shape = "cylinder";
      if (draft.shape === "square") draft.measures = { topWidthMm: mm(a!), baseWidthMm: mm(a!), heightMm: mm(b!) };
      else draft.measures = { topWidthMm: mm(a!), heightMm: mm(b!) };
    } else if (draft.shape === "fabric") draft.measures = { topWidthMm: mm(a!), heightMm: mm(c) };
    else draft.measures = { topWidthMm: mm(a!), baseWidthMm: mm(b!), heightMm: mm(c) };
  } else if (size) {
    const read = readPotSize(size[0], draft.wall, "label");
    if (!read.ok) return { ok: false, fault: potSizeWords(read.fault) };
    if (read.pot.known === "about") Object.assign(draft, { known: "about", litres: String(read.pot.litres) });
    else Object.assign(draft, { known: "nominal", system: read.pot.system, size: read.pot.size });
  } else return { ok: false, fault: noSize() };
  const price = take(/(?:[€£$]\s*)?(\d+(?:[.,]\d{1,2})?)\s*(?:€|£|\$|eur|gbp|usd)?$/i);
  const figures = /\S*\d\S*/.exec(rest);
  if (figures) return { ok: false, fault: say.whatIsTakeItOut(figures[0]) };
  const words = rest.replace(/[^\p{L}\p{N} ]+/gu, " ").trim();
  return { ok: true, pots: { count: count?.[1] ?? "1", price: price?.[1] ?? "", draft, name: words } };
}

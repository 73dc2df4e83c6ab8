import { CONTAINER_CLASSES, type Wall } from "@/core/vessel/index";
import { readNumber } from "@/ui/format";
import { emptyPotDraft, type PotDraft } from "./pot-fields";

/** Words people write for walls, and the wall they mean. */
const WALL_HINTS: readonly (readonly [RegExp, Wall])[] = [
  [/\bterra\s?cotta\b|\bclay\b/i, "terracotta"],
  [/\bfabric\b|\bfelt\b/i, "fabric"],
  [/\bglazed\b/i, "glazed"],
  [/\bmetal\b|\bzinc\b|\bsteel\b/i, "metal"],
  [/\bconcrete\b/i, "concrete"],
  [/\bbag\b/i, "poly-bag"],
  [/\btimber\b|\bwood(en)?\b/i, "timber-lined"],
  [/\bslotted\b|\bair[- ]prun\w*/i, "air-pruning"],
  [/\bcopper\b/i, "copper-lined"],
  [/\brubber\b/i, "rubber"],
  [/\bfib(re|er)\b/i, "fibre"],
  [/\bplastic\b/i, "smooth-plastic"],
];

export interface QuickPots {
  count: string;
  price: string;
  draft: PotDraft;
  name: string;
}

/** Centimetres unless the numbers are too large for a pot. */
const toMm = (text: string) => {
  const value = readNumber(text);
  return String(value < 130 ? value * 10 : value);
};

/**
 * A line such as "5 × 25/20/22 terracotta 4.50", "12 square 9/7/10", "3 × 18 L fabric" or "2 × #7": how many, the size (width at
 * rim / at floor / height inside, or litres, or a class), the wall, the price. Null where no size is found.
 */
export function readQuickPots(line: string): QuickPots | null {
  let rest = line.trim();
  const take = (pattern: RegExp): RegExpMatchArray | null => {
    const found = rest.match(pattern);
    if (found) rest = rest.replace(found[0], " ");
    return found;
  };
  const draft: PotDraft = { ...emptyPotDraft };
  // "18 L" at the start is a size, "18 × …" or "18 black …" a count.
  const count = take(/^(\d+)\s*(?:[x×*]\s*|\s+)(?!\s*(?:l|litres?|liters?)\b)/i);
  const measures = take(
    /(?<![\d.,])(\d+(?:[.,]\d+)?)\s*\/\s*(\d+(?:[.,]\d+)?)(?:\s*\/\s*(\d+(?:[.,]\d+)?))?\s*(?:cm|mm)?(?![\d.,])/i,
  );
  if (take(/\bsquare\b/i)) draft.shape = "square";
  const known = WALL_HINTS.find(([pattern]) => take(pattern));
  if (known) draft.wall = known[1];
  if (draft.wall === "fabric") draft.shape = "fabric";
  if (measures) {
    const [, a, b, c] = measures;
    if (c === undefined) {
      if (draft.shape === "round") draft.shape = "cylinder";
      if (draft.shape === "square") draft.measures = { topWidthMm: toMm(a), baseWidthMm: toMm(a), heightMm: toMm(b) };
      else draft.measures = { topWidthMm: toMm(a), heightMm: toMm(b) };
    } else if (draft.shape === "fabric") draft.measures = { topWidthMm: toMm(a), heightMm: toMm(c) };
    else draft.measures = { topWidthMm: toMm(a), baseWidthMm: toMm(b), heightMm: toMm(c) };
  } else {
    const size = take(/#\d+/);
    const label = size ? null : take(/(\d+(?:[.,]\d+)?)\s*(?:l|litres?|liters?)\b/i);
    if (size && CONTAINER_CLASSES.includes(size[0])) {
      draft.known = "nominal";
      draft.system = "container-class";
      draft.size = size[0];
    } else if (label) {
      draft.known = "nominal";
      draft.system = "litre-label";
      draft.size = label[1].replace(",", ".");
    } else return null;
  }
  const price = take(/(\d+(?:[.,]\d{1,2})?)\s*(?:€|£|\$|eur)?\s*$/i);
  const words = rest.replace(/[^\p{L}\p{N} ]+/gu, " ").trim();
  return { count: count?.[1] ?? "1", price: price?.[1] ?? "", draft, name: words };
}

/** What a person types into a number field: decimal comma or point, spaces, an own unit. NaN when it is no number. */
export function readNumber(text: string, kind: "plain" | "mm" | "m" | "litres" | "celsius" = "plain"): number {
  const match = /^\s*([+-−]?\s*\d[\d\s]*(?:[.,]\d+)?|[+-−]?[.,]\d+)\s*([a-z°"%#²]*)\.?\s*$/i.exec(
    text.replace("−", "-"),
  );
  if (!match) return NaN;
  const value = Number(match[1].replace(/\s/g, "").replace(",", "."));
  const unit = match[2].toLowerCase();
  if (unit === "") return value;
  const factors: Record<string, Record<string, number>> = {
    plain: { "%": 1 },
    mm: { mm: 1, cm: 10, m: 1000, in: 25.4, '"': 25.4, ft: 304.8 },
    m: { m: 1, cm: 0.01, mm: 0.001, ft: 0.3048, in: 0.0254 },
    litres: { l: 1, litre: 1, litres: 1, gal: 3.785411784, ml: 0.001 },
    celsius: { "°c": 1, c: 1 },
  };
  if (kind === "celsius" && (unit === "°f" || unit === "f")) return ((value - 32) * 5) / 9;
  const factor = factors[kind][unit];
  return factor === undefined ? NaN : value * factor;
}

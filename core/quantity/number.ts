/**
 * Numbers as people type them, read whole or not at all: decimal point or comma, thousands by comma, point, space or apostrophe,
 * fractions ("1/2", "3 1/2", "3½"). A comma before exactly three digits groups thousands unless the number begins with 0.
 */
const VULGAR: Record<string, string> = {
  "½": "1/2",
  "⅓": "1/3",
  "⅔": "2/3",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/**
 * One kind of minus, one kind of space, fractions in figures.
 * @example plainText("−5 ½") // "-5 1/2"
 */
export function plainText(text: string): string {
  return text
    .replace(/[−–‒]/g, "-")
    .replace(/[\u00a0\u2009\u202f]/g, " ")
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR[sign]}`)
    .replace(/\s+/g, " ")
    .trim();
}

/**
 * A number without sign or unit; null where the text is none.
 * @example readFigures("1,200") // 1200
 * @example readFigures("0,5") // 0.5
 * @example readFigures("3 1/2") // 3.5
 */
export function readFigures(text: string): number | null {
  const t = text.trim();
  if (/^\d+$/.test(t)) return Number(t);
  // Thousands: one separator throughout, groups of three; a decimal part by the other sign.
  if (/^[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(t)) return Number(t.replaceAll(",", ""));
  if (/^[1-9]\d{0,2}([ '’]\d{3})+([.,]\d+)?$/.test(t)) return Number(t.replace(/[ '’]/g, "").replace(",", "."));
  if (/^[1-9]\d{0,2}(\.\d{3})+,\d+$/.test(t) || /^[1-9]\d{0,2}(\.\d{3}){2,}$/.test(t))
    return Number(t.replaceAll(".", "").replace(",", "."));
  if (/^\d*[.,]\d+$/.test(t)) return Number(t.replace(",", "."));
  const fraction = /^(?:(\d+) )?(\d+) ?\/ ?(\d+)$/.exec(t);
  if (!fraction) return null;
  const [, whole, over, under] = fraction;
  return Number(under) === 0 ? null : Number(whole ?? 0) + Number(over) / Number(under);
}

/**
 * The same with a sign in front; null where the text is no number.
 * @example readSigned("-38.6") // -38.6
 */
export function readSigned(text: string): number | null {
  const t = plainText(text);
  const sign = /^[+-]/.exec(t)?.[0];
  const value = readFigures(sign ? t.slice(1) : t);
  return value === null ? null : sign === "-" ? -value : value;
}

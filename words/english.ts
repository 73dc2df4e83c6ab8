/** The two spellings of English the pages are written in. */
export const ENGLISHES = ["en-GB", "en-US"] as const;
export type English = (typeof ENGLISHES)[number];

/** Where a device remembers which of them it reads. */
export const ENGLISH_COOKIE = "aurelian-english";

/** Where the web server keeps, for the time of one request, what its reader reads (scripts/serve.mjs). */
const OF_THE_REQUEST = Symbol.for("aurelian.english");

/** The English of whoever reads this page: the page says so in the browser, the request on the server; British where nobody does. */
export function english(): English {
  const said =
    typeof document === "undefined"
      ? (globalThis as { [OF_THE_REQUEST]?: { getStore(): string | undefined } })[OF_THE_REQUEST]?.getStore()
      : document.documentElement.lang;
  return said === "en-US" ? "en-US" : "en-GB";
}

/** British spellings and terms with the American ones, the longer before the shorter. */
const AMERICAN: readonly (readonly [british: string, american: string])[] = [
  ["colour", "color"],
  ["mould", "mold"],
  ["fleece", "frost cloth"],
  ["grey", "gray"],
  ["fertilis", "fertiliz"],
  ["neighbour", "neighbor"],
  ["vigour", "vigor"],
  ["off-centre", "off-center"],
  ["centre", "center"],
  ["labelled", "labeled"],
  ["judgement", "judgment"],
  ["litre", "liter"],
  ["metre", "meter"],
  ["first frost in autumn", "first frost in fall"],
  ["pot-bound", "root-bound"],
];
const BRITISH = new RegExp(AMERICAN.map(([british]) => british).join("|"), "gi");
const TO_AMERICAN = new Map(AMERICAN);

/** A text written in British English, in the reader's own. */
export function spelt(text: string): string {
  if (english() === "en-GB") return text;
  return text.replace(BRITISH, (found) => {
    const american = TO_AMERICAN.get(found.toLowerCase()) ?? found;
    return /^[A-Z]/.test(found) ? american[0].toUpperCase() + american.slice(1) : american;
  });
}

import { GENERA, kindById, KINDS } from "./library";

/** Words that say only that it grows. */
const FILLERS = new Set(["tree", "plant", "bush", "shrub"]);

/** Letters as they are compared: without accents, macrons, case, hyphens and apostrophes. @example foldName("Kōwhai’s") // "kowhais" */
export function foldName(text: string): string {
  return text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/['’‘`]/g, "")
    .replace(/[×]/g, " ")
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}

/** One of many: "blueberries", "figs", "cherries". */
function singular(word: string): string {
  if (word.length > 4 && word.endsWith("ies")) return `${word.slice(0, -3)}y`;
  if (word.length > 4 && /(?:ch|sh|x|ss|o)es$/.test(word)) return word.slice(0, -2);
  if (word.length > 3 && word.endsWith("s") && !/(?:ss|us|is)$/.test(word)) return word.slice(0, -1);
  return word;
}

/** The words of a name as they are compared. @example nameWords("Fig trees") // ["fig", "tree"] */
export function nameWords(text: string): string[] {
  return foldName(text).split(" ").map(singular);
}

/** The same without those that say only that it grows, unless there are no others. @example tellingWords("Fig trees") // ["fig"] */
export function tellingWords(text: string): string[] {
  const words = nameWords(text);
  const telling = words.filter((word) => !FILLERS.has(word));
  return telling.length === 0 ? words : telling;
}

/** A name as it is compared, written together; without the words that say only that it grows, where `bare`. */
function nameKey(text: string, bare = false): string {
  return (bare ? tellingWords(text) : nameWords(text)).join("");
}

/**
 * Kinds by each of their names. A name of two kinds is a name of neither; genera stand behind kinds, and names without their "tree"
 * behind those that have it: tea is no tea tree.
 */
function keysOf(): Map<string, string | null> {
  const keys = new Map<string, string | null>();
  const lay = (bare: boolean, entries: readonly { id: string; names: readonly string[] }[]) => {
    const here = new Map<string, string | null>();
    for (const { id, names } of entries)
      for (const name of names) {
        const key = nameKey(name, bare);
        const other = here.get(key);
        here.set(key, other === undefined || other === id ? id : null);
      }
    for (const [key, id] of here) if (!keys.has(key)) keys.set(key, id);
  };
  const kinds = KINDS.map(({ id, scientific, names }) => ({ id, names: [id, scientific, ...names] }));
  const genera = GENERA.map(({ id, names }) => ({ id, names }));
  lay(false, kinds);
  lay(
    false,
    GENERA.map(({ id, scientific }) => ({ id, names: [scientific] })),
  );
  lay(false, genera);
  lay(true, kinds);
  lay(true, genera);
  return keys;
}
let keys: Map<string, string | null> | null = null;

/**
 * The kind or genus that bears this name, common or scientific, one or many; null where none does, or two do.
 * @example kindNamed("fig trees") // "fig"
 */
export function kindNamed(text: string): string | null {
  keys ??= keysOf();
  const exact = keys.get(nameKey(text));
  return (exact === undefined ? keys.get(nameKey(text, true)) : exact) ?? null;
}

/**
 * The genus that a scientific name begins with, where the species is not in the library.
 * @example genusNamed("Quercus phellos") // "genus-quercus"
 */
export function genusNamed(text: string): string | null {
  const [first, second] = foldName(text).split(" ");
  if (!first || !second) return null;
  const id = `genus-${first}`;
  return kindById(id) ? id : null;
}

/** How typed words are kept: a name of the library is its kind, a species of a known genus its genus with the words; all else as typed. */
export function kindOfWords(text: string): { kindId: string | null; typedName: string | null } {
  const exact = kindNamed(text);
  if (exact !== null) return { kindId: exact, typedName: null };
  return { kindId: genusNamed(text), typedName: text.trim() };
}

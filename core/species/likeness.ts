import { nameWords } from "./named";

/**
 * Letters by which two words differ: put in, left out, changed or swapped with the next (optimal string alignment, Boytsov 2011).
 * @example lettersApart("appel", "apple") // 1
 */
export function lettersApart(a: string, b: string): number {
  let [older, before]: [number[], number[]] = [[], Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const cost = a[i - 1] === b[j - 1] ? 0 : 1;
      row[j] = Math.min(before[j] + 1, row[j - 1] + 1, before[j - 1] + cost);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) row[j] = Math.min(row[j], older[j - 2] + 1);
    }
    [older, before] = [before, row];
  }
  return before[b.length];
}

/** What a word costs that no word of the name is like, and a word of the name that was not asked for (L). */
const UNLIKE = 0.7;
const UNASKED = 0.15;
/** The last word of an English name says what it is: it weighs twice. */
const HEAD_WEIGHT = 2;
/** A beginning of a word is nearly the word. */
const BEGUN = 0.1;

function wordCost(asked: string, of: readonly string[]): number {
  return Math.min(
    ...of.map((word) =>
      word === asked
        ? 0
        : word.startsWith(asked) && asked.length > 2
          ? BEGUN
          : lettersApart(asked, word) / Math.max(asked.length, word.length),
    ),
    UNLIKE,
  );
}

/**
 * How unlike what was asked a name is: 0 for the same words in any order; the more letters and words differ, the more.
 * @example unlikeness("Appel", "Apple") // 0.4
 */
export function unlikeness(asked: string, name: string): number {
  const [query, words] = [nameWords(asked), nameWords(name)];
  const costs = query.map((word, i) => (i === query.length - 1 ? HEAD_WEIGHT : 1) * wordCost(word, words));
  const apart = costs.reduce((sum, cost) => sum + cost, 0) + UNASKED * Math.max(0, words.length - query.length);
  // "Sweet gum" and "sweetgum" are one name.
  const joined = [query.join(""), words.join("")];
  return Math.min(
    apart,
    (HEAD_WEIGHT * lettersApart(joined[0], joined[1])) / Math.max(joined[0].length, joined[1].length),
  );
}

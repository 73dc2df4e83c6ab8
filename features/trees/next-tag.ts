/** The next free tag after this one: its number counted up, its letters kept. Without a number in it, numbers start at 2. */
export function nextTag(last: string | null, taken: readonly string[]): string {
  const used = new Set(taken.map((tag) => tag.toLocaleLowerCase()));
  const match = /^(.*?)(\d+)$/.exec(last ?? "T-0");
  const [head, digits] = match ? [match[1], match[2]] : [`${last}-`, "1"];
  for (let n = Number(digits) + 1; ; n++) {
    const tag = `${head}${String(n).padStart(digits.length, "0")}`;
    if (!used.has(tag.toLocaleLowerCase())) return tag;
  }
}

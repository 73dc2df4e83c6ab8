import "server-only";

/** Thrown when so many already wait that one more would only wait in vain. */
export class TooMany extends Error {}

const MOST_WAITING = 60;
const lines = new Map<string, { last: Promise<unknown>; waiting: number }>();

/** Runs works of one key one after another, in the order they came; others run beside them. A failed one does not hold up the next. */
export async function inTurn<T>(key: string, work: () => Promise<T>): Promise<T> {
  const line = lines.get(key) ?? { last: Promise.resolve(), waiting: 0 };
  if (line.waiting >= MOST_WAITING) throw new TooMany();
  lines.set(key, line);
  line.waiting++;
  const mine = line.last.then(work, work);
  line.last = mine.catch(() => undefined);
  try {
    return await mine;
  } finally {
    line.waiting--;
    if (line.waiting === 0) lines.delete(key);
  }
}

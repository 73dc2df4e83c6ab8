import { day, monthDay } from "@/words/format";
import type { MovedDate } from "@/contract/climate";

const word = (text: string | null) => (text === null ? "none" : text.length === 5 ? monthDay(text) : day(text));

/** Which dates moved when the weather record came in, and by how much. */
export function MovedList({ moves }: { moves: readonly MovedDate[] }) {
  if (moves.length === 0) return null;
  return (
    <section aria-label="What the record moved" data-testid="moved">
      <h2 className="text-lg">What moved when the record came in</h2>
      <p className="text-sm">
        The cause is the weather: the record took the place of the guess before it. Shifts of five days or fewer are
        left out.
      </p>
      <ul className="mt-1">
        {moves.map((m) => (
          <li key={m.what} className="py-0.5">
            <b>{m.what}</b>: {word(m.before)} → {word(m.after)}
            {m.days !== null && m.days !== 0 && ` (${Math.abs(m.days)} days ${m.days > 0 ? "later" : "earlier"})`}
          </li>
        ))}
      </ul>
    </section>
  );
}

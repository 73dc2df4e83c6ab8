import * as say from "@/words/pages/climate/weather";
import { day, monthDay } from "@/words/format";
import type { MovedDate } from "@/contract/climate";

const word = (text: string | null) => (text === null ? "none" : text.length === 5 ? monthDay(text) : day(text));

/** Which dates moved when the weather record came in, and by how much. */
export function MovedList({ moves }: { moves: readonly MovedDate[] }) {
  if (moves.length === 0) return null;
  return (
    <section aria-label={say.whatTheRecordMoved} data-testid="moved">
      <h2 className="text-lg">{say.whatMovedWhenTheRecord}</h2>
      <p className="text-sm">{say.theCauseIsTheWeather}</p>
      <ul className="mt-1">
        {moves.map((m) => (
          <li key={m.what} className="py-0.5">
            <b>{m.what}</b>: {word(m.before)} → {word(m.after)}
            {m.days !== null && m.days !== 0 && say.days(Math.abs(m.days), m.days > 0 ? "later" : "earlier")}
          </li>
        ))}
      </ul>
    </section>
  );
}

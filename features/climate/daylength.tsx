"use client";

import { day, number } from "@/words/format";
import { Facts } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";

export interface DaylengthFacts {
  today: number;
  /** Change over a week, minutes. */
  weekMinutes: number;
  longest: { on: string; hours: number };
  shortest: { on: string; hours: number };
  /** Days between which the day is longer than 14 hours; null where it never or always is. */
  longDays: { from: string; to: string } | null;
}

const hoursWord = (h: number) => {
  const minutes = Math.round(h * 60);
  return `${number(Math.floor(minutes / 60))} h ${number(minutes % 60)} min`;
};

/** Daylength: the same every year, and what tells some kinds to stop. */
export function DaylengthView({ facts }: { facts: DaylengthFacts }) {
  const { today } = useAsOf();
  return (
    <section aria-label="Daylength">
      <h2 className="text-lg">Daylength</h2>
      <Facts
        columns
        facts={[
          [
            "Today",
            `${hoursWord(facts.today)}, ${facts.weekMinutes >= 0 ? "+" : "−"}${number(Math.abs(facts.weekMinutes))} min a week`,
          ],
          ["Longest", `${hoursWord(facts.longest.hours)} on ${day(facts.longest.on, today)}`],
          ["Shortest", `${hoursWord(facts.shortest.hours)} on ${day(facts.shortest.on, today)}`],
          [
            "Longer than 14 h",
            facts.longDays
              ? `${day(facts.longDays.from, today)} to ${day(facts.longDays.to, today)}`
              : "on no day, or on all",
          ],
        ]}
      />
      <p className="text-sm">
        Sunrise to sunset with refraction (Forsythe et al. 1995). Maples stop as days fall below 14 hours; apples do not
        heed it.
      </p>
    </section>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/daylength";
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
  return say.hMin(number(Math.floor(minutes / 60)), number(minutes % 60));
};

/** Daylength: the same every year, and what tells some kinds to stop. */
export function DaylengthView({ facts }: { facts: DaylengthFacts }) {
  const { today } = useAsOf();
  return (
    <section aria-label={say.daylength}>
      <h2 className="text-lg">{say.daylength}</h2>
      <Facts
        columns
        facts={[
          [
            "Today",
            say.minAWeek(
              hoursWord(facts.today),
              facts.weekMinutes >= 0 ? "+" : "−",
              number(Math.abs(facts.weekMinutes)),
            ),
          ],
          ["Longest", say.on(hoursWord(facts.longest.hours), day(facts.longest.on, today))],
          ["Shortest", say.on(hoursWord(facts.shortest.hours), day(facts.shortest.on, today))],
          [
            say.longerThan14H,
            facts.longDays
              ? common.to(day(facts.longDays.from, today), day(facts.longDays.to, today))
              : say.onNoDayOrOn,
          ],
        ]}
      />
      <p className="text-sm">{say.sunriseToSunsetWithRefraction}</p>
    </section>
  );
}

"use client";

import * as say from "@/words/pages/bench/arrival";
import { useEffect, useState } from "react";
import type { ArrivalContext } from "@/contract/queries";
import type { InspectionVerdict } from "@/core/arrival/index";
import { toDay, toIso } from "@/core/dates/index";
import { ask } from "@/features/kernel/ask";
import { useAsOf } from "@/features/kernel/as-of";
import { Caution, Reasoned } from "@/ui/fields";
import { arrivalActText, findingText } from "@/words/arrival";
import { day, litres, number, percent } from "@/words/format";
import { ARRIVAL_VERDICT_WORDS, HAZARD_WORDS } from "@/words/terms";

/** The kind's season, asked from the server when the kind is named. */
export function useContextOf(collectionId: string, kindId: string | null, unknown: ArrivalContext): ArrivalContext {
  const { settledOn: on } = useAsOf();
  const [known, setKnown] = useState<{ kindId: string; on: string; context: ArrivalContext } | null>(null);
  useEffect(() => {
    if (kindId === null) return;
    const leave = new AbortController();
    ask(collectionId, "arrival/season", { kind: kindId, on }, leave.signal)
      .then((context) => setKnown({ kindId, on, context }))
      .catch(() => undefined);
    return () => leave.abort();
  }, [collectionId, kindId, on]);
  return known && known.kindId === kindId && known.on === on ? known.context : unknown;
}

/** What was found, what to do and when, and what it is worth. */
export function VerdictPanel({
  verdict,
  context,
  kindNamed,
  currency,
  price,
}: {
  verdict: InspectionVerdict;
  context: ArrivalContext;
  kindNamed: boolean;
  currency: string;
  price: number | null;
}) {
  const { on, units } = useAsOf();
  const { cost } = verdict;
  const money = (v: number) => `${number(v, 2)} ${currency}`;
  const when = (w: InspectionVerdict["steps"][number]["when"]) =>
    w.at === "now"
      ? "now"
      : w.at === "days"
        ? day(toIso(toDay(on) + w.days), on)
        : openWords(context.opens[w.operation], on);
  return (
    <section aria-live="polite" aria-labelledby="verdict" className="border-base-300 rounded-box border-2 p-3">
      <h2 id="verdict" className="text-2xl" data-testid="arrival-verdict">
        {ARRIVAL_VERDICT_WORDS[verdict.verdict]}
      </h2>
      {verdict.found.length === 0 ? (
        <p>{say.nothingFoundWrongWithIt}</p>
      ) : (
        <ul className="list-disc pl-5" data-testid="found">
          {verdict.found.map((f) => (
            <li key={f.code}>{findingText(f.code, f.figures, units)}</li>
          ))}
        </ul>
      )}
      <Reasoned
        reason={
          kindNamed
            ? say.daysFromTheWindowsOf(context.name.toLowerCase(), context.guess ? say.aGuess : "")
            : say.nobodyHasNamedTheSpecies
        }
      >
        <h3 className="mt-2 font-medium">{say.whatToDo}</h3>
        <ol className="space-y-1" data-testid="arrival-steps">
          {verdict.steps.map((s, i) => (
            <li key={`${s.act}${i}`}>
              <b>{when(s.when)}</b>: {arrivalActText(s.act, s.figures, units)}
            </li>
          ))}
        </ol>
      </Reasoned>
      <Reasoned className="mt-2" reason={say.minutesByVolume81()}>
        <p data-testid="price-note">
          {say.puttingItRightMinutesOf(
            number(cost.minutes),
            litres(cost.mixL, units),
            number(cost.seasons, 1),
            percent(cost.lossChance),
            percent(cost.worthShare),
            cost.worth === null ? "" : say.atMost(money(cost.worth)),
            cost.worth !== null && price !== null
              ? price > cost.worth
                ? say.isTooMuch(money(price))
                : say.isFair(money(price))
              : "",
          )}
        </p>
      </Reasoned>
      <Caution className="mt-2">
        {verdict.steps.some((s) => s.act === "bath" || s.act === "soak-bare") && (
          <p className="font-semibold">{say.soakTubsDrownSmallChildren}</p>
        )}
        <p>{say.glovesDampTheMixBefore}</p>
        {context.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
      </Caution>
    </section>
  );
}

function openWords(opens: string | null, today: string): string {
  if (opens === "now") return say.inItsOpenWindowNow;
  return opens === null ? say.whenItsWindowOpens : say.from(day(opens, today));
}

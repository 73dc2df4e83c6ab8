"use client";

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
        <p>Nothing found wrong with it so far.</p>
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
            ? `Days from the windows of ${context.name.toLowerCase()} at this place: cuts wait for the season its species stands them in.${context.guess ? " A guess." : ""}`
            : "Nobody has named the species yet: days by a wide guess."
        }
      >
        <h3 className="mt-2 font-medium">What to do</h3>
        <ol className="space-y-1" data-testid="arrival-steps">
          {verdict.steps.map((s, i) => (
            <li key={`${s.act}${i}`}>
              <b>{when(s.when)}</b>: {arrivalActText(s.act, s.figures, units)}
            </li>
          ))}
        </ol>
      </Reasoned>
      <Reasoned
        className="mt-2"
        reason="Minutes by volume (8 + 1.6·V^.75 for a potting, 15 + 3·V^.75 for root work), mix by what is renewed, chance of loss and seasons lost by the verdict; a season lost takes a fifth of a plant’s worth. All our judgement."
      >
        <p data-testid="price-note">
          Putting it right: {number(cost.minutes)} minutes, {litres(cost.mixL, units)} of mix, {number(cost.seasons, 1)}{" "}
          seasons behind, lost in {percent(cost.lossChance)} of cases. It is worth {percent(cost.worthShare)} of a sound
          one
          {cost.worth === null ? "" : `: ${money(cost.worth)} at most`}
          {cost.worth !== null && price !== null
            ? price > cost.worth
              ? `; ${money(price)} is too much`
              : `; ${money(price)} is fair`
            : ""}
          .
        </p>
      </Reasoned>
      <Caution className="mt-2">
        {verdict.steps.some((s) => s.act === "bath" || s.act === "soak-bare") && (
          <p className="font-semibold">Soak tubs drown small children: never leave one unwatched.</p>
        )}
        <p>Gloves; damp the mix before it is loosened, it can carry germs. Lift the pot, never the trunk.</p>
        {context.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
      </Caution>
    </section>
  );
}

function openWords(opens: string | null, today: string): string {
  if (opens === "now") return "in its open window, now";
  return opens === null ? "when its window opens" : `from ${day(opens, today)}`;
}

"use client";

import * as say from "@/words/pages/plan/changed";
import { useAsOf } from "@/features/kernel/as-of";
import { litres, number, percent } from "@/words/format";
import { ACTION_WORDS, counted, INPUT_WORDS, yearWords } from "@/words/ladder";
import { FIRST_TREES } from "./facts";
import type { CollectionPlan, PlannedStep } from "./plan";

/** What the new plan does otherwise than was agreed, and why. */
export function Changed({ plan, southern }: { plan: CollectionPlan; southern: boolean }) {
  const { units } = useAsOf();
  const agreed = plan.trees.filter((t) => t.kept !== null);
  const changed = agreed.filter((t) => t.changes.length > 0 || t.kept === false);
  if (agreed.length === 0) return null;
  const words = ({ action, volumeL }: { action: PlannedStep["action"]; volumeL: number }) =>
    action === "up-pot" ? say.into(litres(volumeL, units)) : ACTION_WORDS[action].long;
  return (
    <section aria-labelledby="changed" className="mt-4" data-testid="changed">
      <h2 id="changed" className="text-lg">
        {say.againstWhatWasAccepted}
      </h2>
      {changed.length === 0 ? (
        <p>{say.allAreAsTheyWere(counted(agreed.length, say.acceptedPlan))}</p>
      ) : (
        <ul className="space-y-1 text-sm">
          {changed.slice(0, FIRST_TREES).map((t) => (
            <li key={t.treeId}>
              <b>{t.tag}</b>
              {say.because(
                t.kept === false ? say.whatWasAcceptedForThe : "",
                t.changes.length > 0
                  ? `: ${t.changes
                      .slice(0, 3)
                      .map((c) => say.insteadOf(yearWords(c.season, southern), words(c.after), words(c.before)))
                      .join("; ")}${t.changes.length > 3 ? say.andMoreSeasons(number(t.changes.length - 3)) : ""}`
                  : "",
                t.why.length > 0
                  ? say.changed(t.why.map((w) => INPUT_WORDS[w]).join(", "), t.why.length === 1 ? "has" : "have")
                  : say.theYearsAheadHaveMoved,
              )}
            </li>
          ))}
        </ul>
      )}
      <p className="mt-1 text-sm">
        {say.ofTheAcceptedPlansAre(percent((agreed.length - changed.length) / agreed.length))}
      </p>
    </section>
  );
}

"use client";

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
    action === "up-pot" ? `into ${litres(volumeL, units)}` : ACTION_WORDS[action].long;
  return (
    <section aria-labelledby="changed" className="mt-4" data-testid="changed">
      <h2 id="changed" className="text-lg">
        Against what was accepted
      </h2>
      {changed.length === 0 ? (
        <p>All {counted(agreed.length, "accepted plan")} are as they were.</p>
      ) : (
        <ul className="space-y-1 text-sm">
          {changed.slice(0, FIRST_TREES).map((t) => (
            <li key={t.treeId}>
              <b>{t.tag}</b>
              {t.kept === false ? ": what was accepted for the coming seasons is not possible any more" : ""}
              {t.changes.length > 0
                ? `: ${t.changes
                    .slice(0, 3)
                    .map((c) => `${yearWords(c.season, southern)} ${words(c.after)} instead of ${words(c.before)}`)
                    .join("; ")}${t.changes.length > 3 ? `; and ${number(t.changes.length - 3)} more seasons` : ""}`
                : ""}
              . Because{" "}
              {t.why.length > 0
                ? `${t.why.map((w) => INPUT_WORDS[w]).join(", ")} ${t.why.length === 1 ? "has" : "have"} changed`
                : "the years ahead have moved on and end later"}
              .
            </li>
          ))}
        </ul>
      )}
      <p className="mt-1 text-sm">
        {percent((agreed.length - changed.length) / agreed.length)} of the accepted plans are as they were.
      </p>
    </section>
  );
}

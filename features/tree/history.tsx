"use client";

import { day, litres, percent } from "@/ui/format";
import { useAsOf } from "../shell/as-of";
import { TAKEN_BACK, useNotice, useUndo } from "../shell/notice";
import { CIRCLING_GRADES, CORRECTION_WORDS, FILL_GRADES, FORM_WORDS } from "../words";
import type { TreeFacts } from "./tree-view";

/** What happened, newest first: what was entered, when, by whom; each can be taken back. */
export function History({ facts }: { facts: TreeFacts }) {
  const { collectionId, units } = useAsOf();
  const { undo, busy, problem, offer } = useUndo(collectionId);
  const { tell } = useNotice();
  const takeBack = async (entryIds: readonly string[]) => {
    const undone = await undo(entryIds);
    if (undone) tell({ text: TAKEN_BACK, entryId: undone });
  };
  const words = ({ payload, lotName }: TreeFacts["history"][number]): string => {
    switch (payload.kind) {
      case "arrived":
        return `Arrived ${FORM_WORDS[payload.form]}`;
      case "potted":
        return `Potted into ${lotName ?? "a pot"}, ${payload.mixName}, ${litres(payload.mixL, units)}; ${CORRECTION_WORDS[payload.correction].name.toLowerCase()}${payload.retainedShare !== null ? `, ${percent(payload.retainedShare)} of roots kept` : ""}`;
      case "roots-read":
        return `Roots seen: ${[payload.fillGrade === null ? "" : FILL_GRADES[payload.fillGrade], payload.circlingGrade === null ? "" : `turning ${CIRCLING_GRADES[payload.circlingGrade]}`].filter(Boolean).join("; ")}`;
      case "stocked":
        return "Pot put in store";
      case "noted":
        return payload.text;
    }
  };
  return (
    <section aria-label="What happened">
      <h2 className="text-lg">What happened</h2>
      {problem && (
        <p role="alert" className="text-error font-semibold">
          {problem}{" "}
          {offer && (
            <button type="button" className="btn btn-sm" disabled={busy} onClick={() => void takeBack(offer)}>
              Undo these {offer.length} together
            </button>
          )}
        </p>
      )}
      <ol className="divide-base-300 divide-y">
        {facts.history.map((h) => (
          <li key={`${h.entryId}-${h.payload.kind}`} className="flex items-start gap-3 py-2">
            <span className="min-w-0 flex-1 break-words">
              <b>{h.on.from === h.on.to ? day(h.on.best) : `between ${day(h.on.from)} and ${day(h.on.to)}`}</b>{" "}
              {words(h)}
              <span className="block text-xs opacity-75">
                recorded {day(h.recordedAt.slice(0, 10))} by {h.actor}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-sm"
              disabled={busy}
              aria-label={`Undo: ${words(h)}`}
              onClick={() => void takeBack([h.entryId])}
            >
              Undo
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

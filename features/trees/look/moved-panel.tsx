"use client";

import * as say from "@/words/pages/trees/look";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useEffect, useRef } from "react";
import type { DateKind, MoveCause } from "@/model/index";
import { day, number } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import type { MovedSince } from "./since";

const WHICH: Record<DateKind, string> = { due: "due", opens: say.windowOpens, moveBy: say.lastSafeDay };

const CAUSES: Record<MoveCause, string> = {
  check: say.aLookAtItsRoots,
  correction: say.aCorrectionOfItsHistory,
  record: say.whatWasRecordedOfIt,
  weather: say.theWeather,
  model: say.aChangeInTheModel,
  people: say.daysOnWhichNobodyIs,
};

/** Dates that shifted since the keeper last said "seen", the largest shift first. */
export function MovedPanel({ moved }: { moved: MovedSince }) {
  const { collectionId, today } = useAsOf();
  const { send, busy } = useCommand("mark-seen");
  const first = useRef(moved.lookedOn === null);
  useEffect(() => {
    // The very first look has nothing to compare with: it becomes what the next one is compared with.
    if (!first.current) return;
    first.current = false;
    void send({ collectionId });
  }, [collectionId, send]);
  if (moved.lookedOn === null || moved.moves.length === 0) return null;
  const causes = [...new Set(moved.moves.map((m) => m.cause))].map((c) => CAUSES[c]).join(", ");
  return (
    <details className="border-accent bg-base-200 mb-3 rounded border-l-4 px-3 py-1" data-testid="moved-since">
      <summary className="min-h-11 cursor-pointer content-center">
        <b>{say.moved(number(moved.moves.length), moved.moves.length === 1 ? say.dateHas : say.datesHave)}</b>
        {say.sinceYouLastLookedOn(day(moved.lookedOn, today), causes)}
      </summary>
      <ul className="max-h-80 overflow-y-auto pb-2">
        {moved.moves.map((m) => (
          <li key={`${m.treeId}-${m.which}`} className="py-1">
            <Link prefetch={false} className="link font-semibold" href={treeAt(collectionId, m.treeId)}>
              {m.tag}
            </Link>
            {say.daysBecauseOf(
              WHICH[m.which],
              day(m.before, today),
              day(m.after, today),
              number(Math.abs(m.days)),
              m.days > 0 ? say.later : say.earlier,
              CAUSES[m.cause],
            )}
          </li>
        ))}
      </ul>
      <p className="pb-1 text-sm">{say.shiftsOfFiveDaysOr}</p>
      <button type="button" className="btn btn-sm mb-2" disabled={busy} onClick={() => void send({ collectionId })}>
        {say.seen}
      </button>
    </details>
  );
}

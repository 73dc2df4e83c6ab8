"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/log";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { day, number } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { TAKEN_BACK, useNotice } from "@/features/kernel/notice";
import { PAGE_WORDS } from "@/words/rooms";

export interface JournalEntry {
  id: string;
  seq: number;
  words: string;
  recordedAt: string;
  actor: string;
  /** The day it speaks of. */
  on: string | null;
  undone: boolean;
  /** Something of it was written by a later version, or is damaged. */
  unreadable: boolean;
  isUndo: boolean;
  isCorrection: boolean;
  founding: boolean;
  trees: { id: string; tag: string }[];
  more: number;
}

/** Every entry, newest first: what, for which day, entered when and by whom. Several are taken back as one. */
export function Journal({ entries, total, older }: { entries: JournalEntry[]; total: number; older: number | null }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("undo-together");
  const [chosen, setChosen] = useState<string[]>([]);
  const undo = async (ids: readonly string[]) => {
    // Latest first, so that nothing is taken from under what stands on it.
    const order = new Map(entries.map((e) => [e.id, e.seq]));
    const sorted = [...ids].sort((a, b) => (order.get(b) ?? 0) - (order.get(a) ?? 0));
    const done = await send({ collectionId, entryIds: sorted });
    if (!done) return;
    setChosen([]);
    tell({ text: ids.length === 1 ? TAKEN_BACK : say.entriesTakenBackTogether(ids.length), entryId: done.entryId });
  };
  const offer = failure?.offer?.together;
  return (
    <div className="mx-auto max-w-4xl">
      <h1 className="text-2xl">{PAGE_WORDS.log}</h1>
      <p>{say.newestFirstNothingIsEver(number(total), total === 1 ? say.entry : say.entries)}</p>
      <div className="bg-base-100 sticky top-0 z-10 flex flex-wrap items-center gap-3 py-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy || chosen.length === 0}
          onClick={() => void undo(chosen)}
        >
          {chosen.length === 0 ? say.undoWhatIsTicked : say.undoTheseTogether(chosen.length)}
        </button>
        {failure && (
          <p role="alert" className="text-error font-semibold">
            {failure.faults[0]?.message}{" "}
            {offer && (
              <button type="button" className="btn btn-sm" disabled={busy} onClick={() => void undo(offer)}>
                {say.undoAllTogether(offer.length)}
              </button>
            )}
          </p>
        )}
      </div>
      <ol className="divide-base-300 divide-y">
        {entries.map((e) => (
          <li key={e.id} className="flex items-start gap-3 py-2">
            <input
              type="checkbox"
              aria-label={say.choose(e.words)}
              className="checkbox mt-1"
              disabled={e.undone || e.founding}
              checked={chosen.includes(e.id)}
              onChange={(event) =>
                setChosen(event.target.checked ? [...chosen, e.id] : chosen.filter((id) => id !== e.id))
              }
            />
            <span className="min-w-0 flex-1 break-words">
              <span className={e.undone ? "line-through" : ""}>{e.words}</span>
              {e.isCorrection && say.aCorrection}
              {e.unreadable && say.cannotBeReadByThis}
              {e.undone && say.undone}
              <span className="block text-sm opacity-80">
                {say.enteredUtcBy(
                  e.on && e.on !== e.recordedAt.slice(0, 10) ? say.forLabel(day(e.on)) : "",
                  day(e.recordedAt.slice(0, 10)),
                  e.recordedAt.slice(11, 16),
                  e.actor,
                )}
                {e.trees.map((t) => (
                  <Link
                    key={t.id}
                    prefetch={false}
                    className="link ml-2"
                    href={treeAt(collectionId, t.id, "", "#history")}
                  >
                    {t.tag}
                  </Link>
                ))}
                {e.more > 0 && common.andMoreBehind(number(e.more))}
              </span>
            </span>
            {!e.undone && !e.founding && (
              <button
                type="button"
                className="btn btn-sm"
                disabled={busy}
                aria-label={`${e.isUndo ? common.bringBack : "Undo"}: ${e.words}`}
                onClick={() => void undo([e.id])}
              >
                {e.isUndo ? common.bringBack : common.undo}
              </button>
            )}
          </li>
        ))}
      </ol>
      {older !== null && (
        <Link className="btn mt-4" href={pageAt(collectionId, "log", `?before=${older}`)}>
          {say.olderEntries}
        </Link>
      )}
    </div>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/kernel";
import { useRouter } from "next/navigation";
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { useCommand } from "./use-command";

interface Notice {
  text: string;
  entryId: string | null;
}

export const TAKEN_BACK = say.takenBack;

const Context = createContext<{ tell: (notice: Notice) => void }>({ tell: () => undefined });

export function useNotice() {
  return useContext(Context);
}

/** Says what was just recorded and takes it back: undo instead of "are you sure?". */
export function NoticeProvider({
  collectionId,
  atTop,
  children,
}: {
  collectionId: string;
  /** Where the thumb works at the foot of the screen nothing may lie over it. */
  atTop: boolean;
  children: ReactNode;
}) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const undo = useUndo(collectionId);
  const tell = useCallback((next: Notice) => setNotice(next), []);
  const value = useMemo(() => ({ tell }), [tell]);
  return (
    <Context.Provider value={value}>
      {children}
      <div
        role="status"
        aria-live="polite"
        // At the foot it stands in the page, after everything: scrolled to the end it lies over nothing.
        className={`no-print pointer-events-none inset-x-0 z-20 flex justify-center p-3 ${atTop ? "fixed top-0" : "sticky bottom-14 sm:bottom-0"}`}
      >
        {notice && (
          <div className="rounded-box bg-neutral text-neutral-content pointer-events-auto flex max-w-xl flex-wrap items-center gap-3 px-4 py-3 shadow-lg">
            <span>{undo.problem ?? notice.text}</span>
            {notice.entryId !== null && (
              <button
                type="button"
                className="btn btn-sm"
                disabled={undo.busy}
                onClick={() =>
                  void (async () => {
                    const undone = await undo.undo([notice.entryId!]);
                    // Undoing an undo brings it back: the same button goes to and fro.
                    if (undone)
                      setNotice({ text: notice.text === TAKEN_BACK ? say.broughtBack : TAKEN_BACK, entryId: undone });
                  })()
                }
              >
                {common.undo}
              </button>
            )}
            <button
              type="button"
              className="btn btn-sm btn-ghost text-neutral-content"
              aria-label={say.closeThisMessage}
              onClick={() => setNotice(null)}
            >
              ✕
            </button>
          </div>
        )}
      </div>
    </Context.Provider>
  );
}

/** Undoes entries one after another, latest first; stops at the first refusal and says why. Answers the last undo's own entry. */
export function useUndo(collectionId: string) {
  const router = useRouter();
  const { send, busy, failure } = useCommand("undo-entry");
  const undo = useCallback(
    async (entryIds: readonly string[]): Promise<string | null> => {
      let last: string | null = null;
      for (const entryId of entryIds) {
        const done = await send({ collectionId, entryId });
        if (!done) return null;
        last = done.entryId;
      }
      router.refresh();
      return last;
    },
    [collectionId, router, send],
  );
  return { undo, busy, problem: failure?.faults[0]?.message, offer: failure?.offer?.together };
}

"use client";

import { useEffect, useState } from "react";
import type { FoundKind } from "@/contract/queries";
import type { Habit } from "@/core/wood/index";
import { ask } from "@/features/kernel/ask";
import { useAsOf } from "@/features/kernel/as-of";

const WAIT_MS = 120;

/** Kinds that typed words may mean, asked from the server as they are typed; none while nothing is typed or nobody answers. */
export function useFoundKinds(text: string): FoundKind[] {
  const { collectionId } = useAsOf();
  const [answer, setAnswer] = useState<{ query: string; found: FoundKind[] }>({ query: "", found: [] });
  const query = text.trim();
  useEffect(() => {
    if (query === "") return;
    const leave = new AbortController();
    const timer = setTimeout(() => {
      ask(collectionId, "kinds", { q: query.slice(0, 120) }, leave.signal)
        .then(({ found }) => setAnswer({ query, found }))
        .catch(() => undefined);
    }, WAIT_MS);
    return () => {
      clearTimeout(timer);
      leave.abort();
    };
  }, [query, collectionId]);
  return answer.query === query ? answer.found : [];
}

/** What a form knows of a kind: the words, the kind they mean or that was picked, and how it grows where it is none. */
export function useKind(initial = "", initialHabit: Habit | "unknown" = "unknown") {
  const [text, setText] = useState(initial);
  const [picked, setPicked] = useState<FoundKind | null>(null);
  const [habit, setHabit] = useState<Habit | "unknown">(initialHabit);
  const found = useFoundKinds(picked ? "" : text);
  const chosen = picked ?? found.find((kind) => kind.exact) ?? null;
  return {
    text,
    found,
    chosen,
    habit,
    setHabit,
    type: (typed: string) => {
      setText(typed);
      setPicked(null);
    },
    /** A genus is picked for what was typed, which says the species; a kind takes its own name. */
    pick: (kind: FoundKind) => {
      setPicked(kind);
      if (kind.rank === "kind") setText(kind.name);
    },
    /** The fields of a record. */
    fields: {
      kindId: chosen?.id ?? null,
      typedName: chosen === null || (chosen.rank === "genus" && !chosen.exact) ? text.trim() : null,
      habit: chosen ? null : habit,
    },
  };
}
export type KindDraft = ReturnType<typeof useKind>;

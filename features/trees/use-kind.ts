"use client";

import { useEffect, useState } from "react";
import type { FoundKind } from "@/contract/queries";
import type { Looks } from "@/core/species/index";
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

const NOTHING_SEEN: Looks = { leaf: null, group: null, lastShoots: null };

/** What is seen counts where the kind does not say it: all of it of one nobody can place, the shoots of one known by its genus. */
function looksFor(chosen: FoundKind | null, habit: Habit | "unknown", looks: Looks): Looks | null {
  const kept: Looks | null =
    chosen === null
      ? habit === "unknown"
        ? looks
        : { ...NOTHING_SEEN, lastShoots: looks.lastShoots }
      : chosen.rank === "genus"
        ? { ...NOTHING_SEEN, lastShoots: looks.lastShoots }
        : null;
  return kept && Object.values(kept).some((v) => v !== null) ? kept : null;
}

/** What a form knows of a kind: the words, the kind they mean or that was picked, and how it grows where it is none. */
export function useKind(initial = "", initialHabit: Habit | "unknown" = "unknown", initialLooks: Looks | null = null) {
  const [text, setText] = useState(initial);
  const [picked, setPicked] = useState<FoundKind | null>(null);
  const [habit, setHabit] = useState<Habit | "unknown">(initialHabit);
  const [looks, setLooks] = useState<Looks>(initialLooks ?? NOTHING_SEEN);
  const found = useFoundKinds(picked ? "" : text);
  const chosen = picked ?? found.find((kind) => kind.exact) ?? null;
  return {
    text,
    found,
    chosen,
    habit,
    setHabit,
    looks,
    setLooks,
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
      looks: looksFor(chosen, habit, looks),
    },
  };
}
export type KindDraft = ReturnType<typeof useKind>;

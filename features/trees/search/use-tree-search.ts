import { useEffect, useState } from "react";
import type { FoundTree } from "@/contract/queries";
import { ask } from "@/features/kernel/ask";
import { useAsOf } from "@/features/kernel/as-of";

const WAIT_MS = 90;

/** What is found for words as they are typed: the answer to the newest words, or to none yet. */
export function useTreeSearch(query: string): { query: string; found: FoundTree[]; away: boolean } | null {
  const { collectionId } = useAsOf();
  const [answer, setAnswer] = useState<{ query: string; found: FoundTree[]; away: boolean } | null>(null);
  const asked = query.trim() !== "";
  useEffect(() => {
    if (!asked) return;
    let wanted = true;
    const timer = setTimeout(() => {
      ask(collectionId, "search", { q: query })
        .then(({ found }) => wanted && setAnswer({ query, found, away: false }))
        .catch(() => wanted && setAnswer({ query, found: [], away: true }));
    }, WAIT_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [query, asked, collectionId]);
  return asked ? answer : null;
}

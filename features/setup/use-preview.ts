"use client";

import { useEffect, useState } from "react";
import type { SitePreview } from "@/contract/queries";
import { askSite } from "@/features/kernel/ask";

/** Weather years of the preview; a collection has its own seed, which moves its dates by a day or two. */
export const SETUP_SEED = 20_011;
const WAIT_MS = 350;

interface Asked {
  seed: number;
  latitudeDeg: number;
  longitudeDeg: number;
  elevationM?: number;
  coldestNightC?: number;
  hotAfternoonC?: number;
  lastSpringFrost?: string | null;
  firstAutumnFrost?: string | null;
}

/** The months of a site as its answers stand; the last ones stay in sight while the next are worked out. */
export function usePreview(asked: Asked | null): SitePreview | null {
  const [preview, setPreview] = useState<SitePreview | null>(null);
  const query =
    asked === null ? null : JSON.stringify(asked, (_key, value: unknown) => (value === null ? "never" : value));
  useEffect(() => {
    if (query === null) return;
    const leave = new AbortController();
    const timer = setTimeout(() => {
      const fields = Object.entries(JSON.parse(query) as Record<string, string | number>);
      askSite("site", Object.fromEntries(fields.map(([name, value]) => [name, String(value)])), leave.signal)
        .then(setPreview)
        // Without an answer the form works on: the year is guessed when the collection begins.
        .catch(() => undefined);
    }, WAIT_MS);
    return () => {
      clearTimeout(timer);
      leave.abort();
    };
  }, [query]);
  return query === null ? null : preview;
}

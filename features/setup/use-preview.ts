"use client";

import { useEffect, useState } from "react";
import type { SitePreview } from "@/contract/queries";
import { askSite } from "@/features/kernel/ask";
import type { Answered } from "./read-answers";

const WAIT_MS = 350;

type Asked = Pick<Answered, "latitudeDeg" | "longitudeDeg"> & Partial<Answered> & { seed: number };

/** In an address everything is text, and a frost day that never comes is "never". */
const fieldsOf = (asked: Asked): Record<string, string> =>
  Object.fromEntries(
    Object.entries(asked).flatMap(([name, value]) =>
      value === undefined ? [] : [[name, value === null ? "never" : String(value)]],
    ),
  );

/** The year of a site as its answers stand; null where nobody answers: it is guessed when the collection begins. */
export const askPreview = (asked: Asked): Promise<SitePreview | null> =>
  askSite("site", fieldsOf(asked)).catch(() => null);

/** The same while answers are typed; the last one stays in sight while the next is worked out. */
export function usePreview(asked: Asked | null): SitePreview | null {
  const [preview, setPreview] = useState<SitePreview | null>(null);
  const query = asked === null ? null : JSON.stringify(fieldsOf(asked));
  useEffect(() => {
    if (query === null) return;
    const leave = new AbortController();
    const timer = setTimeout(() => {
      askSite("site", JSON.parse(query) as Record<string, string>, leave.signal)
        .then(setPreview)
        .catch(() => undefined);
    }, WAIT_MS);
    return () => {
      clearTimeout(timer);
      leave.abort();
    };
  }, [query]);
  return query === null ? null : preview;
}

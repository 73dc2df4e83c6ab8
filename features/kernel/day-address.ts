"use client";

import { usePathname, useSearchParams } from "next/navigation";
import { useAsOf } from "./as-of";
import { putDay } from "./put-day";

/**
 * Address of this page with other questions; null or an empty text takes one out. The day comes from what is shown: it stands in the
 * address beside the router, which does not know of it.
 */
export function useAddressWith(): (changes: Record<string, string | null>) => string {
  const { settledOn, today } = useAsOf();
  const path = usePathname();
  const query = useSearchParams();
  return (changes) => {
    const next = new URLSearchParams(query.toString());
    putDay(next, settledOn, today);
    for (const [key, value] of Object.entries(changes)) {
      if (value === null || value === "") next.delete(key);
      else next.set(key, value);
    }
    return `${path}${next.size > 0 ? `?${next.toString()}` : ""}`;
  };
}

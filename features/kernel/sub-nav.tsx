"use client";

import { pageAt, type Page } from "./addresses";
import Link from "next/link";
import { useEffect, useRef } from "react";
import { useAsOf, useDayQuery } from "./as-of";

/** The rooms of one place of the program, side by side. */
export function SubNav<T extends Page>({
  label,
  parts,
  at,
}: {
  label: string;
  parts: readonly (readonly [T, string])[];
  at: T;
}) {
  const { collectionId } = useAsOf();
  const here = useRef<HTMLAnchorElement>(null);
  // On a phone the row is wider than the screen: the room one is in must not lie out of sight.
  useEffect(() => {
    const row = here.current?.parentElement;
    if (row && here.current) row.scrollLeft = here.current.offsetLeft - row.offsetLeft - 16;
  }, [at]);
  const query = useDayQuery();
  return (
    <nav aria-label={label} className="mb-4 flex gap-x-5 overflow-x-auto whitespace-nowrap sm:flex-wrap">
      {parts.map(([key, words]) => (
        <Link
          key={key}
          ref={key === at ? here : undefined}
          prefetch={false}
          href={pageAt(collectionId, key, query)}
          aria-current={key === at ? "page" : undefined}
          className="aria-[current]:border-accent inline-flex min-h-11 items-center border-b-2 border-transparent underline-offset-4 hover:underline aria-[current]:font-semibold"
        >
          {words}
        </Link>
      ))}
    </nav>
  );
}

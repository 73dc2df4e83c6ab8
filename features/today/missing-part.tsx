"use client";

import * as say from "@/words/pages/today";
import Link from "next/link";
import { pageAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { number } from "@/words/format";
import { MISSING_LINES } from "@/words/today";
import type { MissingLine } from "./missing";

/** What nobody has said yet, folded beneath the work. */
export function MissingPart({ lines }: { lines: readonly MissingLine[] }) {
  const { collectionId } = useAsOf();
  if (lines.length === 0) return null;
  return (
    <details className="no-print border-base-300 mt-6 border-t pt-2" data-testid="missing">
      <summary className="min-h-11 cursor-pointer content-center text-xl font-medium">
        {say.whatIsMissing}
        <span className="text-base font-normal">· {number(lines.length)}</span>
      </summary>
      <p className="text-sm">{say.eachOfTheseMakesThe}</p>
      <ul className="divide-base-300 mt-1 divide-y">
        {lines.map(({ what, trees, page, rest }) => (
          <li key={what} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
            <span className="min-w-0 flex-1 basis-64">{MISSING_LINES[what].words(trees ?? 0)}</span>
            <Link prefetch={false} className="btn btn-sm min-h-11" href={pageAt(collectionId, page, rest)}>
              {MISSING_LINES[what].go}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}

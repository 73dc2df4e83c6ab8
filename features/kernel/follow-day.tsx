"use client";

import * as say from "@/words/pages/kernel";
import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { day } from "@/words/format";
import { useAsOf } from "./as-of";
import { putDay } from "./put-day";

/**
 * Asks the server anew when the day everything is seen as of is no longer the one a page was worked out for. Pages that the browser's own
 * replay cannot answer stand on it.
 */
export function useFollowDay(shown: string): void {
  const { settledOn, today } = useAsOf();
  const router = useRouter();
  useEffect(() => {
    if (settledOn === shown) return;
    const url = new URL(window.location.href);
    putDay(url.searchParams, settledOn, today);
    router.replace(`${url.pathname}${url.search}`, { scroll: false });
  }, [settledOn, shown, today, router]);
}

/** The same as a line on the page while the answer is on its way. */
export function FollowDay({ shown }: { shown: string }) {
  const { settledOn } = useAsOf();
  useFollowDay(shown);
  return settledOn === shown ? null : (
    <p role="status" className="text-accent mb-2 font-semibold">
      {say.workingItOutFor(day(settledOn))}
    </p>
  );
}

/** In place of a page about a day on which the tree was not here yet, or no more. */
export function NotHereThen({ shown, tag }: { shown: string; tag: string }) {
  const { today, setOn } = useAsOf();
  return (
    <div>
      <FollowDay shown={shown} />
      <h1 className="text-2xl">{say.wasNotHereThen(tag)}</h1>
      <p className="my-3">{say.onItHadNotArrived(day(shown))}</p>
      {shown !== today && (
        <button type="button" className="btn btn-primary" onClick={() => setOn(today, true)}>
          {say.backToToday}
        </button>
      )}
    </div>
  );
}

"use client";

import * as say from "@/words/pages/shell";
import Link from "next/link";
import { useEffect, useRef } from "react";
import { pageAt } from "@/features/kernel/addresses";
import { useAsOf, useDayQuery } from "@/features/kernel/as-of";
import { Icon } from "@/ui/icon";
import { ROOM_WORDS } from "@/words/rooms";
import { IN_FOOT_BAR, MORE, ROOMS } from "./rooms";

/** Pages visited less often. Closes again when one is chosen or the page is touched elsewhere. */
export function More({ path, atFoot = false }: { path: string; atFoot?: boolean }) {
  const { collectionId } = useAsOf();
  const query = useDayQuery();
  const details = useRef<HTMLDetailsElement>(null);
  useEffect(() => {
    const close = (event: Event) => {
      if (!details.current?.contains(event.target as Node)) details.current?.removeAttribute("open");
    };
    window.addEventListener("pointerdown", close);
    return () => window.removeEventListener("pointerdown", close);
  }, []);
  const rooms = atFoot ? ROOMS.slice(IN_FOOT_BAR).map(({ page }) => [page, ROOM_WORDS[page]] as const) : [];
  return (
    <details
      ref={details}
      className={`relative ${atFoot ? "flex-1" : ""}`}
      onKeyDown={(e) => e.key === "Escape" && details.current?.removeAttribute("open")}
    >
      {atFoot ? (
        <summary className="flex min-h-14 flex-col items-center justify-center text-xs font-medium">
          <Icon name="more" size={22} />
          {say.more}
        </summary>
      ) : (
        <summary className="btn btn-ghost btn-sm min-h-9">{say.more}</summary>
      )}
      <ul
        className={`bg-base-100 border-base-300 rounded-box absolute right-0 z-30 w-56 border p-1 shadow-lg ${atFoot ? "bottom-full mb-1 mr-1" : "mt-1"}`}
      >
        {[...rooms, ...MORE].map(([page, word]) => (
          <li key={page}>
            <Link
              prefetch={false}
              href={pageAt(collectionId, page, query)}
              aria-current={path.endsWith(`/${page}`) ? "page" : undefined}
              className="hover:bg-base-200 rounded-field flex min-h-11 items-center px-3 aria-[current]:font-semibold"
              onClick={() => details.current?.removeAttribute("open")}
            >
              {word}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}

"use client";

import * as say from "@/words/pages/shell";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { pageAt } from "@/features/kernel/addresses";
import { useAsOf, useDayQuery } from "@/features/kernel/as-of";
import { Icon } from "@/ui/icon";
import { ROOM_WORDS } from "@/words/rooms";
import { More } from "./more";
import { IN_FOOT_BAR, isIn, ROOMS } from "./rooms";

/** The rooms at the foot of a phone's screen, under the thumb. */
export function FootBar() {
  const { collectionId } = useAsOf();
  const path = usePathname();
  const query = useDayQuery();
  return (
    <nav
      aria-label={say.rooms}
      className="no-print bg-base-200 border-base-300 fixed inset-x-0 bottom-0 z-30 flex border-t pb-[env(safe-area-inset-bottom)] sm:hidden"
    >
      {ROOMS.slice(0, IN_FOOT_BAR).map(({ page, icon }) => (
        <Link
          key={page}
          prefetch={false}
          href={pageAt(collectionId, page, query)}
          aria-current={isIn(page, path) ? "page" : undefined}
          className="aria-[current]:bg-primary aria-[current]:text-primary-content flex min-h-14 flex-1 flex-col items-center justify-center text-xs font-medium"
        >
          <Icon name={icon} size={22} />
          {ROOM_WORDS[page]}
        </Link>
      ))}
      <More path={path} atFoot />
    </nav>
  );
}

"use client";

import { usePathname, useSearchParams } from "next/navigation";
import { type ReactNode, useState } from "react";
import { parseIso } from "@/core/dates/index";
import type { Units } from "@/ui/format";
import { AsOfProvider } from "./as-of";
import type { StripData } from "./data";
import { Nav } from "./nav";
import { NoticeProvider } from "./notice";
import { SeasonStrip } from "./season-strip";

export function Frame({
  collectionId,
  revision,
  today,
  units,
  latitudeDeg,
  name,
  strip,
  children,
}: {
  collectionId: string;
  revision: number;
  today: string;
  units: Units;
  latitudeDeg: number;
  name: string;
  strip: StripData;
  children: ReactNode;
}) {
  const path = usePathname();
  // One-handed work at the bench: nothing else is on the screen.
  const onWalk = path.endsWith("/walk") || path.endsWith("/roots");
  const asked = useSearchParams().get("on");
  // Only the address the page was opened with counts: later moves write the address, they do not read it.
  const [initialOn] = useState(asked !== null && parseIso(asked) !== null ? asked : today);
  return (
    <AsOfProvider
      collectionId={collectionId}
      revision={revision}
      today={today}
      initialOn={initialOn}
      units={units}
      latitudeDeg={latitudeDeg}
    >
      <NoticeProvider collectionId={collectionId} atTop={onWalk}>
        <Nav name={name} />
        {/* A walk-round works on today, with one hand: nothing else is on the screen. */}
        {!onWalk && <SeasonStrip data={strip} />}
        <main className="mx-auto max-w-[1400px] px-3 py-4">{children}</main>
      </NoticeProvider>
    </AsOfProvider>
  );
}

"use client";

import { usePathname, useSearchParams } from "next/navigation";
import { type ReactNode, useMemo, useState } from "react";
import type { PlansNow } from "@/contract/queries";
import type { Units } from "@/words/format";
import { SeenProvider } from "@/features/kernel/seen";
import { AsOfProvider } from "@/features/kernel/as-of";
import type { StripData } from "./strip-data";
import { FootBar } from "./foot-bar";
import { Nav } from "./nav";
import { asOfDay } from "@/features/kernel/page-props";
import { NoticeProvider } from "@/features/kernel/notice";
import { RecordProvider } from "@/features/shell/record/provider";
import { PlanWatch } from "./plan-watch";
import { isAboutTheYear } from "./rooms";
import { SeasonStrip } from "./season-strip";

export function Frame({
  collectionId,
  revision,
  epoch,
  today,
  units,
  currency,
  latitudeDeg,
  name,
  strip,
  simulatedForecast,
  warning,
  plans,
  children,
}: {
  collectionId: string;
  revision: number;
  epoch: number;
  today: string;
  units: Units;
  currency: string;
  latitudeDeg: number;
  name: string;
  /** null where the weather cannot be worked out just now: the records can still be read and put right. */
  strip: StripData | null;
  simulatedForecast: boolean;
  /** Why nothing can be saved just now. */
  warning: string | null;
  /** Which state of the trees' plans the page shows, and whether newer ones are being made. */
  plans: PlansNow;
  children: ReactNode;
}) {
  const path = usePathname();
  // One-handed work at the bench: nothing else is on the screen.
  const onWalk = path.endsWith("/walk") || path.endsWith("/roots");
  const asked = useSearchParams().get("on");
  // Only the address the page was opened with counts: later moves write the address, they do not read it.
  const [initialOn] = useState(asOfDay(asked ?? undefined, today));
  const seen = useMemo(() => ({ collectionId, revision, epoch }), [collectionId, revision, epoch]);
  return (
    <SeenProvider value={seen}>
      <AsOfProvider
        collectionId={collectionId}
        revision={revision}
        plans={plans.version}
        today={today}
        initialOn={initialOn}
        units={units}
        currency={currency}
        latitudeDeg={latitudeDeg}
        simulatedForecast={simulatedForecast}
      >
        <NoticeProvider collectionId={collectionId} atTop={onWalk}>
          <RecordProvider>
            <Nav name={name} />
            {plans.making && <PlanWatch collectionId={collectionId} version={plans.version} />}
            {/* A walk-round works on today, with one hand: nothing else is on the screen. */}
            {warning !== null && (
              <p role="alert" className="bg-warning text-warning-content px-4 py-2" data-testid="read-only">
                {warning}
              </p>
            )}
            {!onWalk && strip !== null && <SeasonStrip data={strip} folds={!isAboutTheYear(path)} />}
            <main className="mx-auto max-w-[1400px] px-3 py-4">{children}</main>
            {!onWalk && <div className="h-16 sm:hidden" />}
            {!onWalk && <FootBar />}
          </RecordProvider>
        </NoticeProvider>
      </AsOfProvider>
    </SeenProvider>
  );
}

import "server-only";
import { notFound } from "next/navigation";
import { after } from "next/server";
import type { ReactNode } from "react";
import { isDatabaseGone } from "@/data/db";
import type { PlansNow } from "@/contract/queries";
import { diskFault } from "@/server/disk";
import { log } from "@/server/log";
import { faultWords } from "@/words/faults";
import { plansAreDue, wakePlans } from "@/features/kernel/collection/planning";
import { tracksAreKept } from "@/features/kernel/collection/tracks";
import { refreshForecast } from "../climate/weather/forecast";
import { collectionView, recordsView } from "@/features/kernel/views";
import { stripData, type StripData } from "./strip-data";
import { Frame } from "./frame";

/** What surrounds every page of a collection: places, season strip, the last word on what was recorded. */
export async function Shell({ collectionId, children }: { collectionId: string; children: ReactNode }) {
  const view = await recordsView(collectionId);
  if (!view) notFound();
  const { collection, today } = view;
  const strip = await stripOf(collectionId);
  const full = await diskFault();
  // The page never waits for the weather service: it is asked once the answer is on its way.
  const plans = await plansOfPage(collectionId);
  after(() => refreshForecast(collectionId).catch((err: unknown) => log().error({ err }, "forecast")));
  return (
    <Frame
      collectionId={collectionId}
      revision={collection.revision}
      epoch={collection.epoch}
      today={today}
      units={collection.units}
      currency={collection.currency}
      latitudeDeg={collection.latitudeDeg}
      name={collection.name}
      strip={strip}
      simulatedForecast={strip?.simulatedForecast ?? false}
      plans={plans}
      warning={full && faultWords(full, collection.units)}
    >
      {children}
    </Frame>
  );
}

/** Which plans the page shows; newer ones are begun once it is on its way. */
async function plansOfPage(collectionId: string): Promise<PlansNow> {
  try {
    const view = await collectionView(collectionId);
    if (!view) return { version: 0, making: false };
    const making = plansAreDue(view);
    if (making || !tracksAreKept({ collectionId }, view.yard)) after(() => wakePlans(view));
    return { version: view.plansVersion, making };
  } catch (err) {
    if (isDatabaseGone(err)) throw err;
    log().error({ err }, "plans");
    return { version: 0, making: false };
  }
}

/** The strip rests on the weather; a page that needs none, such as the history with its undo, is shown without it. */
async function stripOf(collectionId: string): Promise<StripData | null> {
  try {
    const view = await collectionView(collectionId);
    return view && stripData(view);
  } catch (err) {
    if (isDatabaseGone(err)) throw err;
    log().error({ err }, "season strip");
    return null;
  }
}

import "server-only";
import { notFound } from "next/navigation";
import { after } from "next/server";
import type { ReactNode } from "react";
import { refreshForecast } from "../weather/forecast";
import { collectionView, stripData } from "./data";
import { Frame } from "./frame";

/** What surrounds every page of a collection: places, season strip, the last word on what was recorded. */
export async function Shell({ collectionId, children }: { collectionId: string; children: ReactNode }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { collection, today } = view;
  // The page never waits for the weather service: it is asked once the answer is on its way.
  after(() => refreshForecast(collectionId).catch((error: unknown) => console.error("forecast", error)));
  return (
    <Frame
      collectionId={collectionId}
      revision={collection.revision}
      today={today}
      units={collection.units}
      latitudeDeg={collection.latitudeDeg}
      name={collection.name}
      strip={stripData(view)}
    >
      {children}
    </Frame>
  );
}

import "server-only";
import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { collectionView, stripData } from "./data";
import { Frame } from "./frame";

/** What surrounds every page of a collection: places, season strip, the last word on what was recorded. */
export async function Shell({ collectionId, children }: { collectionId: string; children: ReactNode }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { collection, today } = view;
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

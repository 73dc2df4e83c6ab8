import "server-only";
import { cache } from "react";
import { viewCollection, viewRecords } from "./collection/load";

/** One read of a collection per request, however many parts of the page ask. */
export const collectionView = cache(viewCollection);

/** The records alone, for pages that need no weather. */
export const recordsView = cache(viewRecords);

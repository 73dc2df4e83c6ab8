"use client";

import { createContext, useContext } from "react";

/** The state of the collection that a page was made from: writes say it, so that what somebody else changed since is noticed. */
export interface Seen {
  collectionId: string;
  revision: number;
  epoch: number;
}

const Context = createContext<Seen | null>(null);
export const SeenProvider = Context.Provider;

/** null outside a collection's pages. */
export function useSeen(): Seen | null {
  return useContext(Context);
}

/** Revisions this tab wrote itself, by collection and epoch: its own changes are no surprise to it. */
const own = new Map<string, number[]>();
const MOST_KEPT = 500;

const keyOf = ({ collectionId, epoch }: Seen) => `${collectionId}:${epoch}`;

export function rememberOwn(seen: Seen, revision: number): void {
  own.set(keyOf(seen), [...(own.get(keyOf(seen)) ?? []), revision].slice(-MOST_KEPT));
}

/** What a command says of the page it comes from. */
export function saidOf(seen: Seen | null): { baseRevision?: number; epoch?: number; ownRevisions?: number[] } {
  if (seen === null) return {};
  const newer = (own.get(keyOf(seen)) ?? []).filter((revision) => revision > seen.revision);
  return { baseRevision: seen.revision, epoch: seen.epoch, ...(newer.length > 0 ? { ownRevisions: newer } : {}) };
}

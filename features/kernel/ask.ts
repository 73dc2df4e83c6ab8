import type { QueryAnswer, QueryInput, QueryName, SiteQueryAnswer, SiteQueryName } from "@/contract/queries";
import { siteQueryAt, streamAt } from "./addresses";

/** Asks the server a question of the contract; rejects when there is no answer. */
export async function ask<N extends QueryName>(
  collectionId: string,
  name: N,
  input: QueryInput<N>,
  signal?: AbortSignal,
): Promise<QueryAnswer<N>> {
  const response = await fetch(streamAt(collectionId, name, `?${new URLSearchParams(input)}`), { signal });
  if (!response.ok) throw new Error(`${name}: ${response.status}`);
  return (await response.json()) as QueryAnswer<N>;
}

/** Asks what may be asked before there is a collection; rejects when there is no answer. */
export async function askSite<N extends SiteQueryName>(
  name: N,
  input: Record<string, string>,
  signal?: AbortSignal,
): Promise<SiteQueryAnswer<N>> {
  const response = await fetch(siteQueryAt(name, `?${new URLSearchParams(input)}`), { signal });
  if (!response.ok) throw new Error(`${name}: ${response.status}`);
  return (await response.json()) as SiteQueryAnswer<N>;
}

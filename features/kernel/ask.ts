import type { QueryAnswer, QueryInput, QueryName } from "@/contract/queries";
import { streamAt } from "./addresses";

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

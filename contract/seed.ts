/**
 * Seed of a collection's weather years: the same collection has the same years, and the form that begins it shows them.
 * @example seedOf("0000000a-0000-4000-8000-000000000000") // 10
 */
export function seedOf(collectionId: string): number {
  return Number.parseInt(collectionId.replaceAll("-", "").slice(0, 8), 16) >>> 0;
}

import { KINDS } from "@/core/species/index";

export interface KindOption {
  id: string;
  name: string;
  scientific: string;
}

/** Every name of every kind in the library, in order. */
export function kindOptions(): KindOption[] {
  return KINDS.flatMap((k) => k.names.map((name) => ({ id: k.id, name, scientific: k.scientific }))).sort((a, b) =>
    a.name.localeCompare(b.name),
  );
}

/** The kind a typed name means, by its common or scientific name. */
export function matchKind(kinds: readonly KindOption[], text: string): KindOption | undefined {
  const wanted = text.trim().toLowerCase();
  return kinds.find((k) => [k.name, k.scientific].some((n) => n.toLowerCase() === wanted));
}

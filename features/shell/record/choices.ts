import "server-only";
import type { QueryInput, RecordChoices } from "@/contract/queries";
import { toDay } from "@/core/dates/index";
import { mixChoices, plantsAt, storeAt } from "@/core/records/index";
import type { TreeRecord } from "@/core/records/index";
import { type Hazard, nameOf } from "@/core/species/index";
import { viewRecords } from "@/features/kernel/collection/load";
import { kindOf } from "@/model/index";
import { mixName } from "@/words/mixes";

/** What recording chooses from today; null where there is no such collection. */
export async function recordChoices(
  collectionId: string,
  { tree: treeId }: QueryInput<"record">,
): Promise<RecordChoices | null> {
  const view = await viewRecords(collectionId);
  if (!view) return null;
  const { loaded } = view;
  const today = toDay(view.today);
  const tree = loaded.trees.find((t) => t.id === treeId);
  const store = storeAt(loaded.indexed, today).filter((p) => p.free > 0);
  return {
    tree: tree
      ? { id: tree.id, tag: tree.tag, name: nameOf(tree), plants: plantsAt(loaded.indexed, tree.id, today) }
      : null,
    places: loaded.places.map(({ id, name }) => ({ id, name })),
    pots: store.map(({ lotId, name, free }) => ({ id: lotId, name, free })),
    // Reclaimed mix is given out at the bench, where its litres are counted.
    mixes: mixChoices(loaded.stores, today)
      .filter((m) => m.from !== "reclaimed")
      .map((m) => ({ key: m.key, name: mixName(m) })),
    feeds: loaded.stores.products.map((p) => p.name),
    hazards: hazardsOf(loaded.trees),
  };
}

function hazardsOf(trees: readonly TreeRecord[]): { hazard: Hazard; trees: string[] }[] {
  const of = new Map<Hazard, string[]>();
  for (const tree of trees)
    for (const hazard of kindOf(tree).hazards) of.set(hazard, [...(of.get(hazard) ?? []), tree.id]);
  return [...of].map(([hazard, ids]) => ({ hazard, trees: ids }));
}

import * as say from "@/words/pages/trees";
import type { NewTree } from "@/contract/tree-fields";
import { randomUUID } from "node:crypto";
import { type Happened } from "@/core/event/index";
import { kindById, kindOfWords } from "@/core/species/index";
import { endOf } from "@/core/records/index";
import type { StoredLot } from "@/data/pots";
import type { StoredTree } from "@/data/trees";
import { type CommandContext, type NewEvent, refuse } from "@/features/kernel/define";
import { happening } from "@/features/kernel/days";
import { potName } from "@/words/terms";

/** Tags that hang on living trees, in lower case, with the tree's id. */
export function livingTags(context: CommandContext): Map<string, string> {
  const tags = new Map<string, string>();
  for (const tree of context.loaded.trees) {
    if (tree.tagLost || endOf(context.loaded.indexed.presence.get(tree.id) ?? []) !== null) continue;
    tags.set(tree.tag.toLocaleLowerCase(), tree.id);
  }
  return tags;
}

export function refuseTakenTag(tags: ReadonlyMap<string, string>, tag: string, ownId?: string, path = "tag"): void {
  const holder = tags.get(tag.toLocaleLowerCase());
  if (holder !== undefined && holder !== ownId) refuse(path, "tag-taken", { tag });
}

/** A potting of which only the pot and the day are known. */
export const UNKNOWN_POTTING = {
  kind: "potted" as const,
  correction: "loosen" as const,
  retainedShare: null,
  mix: null,
  mixName: say.unknownMix,
  mixL: null,
  fillHeightMm: null,
  bottomLayerMm: 0,
  wetMassKg: null,
};

/** Rows and events of a tree that comes into the records in the pot it stands in. */
export function arrive(
  context: CommandContext,
  v: NewTree,
  on: Happened,
): { tree: StoredTree; lot: StoredLot | null; events: NewEvent[] } {
  if (v.kindId !== null && !kindById(v.kindId)) refuse("kindId", "kind-unknown");
  const known = v.kindId === null && v.typedName ? kindOfWords(v.typedName) : v;
  const { entryId } = context;
  const tree: StoredTree = {
    id: v.treeId,
    entryId,
    tag: v.tag,
    kindId: known.kindId,
    // What was typed stays where the kind is a whole genus: it says which species.
    typedName: known.kindId === null || kindById(known.kindId)?.rank === "genus" ? known.typedName : null,
    habit: known.kindId === null ? (v.habit ?? "unknown") : null,
    cultivar: v.cultivar === "" ? null : v.cultivar,
    purpose: v.purpose,
    count: v.count,
    finalVolumeL: v.finalVolumeL,
    trunkMm: v.trunkMm,
    heightM: v.heightM,
  };
  const lot: StoredLot | null = v.pot && {
    id: randomUUID(),
    entryId,
    name: say.cameWith(potName(v.pot), v.tag),
    pot: v.pot,
    price: null,
  };
  const about = { treeId: v.treeId };
  const events: NewEvent[] = [];
  const inPot = { ...about, potLotId: lot?.id ?? null };
  if (v.lastPotted && v.lastPotted.best > on.best) {
    // Potted since it came: the pot described is the one of that potting; what it came in nobody has said.
    if (lot) events.push(happening({ kind: "stocked", count: v.count }, v.lastPotted, { potLotId: lot.id }));
    events.push(
      happening({ kind: "arrived", form: v.form, lastPotted: null }, on, about),
      happening(UNKNOWN_POTTING, v.lastPotted, inPot),
    );
    if (v.depthToMixMm !== null)
      events.push(happening({ kind: "measured", pot: null, depthToMixMm: v.depthToMixMm }, context.today, inPot));
  } else {
    if (lot) events.push(happening({ kind: "stocked", count: v.count }, on, { potLotId: lot.id }));
    events.push(
      happening({ kind: "arrived", form: v.form, lastPotted: v.lastPotted, depthToMixMm: v.depthToMixMm }, on, inPot),
    );
  }
  const { rootstock, stockPace, motherId, motherName, method, raisedOn } = v;
  const { looks } = v;
  const described = Object.entries({ looks, rootstock, stockPace, motherId, motherName, method, raisedOn }).filter(
    ([, value]) => value !== null && value !== "",
  );
  if (described.length > 0)
    events.push(happening({ kind: "described", changes: Object.fromEntries(described) }, on, about));
  if (v.placeId !== null) {
    if (!context.loaded.places.some((p) => p.id === v.placeId)) refuse("placeId", "place-gone");
    events.push(happening({ kind: "placed" }, on, { ...about, placeId: v.placeId }));
  }
  if (v.crownM !== null)
    events.push(happening({ kind: "measured", pot: null, depthToMixMm: null, crownM: v.crownM }, context.today, inPot));
  if (v.feel !== null)
    events.push(
      happening({ kind: "roots-read", fillGrade: v.feel, circlingGrade: null, by: "feel" }, context.today, about),
    );
  if (v.note !== "") events.push(happening({ kind: "noted", text: v.note }, context.today, about));
  return { tree, lot, events };
}

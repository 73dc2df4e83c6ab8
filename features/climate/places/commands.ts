import { subject } from "@/core/event/index";
import { insertPlace } from "@/data/places";
import { findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { addsOnly, command, refuse } from "@/features/kernel/define";

const sameName = (a: string, b: string) => a.toLocaleLowerCase() === b.toLocaleLowerCase();

/** A spot where trees stand gets a name. */
export const addPlace = command("add-place", {
  subjects: addsOnly,
  run: (context, v) => {
    if (context.loaded.places.some((p) => sameName(p.name, v.name)))
      refuse("name", "place-name-taken", { name: v.name });
    const { entryId, db, scope } = context;
    context.write(() => insertPlace(db, scope, { id: v.placeId, entryId, name: v.name, kind: v.kind }));
    context.note(`Place: ${v.name}`);
    return Promise.resolve({ placeId: v.placeId });
  },
});

/** Trees are carried to a place: one move, however many. */
export const placeTrees = command("place-trees", {
  subjects: (v) => v.treeIds.map(subject.tree),
  run: (context, v) => {
    refuseFuture(context, v.on);
    const place = context.loaded.places.find((p) => p.id === v.placeId) ?? refuse("placeId", "place-gone");
    for (const treeId of new Set(v.treeIds)) {
      const tree = findTree(context, treeId, "treeIds");
      refuseBeforeArrival(context, tree.id, v.on);
      context.record(happening({ kind: "placed" }, v.on, { treeId, placeId: place.id }));
    }
    context.note(`${v.treeIds.length === 1 ? "1 tree" : `${v.treeIds.length} trees`} to ${place.name}`);
    return Promise.resolve({ placeId: place.id });
  },
});

/** A place is called or described anew: windows of the trees there follow. */
export const describePlace = command("describe-place", {
  subjects: (v) => [subject.place(v.placeId)],
  run: (context, v) => {
    const place = context.loaded.places.find((p) => p.id === v.placeId) ?? refuse("placeId", "place-gone");
    const { name } = v;
    if (name && context.loaded.places.some((p) => p.id !== place.id && sameName(p.name, name)))
      refuse("name", "place-name-taken", { name });
    if (v.name === undefined && v.kind === undefined) refuse("kind", "nothing-new");
    context.record(
      happening({ kind: "place-described", name: v.name, placeKind: v.kind }, context.today, { placeId: place.id }),
    );
    context.note(`Place: ${v.name ?? place.name}`);
    return Promise.resolve({ placeId: place.id });
  },
});

import { randomUUID } from "node:crypto";
import { insertPhoto } from "@/data/photos";
import { asHappened, findTree, happening, refuseFuture } from "@/features/kernel/days";
import { addsOnly, command, refuse } from "@/features/kernel/define";
import { preparePicture } from "./picture";

export const addNote = command("add-note", {
  subjects: addsOnly,
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    context.record(happening({ kind: "noted", text: v.text }, v.on, { treeId: tree.id }));
    context.note(`${tree.tag}: note`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** A photograph, reduced and stripped before anything of it is kept. */
export const addPhoto = command("add-photo", {
  subjects: addsOnly,
  prepare: async (v) => ({ ...v, picture: await preparePicture(v.photo) }),
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    const picture = v.picture ?? refuse("photo", "choose-picture");
    const photoId = randomUUID();
    context.write(() =>
      insertPhoto(context.db, context.scope, { id: photoId, entryId: context.entryId, treeId: tree.id, ...picture }),
    );
    context.record(
      happening({ kind: "photographed", photoId, ...(v.face ? { face: v.face } : {}) }, asHappened(v.on), {
        treeId: tree.id,
      }),
    );
    context.note(`${tree.tag}: photograph`);
    return Promise.resolve({ photoId });
  },
});

import { z } from "zod";
import { findTree, happening, refuseBeforeArrival, refuseFuture, whenSchema } from "../commands/days";
import { command, envelope } from "../commands/define";

const grade = z.number().int().min(0).max(4).nullable();

/** What was seen of a root ball: an observation, it corrects the state from its day on and this tree's own pace. */
export const recordRoots = command({
  name: "record-roots",
  corrects: ["roots-read"],
  input: envelope
    .extend({
      treeId: z.uuid(),
      on: whenSchema,
      fillGrade: grade,
      circlingGrade: grade,
      by: z.enum(["look", "feel"]).default("look"),
    })
    .refine((v) => v.fillGrade !== null || v.circlingGrade !== null, {
      path: ["fillGrade"],
      error: "Say at least one of the two: how full, or how much turns.",
    }),
  touches: (v) => ({ treeId: v.treeId }),
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    context.record(
      happening({ kind: "roots-read", fillGrade: v.fillGrade, circlingGrade: v.circlingGrade, by: v.by }, v.on, {
        treeId: tree.id,
      }),
    );
    context.note(`${tree.tag}: ${v.by === "feel" ? "ball felt" : "roots looked at"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

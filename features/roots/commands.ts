import { randomUUID } from "node:crypto";
import { z } from "zod";
import { isoDate } from "@/core/event/index";
import { exactDay, findTree, refuseBeforeArrival, refuseFuture } from "../commands/days";
import { command, envelope } from "../commands/define";

const grade = z.number().int().min(0).max(4).nullable();

/** What was seen of a root ball: an observation, it corrects the state from its day on and this tree's own pace. */
export const recordRoots = command({
  name: "record-roots",
  input: envelope
    .extend({ treeId: z.uuid(), on: isoDate, fillGrade: grade, circlingGrade: grade })
    .refine((v) => v.fillGrade !== null || v.circlingGrade !== null, {
      path: ["fillGrade"],
      error: "Say at least one of the two: how full, or how much turns.",
    }),
  touches: (v) => ({ treeId: v.treeId }),
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    context.record({
      id: randomUUID(),
      treeId: tree.id,
      potLotId: null,
      on: exactDay(v.on),
      payload: { kind: "roots-read", fillGrade: v.fillGrade, circlingGrade: v.circlingGrade },
    });
    context.note(`${tree.tag}: roots looked at`);
    return Promise.resolve({ treeId: tree.id });
  },
});

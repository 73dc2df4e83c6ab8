import { randomUUID } from "node:crypto";
import { z } from "zod";
import { subject } from "@/core/event/index";
import { namesPot } from "@/core/records/index";
import { potSchema } from "@/core/vessel/index";
import { insertLots } from "@/data/pots";
import { asHappened, findTree, happening, refuseBeforeArrival, refuseFuture, whenSchema } from "../commands/days";
import { command, envelope, refuse } from "../commands/define";
import { potName } from "../words";

/** The pot a tree stands in, and the tree, as a tape found them. A measured pot is that pot for all the days it was used. */
export const recordMeasure = command({
  name: "record-measure",
  corrects: ["measured"],
  input: envelope
    .extend({
      treeId: z.uuid(),
      on: whenSchema,
      pot: potSchema.nullable(),
      depthToMixMm: z
        .number()
        .min(0, { error: "0 mm or more." })
        .max(2000, { error: "More than 2 m down is no pot." })
        .nullable(),
      trunkMm: z.number().positive().max(3000).nullable(),
      heightM: z.number().positive().max(60).nullable(),
      crownM: z.number().positive().max(40).nullable().default(null),
      /** Felt on the way round, 1–4. */
      feel: z.number().int().min(1).max(4).nullable().default(null),
    })
    .refine((v) => [v.pot, v.depthToMixMm, v.trunkMm, v.heightM, v.crownM, v.feel].some((x) => x !== null), {
      path: ["pot"],
      error: "Measure at least one thing.",
    }),
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, tree.id, v.on);
    const on = asHappened(v.on);
    const { indexed } = context.loaded;
    const standing = (indexed.eventsByTree.get(tree.id) ?? [])
      .filter((e) => e.on.best <= on.best && namesPot(e))
      .at(-1);
    let potLotId = standing?.potLotId ?? null;
    if (v.pot !== null && potLotId === null) {
      // Nobody had said which pot it stands in: this is it, since whenever it was put there.
      potLotId = randomUUID();
      const lot = {
        id: potLotId,
        entryId: context.entryId,
        name: `${potName(v.pot)} (of ${tree.tag})`,
        pot: v.pot,
        price: null,
      };
      context.write(() => insertLots(context.db, context.scope, [lot]));
      if (!standing) refuse("on", "The tree had not arrived on this day.");
      context.withdraw([standing.id]);
      context.record(
        happening({ kind: "stocked", count: tree.count }, standing.on, { potLotId }),
        happening(standing.payload, standing.on, { treeId: standing.treeId, potLotId }),
      );
    }
    const { pot, depthToMixMm, trunkMm, heightM, crownM } = v;
    if ([pot, depthToMixMm, trunkMm, heightM, crownM].some((x) => x !== null))
      context.record(
        happening({ kind: "measured", pot, depthToMixMm, trunkMm, heightM, crownM }, on, { treeId: tree.id, potLotId }),
      );
    if (v.feel !== null)
      context.record(
        happening({ kind: "roots-read", fillGrade: v.feel, circlingGrade: null, by: "feel" }, on, { treeId: tree.id }),
      );
    context.note(`${tree.tag} measured`);
    return Promise.resolve({ treeId: tree.id });
  },
});

import { randomUUID } from "node:crypto";
import { subject } from "@/core/event/index";
import { namesPot } from "@/core/records/index";
import { insertLots } from "@/data/pots";
import { asHappened, findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { command, refuse } from "@/features/kernel/define";
import { potName } from "@/words/terms";

/** The pot a tree stands in, and the tree, as a tape found them. A measured pot is that pot for all the days it was used. */
export const recordMeasure = command("record-measure", {
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
      if (!standing) refuse("on", "not-arrived-yet", { tag: null });
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

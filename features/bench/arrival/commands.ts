import { gradesOf } from "@/core/roots/index";
import { insertLots } from "@/data/pots";
import { insertTrees } from "@/data/trees";
import { asHappened, happening, refuseFuture } from "@/features/kernel/days";
import { addsOnly, command } from "@/features/kernel/define";
import { arrive, livingTags, refuseTakenTag } from "@/features/trees/arrive";

/** A tree comes in and was looked over: its records, what was seen of it, and what that led to, as one entry. */
export const receiveTree = command("receive-tree", {
  subjects: addsOnly,
  run: (context, v) => {
    refuseFuture(context, v.arrivedOn, "arrivedOn");
    refuseTakenTag(livingTags(context), v.tag);
    const on = asHappened(v.arrivedOn);
    const { scope, db } = context;
    const { tree, lot, events } = arrive(context, v, on);
    context.write(() => insertTrees(db, scope, [tree]));
    if (lot) context.write(() => insertLots(db, scope, [lot]));
    context.record(...events);
    const about = { treeId: tree.id };
    const { verdict, findings, pricePaid, repairCost, spreadMm } = v;
    context.record(
      happening(
        { kind: "inspected", verdict, findings, pricePaid, repairCost, ...(spreadMm === null ? {} : { spreadMm }) },
        on,
        about,
      ),
    );
    const grades = v.reading ? gradesOf(v.reading) : { fill: null, circling: null };
    if (v.reading && (grades.fill !== null || grades.circling !== null))
      context.record(
        happening(
          {
            kind: "roots-read",
            fillGrade: grades.fill,
            circlingGrade: grades.circling,
            by: "look",
            reading: v.reading,
          },
          on,
          about,
        ),
      );
    const state = verdict === "quarantine" ? "quarantine" : v.dry ? "dry" : verdict === "rescue" ? "weak" : null;
    if (state) context.record(happening({ kind: "health", state }, on, about));
    context.note(`${v.tag} arrived and was looked over`);
    return Promise.resolve({ treeId: tree.id, potLotId: lot?.id ?? null });
  },
});

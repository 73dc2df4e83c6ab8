import { randomUUID } from "node:crypto";
import { z } from "zod";
import { toDay } from "@/core/dates/index";
import { isoDate } from "@/core/event/index";
import { READY_MIX_NAMES, READY_MIXES } from "@/core/mix/index";
import { CORRECTION_NAMES } from "@/core/roots/index";
import { planPotting, pottingFault, replay, storeAt } from "@/core/tree/index";
import { profileOf } from "@/core/species/index";
import { loadSite } from "../collection/load";
import { exactDay, findTree, refuseBeforeArrival, refuseFuture } from "../commands/days";
import { command, envelope, refuse } from "../commands/define";
import { MIX_WORDS } from "../words";
import { faultWords } from "./fault-words";

const input = envelope.extend({
  treeId: z.uuid(),
  on: isoDate,
  potLotId: z.uuid({ error: "Choose a pot." }),
  mix: z.enum(READY_MIX_NAMES, { error: "Choose a mix." }),
  correction: z.enum(CORRECTION_NAMES),
  retainedShare: z
    .number()
    .min(0.05, { error: "At least 5 % of the roots must stay: below that the tree is a cutting." })
    .max(1, { error: "At most 100 %." })
    .nullable(),
  crownMm: z
    .number()
    .min(0, { error: "0 mm or more." })
    .max(80, { error: "At most 80 mm proud: more leaves roots in the air." }),
  bottomLayerMm: z.number().min(0, { error: "0 mm or more." }).max(400),
});

/** "Potted": one entry that changes the tree's pot, its roots' state and the store. */
export const recordPotting = command({
  name: "record-potting",
  input,
  touches: (v) => ({ treeId: v.treeId, lotId: v.potLotId }),
  run: async (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    const { indexed } = context.loaded;
    const lot = indexed.lots.get(v.potLotId) ?? refuse("potLotId", "This pot is not in the store any more.");
    const site = await loadSite(context.db, context.collection, context.loaded, context.today);
    const on = toDay(v.on);
    const state = replay(indexed.eventsByTree.get(tree.id) ?? [], indexed.lots, profileOf(tree), site.warmth, on);
    if (!state) refuse("on", "The tree had not arrived on this day.");
    const free = storeAt(indexed, toDay(context.today)).find((p) => p.lotId === v.potLotId)?.free ?? 0;
    const returns = state.lotId === v.potLotId;
    if (!returns && free < tree.count) {
      refuse(
        "potLotId",
        tree.count === 1
          ? "None of these pots is free."
          : `This record stands for ${tree.count} plants, but only ${free} of these pots are free.`,
      );
    }
    const ageYears = state.pottedOn === null ? 2 : (on - state.pottedOn) / 365.25;
    const plan = planPotting(state, ageYears, tree, {
      pot: lot.pot,
      mix: READY_MIXES[v.mix],
      correction: v.correction,
      retainedShare: v.retainedShare,
      crownMm: v.crownMm,
      bottomLayerMm: v.bottomLayerMm,
    });
    if (!plan) refuse("treeId", "Nobody has said which pot this tree stands in: record that first.");
    if (v.bottomLayerMm > plan.fillHeightMm / 2)
      refuse("bottomLayerMm", "A bottom layer of more than half the pot leaves too little room for roots.");
    const fault = pottingFault(plan);
    if (fault) refuse("potLotId", faultWords(fault));
    context.record({
      id: randomUUID(),
      treeId: tree.id,
      potLotId: lot.id,
      on: exactDay(v.on),
      payload: {
        kind: "potted",
        correction: v.correction,
        retainedShare: v.retainedShare ?? (plan.shaveDepthMm === null ? null : plan.retainedShare),
        mix: v.mix,
        mixName: MIX_WORDS[v.mix],
        mixL: plan.mixL,
        fillHeightMm: plan.fillHeightMm,
        bottomLayerMm: v.bottomLayerMm,
        wetMassKg: plan.wetMassKg.total,
      },
    });
    context.note(`${tree.tag} potted into ${lot.name}`);
    return { treeId: tree.id };
  },
});

import { faultOfMisfit } from "@/contract/faults";
import { type PastPotting } from "@/contract/potting";
import { randomUUID } from "node:crypto";
import { toDay } from "@/core/dates/index";
import { type LoggedEvent, subject } from "@/core/event/index";
import { SETTLE_FRACTION } from "@/core/mix/index";
import { type CorrectionName } from "@/core/roots/index";
import { freeOf, type LotRecord, mixChoices, plantsAt } from "@/core/records/index";
import { planPotting, pottingFault } from "@/core/potting/index";
import { presumedPot } from "@/model/index";
import { brimHeightMm, wallOf, WALL } from "@/core/vessel/index";
import { insertLots, type StoredLot } from "@/data/pots";
import { yardOf } from "@/features/kernel/collection/load";
import { arrivalOf, findTree, happening, refuseBeforeArrival, refuseFuture } from "@/features/kernel/days";
import { command, type CommandContext, type NewEvent, Refusal, refuse } from "@/features/kernel/define";
import { leavePot } from "@/features/trees/shared-pot";
import { UNKNOWN_POTTING } from "@/features/trees/arrive";
import { mixName } from "@/words/mixes";
import { MIX_WORDS, potName } from "@/words/terms";

const rots = (lot: LotRecord | undefined) => lot !== undefined && WALL[wallOf(lot.pot)].rots;

/** Free pots of a lot on a day's store; a tree that goes back into its own pot needs none. */
function freePots(context: CommandContext, lotId: string): number {
  return freeOf(context.loaded.indexed, lotId, toDay(context.today));
}

/** "Potted": one entry that changes the tree's pot, its roots' state and the store. */
export const recordPotting = command("record-potting", {
  subjects: (v) => [subject.tree(v.treeId), subject.pots(v.potLotId)],
  run: async (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.on);
    refuseBeforeArrival(context, v.treeId, v.on);
    const { indexed } = context.loaded;
    const lot = indexed.lots.get(v.potLotId) ?? refuse("potLotId", "pot-gone");
    const on = toDay(v.on);
    const day = (await yardOf(context)).tree(tree.id)?.on(on);
    const state = day?.roots;
    if (!state) refuse("on", "not-arrived-yet", { tag: null });
    const plants = plantsAt(indexed, tree.id, on);
    if (plants === 0) refuse("on", "left-by-then");
    const free = freePots(context, v.potLotId);
    const returns = state.lotId === v.potLotId && state.together.length < 2;
    if (!returns && free < plants) {
      if (plants === 1) refuse("potLotId", "no-pot-free");
      refuse("potLotId", "too-few-pots-free", { plants, free });
    }
    const choice = mixChoices(context.loaded.stores, on).find((m) => m.key === v.mix);
    if (!choice) refuse("mix", "mix-gone");
    if (lot.condition === "cracked" && !returns) refuse("potLotId", "pot-cracked");
    if (v.set.as === "whole-pot" && !rots(indexed.lots.get(state.lotId ?? "")))
      refuse("set", "only-fibre-planted-whole");
    const whole = v.set.as === "whole-pot";
    // Planted pot and all: nobody touches the roots.
    const correction = whole ? "none" : v.correction;
    const plan = planPotting({ ...state, pot: presumedPot(state) }, day.yearsInPot, tree, {
      pot: lot.pot,
      mix: choice.mix,
      mixAgeYears: choice.ageYears,
      correction,
      retainedShare: v.retainedShare,
      crownMm: v.crownMm,
      bottomLayerMm: v.bottomLayerMm,
      set: v.set,
      offAxisMm: v.offAxisMm,
      tiltDeg: v.tiltDeg,
      flareDepthMm: v.flareDepthMm,
      takenOffMm: v.takenOffMm,
      trimSideMm: v.trimSideMm,
      unionMm: v.unionMm,
    });
    if (!plan) refuse("set", "bare-roots-unmeasured");
    if (v.bottomLayerMm > plan.fillHeightMm / 2) refuse("bottomLayerMm", "bottom-layer-too-deep");
    if (v.takenOffMm > v.flareDepthMm) refuse("takenOffMm", "flare-would-be-bared");
    const brim = brimHeightMm(plan.vessel);
    const { rimMm, looseMixL, wetKg } = v.measured;
    if (rimMm !== null && rimMm > 0.7 * brim) refuse("measured.rimMm", "rim-below-pot", { potDepthMm: brim });
    if (wetKg !== null && (wetKg > 4 * plan.wetMassKg.total || wetKg < plan.wetMassKg.total / 6))
      refuse("measured.wetKg", "mass-unlikely", { expectedKg: plan.wetMassKg.total });
    const misfit = pottingFault(plan);
    if (misfit) throw new Refusal([faultOfMisfit(misfit)]);
    // Counted litres settle like all fill; what they leave of the pot is known, whatever the pot is called.
    const countedL = looseMixL === null ? null : plan.setting.ballL + looseMixL * (1 - SETTLE_FRACTION);
    const exact = lot.pot.known === "measured";
    const measured = [
      ...(rimMm === null ? [] : ["fill" as const]),
      ...(looseMixL === null ? [] : ["litres" as const]),
      ...(wetKg === null ? [] : ["mass" as const]),
    ];
    const about = { treeId: tree.id, potLotId: lot.id };
    context.record(
      happening(
        {
          kind: "potted",
          correction,
          retainedShare:
            v.retainedShare ?? (plan.shaveDepthMm === null && v.trimSideMm === 0 ? null : plan.retainedShare),
          mix: choice.ready ?? choice.mix,
          mixName: mixName(choice),
          // In a pot nobody measured the plan's litres are a guess: its range must travel on.
          mixL: countedL ?? (exact ? plan.mixL : null),
          fillHeightMm: exact ? plan.fillHeightMm : null,
          bottomLayerMm: v.bottomLayerMm,
          wetMassKg: wetKg ?? plan.wetMassKg.total,
          ...(choice.ageYears > 0 ? { mixAgeYears: choice.ageYears } : {}),
          ...(choice.feedsMonths === null ? {} : { fedMonths: choice.feedsMonths }),
          ...(measured.length > 0 ? { measured } : {}),
          ...(looseMixL === null ? {} : { looseMixL }),
          ...(v.tiltDeg > 0 ? { tiltDeg: v.tiltDeg } : {}),
          ...(v.facing === "" ? {} : { facing: v.facing }),
          ...(plan.setting.shiftMm === 0 ? {} : { shiftMm: plan.setting.shiftMm }),
          ...(v.flareDepthMm > v.takenOffMm ? { flareBelowMm: v.flareDepthMm - v.takenOffMm } : {}),
          ...(v.despite === null ? {} : { despite: v.despite }),
        },
        v.on,
        about,
      ),
    );
    if (v.staked) context.record(happening({ kind: "staked", staked: true }, v.on, { treeId: tree.id }));
    if (rimMm !== null) context.record(happening({ kind: "measured", pot: null, depthToMixMm: rimMm }, v.on, about));
    if (choice.from === "reclaimed") {
      const litres = Math.min(choice.leftL ?? 0, (looseMixL ?? plan.setting.looseMixL) * plants);
      if (litres > 0)
        context.record(
          happening({ kind: "reclaimed-used", stockId: choice.key.slice("reclaimed:".length), litres }, v.on),
        );
    }
    // A pot that rots in the mix does not come back to the shelf.
    if (whole && state.lotId !== null && state.together.length < 2)
      context.record(happening({ kind: "discarded", count: plants }, v.on, { potLotId: state.lotId }));
    leavePot(context, state.together, tree.id, state.lotId, v.on);
    context.note(`${tree.tag} potted into ${lot.name}`);
    return { treeId: tree.id };
  },
});

/** A potting of long ago, as far as anyone remembers: nothing is measured against the store of today. */
export const recordPastPotting = command("record-past-potting", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    refuseFuture(context, v.when, "when");
    if (v.potLotId !== null && !context.loaded.indexed.lots.has(v.potLotId)) refuse("potLotId", "pot-gone");
    const { events, lot } = pastPotting(context, tree, v);
    if (lot) context.write(() => insertLots(context.db, context.scope, [lot]));
    context.record(...events);
    context.note(`${tree.tag}: an earlier potting`);
    return Promise.resolve({ treeId: tree.id, potLotId: lot?.id ?? v.potLotId });
  },
});

/** What a correction of a potting leaves as it was measured then: levels and litres in the same pot, the share kept by the same work. */
function whatStays(replaced: LoggedEvent | null, potLotId: string | null, correction: CorrectionName) {
  if (replaced?.payload.kind !== "potted" || replaced.potLotId !== potLotId) return UNKNOWN_POTTING;
  const { payload } = replaced;
  const own = typeof payload.mix === "object" && payload.mix !== null;
  return {
    ...payload,
    retainedShare: payload.correction === correction ? payload.retainedShare : null,
    // A mix the form cannot name stays; one that was taken back to "unknown" goes.
    ...(own ? {} : { mix: null, mixName: UNKNOWN_POTTING.mixName }),
  };
}

/** Events of an old potting. One before the arrival on record moves the arrival back: the tree was here by then. */
export function pastPotting(
  context: CommandContext,
  tree: { id: string; tag: string; count: number },
  v: Omit<PastPotting, "treeId">,
  /** The arrival on record; null where an older potting of the same list has moved it back already. */
  arrival: LoggedEvent | null = arrivalOf(context, tree.id) ?? null,
): { events: NewEvent[]; lot: StoredLot | null } {
  const about = { treeId: tree.id };
  const events: NewEvent[] = [];
  const lot: StoredLot | null =
    v.potLotId === null && v.pot !== null
      ? {
          id: randomUUID(),
          entryId: context.entryId,
          name: `${potName(v.pot)} (of ${tree.tag})`,
          pot: v.pot,
          price: null,
        }
      : null;
  if (lot) events.push(happening({ kind: "stocked", count: tree.count }, v.when, { potLotId: lot.id }));
  const potLotId = lot?.id ?? v.potLotId;
  if (arrival?.payload.kind === "arrived" && v.when.best < arrival.on.best) {
    context.withdraw([arrival.id]);
    const earlier = { best: v.when.best, from: v.when.from, to: v.when.best };
    events.push(
      happening(
        { kind: "arrived", form: arrival.payload.form, lastPotted: null, count: arrival.payload.count },
        earlier,
        // It stands today in the pot it was found in; what it stood in before this potting nobody knows.
        { ...about, potLotId: null },
      ),
    );
  }
  events.push(
    happening(
      {
        ...whatStays(context.replaced, potLotId, v.correction),
        correction: v.correction,
        ...(v.mix === null ? {} : { mix: v.mix, mixName: MIX_WORDS[v.mix] }),
      },
      v.when,
      { ...about, potLotId },
    ),
  );
  if (v.note !== "") events.push(happening({ kind: "noted", text: v.note }, v.when, about));
  return { events, lot };
}

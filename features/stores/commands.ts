import { z } from "zod";
import { toDay } from "@/core/dates/index";
import { isoDate, POT_CONDITIONS } from "@/core/event/index";
import { storeAt } from "@/core/tree/index";
import { potSchema } from "@/core/vessel/index";
import { insertLots } from "@/data/pots";
import { happening, refuseFuture } from "../commands/days";
import { command, envelope, refuse } from "../commands/define";
import { CONDITION_WORDS } from "../words";

const input = envelope.extend({
  lotId: z.uuid(),
  name: z
    .string()
    .trim()
    .min(1, { error: "Give these pots a name you will know them by." })
    .max(120, { error: "At most 120 characters, please." }),
  pot: potSchema,
  count: z.number().int({ error: "A whole number of pots." }).min(1, { error: "At least one pot." }).max(100_000),
  /** Since when they stand in store; today where nobody says. */
  on: isoDate.optional(),
  price: z.number().min(0, { error: "A price cannot be negative." }).max(1_000_000).nullable(),
});

/** Pots of one shape, wall and price come into the store as one lot. */
export const stockPots = command({
  name: "stock-pots",
  input,
  run: (context, v) => {
    if (v.on !== undefined) refuseFuture(context, v.on);
    const { entryId, scope, db } = context;
    context.write(() => insertLots(db, scope, [{ id: v.lotId, entryId, name: v.name, pot: v.pot, price: v.price }]));
    context.record(happening({ kind: "stocked", count: v.count }, v.on ?? context.today, { potLotId: v.lotId }));
    context.note(`${v.count} × ${v.name} put in store`);
    return Promise.resolve({ lotId: v.lotId });
  },
});

/** Free pots of a lot leave the store: broken, sold, thrown out. */
export const discardPots = command({
  name: "discard-pots",
  input: envelope.extend({
    lotId: z.uuid(),
    count: z.number().int({ error: "A whole number of pots." }).min(1, { error: "At least one pot." }),
    on: isoDate.optional(),
  }),
  touches: (v) => ({ lotId: v.lotId }),
  run: (context, v) => {
    const on = v.on ?? context.today;
    refuseFuture(context, on);
    const lot = context.loaded.indexed.lots.get(v.lotId) ?? refuse("lotId", "These pots are not on record any more.");
    const free = storeAt(context.loaded.indexed, toDay(context.today)).find((p) => p.lotId === v.lotId)?.free ?? 0;
    if (v.count > free) refuse("count", `Only ${free} of these pots are free.`);
    context.record(happening({ kind: "discarded", count: v.count }, on, { potLotId: v.lotId }));
    context.note(`${v.count} × ${lot.name} thrown out`);
    return Promise.resolve({ lotId: v.lotId });
  },
});

/** Pots of a lot are found cracked, brittle, dirty, or sound again. Some of a lot become a lot of their own. */
export const setPotCondition = command({
  name: "set-pot-condition",
  input: envelope.extend({
    lotId: z.uuid(),
    newLotId: z.uuid(),
    condition: z.enum(POT_CONDITIONS),
    count: z.number().int({ error: "A whole number of pots." }).min(1, { error: "At least one pot." }),
  }),
  touches: (v) => ({ lotId: v.lotId }),
  run: (context, v) => {
    const { db, scope, entryId, loaded, today } = context;
    const lot = loaded.lots.find((l) => l.id === v.lotId) ?? refuse("lotId", "These pots are not on record any more.");
    const condition = lot.condition ?? "sound";
    if (condition === v.condition) refuse("condition", "They are recorded so already.");
    const free = storeAt(loaded.indexed, toDay(today)).find((p) => p.lotId === lot.id)?.free ?? 0;
    if (v.count > free)
      refuse("count", `Only ${free} of these pots are free: those in use are looked at when they are empty.`);
    const inUse = loaded.indexed.records.events.some((e) => e.potLotId === lot.id && e.treeId !== null);
    if (v.count === free && !inUse) {
      context.record(happening({ kind: "conditioned", condition: v.condition }, today, { potLotId: lot.id }));
    } else {
      const { id: _old, ...rest } = lot;
      const name = `${lot.name.replace(/, (sound|brittle|cracked|to be washed and disinfected)$/, "")}, ${CONDITION_WORDS[v.condition]}`;
      context.write(() => insertLots(db, scope, [{ ...rest, id: v.newLotId, entryId, name: name.slice(0, 120) }]));
      context.record(
        happening({ kind: "discarded", count: v.count }, today, { potLotId: lot.id }),
        happening({ kind: "stocked", count: v.count }, today, { potLotId: v.newLotId }),
        happening({ kind: "conditioned", condition: v.condition }, today, { potLotId: v.newLotId }),
      );
    }
    context.note(`${v.count} × ${lot.name}: ${CONDITION_WORDS[v.condition]}`);
    return Promise.resolve({ lotId: v.lotId });
  },
});

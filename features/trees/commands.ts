import { randomUUID } from "node:crypto";
import { z } from "zod";
import { ARRIVAL_FORMS, happened, isoDate } from "@/core/event/index";
import { kindById } from "@/core/species/index";
import { PURPOSES } from "@/core/tree/index";
import { potSchema } from "@/core/vessel/index";
import { HABITS } from "@/core/wood/index";
import { insertLot } from "@/data/pots";
import { insertTree } from "@/data/trees";
import { potName } from "../words";
import { command, envelope, refuse } from "../commands/define";
import { exactDay, refuseFuture } from "../commands/days";

const shortText = (most: number) =>
  z
    .string()
    .trim()
    .max(most, { error: `At most ${most} characters here: put the rest into a note.` });

const input = envelope
  .extend({
    treeId: z.uuid(),
    tag: shortText(40).min(1, { error: "Every tree needs a tag: a number or a short name on its label." }),
    kindId: z.string().max(60).nullable(),
    typedName: shortText(120).nullable(),
    habit: z.enum([...HABITS, "unknown"]).nullable(),
    cultivar: shortText(120).nullable(),
    purpose: z.enum(PURPOSES),
    count: z
      .number()
      .int({ error: "A whole number of plants." })
      .min(1, { error: "At least one plant." })
      .max(100_000, { error: "At most 100,000 plants in one record." }),
    form: z.enum(ARRIVAL_FORMS),
    arrivedOn: isoDate,
    lastPotted: happened.nullable(),
    pot: potSchema,
    finalVolumeL: z.number().positive().max(5000).nullable(),
    trunkMm: z.number().positive().max(3000).nullable(),
    heightM: z.number().positive().max(60).nullable(),
  })
  .refine((v) => v.kindId !== null || (v.typedName !== null && v.typedName.length > 0), {
    path: ["typedName"],
    error: "Name the kind: pick one from the list or type your own.",
  });

/** A tree comes into the collection in the pot it stands in. */
export const addTree = command({
  name: "add-tree",
  input,
  run: (context, v) => {
    if (v.kindId !== null && !kindById(v.kindId))
      refuse("kindId", "This kind is not in the library. Type its name instead.");
    refuseFuture(context, v.arrivedOn, "arrivedOn");
    if (v.lastPotted && v.lastPotted.best > v.arrivedOn)
      refuse("lastPotted", "The last potting lies after the arrival: record it as a potting of its own.");
    const twin = context.loaded.trees.find((t) => t.tag.toLocaleLowerCase() === v.tag.toLocaleLowerCase());
    if (twin)
      refuse(
        "tag",
        `The tag "${v.tag}" hangs on another living tree already. Add a letter, or use the next free number.`,
      );
    const { entryId, scope, db } = context;
    const lotId = randomUUID();
    context.write(() =>
      insertTree(db, scope, {
        id: v.treeId,
        entryId,
        tag: v.tag,
        kindId: v.kindId,
        typedName: v.kindId === null ? v.typedName : null,
        habit: v.kindId === null ? (v.habit ?? "unknown") : null,
        cultivar: v.cultivar === "" ? null : v.cultivar,
        purpose: v.purpose,
        count: v.count,
        finalVolumeL: v.finalVolumeL,
        trunkMm: v.trunkMm,
        heightM: v.heightM,
      }),
    );
    context.write(() =>
      insertLot(db, scope, {
        id: lotId,
        entryId,
        name: `${potName(v.pot)} (came with ${v.tag})`,
        pot: v.pot,
        price: null,
      }),
    );
    context.record(
      {
        id: randomUUID(),
        treeId: null,
        potLotId: lotId,
        on: exactDay(v.arrivedOn),
        payload: { kind: "stocked", count: v.count },
      },
      {
        id: randomUUID(),
        treeId: v.treeId,
        potLotId: lotId,
        on: exactDay(v.arrivedOn),
        payload: { kind: "arrived", form: v.form, lastPotted: v.lastPotted },
      },
    );
    context.note(`${v.tag} arrived`);
    return Promise.resolve({ treeId: v.treeId });
  },
});

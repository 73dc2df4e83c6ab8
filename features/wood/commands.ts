import { z } from "zod";
import { PRUNING_PURPOSES, subject } from "@/core/event/index";
import { BENDS, FEED_FORMS, LEAF_FALLS } from "@/core/wood/index";
import { findTree, happening, refuseBeforeArrival, refuseFuture, whenSchema } from "../commands/days";
import { command, type CommandContext, envelope } from "../commands/define";

/** The BBCH stages a look at the wood may name. */
const BBCH_STAGES = [91, 93, 95, 97] as const;

function check(context: CommandContext, treeIds: readonly string[], on: z.output<typeof whenSchema>) {
  refuseFuture(context, on);
  return [...new Set(treeIds)].map((id) => {
    const tree = findTree(context, id, "treeIds");
    refuseBeforeArrival(context, id, on);
    return tree;
  });
}

/** This season's shoots as looked at: it corrects the pace of this tree's wood from its day on. */
export const recordWood = command({
  name: "record-wood",
  corrects: ["wood-read"],
  input: envelope
    .extend({
      treeId: z.uuid(),
      on: whenSchema,
      woodyShare: z
        .number({ error: "A share between 0 and 100 %." })
        .min(0, { error: "0 to 100 %." })
        .max(1, { error: "0 to 100 %." })
        .nullable(),
      bend: z.enum(BENDS).nullable(),
      terminalBud: z.boolean().nullable(),
      leafFall: z.enum(LEAF_FALLS).nullable(),
      bbch: z
        .number()
        .refine((n) => (BBCH_STAGES as readonly number[]).includes(n), {
          error: "Stages that speak of the wood: 91, 93, 95 or 97.",
        })
        .nullable(),
    })
    .refine(
      (v) =>
        v.woodyShare !== null || v.bend !== null || v.terminalBud !== null || v.leafFall !== null || v.bbch !== null,
      { path: ["bend"], error: "Say at least one thing you saw." },
    ),
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const [tree] = check(context, [v.treeId], v.on);
    const { woodyShare, bend, terminalBud, leafFall, bbch } = v;
    context.record(
      happening({ kind: "wood-read", woodyShare, bend, terminalBud, leafFall, bbch }, v.on, { treeId: tree.id }),
    );
    context.note(`${tree.tag}: wood looked at`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** Nitrogen given to one tree or to several at once. */
export const recordFeed = command({
  name: "record-feed",
  corrects: ["fed"],
  input: envelope.extend({
    treeIds: z.array(z.uuid()).min(1, { error: "Choose at least one tree." }).max(5000),
    on: whenSchema,
    form: z.enum(FEED_FORMS),
    strength: z
      .number({ error: "A share of a full dose." })
      .min(0.05, { error: "At least 5 % of a full dose." })
      .max(2, { error: "At most twice a full dose." }),
    what: z.string().trim().max(120, { error: "At most 120 characters, please." }),
  }),
  subjects: (v) => v.treeIds.map(subject.tree),
  run: (context, v) => {
    const trees = check(context, v.treeIds, v.on);
    for (const tree of trees)
      context.record(
        happening({ kind: "fed", form: v.form, strength: v.strength, what: v.what }, v.on, { treeId: tree.id }),
      );
    context.note(trees.length === 1 ? `${trees[0].tag}: fed` : `${trees.length} trees fed`);
    return Promise.resolve({});
  },
});

export const recordPruning = command({
  name: "record-pruning",
  corrects: ["pruned"],
  input: envelope.extend({
    treeId: z.uuid(),
    on: whenSchema,
    how: z.enum(["light", "hard"]),
    crownShare: z
      .number({ error: "A share between 1 and 100 %." })
      .min(0.01, { error: "1 to 100 %." })
      .max(1, { error: "1 to 100 %." })
      .nullable()
      .optional(),
    purpose: z.enum(PRUNING_PURPOSES).nullable().optional(),
  }),
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const [tree] = check(context, [v.treeId], v.on);
    context.record(
      happening(
        { kind: "pruned", how: v.how, crownShare: v.crownShare ?? undefined, purpose: v.purpose ?? undefined },
        v.on,
        { treeId: tree.id },
      ),
    );
    context.note(`${tree.tag}: pruned ${v.how === "hard" ? "hard" : "lightly"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

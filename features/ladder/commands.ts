import { z } from "zod";
import { LADDER_ACTIONS, SCHOOLS } from "@/core/ladder/index";
import { CORRECTION_NAMES } from "@/core/roots/index";
import { MODEL_VERSION } from "@/core/tree/index";
import { findTree, happening } from "../commands/days";
import { command, envelope } from "../commands/define";
import { SCHOOL_WORDS } from "./words";

/** The ladder of pots to follow, kept as it was computed; null gives it up. */
export const chooseLadder = command({
  name: "choose-ladder",
  input: envelope.extend({
    treeId: z.uuid(),
    plan: z
      .object({
        school: z.enum(SCHOOLS),
        goalL: z.number().positive().max(5000),
        cost: z.number(),
        steps: z
          .array(
            z.object({
              season: z.number().int(),
              action: z.enum(LADDER_ACTIONS),
              correction: z.enum(CORRECTION_NAMES).nullable(),
              volumeL: z.number().positive(),
              pot: z.string().max(160),
            }),
          )
          .min(1)
          .max(40),
      })
      .nullable(),
  }),
  touches: (v) => ({ treeId: v.treeId }),
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    const plan = v.plan && { ...v.plan, model: MODEL_VERSION };
    context.record(happening({ kind: "ladder-chosen", plan }, context.today, { treeId: tree.id }));
    context.note(`${tree.tag}: ${v.plan ? SCHOOL_WORDS[v.plan.school].name.toLowerCase() : "no ladder"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

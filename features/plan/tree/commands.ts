import { subject, LADDER_TERMS } from "@/core/event/index";
import { type LadderTerms, USUAL_TERMS } from "@/core/ladder/index";
import { ladderTermsOf, MODEL_VERSION } from "@/model/index";
import { findTree, happening } from "@/features/kernel/days";
import { command, refuse } from "@/features/kernel/define";
import { SCHOOL_WORDS } from "@/words/ladder";

/** The ladder of pots to follow, kept as it was computed; null gives it up. */
export const chooseLadder = command("choose-ladder", {
  subjects: (v) => [subject.tree(v.treeId)],
  run: (context, v) => {
    const tree = findTree(context, v.treeId);
    const plan = v.plan && { ...v.plan, model: MODEL_VERSION };
    context.record(happening({ kind: "ladder-chosen", plan }, context.today, { treeId: tree.id }));
    context.note(`${tree.tag}: ${v.plan ? SCHOOL_WORDS[v.plan.school].name.toLowerCase() : "no ladder"}`);
    return Promise.resolve({ treeId: tree.id });
  },
});

/** How ladders are planned here; only what is said changes. */
export const setLadderTerms = command("set-ladder-terms", {
  subjects: () => [LADDER_TERMS],
  run: (context, v) => {
    const before = ladderTermsOf(context.loaded.indexed.records.events) ?? USUAL_TERMS;
    const terms: LadderTerms = { ...before, ...v.terms };
    if (terms.school === "own" && terms.own === null) refuse("terms.school", "own-weights-first");
    context.record(happening({ kind: "ladder-terms", terms }, context.today, {}));
    context.note(`ladders by ${SCHOOL_WORDS[terms.school].name.toLowerCase()}`);
    return Promise.resolve({});
  },
});

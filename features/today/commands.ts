import { subject } from "@/core/event/index";
import { findTree, happening, refuseFuture } from "@/features/kernel/days";
import { addsOnly, command, refuse } from "@/features/kernel/define";
import { day } from "@/words/format";

/** A job of one's own, once or every so often. */
export const setTask = command("set-task", {
  subjects: (v) => [subject.task(v.taskId)],
  run: (context, v) => {
    if (v.placeId !== null && !context.loaded.places.some((p) => p.id === v.placeId)) refuse("placeId", "place-gone");
    const { taskId, text, first, every, placeId, gone } = v;
    context.record(happening({ kind: "task", taskId, text, first, every, placeId, gone }, context.today));
    context.note(gone ? `Task taken out: ${text}` : `Task: ${text}`);
    return Promise.resolve({ taskId });
  },
});

const NOTES = { done: "done", later: "not before", refused: "not to be done" } as const;

/** What a grower says of things on the list. It only adds a word: two people's words stand beside each other, the later counts. */
export const answerToday = command("answer-today", {
  subjects: addsOnly,
  run: (context, v) => {
    refuseFuture(context, v.on);
    for (const { item, treeId } of v.items) {
      if (treeId !== null) findTree(context, treeId, "items");
      const { answer, until, reason } = v;
      const payload = { kind: "answered", item, answer, until: answer === "later" ? until : null, reason } as const;
      context.record(happening(payload, v.on, { treeId }));
    }
    const until = v.answer === "later" && v.until ? ` ${day(v.until)}` : "";
    context.note(`${v.items.length === 1 ? "One thing" : `${v.items.length} things`} ${NOTES[v.answer]}${until}`);
    return Promise.resolve({ items: v.items.length });
  },
});

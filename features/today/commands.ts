import { randomBytes } from "node:crypto";
import { subject } from "@/core/event/index";
import { treeOf } from "@/core/today/index";
import { keepFeedToken, revokeFeeds } from "@/data/feed-tokens";
import { now } from "@/server/clock";
import { findTree, happening, refuseFuture } from "@/features/kernel/days";
import { addsOnly, command, refuse } from "@/features/kernel/define";
import { day } from "@/words/format";
import { feedHash } from "./feed";

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

const NOTES = { done: "done", later: "not before", refused: "not to be done", back: "back on the list" } as const;

/** What a grower says of things on the list. It only adds a word: two people's words stand beside each other, the later counts. */
export const answerToday = command("answer-today", {
  subjects: addsOnly,
  run: (context, v) => {
    refuseFuture(context, v.on);
    for (const item of v.items) {
      const treeId = treeOf(item);
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

const TOKEN_BYTES = 32;

/** An address of the calendar for programs that read it from outside. */
export const makeFeed = command("make-feed", {
  subjects: addsOnly,
  quiet: true,
  run: ({ db, scope, actor, write }) => {
    const token = randomBytes(TOKEN_BYTES).toString("base64url");
    write(() => keepFeedToken(db, scope, { sha256: feedHash(token), actor, madeAt: now() }));
    return Promise.resolve({ token });
  },
});

export const revokeFeedsCommand = command("revoke-feeds", {
  subjects: addsOnly,
  quiet: true,
  run: ({ db, scope, write }) => {
    write(() => revokeFeeds(db, scope, now()));
    return Promise.resolve({});
  },
});

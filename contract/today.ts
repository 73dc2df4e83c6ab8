import { z } from "zod";
import { toDay } from "@/core/dates/index";
import { ANSWERS, isoDate, REPEATS } from "@/core/event/index";
import { contract } from "./contract";
import { wrong } from "./faults";

/** A job of one's own, once or every so often. */
export const setTask = contract(
  "set-task",
  z.object({
    taskId: z.uuid(),
    text: z.string().trim().min(1, wrong("task-needed")).max(200),
    first: isoDate,
    every: z.object({ unit: z.enum(REPEATS), count: z.number().int().min(1).max(60) }).nullable(),
    placeId: z.uuid().nullable(),
    gone: z.boolean().default(false),
  }),
  z.object({ taskId: z.uuid() }),
);

/** Things on the day's list that are done, put off to a day, not to be done at all, or back on it. */
export const answerToday = contract(
  "answer-today",
  z
    .object({
      items: z.array(z.string().min(1).max(200)).min(1).max(5000),
      on: isoDate,
      answer: z.enum(ANSWERS),
      until: isoDate.nullable(),
      reason: z.string().trim().max(200),
    })
    .refine((v) => v.answer !== "later" || v.until !== null, { path: ["until"], ...wrong("missing") })
    .refine((v) => v.until === null || toDay(v.until) > toDay(v.on), { path: ["until"], ...wrong("not-ahead") }),
  z.object({ items: z.number() }),
);

/** A new address for the calendar; those given out before go on. The token is told this once. */
export const makeFeed = contract("make-feed", z.object({}), z.object({ token: z.string() }));

/** All addresses of the calendar stop working. */
export const revokeFeeds = contract("revoke-feeds", z.object({}), z.object({}));

import type { IsoDate } from "../dates/index";
import type { ANSWERS, LoggedEvent } from "../event/index";

/** What a grower said of something on the list. */
export interface Answer {
  answer: (typeof ANSWERS)[number];
  /** Of `later`: not before this day. */
  until: IsoDate | null;
  reason: string;
}

/** By item, the newest word of those said by a day. */
export type Answers = ReadonlyMap<string, Answer>;

export function answersOf(events: readonly LoggedEvent[], day: IsoDate): Answers {
  const answers = new Map<string, Answer & { seq: number }>();
  for (const { payload, seq, on } of events) {
    if (payload.kind !== "answered" || on.best > day) continue;
    const known = answers.get(payload.item);
    const { answer, until, reason } = payload;
    if (!known || known.seq < seq) answers.set(payload.item, { answer, until, reason, seq });
  }
  return answers;
}

/** Done, or not to be done at all: it is not asked for again. */
export function isDone(answers: Answers, item: string): boolean {
  const found = answers.get(item)?.answer;
  return found === "done" || found === "refused";
}

/** The day before which it is not to be shown; null where nothing holds it back. */
export function heldUntil(answers: Answers, item: string): IsoDate | null {
  const found = answers.get(item);
  return found?.answer === "later" ? found.until : null;
}

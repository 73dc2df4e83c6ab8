import { randomUUID } from "node:crypto";
import { toDay, yearOf } from "@/core/dates/index";
import type { CommandAnswer, CommandInput, CommandName } from "@/contract/index";
import { runCommand } from "@/features/registry";

/** A day so many years ago; a demo's history always ends at the day it is loaded. */
export type Past = [yearsAgo: number, monthDay: string];

export interface Sender {
  collectionId: string;
  today: string;
  day: (past: Past) => string;
  /** A rough stretch of days; its best day is the middle one where none is named. */
  range: (from: Past, to: Past) => { best: string; from: string; to: string };
  send: <N extends CommandName>(
    name: N,
    input: CommandInput<N>,
  ) => Promise<{ entryId: string; result: CommandAnswer<N> }>;
}

/** The id of what a demo's story names; a slip in a name ends the load. */
export function idOf(ids: ReadonlyMap<string, string>, name: string): string {
  const id = ids.get(name);
  if (id === undefined) throw new Error(`The story names ${name}, which is not in this demo.`);
  return id;
}

/** Sends commands as a person's screen would; a refused one ends the load with its reason. */
export function senderFor(collectionId: string, today: string): Sender {
  const thisYear = yearOf(toDay(today));
  /** "So many years ago" counts back until the day has passed: a history never reaches into the future. */
  const day = ([yearsAgo, monthDay]: Past): string => {
    const wanted = `${thisYear - yearsAgo}-${monthDay}`;
    return wanted <= today ? wanted : `${thisYear - yearsAgo - 1}-${monthDay}`;
  };
  return {
    collectionId,
    today,
    day,
    range: (from, to) => {
      const [a, b] = [day(from), day(to)].sort();
      return { best: a.slice(0, 4) === b.slice(0, 4) ? `${a.slice(0, 4)}-${middle(a, b)}` : a, from: a, to: b };
    },
    send: async <N extends CommandName>(name: N, input: CommandInput<N>) => {
      const answer = await runCommand(name, { commandId: randomUUID(), collectionId, ...input });
      if (!answer.ok)
        throw new Error(
          `${name}: ${answer.faults.map((f) => `${f.path} ${f.code}`).join("; ")} in ${JSON.stringify(input).slice(0, 300)}`,
        );
      return { entryId: answer.entryId, result: answer.result as CommandAnswer<N> };
    },
  };
}

function middle(a: string, b: string): string {
  const month = Math.round((Number(a.slice(5, 7)) + Number(b.slice(5, 7))) / 2);
  const wanted = `${String(month).padStart(2, "0")}-15`;
  return `${a.slice(0, 4)}-${wanted}` < a ? a.slice(5) : `${a.slice(0, 4)}-${wanted}` > b ? b.slice(5) : wanted;
}

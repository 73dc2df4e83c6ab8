"use client";

import { commandAt } from "./addresses";
import { useRouter } from "next/navigation";
import { useCallback, useRef, useState } from "react";
import type { CommandAnswer, CommandField, CommandName, CommandSent } from "@/contract/index";
import { type Fault, fault } from "@/contract/faults";
import { faultWords } from "@/words/faults";
import type { Units } from "@/words/format";
import { useUnits } from "./as-of";
import type { CommandResult } from "./run";
import { rememberOwn, saidOf, useSeen } from "./seen";

/** A fault in words, at its field. */
export interface ToldFault {
  path: string;
  message: string;
}

/** Why a command was not carried out, told in words. */
export interface ToldFailure extends Omit<Extract<CommandResult, { ok: false }>, "faults"> {
  faults: ToldFault[];
}

export const inWords = (faults: readonly Fault[], units: Units): ToldFault[] =>
  faults.map((f) => ({ path: f.path, message: faultWords(f, units) }));

type Under<F, P extends string> = F extends `${P}.${infer Rest}` ? Rest : never;

/** A command that was carried out, with what it answers. */
export type Done<N extends CommandName> = Omit<Extract<CommandResult, { ok: true }>, "result"> & {
  result: CommandAnswer<N>;
};

/**
 * Sends a command and keeps its faults. The commandId stays the same until the command has succeeded or the input has changed,
 * so that pressing twice, or again after a lost answer, records once. It speaks of the state its form was opened on: what others
 * changed since is a conflict, which is told once; pressing again then writes over it.
 */
export function useCommand<N extends CommandName>(name: N) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [failure, setFailure] = useState<ToldFailure | null>(null);
  const attempt = useRef<{ text: string; id: string } | null>(null);
  const opened = useRef(useSeen());
  const units = useUnits();

  const send = useCallback(
    async (
      input: CommandSent<N>,
      /** What the form itself could not read: nothing is sent then, but all that is wrong is told together. */
      own: Readonly<Record<string, string>> = {},
    ): Promise<Done<N> | null> => {
      const text = JSON.stringify(input);
      if (attempt.current?.text !== text) attempt.current = { text, id: crypto.randomUUID() };
      setBusy(true);
      try {
        const { id } = attempt.current;
        const seen = opened.current;
        const wrong = await foundHere(name, input);
        if (wrong || Object.keys(own).length > 0) {
          setFailure({ ok: false, code: "invalid", faults: inWords(wrong ?? [], units) });
          return null;
        }
        const answer = await inOrder(async () => {
          const sent = await post(name, { commandId: id, ...saidOf(seen), ...input });
          if (seen && sent.ok && sent.entryId !== "") rememberOwn(seen, sent.revision);
          return sent;
        });
        if (!answer.ok) {
          setFailure({ ...answer, faults: inWords(answer.faults, units) });
          if (answer.code === "conflict") {
            if (seen && answer.revision !== undefined) opened.current = { ...seen, revision: answer.revision };
            router.refresh();
          }
          return null;
        }
        attempt.current = null;
        setFailure(null);
        router.refresh();
        return answer as Done<N>;
      } finally {
        setBusy(false);
      }
    },
    [name, router, units],
  );

  const at = useCallback(
    (path: CommandField<N>): string | undefined =>
      failure?.faults.find((f) => f.path === path || f.path.startsWith(`${path}.`))?.message,
    [failure],
  );
  /** Faults the form found itself, and then the server's. `K`: fields the form has and the command has not. */
  const beside =
    <K extends string = never>(own: Readonly<Partial<Record<string, string>>>) =>
    (path: CommandField<N> | K): string | undefined =>
      own[path] ?? at(path as CommandField<N>);
  /** The same for the fields of one part of the input, named without the part. */
  const within =
    <P extends string, K extends string = never>(part: P, own: Readonly<Partial<Record<string, string>>>) =>
    (path: Under<CommandField<N>, P> | K): string | undefined =>
      own[path] ?? at(`${part}.${path}` as CommandField<N>);
  return { send, busy, failure, at, beside, within, clear: () => setFailure(null) };
}

/** What this tab sends goes out one after another: a second press must not come as a surprise to the first. */
let last: Promise<unknown> = Promise.resolve();
function inOrder<T>(send: () => Promise<T>): Promise<T> {
  const mine = last.then(send);
  last = mine.catch(() => undefined);
  return mine;
}

/** What the contract's own schema finds wrong, before anything is sent; null where it finds nothing, or could not be fetched. */
export async function foundHere(name: CommandName, input: unknown): Promise<Fault[] | null> {
  try {
    const { contractOf, readBy } = await import("@/contract/check");
    const read = readBy(contractOf(name).input, input);
    return read.ok ? null : read.faults;
  } catch {
    return null;
  }
}

async function post(name: CommandName, input: Record<string, unknown>): Promise<CommandResult> {
  try {
    const response = await fetch(commandAt(name), {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(input),
    });
    return (await response.json()) as CommandResult;
  } catch {
    return { ok: false, code: "unavailable", faults: [fault("", "no-answer")] };
  }
}

/** Faults that belong to no field of the form: shown above its button. */
export function unplaced(failure: ToldFailure | null, fields: readonly string[]): ToldFault[] {
  return (
    failure?.faults.filter((f) => !fields.some((field) => f.path === field || f.path.startsWith(`${field}.`))) ?? []
  );
}

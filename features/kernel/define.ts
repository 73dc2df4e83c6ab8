import { type Fault, type FaultCode, fault, type WithFigures } from "@/contract/faults";
import type { CommandAnswer, CommandName, CommandRead, Envelope } from "@/contract/index";
import type { LoggedEvent, Subject } from "@/core/event/index";
import type { Collection, NewCollection } from "@/data/collections";
import type { Db, Scope } from "@/data/db";
import type { NewEvent } from "@/data/log";
import type { Role } from "@/server/principal";
import type { LoadedRecords } from "@/features/kernel/collection/load";

/** A well-formed command the collection cannot take. */
export class Refusal extends Error {
  constructor(
    readonly faults: Fault[],
    /** Entries to undo together, latest first, where that is the way out. */
    readonly offer?: { together: string[] },
  ) {
    super(faults.map((f) => f.code).join(" "));
  }
}

/** @throws Refusal with this one fault */
export function refuse<C extends FaultCode>(path: string, code: C, ...figures: WithFigures<C>): never {
  throw new Refusal([fault(path, code, ...figures)]);
}

export type { NewEvent };

export interface CommandContext {
  db: Db;
  scope: Scope;
  collection: Collection;
  entryId: string;
  today: string;
  loaded: LoadedRecords;
  /** Adds events to this command's entry. */
  record: (...events: NewEvent[]) => void;
  /** Queues a row that names this entry: it is written once the entry stands. */
  write: (row: () => Promise<void>) => void;
  /** Events that shall count no more. */
  withdraw: (eventIds: readonly string[]) => void;
  /** The event this command says anew, where it does. */
  replaced: LoggedEvent | null;
  /** How far a long command is. */
  progress: (done: number, of: number) => void;
  actor: string;
  /** Marks the entry as voiding another one. */
  voids: (entryId: string) => void;
  note: (text: string) => void;
  weatherChanged: () => void;
}

/** A write with what it does; its name, input and answer stand in the contract. */
export interface Command {
  name: CommandName;
  role: Role;
  /** What the command changes or leans on: a newer change of one of these is a conflict. */
  subjects: (input: unknown, loaded: LoadedRecords) => readonly Subject[];
  /** For the command that makes the collection it writes into. */
  startsCollection?: (input: unknown, head: Envelope) => NewCollection;
  /** Work outside the transaction, before it: what it answers takes the input's place. */
  prepare?: (input: unknown, head: Envelope) => Promise<unknown>;
  /** Writes nothing of what happened: no entry, no new revision. */
  quiet: boolean;
  run: (context: CommandContext, input: unknown) => Promise<unknown>;
}

/** For what only adds beside what others do, or is refused in better words by the command itself: nobody's change is overwritten. */
export const addsOnly = (): readonly Subject[] => [];

/** @typeParam P what `run` is given: the input as read, or what `prepare` made of it */
export function command<N extends CommandName, P = CommandRead<N>>(
  name: N,
  definition: {
    role?: Role;
    subjects: (input: CommandRead<N>, loaded: LoadedRecords) => readonly Subject[];
    startsCollection?: (input: CommandRead<N>, head: Envelope) => NewCollection;
    prepare?: (input: CommandRead<N>, head: Envelope) => Promise<P>;
    quiet?: boolean;
    run: (context: CommandContext, input: P) => Promise<CommandAnswer<N>>;
  },
): Command {
  // Sound because the runner only ever passes what the contract's schema read.
  return {
    name,
    role: definition.role ?? "keeper",
    subjects: definition.subjects as Command["subjects"],
    startsCollection: definition.startsCollection as Command["startsCollection"],
    prepare: definition.prepare as Command["prepare"],
    quiet: definition.quiet ?? false,
    run: definition.run as Command["run"],
  };
}

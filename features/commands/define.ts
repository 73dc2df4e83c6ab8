import { z } from "zod";
import type { EventKind, LoggedEvent, Subject } from "@/core/event/index";
import type { Collection, NewCollection } from "@/data/collections";
import type { Db, Scope } from "@/data/db";
import type { NewEvent } from "@/data/log";
import type { Role } from "@/server/principal";
import type { LoadedRecords } from "../collection/load";

/** What is wrong with an input, at its field, in a grower's words. */
export interface Fault {
  path: string;
  message: string;
}

/** A well-formed command the collection cannot take. */
export class Refusal extends Error {
  constructor(
    readonly faults: Fault[],
    /** Entries to undo together, latest first, where that is the way out. */
    readonly offer?: { together: string[] },
  ) {
    super(faults.map((f) => f.message).join(" "));
  }
}

export function refuse(path: string, message: string): never {
  throw new Refusal([{ path, message }]);
}

/** Every command's envelope: who asked, once, against which state of the collection. */
export const envelope = z.object({
  commandId: z.uuid(),
  collectionId: z.uuid(),
  /** The state the page was made from: a newer change of the same subject is then a conflict instead of being overwritten. */
  baseRevision: z.number().int().min(0).optional(),
  epoch: z.number().int().min(0).optional(),
  /** Newer revisions that the same tab wrote itself: its own changes are no surprise to it. */
  ownRevisions: z.array(z.number().int().min(0)).max(500).optional(),
  /** Say this event anew: it counts no more once the command has run. */
  replacesEventId: z.uuid().optional(),
});

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

export interface Command {
  name: string;
  role: Role;
  input: z.ZodType;
  /** What the command changes or leans on: a newer change of one of these is a conflict. */
  subjects: (input: unknown, loaded: LoadedRecords) => readonly Subject[];
  /** For the command that makes the collection it writes into. */
  founds?: (input: unknown) => NewCollection;
  /** Kinds of events it may say anew. */
  corrects: readonly EventKind[];
  /** Work outside the transaction, before it: what it answers takes the input's place. */
  prepare?: (input: unknown) => Promise<unknown>;
  /** Writes nothing of what happened: no entry, no new revision. */
  quiet: boolean;
  run: (context: CommandContext, input: unknown) => Promise<unknown>;
}

/** For what only adds beside what others do, or is refused in better words by the command itself: nobody's change is overwritten. */
export const addsOnly = (): readonly Subject[] => [];

export function command<S extends z.ZodType>(definition: {
  name: string;
  role?: Role;
  input: S;
  subjects: (input: z.output<S>, loaded: LoadedRecords) => readonly Subject[];
  founds?: (input: z.output<S>) => NewCollection;
  corrects?: readonly EventKind[];
  prepare?: (input: z.output<S>) => Promise<z.output<S>>;
  quiet?: boolean;
  run: (context: CommandContext, input: z.output<S>) => Promise<unknown>;
}): Command {
  // Sound because the runner only ever passes what `input` parsed.
  return {
    name: definition.name,
    role: definition.role ?? "keeper",
    input: definition.input,
    subjects: definition.subjects as Command["subjects"],
    founds: definition.founds as Command["founds"],
    corrects: definition.corrects ?? [],
    prepare: definition.prepare as Command["prepare"],
    quiet: definition.quiet ?? false,
    run: definition.run as Command["run"],
  };
}

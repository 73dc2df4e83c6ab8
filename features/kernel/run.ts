import "server-only";
import { createHash, randomUUID } from "node:crypto";
import { type Fault, type FaultCode, fault, type WithFigures } from "@/contract/faults";
import { contractOf, type Envelope, envelope, type CommandName } from "@/contract/index";
import { faultOfIssue, readBy } from "@/contract/read";
import { kindOfSubject, type LoggedEvent, type Subject, type EventKind } from "@/core/event/index";
import { bumpRevision, type Collection, insertCollection, lockCollection, waitForHold } from "@/data/collections";
import { type Db, isDatabaseGone, isHeld, tx } from "@/data/db";
import { findByCommandId, insertEntry, insertEvents } from "@/data/log";
import { now, todayAt } from "@/server/clock";
import { diskFault } from "@/server/disk";
import { log } from "@/server/log";
import { inTurn, TooMany } from "@/server/queue";
import { writers } from "@/server/pool";
import { principal } from "@/server/principal";
import { changedSince } from "./conflicts";
import { exactDay } from "./days";
import { type LoadedRecords, loadRecords, loadWithout } from "@/features/kernel/collection/load";
import { type Command, type CommandContext, type NewEvent, Refusal, refuse } from "./define";
import { datesOutOfReach } from "./reach";

/** How a write failed, as its status tells it. */
export type Failure = "invalid" | "unknown" | "refused" | "conflict" | "unavailable" | "failed";

export type CommandResult =
  | { ok: true; revision: number; entryId: string; result: unknown }
  | {
      ok: false;
      code: Failure;
      faults: Fault[];
      offer?: { together: string[] };
      /** With a conflict: the state it was found in. Who has been told of it may write over it. */
      revision?: number;
    };

function failed<C extends FaultCode>(
  failure: Failure,
  path: string,
  code: C,
  ...figures: WithFigures<C>
): Extract<CommandResult, { ok: false }> {
  return { ok: false, code: failure, faults: [fault(path, code, ...figures)] };
}

/** Carries out a write by its name. */
export type RunCommand = (
  name: string,
  raw: unknown,
  onProgress?: (done: number, of: number) => void,
) => Promise<CommandResult>;

/**
 * The one door for writes, for the commands it is handed: validates, checks rights and conflicts, runs in a transaction, writes the entry with its events.
 * The same commandId again answers the first result. Faults come back as data; nothing is half written.
 */
export const runnerOf =
  (commands: ReadonlyMap<string, Command>): RunCommand =>
  (name, raw, onProgress = () => undefined) =>
    runOne(commands.get(name), name, raw, onProgress);

async function runOne(
  command: Command | undefined,
  name: string,
  raw: unknown,
  onProgress: (done: number, of: number) => void,
): Promise<CommandResult> {
  if (!command) return failed("unknown", "", "no-such-command", { name });
  const who = principal();
  if (who.role !== command.role) return failed("refused", "", "only-looking");
  try {
    const read = readBy(contractOf(command.name).input, raw);
    const head = envelope.safeParse(raw);
    if (!read.ok) return { ok: false, code: "invalid", faults: read.faults.slice(0, MOST_FAULTS) };
    if (!head.success)
      return { ok: false, code: "invalid", faults: head.error.issues.slice(0, MOST_FAULTS).map(faultOfIssue) };
    const full = await diskFault();
    if (full !== null) return { ok: false, code: "unavailable", faults: [full] };
    const input = command.prepare ? await command.prepare(read.value, head.data) : read.value;
    const inputSha256 = digestOf(name, read.value, head.data.replacesEventId);
    const wish: Wish = { command, head: head.data, input, inputSha256, onProgress };
    // One after another before a connection is taken: writers that wait for a row would else hold all of them.
    return await inTurn(head.data.collectionId, () => tx(writers(), (db) => carryOut(db, wish, who.actor)));
  } catch (error) {
    return faultOf(name, error);
  }
}

/** Faults told at once. */
const MOST_FAULTS = 100;

/** A command with everything it was asked. */
interface Wish {
  command: Command;
  head: Envelope;
  input: unknown;
  inputSha256: string;
  onProgress: (done: number, of: number) => void;
}

/** What makes two wishes the same one: the command and its content, not the moment it was sent from. */
function digestOf(name: string, input: unknown, replacesEventId: string | undefined): string {
  const large = (value: unknown) =>
    value instanceof Uint8Array || (typeof value === "string" && value.length > 100_000);
  const text = JSON.stringify({ input, replacesEventId }, (_key, value: unknown) =>
    large(value)
      ? createHash("sha256")
          .update(value as string | Uint8Array)
          .digest("hex")
      : value,
  );
  return createHash("sha256").update(name).update(text).digest("hex");
}

async function carryOut(db: Db, wish: Wish, actor: string): Promise<CommandResult> {
  const { command, head, input } = wish;
  const scope = { collectionId: head.collectionId };
  await waitForHold(db);
  if (command.startsCollection) {
    const known = await lockCollection(db, scope);
    if (!known) await insertCollection(db, command.startsCollection(input, head));
  }
  const collection = await lockCollection(db, scope);
  if (!collection) return failed("unknown", "", "collection-gone");
  const before = await findByCommandId(db, scope, head.commandId);
  if (before) {
    if (before.command !== command.name || (before.inputSha256 !== null && before.inputSha256 !== wish.inputSha256))
      return failed("refused", "commandId", "sent-before");
    return { ok: true, revision: before.seq, entryId: before.id, result: before.result };
  }
  if (head.epoch !== undefined && head.epoch !== collection.epoch) return failed("conflict", "", "backup-put-back");
  const reach = datesOutOfReach(command.name, input, todayAt(collection.zone));
  if (reach.length > 0) return { ok: false, code: "invalid", faults: reach };
  const whole = await loadRecords(db, collection);
  const conflict = conflictWith(whole, wish);
  if (conflict !== null)
    return {
      ...failed("conflict", "", "changed-since", { what: kindOfSubject(conflict) }),
      revision: collection.revision,
    };
  return record(db, collection, whole, wish, actor);
}

function conflictWith(loaded: LoadedRecords, { command, head, input }: Wish): Subject | null {
  if (head.baseRevision === undefined) return null;
  const own = new Set(head.ownRevisions ?? []);
  return changedSince(loaded, head.baseRevision, own, new Set(command.subjects(input, loaded)));
}

/** Runs the command on the locked collection and writes what it says. */
async function record(
  db: Db,
  collection: Collection,
  whole: LoadedRecords,
  { command, head, input, inputSha256, onProgress }: Wish,
  actor: string,
): Promise<CommandResult> {
  const scope = { collectionId: collection.id };
  const replaced = replacedEvent(whole, command, head.replacesEventId);
  const loaded = replaced ? await loadWithout(db, collection, new Set([replaced.id])) : whole;

  const entryId = randomUUID();
  const seq = collection.revision + 1;
  const events: NewEvent[] = [];
  const withdrawn: string[] = replaced ? [replaced.id] : [];
  const rows: (() => Promise<void>)[] = [];
  const marks: { voids: string | null; note: string | null; weather: boolean } = {
    voids: null,
    note: null,
    weather: false,
  };
  const context: CommandContext = {
    db,
    scope,
    collection,
    entryId,
    today: todayAt(collection.zone),
    loaded,
    replaced,
    actor,
    progress: onProgress,
    withdraw: (ids) => void withdrawn.push(...ids),
    record: (...more) => void events.push(...more),
    write: (row) => void rows.push(row),
    voids: (id) => void (marks.voids = id),
    note: (text) => void (marks.note = text),
    weatherChanged: () => void (marks.weather = true),
  };
  const result = await command.run(context, input);
  if (command.quiet) {
    for (const row of rows) await row();
    return { ok: true, revision: collection.revision, entryId: "", result };
  }
  if (withdrawn.length > 0) events.push(withdrawal(withdrawn, todayAt(collection.zone)));
  await insertEntry(db, scope, {
    id: entryId,
    seq,
    commandId: head.commandId,
    command: command.name,
    actor,
    recordedAt: now(),
    voidsEntryId: marks.voids,
    replacesEntryId: replaced?.entryId ?? null,
    note: marks.note,
    result,
    inputSha256,
  });
  for (const row of rows) await row();
  await insertEvents(db, scope, entryId, events);
  await bumpRevision(db, scope, marks.weather);
  return { ok: true, revision: seq, entryId, result };
}

function faultOf(name: string, error: unknown): CommandResult {
  if (error instanceof Refusal) return { ok: false, code: "refused", faults: error.faults, offer: error.offer };
  if (isHeld(error)) return failed("unavailable", "", "backup-going-on");
  if (error instanceof TooMany) return failed("unavailable", "", "too-much-at-once");
  if (isDatabaseGone(error)) return failed("unavailable", "", "database-away");
  log().error({ command: name, err: error }, "command failed");
  return failed("failed", "", "program-fault");
}

const corrects = (name: CommandName): readonly EventKind[] => contractOf(name).corrects;

/** The event a correction is about; refused when it is gone or of a kind this command cannot say anew. */
function replacedEvent(loaded: LoadedRecords, command: Command, eventId: string | undefined): LoggedEvent | null {
  if (eventId === undefined) return null;
  const event = loaded.indexed.records.events.find((e) => e.id === eventId);
  if (!event || !corrects(command.name).includes(event.payload.kind)) refuse("replacesEventId", "corrected-already");
  return event;
}

function withdrawal(eventIds: string[], today: string): NewEvent {
  return {
    id: randomUUID(),
    treeId: null,
    potLotId: null,
    on: exactDay(today),
    payload: { kind: "withdrawn", eventIds },
  };
}

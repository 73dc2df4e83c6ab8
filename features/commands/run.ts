import "server-only";
import { randomUUID } from "node:crypto";
import type { LoggedEvent } from "@/core/event/index";
import { bumpRevision, insertCollection, lockCollection } from "@/data/collections";
import { isDatabaseGone, tx } from "@/data/db";
import { findByCommandId, insertEntry, insertEvents } from "@/data/log";
import { now, todayAt } from "@/server/clock";
import { pool } from "@/server/pool";
import { principal } from "@/server/principal";
import { exactDay } from "./days";
import { type LoadedRecords, loadRecords, loadWithout } from "../collection/load";
import {
  type Command,
  type CommandContext,
  envelope,
  type Fault,
  type NewEvent,
  Refusal,
  refuse,
  type Touched,
} from "./define";
import { COMMANDS } from "./registry";

export type CommandResult =
  | { ok: true; revision: number; entryId: string; result: unknown }
  | {
      ok: false;
      code: "invalid" | "refused" | "conflict" | "unavailable" | "failed";
      faults: Fault[];
      offer?: { together: string[] };
    };

const fault = (code: "refused" | "conflict" | "unavailable" | "failed", message: string, path = ""): CommandResult => ({
  ok: false,
  code,
  faults: [{ path, message }],
});

/**
 * The one door for writes: validates, checks rights and conflicts, runs in a transaction, writes the entry with its events.
 * The same commandId again answers the first result. Faults come back as data; nothing is half written.
 */
export async function runCommand(
  name: string,
  raw: unknown,
  onProgress: (done: number, of: number) => void = () => undefined,
): Promise<CommandResult> {
  const command = COMMANDS.get(name);
  if (!command) return fault("refused", `There is no command named "${name}".`);
  const who = principal();
  if (who.role !== command.role) return fault("refused", "You may look at this collection, but not change it.");
  const parsed = command.input.safeParse(raw);
  if (!parsed.success) {
    return {
      ok: false,
      code: "invalid",
      faults: parsed.error.issues.map((issue) => ({ path: issue.path.join("."), message: issue.message })),
    };
  }
  const head = envelope.parse(raw);
  const scope = { collectionId: head.collectionId };
  try {
    const input = command.prepare ? await command.prepare(parsed.data) : parsed.data;
    return await tx(pool(), async (db) => {
      if (command.founds) {
        const known = await lockCollection(db, scope);
        if (!known) await insertCollection(db, command.founds(input));
      }
      const collection = await lockCollection(db, scope);
      if (!collection) return fault("refused", "This collection does not exist any more.");
      const before = await findByCommandId(db, scope, head.commandId);
      if (before) return { ok: true, revision: collection.revision, entryId: before.id, result: before.result };
      const whole = await loadRecords(db, collection);
      const conflict = findConflict(whole, head.baseRevision, command.touches(input));
      if (conflict !== null) return fault("conflict", conflict);
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
        actor: who.actor,
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
        command: name,
        actor: who.actor,
        recordedAt: now(),
        voidsEntryId: marks.voids,
        replacesEntryId: replaced?.entryId ?? null,
        note: marks.note,
        result,
      });
      for (const row of rows) await row();
      await insertEvents(db, scope, entryId, events);
      await bumpRevision(db, scope, marks.weather);
      return { ok: true, revision: seq, entryId, result };
    });
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, code: "refused", faults: error.faults, offer: error.offer };
    if (isDatabaseGone(error)) {
      return fault(
        "unavailable",
        "The database does not answer just now. Nothing was saved and what you typed is still here: try again in a moment.",
      );
    }
    console.error(`command ${name} failed`, error);
    return fault(
      "failed",
      "This could not be saved because of a fault in the program. Nothing was changed and what you typed is still here.",
    );
  }
}

/** The event a correction is about; refused when it is gone or of a kind this command cannot say anew. */
function replacedEvent(loaded: LoadedRecords, command: Command, eventId: string | undefined): LoggedEvent | null {
  if (eventId === undefined) return null;
  const event = loaded.indexed.records.events.find((e) => e.id === eventId);
  if (!event || !command.corrects.includes(event.payload.kind))
    refuse(
      "replacesEventId",
      "What you are correcting has been undone or corrected already. Look at the history once more.",
    );
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

/** Two people may write at once: only a newer change of the same tree or pot lot stands in the way, everything else merges. */
function findConflict(loaded: LoadedRecords, baseRevision: number | undefined, touches: Touched): string | null {
  if (baseRevision === undefined) return null;
  const newer = loaded.indexed.records.events.find(
    (e) =>
      e.seq > baseRevision &&
      ((touches.treeId !== undefined && e.treeId === touches.treeId) ||
        (e.treeId !== null && touches.treeIds?.includes(e.treeId)) ||
        (touches.lotId !== undefined && e.potLotId === touches.lotId && e.treeId !== null)),
  );
  if (!newer) return null;
  return "Somebody changed this tree or pot while you were at it. Look at what is new, then save again: what you typed is still here.";
}

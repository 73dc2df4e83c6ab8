import { type EventPayload, type LoggedEvent, PAYLOAD_VERSION, readPayload } from "@/core/event/index";
import { type Db, insertMany, many, maybeOne, run, type Scope } from "./db";

/** One command = one entry = one unit of undo. */
export interface Entry {
  id: string;
  seq: number;
  commandId: string;
  command: string;
  actor: string;
  recordedAt: string;
  voidsEntryId: string | null;
  /** The entry whose event this one says better. */
  replacesEntryId: string | null;
  note: string | null;
}

/** Rows of entries after one revision, up to another: what a cache of the first still lacks. */
export interface SeqRange {
  after: number;
  upTo: number;
}

export const WHOLE_LOG: SeqRange = { after: -1, upTo: Number.MAX_SAFE_INTEGER };

interface EntryRow {
  id: string;
  seq: number;
  command_id: string;
  command: string;
  actor: string;
  recorded_at: string;
  voids_entry_id: string | null;
  replaces_entry_id: string | null;
  note: string | null;
}

export async function findByCommandId(
  db: Db,
  scope: Scope,
  commandId: string,
): Promise<{ id: string; seq: number; command: string; inputSha256: string | null; result: unknown } | null> {
  const row = await maybeOne<{
    id: string;
    seq: number;
    command: string;
    input_sha256: string | null;
    result: unknown;
  }>(db, "SELECT id, seq, command, input_sha256, result FROM entry WHERE collection_id = ? AND command_id = ?", [
    scope.collectionId,
    commandId,
  ]);
  return row
    ? {
        id: row.id,
        seq: Number(row.seq),
        command: row.command,
        inputSha256: row.input_sha256,
        result: typeof row.result === "string" ? JSON.parse(row.result) : row.result,
      }
    : null;
}

/** What an entry's command answered when it was recorded. */
export async function entryResult(db: Db, scope: Scope, entryId: string): Promise<unknown> {
  const row = await maybeOne<{ result: unknown }>(db, "SELECT result FROM entry WHERE collection_id = ? AND id = ?", [
    scope.collectionId,
    entryId,
  ]);
  return typeof row?.result === "string" ? JSON.parse(row.result) : row?.result;
}

export async function insertEntry(
  db: Db,
  scope: Scope,
  /** `inputSha256`: what the command was asked, so that the same id with another content is not taken for the same wish. */
  entry: Entry & { result: unknown; inputSha256?: string },
): Promise<void> {
  await run(
    db,
    `INSERT INTO entry (collection_id, id, seq, command_id, command, actor, recorded_at, voids_entry_id, replaces_entry_id, note, result, input_sha256)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      scope.collectionId,
      entry.id,
      entry.seq,
      entry.commandId,
      entry.command,
      entry.actor,
      entry.recordedAt,
      entry.voidsEntryId,
      entry.replacesEntryId,
      entry.note,
      JSON.stringify(entry.result ?? null),
      entry.inputSha256 ?? null,
    ],
  );
}

export async function listEntries(db: Db, scope: Scope, { after, upTo }: SeqRange = WHOLE_LOG): Promise<Entry[]> {
  const rows = await many<EntryRow>(
    db,
    `SELECT id, seq, command_id, command, actor, recorded_at, voids_entry_id, replaces_entry_id, note
     FROM entry WHERE collection_id = ? AND seq > ? AND seq <= ? ORDER BY seq`,
    [scope.collectionId, after, upTo],
  );
  return rows.map((r) => ({
    id: r.id,
    seq: Number(r.seq),
    commandId: r.command_id,
    command: r.command,
    actor: r.actor,
    recordedAt: r.recorded_at,
    voidsEntryId: r.voids_entry_id,
    replacesEntryId: r.replaces_entry_id,
    note: r.note,
  }));
}

interface EventRow {
  id: string;
  entry_id: string;
  seq: number;
  ord: number;
  recorded_at: string;
  tree_id: string | null;
  pot_lot_id: string | null;
  place_id: string | null;
  on_best: string;
  on_from: string;
  on_to: string;
  kind: string;
  payload: unknown;
  payload_version: number;
}

const EVENT_COLUMNS =
  "e.id, e.entry_id, n.seq, e.ord, n.recorded_at, e.tree_id, e.pot_lot_id, e.place_id, e.on_best, e.on_from, e.on_to, e.kind, e.payload, e.payload_version";

/** JSON columns come parsed or as text, by the server's version; text that is no JSON is no payload. */
function parsed(payload: unknown): unknown {
  if (typeof payload !== "string") return payload;
  try {
    return JSON.parse(payload);
  } catch {
    return null;
  }
}

function eventFromRow(row: EventRow): LoggedEvent {
  return {
    id: row.id,
    entryId: row.entry_id,
    seq: Number(row.seq),
    ord: row.ord,
    recordedAt: row.recorded_at,
    treeId: row.tree_id,
    potLotId: row.pot_lot_id,
    placeId: row.place_id,
    on: { best: row.on_best, from: row.on_from, to: row.on_to },
    // One odd row never closes a collection: it is named, kept, and counts for nothing.
    payload: readPayload(parsed(row.payload), row.payload_version, row.kind),
  };
}

/** Events in the order of the day they happened, then of recording; undone ones included. */
export async function listEvents(db: Db, scope: Scope, { after, upTo }: SeqRange = WHOLE_LOG): Promise<LoggedEvent[]> {
  const rows = await many<EventRow>(
    db,
    `SELECT ${EVENT_COLUMNS} FROM event e JOIN entry n ON n.collection_id = e.collection_id AND n.id = e.entry_id
     WHERE e.collection_id = ? AND n.seq > ? AND n.seq <= ? ORDER BY e.on_best, n.seq, e.ord`,
    [scope.collectionId, after, upTo],
  );
  return rows.map(eventFromRow);
}

/** An event as it is about to be written: what cannot be read is never written. */
export type NewEvent = Omit<LoggedEvent, "entryId" | "seq" | "ord" | "recordedAt" | "payload"> & {
  payload: EventPayload;
};

export async function insertEvents(db: Db, scope: Scope, entryId: string, events: readonly NewEvent[]): Promise<void> {
  if (events.length === 0) return;
  await insertMany(
    db,
    "event",
    [
      "collection_id",
      "id",
      "entry_id",
      "ord",
      "kind",
      "tree_id",
      "pot_lot_id",
      "place_id",
      "on_best",
      "on_from",
      "on_to",
      "payload",
      "payload_version",
    ],
    events.map((e, ord) => [
      scope.collectionId,
      e.id,
      entryId,
      ord,
      e.payload.kind,
      e.treeId,
      e.potLotId,
      e.placeId ?? null,
      e.on.best,
      e.on.from,
      e.on.to,
      JSON.stringify(e.payload),
      PAYLOAD_VERSION,
    ]),
  );
}

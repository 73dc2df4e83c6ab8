import type { PlaceKind } from "@/core/climate/index";
import type { PlaceRecord } from "@/core/records/index";
import { type Db, many, run, type Scope } from "./db";
import { type SeqRange, WHOLE_LOG } from "./log";

export type StoredPlace = PlaceRecord & { entryId: string };

export async function listPlaces(db: Db, scope: Scope, { after, upTo }: SeqRange = WHOLE_LOG): Promise<StoredPlace[]> {
  const rows = await many<{ id: string; entry_id: string; name: string; kind: PlaceKind }>(
    db,
    `SELECT p.id, p.entry_id, p.name, p.kind
     FROM place p JOIN entry n ON n.collection_id = p.collection_id AND n.id = p.entry_id
     WHERE p.collection_id = ? AND n.seq > ? AND n.seq <= ? ORDER BY p.name`,
    [scope.collectionId, after, upTo],
  );
  return rows.map((r) => ({ id: r.id, entryId: r.entry_id, name: r.name, kind: r.kind }));
}

export async function insertPlace(db: Db, scope: Scope, place: StoredPlace): Promise<void> {
  await run(db, "INSERT INTO place (collection_id, id, entry_id, name, kind) VALUES (?, ?, ?, ?, ?)", [
    scope.collectionId,
    place.id,
    place.entryId,
    place.name,
    place.kind,
  ]);
}

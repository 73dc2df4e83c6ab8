import type { LotRecord } from "@/core/records/index";
import { potSchema } from "@/core/vessel/index";
import { type Db, insertMany, many, type Scope } from "./db";
import { type SeqRange, WHOLE_LOG } from "./log";

export type StoredLot = LotRecord & { entryId: string; price: number | null };

export async function listLots(db: Db, scope: Scope, { after, upTo }: SeqRange = WHOLE_LOG): Promise<StoredLot[]> {
  const rows = await many<{ id: string; entry_id: string; name: string; pot: unknown; price: number | null }>(
    db,
    `SELECT l.id, l.entry_id, l.name, l.pot, l.price
     FROM pot_lot l JOIN entry n ON n.collection_id = l.collection_id AND n.id = l.entry_id
     WHERE l.collection_id = ? AND n.seq > ? AND n.seq <= ? ORDER BY l.name`,
    [scope.collectionId, after, upTo],
  );
  return rows.map((r) => ({
    id: r.id,
    entryId: r.entry_id,
    name: r.name,
    pot: potSchema.parse(typeof r.pot === "string" ? JSON.parse(r.pot) : r.pot),
    price: r.price,
  }));
}

export async function insertLots(db: Db, scope: Scope, lots: readonly StoredLot[]): Promise<void> {
  await insertMany(
    db,
    "pot_lot",
    ["collection_id", "id", "entry_id", "name", "pot", "price"],
    lots.map((lot) => [scope.collectionId, lot.id, lot.entryId, lot.name, JSON.stringify(lot.pot), lot.price]),
  );
}

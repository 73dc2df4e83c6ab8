import type { LotRecord } from "@/core/tree/index";
import { potSchema } from "@/core/vessel/index";
import { type Db, many, run, type Scope } from "./db";

export type StoredLot = LotRecord & { entryId: string; price: number | null };

export async function listLots(db: Db, scope: Scope): Promise<StoredLot[]> {
  const rows = await many<{ id: string; entry_id: string; name: string; pot: unknown; price: number | null }>(
    db,
    "SELECT id, entry_id, name, pot, price FROM pot_lot WHERE collection_id = ? ORDER BY name",
    [scope.collectionId],
  );
  return rows.map((r) => ({
    id: r.id,
    entryId: r.entry_id,
    name: r.name,
    pot: potSchema.parse(typeof r.pot === "string" ? JSON.parse(r.pot) : r.pot),
    price: r.price,
  }));
}

export async function insertLot(db: Db, scope: Scope, lot: StoredLot): Promise<void> {
  await run(db, "INSERT INTO pot_lot (collection_id, id, entry_id, name, pot, price) VALUES (?, ?, ?, ?, ?, ?)", [
    scope.collectionId,
    lot.id,
    lot.entryId,
    lot.name,
    JSON.stringify(lot.pot),
    lot.price,
  ]);
}

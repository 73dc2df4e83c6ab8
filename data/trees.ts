import type { TreeRecord } from "@/core/tree/index";
import { type Db, many, run, type Scope } from "./db";

interface TreeRow {
  id: string;
  entry_id: string;
  tag: string;
  kind_id: string | null;
  typed_name: string | null;
  habit: TreeRecord["habit"];
  cultivar: string | null;
  purpose: TreeRecord["purpose"];
  plant_count: number;
  final_volume_l: number | null;
  trunk_mm: number | null;
  height_m: number | null;
}

export type StoredTree = TreeRecord & { entryId: string };

export async function listTrees(db: Db, scope: Scope): Promise<StoredTree[]> {
  const rows = await many<TreeRow>(
    db,
    `SELECT id, entry_id, tag, kind_id, typed_name, habit, cultivar, purpose, plant_count, final_volume_l, trunk_mm, height_m
     FROM tree WHERE collection_id = ? ORDER BY tag`,
    [scope.collectionId],
  );
  return rows.map((r) => ({
    id: r.id,
    entryId: r.entry_id,
    tag: r.tag,
    kindId: r.kind_id,
    typedName: r.typed_name,
    habit: r.habit,
    cultivar: r.cultivar,
    purpose: r.purpose,
    count: r.plant_count,
    finalVolumeL: r.final_volume_l,
    trunkMm: r.trunk_mm,
    heightM: r.height_m,
  }));
}

export async function insertTree(db: Db, scope: Scope, t: StoredTree): Promise<void> {
  await run(
    db,
    `INSERT INTO tree (collection_id, id, entry_id, tag, kind_id, typed_name, habit, cultivar, purpose, plant_count, final_volume_l, trunk_mm, height_m)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      scope.collectionId,
      t.id,
      t.entryId,
      t.tag,
      t.kindId,
      t.typedName,
      t.habit,
      t.cultivar,
      t.purpose,
      t.count,
      t.finalVolumeL,
      t.trunkMm,
      t.heightM,
    ],
  );
}

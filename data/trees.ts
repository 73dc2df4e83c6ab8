import type { TreeRecord } from "@/core/records/index";
import { type Db, insertMany, many, type Scope } from "./db";
import { type SeqRange, WHOLE_LOG } from "./log";

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

export async function listTrees(db: Db, scope: Scope, { after, upTo }: SeqRange = WHOLE_LOG): Promise<StoredTree[]> {
  const rows = await many<TreeRow>(
    db,
    `SELECT t.id, t.entry_id, t.tag, t.kind_id, t.typed_name, t.habit, t.cultivar, t.purpose, t.plant_count, t.final_volume_l,
            t.trunk_mm, t.height_m
     FROM tree t JOIN entry n ON n.collection_id = t.collection_id AND n.id = t.entry_id
     WHERE t.collection_id = ? AND n.seq > ? AND n.seq <= ? ORDER BY t.tag`,
    [scope.collectionId, after, upTo],
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

export async function insertTrees(db: Db, scope: Scope, trees: readonly StoredTree[]): Promise<void> {
  await insertMany(
    db,
    "tree",
    [
      "collection_id",
      "id",
      "entry_id",
      "tag",
      "kind_id",
      "typed_name",
      "habit",
      "cultivar",
      "purpose",
      "plant_count",
      "final_volume_l",
      "trunk_mm",
      "height_m",
    ],
    trees.map((t) => [
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
    ]),
  );
}

import { type Db, maybeOne, run, type Scope } from "./db";

export interface Photo {
  id: string;
  entryId: string;
  treeId: string;
  widthPx: number;
  heightPx: number;
  sha256: string;
  /** JPEG, upright, without any metadata. */
  image: Buffer;
  thumb: Buffer;
}

export async function insertPhoto(db: Db, scope: Scope, p: Photo): Promise<void> {
  await run(
    db,
    `INSERT INTO photo (collection_id, id, entry_id, tree_id, width_px, height_px, sha256, image, thumb)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [scope.collectionId, p.id, p.entryId, p.treeId, p.widthPx, p.heightPx, p.sha256, p.image, p.thumb],
  );
}

/** The picture's bytes; null when there is none. Undone ones are still answered: the history may bring them back. */
export async function photoBytes(db: Db, scope: Scope, id: string, size: "image" | "thumb"): Promise<Buffer | null> {
  const row = await maybeOne<{ bytes: Buffer }>(
    db,
    size === "image"
      ? "SELECT image AS bytes FROM photo WHERE collection_id = ? AND id = ?"
      : "SELECT thumb AS bytes FROM photo WHERE collection_id = ? AND id = ?",
    [scope.collectionId, id],
  );
  return row?.bytes ?? null;
}

import { type Db, maybeOne, run, type Scope } from "./db";

/** What somebody last saw: the state of the records and the dates that followed from them, by tree. */
export interface Look {
  seq: number;
  weatherRevision: number;
  onDay: string;
  model: string;
  lookedAt: string;
  dates: unknown;
}

export async function findLook(db: Db, scope: Scope, actor: string): Promise<Look | null> {
  const row = await maybeOne<{
    seq: number;
    weather_revision: number;
    on_day: string;
    model: string;
    looked_at: string;
    dates: unknown;
  }>(
    db,
    "SELECT seq, weather_revision, on_day, model, looked_at, dates FROM look WHERE collection_id = ? AND actor = ?",
    [scope.collectionId, actor],
  );
  return (
    row && {
      seq: Number(row.seq),
      weatherRevision: Number(row.weather_revision),
      onDay: row.on_day,
      model: row.model,
      lookedAt: row.looked_at,
      dates: typeof row.dates === "string" ? (JSON.parse(row.dates) as unknown) : row.dates,
    }
  );
}

export async function saveLook(db: Db, scope: Scope, actor: string, look: Look): Promise<void> {
  const values = [look.seq, look.weatherRevision, look.onDay, look.model, look.lookedAt, JSON.stringify(look.dates)];
  await run(
    db,
    `INSERT INTO look (collection_id, actor, seq, weather_revision, on_day, model, looked_at, dates)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE seq = VALUES(seq), weather_revision = VALUES(weather_revision), on_day = VALUES(on_day),
       model = VALUES(model), looked_at = VALUES(looked_at), dates = VALUES(dates)`,
    [scope.collectionId, actor, ...values],
  );
}

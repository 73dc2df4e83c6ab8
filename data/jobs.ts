import { type Db, many, maybeOne, run, type Scope } from "./db";

const JOB_STATES = ["queued", "running", "done", "failed", "cancelled"] as const;
export type JobState = (typeof JOB_STATES)[number];

/** Long work as a row: whoever holds it beats its heart; whoever looks follows its progress. */
export interface Job {
  collectionId: string;
  id: string;
  kind: string;
  state: JobState;
  input: unknown;
  /** The collection's revision, and the model, it was asked under. */
  revision: number;
  model: string;
  progress: number;
  total: number;
  cancelAsked: boolean;
  askedAt: string;
  endedAt: string | null;
  message: string | null;
}

interface Row {
  collection_id: string;
  id: string;
  kind: string;
  state: JobState;
  input: unknown;
  revision: number;
  model: string;
  progress: number;
  total: number;
  cancel_asked: number;
  asked_at: string;
  ended_at: string | null;
  message: string | null;
}

const COLUMNS =
  "collection_id, id, kind, state, input, revision, model, progress, total, cancel_asked, asked_at, ended_at, message";
/** A job whose heart has not beaten for so long was dropped by a process that is gone. */
const DROPPED_S = 20;

const fromRow = (r: Row): Job => ({
  collectionId: r.collection_id,
  id: r.id,
  kind: r.kind,
  state: r.state,
  input: typeof r.input === "string" ? JSON.parse(r.input) : r.input,
  revision: Number(r.revision),
  model: r.model,
  progress: Number(r.progress),
  total: Number(r.total),
  cancelAsked: Boolean(r.cancel_asked),
  askedAt: r.asked_at,
  endedAt: r.ended_at,
  message: r.message,
});

export async function insertJob(
  db: Db,
  scope: Scope,
  job: Pick<Job, "id" | "kind" | "input" | "revision" | "model" | "askedAt">,
): Promise<void> {
  await run(
    db,
    "INSERT INTO job (collection_id, id, kind, state, input, revision, model, asked_at) VALUES (?, ?, ?, 'queued', ?, ?, ?, ?)",
    [scope.collectionId, job.id, job.kind, JSON.stringify(job.input), job.revision, job.model, job.askedAt],
  );
}

export async function findJob(db: Db, scope: Scope, id: string): Promise<Job | null> {
  const row = await maybeOne<Row>(db, `SELECT ${COLUMNS} FROM job WHERE collection_id = ? AND id = ?`, [
    scope.collectionId,
    id,
  ]);
  return row && fromRow(row);
}

/** The newest job of a kind in one of some states. */
export async function newestJob(
  db: Db,
  scope: Scope,
  kind: string,
  states: readonly JobState[] = JOB_STATES,
): Promise<Job | null> {
  const rows = await many<Row>(
    db,
    `SELECT ${COLUMNS} FROM job WHERE collection_id = ? AND kind = ? AND state IN (?) ORDER BY asked_at DESC LIMIT 1`,
    [scope.collectionId, kind, states],
  );
  return rows.length > 0 ? fromRow(rows[0]) : null;
}

export async function jobResult(db: Db, scope: Scope, id: string): Promise<string | null> {
  const row = await maybeOne<{ result: string | null }>(
    db,
    "SELECT result FROM job WHERE collection_id = ? AND id = ?",
    [scope.collectionId, id],
  );
  return row?.result ?? null;
}

/** Takes the oldest waiting job, or one that was dropped; call inside a transaction. Other takers pass over it. */
export async function claimJob(db: Db, now: string): Promise<Job | null> {
  const rows = await many<Row>(
    db,
    `SELECT ${COLUMNS} FROM job
     WHERE state = 'queued' OR (state = 'running' AND heartbeat < TIMESTAMPADD(SECOND, ?, ?))
     ORDER BY asked_at LIMIT 1 FOR UPDATE SKIP LOCKED`,
    [-DROPPED_S, now],
  );
  if (rows.length === 0) return null;
  const job = fromRow(rows[0]);
  await run(db, "UPDATE job SET state = 'running', heartbeat = ? WHERE collection_id = ? AND id = ?", [
    now,
    job.collectionId,
    job.id,
  ]);
  return { ...job, state: "running" };
}

/** Says how far it is; answers whether it is to stop. */
export async function beatJob(db: Db, job: Job, progress: number, total: number, now: string): Promise<boolean> {
  await run(
    db,
    "UPDATE job SET progress = ?, total = ?, heartbeat = ? WHERE collection_id = ? AND id = ? AND state = 'running'",
    [progress, total, now, job.collectionId, job.id],
  );
  const row = await maybeOne<{ cancel_asked: number; state: JobState }>(
    db,
    "SELECT cancel_asked, state FROM job WHERE collection_id = ? AND id = ?",
    [job.collectionId, job.id],
  );
  return !row || Boolean(row.cancel_asked) || row.state !== "running";
}

export async function endJob(
  db: Db,
  job: Job,
  state: "done" | "failed" | "cancelled",
  now: string,
  { message = null, result = null }: { message?: string | null; result?: string | null } = {},
): Promise<void> {
  await run(
    db,
    "UPDATE job SET state = ?, ended_at = ?, message = ?, result = ? WHERE collection_id = ? AND id = ? AND state = 'running'",
    [state, now, message, result, job.collectionId, job.id],
  );
}

/** A waiting job ends at once, a running one at its next beat. */
export async function cancelJob(db: Db, scope: Scope, id: string, now: string): Promise<void> {
  await run(
    db,
    "UPDATE job SET ended_at = IF(state = 'queued', ?, ended_at), state = IF(state = 'queued', 'cancelled', state), cancel_asked = TRUE WHERE collection_id = ? AND id = ? AND state IN ('queued', 'running')",
    [now, scope.collectionId, id],
  );
}

/** Results of older jobs are not kept: the newest few stay for comparison. */
export async function forgetJobs(db: Db, scope: Scope, kind: string, keep: number): Promise<void> {
  await run(
    db,
    `DELETE FROM job WHERE collection_id = ? AND kind = ? AND state IN ('done', 'failed', 'cancelled') AND id NOT IN
     (SELECT id FROM (SELECT id FROM job WHERE collection_id = ? AND kind = ? ORDER BY asked_at DESC LIMIT ?) AS newest)`,
    [scope.collectionId, kind, scope.collectionId, kind, keep],
  );
}

import "server-only";
import { tx } from "@/data/db";
import { beatJob, claimJob, endJob, type Job } from "@/data/jobs";
import { now } from "./clock";
import { log } from "./log";
import { writers } from "./pool";

/** Thrown inside a job whose owner wants it no more. */
class Cancelled extends Error {}

/** Work of one kind: says how far it is and answers its result as text. `beat` throws where it was cancelled. */
export type JobHandler = (job: Job, beat: (progress: number, total: number) => Promise<void>) => Promise<string>;

let running = false;

/** Runs waiting jobs one after another in this process; others may run theirs beside it. Never throws. */
export async function runJobs(handlers: Readonly<Record<string, JobHandler>>): Promise<void> {
  if (running) return;
  running = true;
  try {
    for (;;) {
      const job = await tx(writers(), (db) => claimJob(db, now()));
      if (!job) return;
      await runJob(job, handlers[job.kind]);
    }
  } catch (error) {
    log().error({ err: error }, "jobs");
  } finally {
    running = false;
  }
}

async function runJob(job: Job, handler: JobHandler | undefined): Promise<void> {
  const beat = async (progress: number, total: number) => {
    if (await beatJob(writers(), job, progress, total, now())) throw new Cancelled();
  };
  try {
    if (!handler) throw new Error(`no handler for ${job.kind}`);
    const result = await handler(job, beat);
    await endJob(writers(), job, "done", now(), { result });
  } catch (error) {
    if (error instanceof Cancelled) await endJob(writers(), job, "cancelled", now());
    else {
      log().error({ err: error, job: job.kind }, "job failed");
      await endJob(writers(), job, "failed", now(), {
        message: "It could not be finished because of a fault in the program. Nothing was changed.",
      });
    }
  }
}

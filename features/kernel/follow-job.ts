import * as say from "@/words/pages/kernel";
import "server-only";
import { z } from "zod";
import type { JobEvents } from "@/contract/queries";
import { findJob } from "@/data/jobs";
import { pool } from "@/server/pool";

const EVERY_MS = 250;
/** A stream is ended after so long; the browser asks again. */
const MOST_MS = 10 * 60_000;

/** How far a job is, as server-sent events: `progress` while it runs, `ended` once. */
export async function followJob(
  collectionId: string,
  jobId: string,
  signal: AbortSignal,
  wakeJobs: () => void,
): Promise<Response> {
  const known = z.uuid().safeParse(collectionId).success && z.uuid().safeParse(jobId).success;
  if (!known || !(await findJob(pool(), { collectionId }, jobId))) return new Response(say.noSuchJob, { status: 404 });
  wakeJobs();
  const text = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = <E extends keyof JobEvents>(event: E, data: JobEvents[E]) =>
        controller.enqueue(text.encode(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`));
      try {
        for (const end = Date.now() + MOST_MS; Date.now() < end && !signal.aborted;) {
          const job = await findJob(pool(), { collectionId }, jobId);
          if (!job || !["queued", "running"].includes(job.state)) {
            say("ended", { state: job?.state ?? "cancelled", message: job?.message ?? null });
            break;
          }
          say("progress", { progress: job.progress, total: job.total, state: job.state });
          wakeJobs();
          await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
        }
        if (!signal.aborted) controller.close();
      } catch (error) {
        // The reader has gone, or the database has: the browser asks again.
        if (!signal.aborted) controller.error(error);
      }
    },
  });
  return new Response(stream, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-cache, no-transform" },
  });
}

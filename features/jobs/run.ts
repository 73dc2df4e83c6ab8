import "server-only";
import { type JobHandler, runJobs } from "@/server/job-runner";
import { planLadders } from "../ladders/job";
import { planShelterJob } from "../shelter/job";

const HANDLERS: Record<string, JobHandler> = { "plan-ladders": planLadders, "plan-shelter": planShelterJob };

/** Looks for waiting work and does it, without keeping anybody waiting. */
export function wakeJobs(): void {
  void runJobs(HANDLERS);
}

import "server-only";
import { type Fault, fault } from "@/contract/faults";
import { isDatabaseGone } from "@/data/db";
import { log, withRequest } from "./log";
import { BadBody } from "./requests";

type Work = () => Promise<Response>;

/** Faults of a write as every door answers them. */
export function faultResponse(failure: string, status: number, wrong: Fault): Response {
  return Response.json({ ok: false, code: failure, faults: [wrong] }, { status });
}

/**
 * What every route handler runs in: what it logs carries the request's id, and whatever goes wrong is answered in words with a status
 * that fits, never with an empty page.
 */
export function answering(
  request: Request,
  work: Work,
  /** How the address is named in the log, where it is itself a secret. */
  called = new URL(request.url).pathname,
): Promise<Response> {
  return withRequest(request, async () => {
    try {
      return await work();
    } catch (err) {
      if (err instanceof BadBody) return faultResponse("invalid", err.status, err.fault);
      if (isDatabaseGone(err)) return faultResponse("unavailable", 503, fault("", "database-away"));
      log().error({ err, path: called }, "request failed");
      return faultResponse("failed", 500, fault("", "program-fault"));
    }
  });
}

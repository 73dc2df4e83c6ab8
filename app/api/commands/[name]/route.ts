import { fault } from "@/contract/faults";
import type { Failure } from "@/features/kernel/run";
import { runCommand } from "@/features/registry";
import { answering, faultResponse } from "@/server/answers";
import { isForeign, readJson } from "@/server/requests";

const STATUS: Record<Failure, number> = {
  invalid: 400,
  unknown: 404,
  refused: 409,
  conflict: 409,
  unavailable: 503,
  failed: 500,
};

export function POST(request: Request, { params }: { params: Promise<{ name: string }> }) {
  return answering(request, async () => {
    if (isForeign(request)) return faultResponse("refused", 403, fault("", "foreign-site"));
    const result = await runCommand((await params).name, await readJson(request));
    return Response.json(result, { status: result.ok ? 200 : STATUS[result.code] });
  });
}

import { runCommand } from "@/features/commands/run";
import { isForeign, readJson } from "@/server/requests";

const STATUS = { invalid: 400, refused: 409, conflict: 409, unavailable: 503, failed: 500 } as const;

export async function POST(request: Request, { params }: { params: Promise<{ name: string }> }) {
  if (isForeign(request))
    return Response.json(
      { ok: false, code: "refused", faults: [{ path: "", message: "Asked from another site." }] },
      { status: 403 },
    );
  const result = await runCommand((await params).name, await readJson(request));
  return Response.json(result, { status: result.ok ? 200 : STATUS[result.code] });
}

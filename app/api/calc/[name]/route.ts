import { calculate } from "@/calc/registry";
import { isForeign, readJson } from "@/server/requests";

export async function POST(request: Request, { params }: { params: Promise<{ name: string }> }) {
  if (isForeign(request))
    return Response.json({ error: [{ path: "", message: "Asked from another site." }] }, { status: 403 });
  const answer = calculate((await params).name, await readJson(request));
  return "error" in answer ? Response.json(answer, { status: 400 }) : Response.json(answer.out);
}

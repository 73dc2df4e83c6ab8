import { calculate, type CalcAnswer, isSlow } from "@/calc/registry";
import { isForeign, readJson } from "@/server/requests";
import { threads } from "@/server/threads";

export async function POST(request: Request, { params }: { params: Promise<{ name: string }> }) {
  if (isForeign(request))
    return Response.json({ error: [{ path: "", message: "Asked from another site." }] }, { status: 403 });
  const { name } = await params;
  const input = await readJson(request);
  const answer = isSlow(name)
    ? ((await threads().run({ kind: "calc", name, input })) as CalcAnswer)
    : calculate(name, input);
  return "error" in answer ? Response.json(answer, { status: 400 }) : Response.json(answer.out);
}

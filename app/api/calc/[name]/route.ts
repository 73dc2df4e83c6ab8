import { faultWords } from "@/words/faults";
import { isCalculation, type CalcAnswer } from "@/calc/registry";
import { answering } from "@/server/answers";
import { BadBody, isForeign, readJson } from "@/server/requests";
import { Busy, inCalcThread } from "@/server/threads";

const fault = (status: number, message: string, headers: Record<string, string> = {}) =>
  Response.json({ error: [{ path: "", message }] }, { status, headers });

/** Seconds after which a caller that found the queue full may ask again. */
const COME_BACK_S = 2;

/** Computed in threads of their own, so that pages are served meanwhile; so many may wait, the next is told when to come back. */
export function POST(request: Request, { params }: { params: Promise<{ name: string }> }) {
  return answering(request, async () => {
    if (isForeign(request)) return fault(403, "Asked from another site.");
    const { name } = await params;
    if (!isCalculation(name)) return fault(404, `There is no calculation named "${name}".`);
    try {
      const input = await readJson(request);
      const answer = await inCalcThread<CalcAnswer>({ kind: "calc", name, input });
      return "error" in answer ? Response.json(answer, { status: 400 }) : Response.json(answer.out);
    } catch (error) {
      if (error instanceof BadBody) return fault(error.status, faultWords(error.fault, "metric"));
      if (error instanceof Busy)
        return fault(429, "Too many calculations are waiting: ask again in a moment.", {
          "retry-after": String(COME_BACK_S),
        });
      throw error;
    }
  });
}

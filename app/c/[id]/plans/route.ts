import { plansNow } from "@/features/kernel/collection/planning";
import { answerQuery } from "@/server/queries";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answerQuery("plans", request, params, (id) => plansNow(id));
}

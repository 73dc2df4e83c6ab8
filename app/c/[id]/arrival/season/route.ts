import { arrivalContext } from "@/features/bench/arrival/season";
import { answerQuery } from "@/server/queries";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answerQuery("arrival/season", request, params, (id, { kind, on }) => arrivalContext(id, kind, on));
}

import { search } from "@/features/trees/search/find";
import { answerQuery } from "@/server/queries";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answerQuery("search", request, params, (id, { q }) => search(id, q));
}

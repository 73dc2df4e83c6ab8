import { findKinds } from "@/features/trees/search/kinds";
import { answerQuery } from "@/server/queries";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answerQuery("kinds", request, params, (_id, { q }) => Promise.resolve({ found: findKinds(q) }));
}

import { searchResponse } from "@/features/search/find";
import { answering } from "@/server/answers";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () => {
    return searchResponse((await params).id, new URL(request.url).searchParams.get("q") ?? "");
  });
}

import { searchResponse } from "@/features/search/find";

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return searchResponse((await params).id, new URL(request.url).searchParams.get("q") ?? "");
}

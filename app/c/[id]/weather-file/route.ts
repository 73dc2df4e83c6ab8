import { weatherStream } from "@/features/weather/stream";
import { isForeign } from "@/server/requests";

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  if (isForeign(request)) return new Response("asked from another site", { status: 403 });
  return weatherStream((await params).id, request);
}

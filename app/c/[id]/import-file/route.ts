import { importStream } from "@/features/imports/stream";
import { isForeign } from "@/server/requests";

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  if (isForeign(request)) return new Response("asked from another site", { status: 403 });
  return importStream((await params).id, request);
}

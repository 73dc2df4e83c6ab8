import { z } from "zod";
import { arrivalContext } from "@/features/arrival/season";
import { answering } from "@/server/answers";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () => {
    const { id } = await params;
    const kind = new URL(request.url).searchParams.get("kind");
    const context = z.uuid().safeParse(id).success ? await arrivalContext(id, kind) : null;
    return context ? Response.json(context) : new Response("no such collection", { status: 404 });
  });
}

import { z } from "zod";
import { arrivalContext } from "@/features/arrival/season";
import { answering } from "@/server/answers";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () => {
    const { id } = await params;
    const { searchParams: asked } = new URL(request.url);
    const context = z.uuid().safeParse(id).success
      ? await arrivalContext(id, asked.get("kind"), asked.get("on") ?? undefined)
      : null;
    return context ? Response.json(context) : new Response("no such collection", { status: 404 });
  });
}

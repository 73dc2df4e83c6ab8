import { z } from "zod";
import { refreshForecast } from "@/features/climate/weather/forecast";
import { isForeign } from "@/server/requests";
import { answering } from "@/server/answers";

/** Asks the weather service at once. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () => {
    if (isForeign(request)) return Response.json({ outcome: null }, { status: 403 });
    const { id } = await params;
    const run = z.uuid().safeParse(id).success ? await refreshForecast(id, true) : null;
    return Response.json({ outcome: run?.outcome ?? null, detail: run?.detail ?? null });
  });
}

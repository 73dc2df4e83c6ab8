import { z } from "zod";
import { refreshForecast } from "@/features/weather/forecast";
import { isForeign } from "@/server/requests";

/** Asks the weather service at once. */
export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  if (isForeign(request)) return Response.json({ outcome: null }, { status: 403 });
  const { id } = await params;
  const run = z.uuid().safeParse(id).success ? await refreshForecast(id, true) : null;
  return Response.json({ outcome: run?.outcome ?? null, detail: run?.detail ?? null });
}

import { previewWeather } from "@/features/weather/preview";
import { isForeign, readJson } from "@/server/requests";

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  if (isForeign(request)) return Response.json({ ok: false, message: "Asked from another site." }, { status: 403 });
  return Response.json(await previewWeather((await params).id, await readJson(request)));
}

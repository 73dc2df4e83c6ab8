import { uploadPhoto } from "@/features/notes/photos";
import { isForeign } from "@/server/requests";

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  if (isForeign(request))
    return Response.json({ ok: false, code: "refused", faults: [{ path: "", message: "Asked from another site." }] });
  return Response.json(await uploadPhoto((await params).id, request));
}

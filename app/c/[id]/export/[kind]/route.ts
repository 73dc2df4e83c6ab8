import { exportResponse } from "@/features/setup/imports/export";
import { answering } from "@/server/answers";

interface Asked {
  params: Promise<{ id: string; kind: string }>;
}

export function GET(request: Request, { params }: Asked) {
  return answering(request, async () => {
    const { id, kind } = await params;
    return exportResponse(id, kind);
  });
}

/** The trees of a form's field: their ids would be too long for an address. */
export function POST(request: Request, { params }: Asked) {
  return answering(request, async () => {
    const { id, kind } = await params;
    const said = (await request.formData()).get("trees");
    return exportResponse(id, kind, new Set(typeof said === "string" ? said.split(",") : []));
  });
}

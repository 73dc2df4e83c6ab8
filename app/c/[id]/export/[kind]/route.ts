import { exportResponse } from "@/features/imports/export";
import { answering } from "@/server/answers";

export function GET(request: Request, { params }: { params: Promise<{ id: string; kind: string }> }) {
  return answering(request, async () => {
    const { id, kind } = await params;
    return exportResponse(id, kind);
  });
}

import { exportResponse } from "@/features/imports/export";

export async function GET(_request: Request, { params }: { params: Promise<{ id: string; kind: string }> }) {
  const { id, kind } = await params;
  return exportResponse(id, kind);
}

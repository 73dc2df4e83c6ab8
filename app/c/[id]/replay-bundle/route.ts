import { bundleOf } from "@/features/collection/bundle";

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return bundleOf((await params).id, request.headers.get("if-none-match"));
}

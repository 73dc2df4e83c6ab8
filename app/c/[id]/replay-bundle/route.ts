import { bundleOf } from "@/features/kernel/collection/bundle";
import { answering } from "@/server/answers";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () => {
    return bundleOf((await params).id, request.headers.get("if-none-match"));
  });
}

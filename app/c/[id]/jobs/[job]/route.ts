import { followJob } from "@/features/jobs/follow";
import { answering } from "@/server/answers";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: { params: Promise<{ id: string; job: string }> }) {
  return answering(request, async () => {
    const { id, job } = await params;
    return followJob(id, job, request.signal);
  });
}

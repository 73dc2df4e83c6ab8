import { followJob } from "@/features/kernel/follow-job";
import { wakeJobs } from "@/features/registry";
import { answering } from "@/server/answers";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: { params: Promise<{ id: string; job: string }> }) {
  return answering(request, async () => {
    const { id, job } = await params;
    return followJob(id, job, request.signal, wakeJobs);
  });
}

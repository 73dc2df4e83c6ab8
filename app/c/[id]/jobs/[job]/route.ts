import { followJob } from "@/features/jobs/follow";

export const dynamic = "force-dynamic";

export async function GET(request: Request, { params }: { params: Promise<{ id: string; job: string }> }) {
  const { id, job } = await params;
  return followJob(id, job, request.signal);
}

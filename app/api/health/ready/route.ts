import { readiness } from "@/server/ready";

export const dynamic = "force-dynamic";

export async function GET() {
  const state = await readiness();
  return Response.json(state, { status: state.ready ? 200 : 503 });
}

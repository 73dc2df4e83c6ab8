/** Alive: the process answers. Whether it can work is `/api/health/ready`. */
export function GET() {
  return Response.json({ ok: true });
}

import { feedFile } from "@/features/today/feed";
import { answering } from "@/server/answers";

/** The address is the secret: what goes wrong is logged without it. */
export function GET(request: Request, { params }: { params: Promise<{ token: string }> }) {
  return answering(request, async () => feedFile((await params).token), "/feed");
}

import { calendarFile } from "@/features/today/feed";
import { answering } from "@/server/answers";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () => calendarFile((await params).id));
}

import { photoResponse } from "@/features/bench/notes/photos";
import { answering } from "@/server/answers";

export function GET(request: Request, { params }: { params: Promise<{ id: string; photoId: string }> }) {
  return answering(request, async () => {
    const { id, photoId } = await params;
    return photoResponse(id, photoId, new URL(request.url).searchParams.get("size"));
  });
}

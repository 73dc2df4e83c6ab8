import { photoResponse } from "@/features/notes/photos";

export async function GET(request: Request, { params }: { params: Promise<{ id: string; photoId: string }> }) {
  const { id, photoId } = await params;
  return photoResponse(id, photoId, new URL(request.url).searchParams.get("size"));
}

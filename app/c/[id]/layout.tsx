import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { z } from "zod";
import { Shell } from "@/features/shell/shell";

export default async function CollectionLayout({
  children,
  params,
}: {
  children: ReactNode;
  params: Promise<{ id: string }>;
}) {
  const { id } = await params;
  if (!z.uuid().safeParse(id).success) notFound();
  // No boundary around it: what is not there must be answered 404, which can no longer be said once a frame has been sent.
  return <Shell collectionId={id}>{children}</Shell>;
}

import { notFound } from "next/navigation";
import { type ReactNode, Suspense } from "react";
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
  return (
    <Suspense>
      <Shell collectionId={id}>{children}</Shell>
    </Suspense>
  );
}

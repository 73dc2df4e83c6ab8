import "server-only";
import { notFound } from "next/navigation";
import { collectionView } from "@/features/kernel/views";
import { Lists } from "./lists";

export async function ListsScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { loaded } = view;
  const count = (kind: "potted") => loaded.indexed.records.events.filter((e) => e.payload.kind === kind).length;
  return <Lists counts={{ trees: loaded.trees.length, pots: loaded.lots.length, pottings: count("potted") }} />;
}

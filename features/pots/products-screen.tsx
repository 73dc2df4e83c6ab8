import "server-only";
import { notFound } from "next/navigation";
import { collectionView } from "@/features/kernel/views";
import { ProductsView } from "./products";

export async function ProductsScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  return <ProductsView products={view.loaded.stores.products} />;
}

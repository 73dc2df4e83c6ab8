import { ProductsScreen } from "@/features/stores/products-screen";

export const metadata = { title: "Cans and caps" };

export default async function ProductsPage({ params }: { params: Promise<{ id: string }> }) {
  return <ProductsScreen collectionId={(await params).id} />;
}

import { ProductsScreen } from "@/features/stores/products-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function ProductsPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Cans and caps</PageTitle>
      <ProductsScreen collectionId={(await params).id} />
    </>
  );
}

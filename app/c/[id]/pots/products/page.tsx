import { ProductsScreen } from "@/features/pots/products-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function ProductsPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["pots/products"]}</PageTitle>
      <ProductsScreen collectionId={(await params).id} />
    </>
  );
}

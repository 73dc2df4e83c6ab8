import { FiguresScreen } from "@/features/stores/figures-screen";
import { PageTitle } from "@/features/kernel/page-title";

export default async function FiguresPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>Figures and sources</PageTitle>
      <FiguresScreen collectionId={(await params).id} />
    </>
  );
}

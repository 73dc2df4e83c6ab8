import { FiguresScreen } from "@/features/pots/figures-screen";
import { PageTitle } from "@/features/kernel/page-title";
import { PAGE_WORDS } from "@/words/rooms";

export default async function FiguresPage({ params }: { params: Promise<{ id: string }> }) {
  return (
    <>
      <PageTitle>{PAGE_WORDS["pots/figures"]}</PageTitle>
      <FiguresScreen collectionId={(await params).id} />
    </>
  );
}

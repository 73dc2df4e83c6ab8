import { FiguresScreen } from "@/features/stores/figures-screen";

export const metadata = { title: "Figures and sources" };

export default async function FiguresPage({ params }: { params: Promise<{ id: string }> }) {
  return <FiguresScreen collectionId={(await params).id} />;
}

import type { CollectionPageProps } from "@/features/kernel/page-props";
import { PageTitle } from "@/features/kernel/page-title";
import { SettingsScreen } from "@/features/settings/screen";
import { PAGE_WORDS } from "@/words/rooms";

export default async function SettingsPage({ params }: CollectionPageProps) {
  return (
    <>
      <PageTitle>{PAGE_WORDS.settings}</PageTitle>
      <SettingsScreen collectionId={(await params).id} />
    </>
  );
}

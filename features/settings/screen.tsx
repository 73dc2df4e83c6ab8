import "server-only";
import { notFound } from "next/navigation";
import { recordsView } from "@/features/kernel/views";
import { SettingsView } from "./view";

export async function SettingsScreen({ collectionId }: { collectionId: string }) {
  const view = await recordsView(collectionId);
  if (!view) notFound();
  const { name, risk, latitudeDeg, longitudeDeg, elevationM, zone } = view.collection;
  return <SettingsView facts={{ name, risk, latitudeDeg, longitudeDeg, elevationM, zone }} />;
}

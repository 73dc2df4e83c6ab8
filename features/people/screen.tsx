import "server-only";
import { notFound } from "next/navigation";
import { toDay, toIso } from "@/core/dates/index";
import { collectionView } from "@/features/kernel/views";
import { People } from "./people";

export async function PeopleScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { calendar, away } = view.loaded;
  const today = toDay(view.today);
  return (
    <People
      people={calendar.people}
      absences={calendar.absences}
      away={away.filter(([, to]) => to >= today).map(([from, to]) => ({ from: toIso(from), to: toIso(to) }))}
    />
  );
}

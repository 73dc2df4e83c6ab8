import "server-only";
import { notFound } from "next/navigation";
import { collectionView } from "@/features/kernel/views";
import { movesFacts } from "./moves-data";
import { RoundView } from "./round-view";

/** The next round of carrying, pot by pot, to be ticked as it is walked. */
export async function RoundScreen({ collectionId, way }: { collectionId: string; way: "in" | "out" }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const facts = await movesFacts(view);
  const present = view.loaded.calendar.people.map((p) => p.name);
  return (
    <RoundView
      round={facts[way][0] ?? null}
      rest={facts[way].slice(1)}
      way={way}
      people={present}
      doneToday={facts.doneToday}
    />
  );
}

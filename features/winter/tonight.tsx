import * as say from "@/words/pages/winter/tonight";
import { pageAt } from "@/features/kernel/addresses";
import "server-only";
import Link from "next/link";
import { collectionView } from "@/features/kernel/views";
import { watchFacts } from "./watch-data";
import { tonightWords } from "./watch-words";
import { SimulatedMark } from "@/features/kernel/simulated";

/** Tonight's risk in a sentence, before all planning. */
export async function Tonight({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) return null;
  const facts = watchFacts(view);
  return (
    <p className="mb-3 border-l-4 border-[#5d7c96] pl-3" data-testid="tonight-line">
      {tonightWords(facts, view.collection.units, view.today)} {facts.nights[0].forecast && <SimulatedMark />}{" "}
      {facts.cold.length > 0 && (
        <Link className="link" href={pageAt(collectionId, "winter/watch")}>
          {say.whatKeepsThem}
        </Link>
      )}
    </p>
  );
}

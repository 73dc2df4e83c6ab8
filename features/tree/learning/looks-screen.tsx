import * as say from "@/words/pages/tree/learning";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import "server-only";
import Link from "next/link";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import type { Narrowing } from "@/model/index";
import { Reasoned } from "@/ui/fields";
import { number, percent } from "@/words/format";
import { eyeWords } from "@/words/root-check";
import { collectionView } from "@/features/kernel/views";
import { ASK } from "@/features/tree/ask";
import { PAGE_WORDS } from "@/words/rooms";

/** Trees whose band is widest are asked; more than these nobody looks at in a week. */
const ASKED = 40;
const SHOWN = 15;
/** Fewer looks than these say nothing about how well they are foreseen. */
const LEAST_LOOKS = 5;

interface Look {
  id: string;
  tag: string;
  name: string;
  plants: number;
  best: Narrowing;
}

/** The looks and answers that would narrow the collection's plan most, best first. */
export async function LooksScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { yard, today } = view;
  const { calibration } = yard;
  const on = toDay(today);
  const widest = [...view.yard.on(today).states]
    .sort((a, b) => b.fill.p90 - b.fill.p10 - (a.fill.p90 - a.fill.p10))
    .slice(0, ASKED);
  const looks = widest
    .flatMap((state): Look[] => {
      const tree = yard.tree(state.treeId)!;
      const [best] = [...(tree.on(on)?.narrowing ?? [])].sort(
        (a, b) => b.daysBefore - b.daysAfter - (a.daysBefore - a.daysAfter),
      );
      return best ? [{ id: tree.id, tag: tree.record.tag, name: tree.name, plants: tree.record.count, best }] : [];
    })
    .sort((a, b) => b.best.daysBefore - b.best.daysAfter - (a.best.daysBefore - a.best.daysAfter))
    .slice(0, SHOWN);
  return (
    <article className="mx-auto max-w-4xl">
      <h1 className="text-2xl">{PAGE_WORDS.learning}</h1>
      {looks.length === 0 ? (
        <p className="mt-3">
          {say.everyTreeIsKnownWell}
          <Link className="link" href={pageAt(collectionId, "trees")}>
            {say.backToTrees}
          </Link>
        </p>
      ) : (
        <Reasoned reason={say.howMuchNarrowerTheBand}>
          <ol className="mt-3 space-y-2" data-testid="looks">
            {looks.map(({ id, tag, name, plants, best }) => (
              <li key={id} className="border-base-300 grid gap-x-4 border-b pb-2 sm:grid-cols-[14rem_minmax(0,1fr)]">
                <Link className="link min-h-11 content-center font-medium" href={treeAt(collectionId, id, "learning")}>
                  {tag} · {name}
                  {plants > 1 ? say.plants(number(plants)) : ""}
                </Link>
                <span className="content-center">
                  <Link
                    className="link"
                    href={treeAt(collectionId, id, ASK[best.question].part, ASK[best.question].rest)}
                  >
                    {ASK[best.question].words}
                  </Link>
                  {say.dueDayKnownToMonths(
                    number(best.daysAfter / 30.4),
                    number(best.daysBefore / 30.4),
                    percent(best.after),
                    percent(best.before),
                  )}
                </span>
              </li>
            ))}
          </ol>
        </Reasoned>
      )}
      {calibration.looks >= LEAST_LOOKS && (
        <Reasoned className="mt-6" reason={say.eachLookRecordedHereWas}>
          <p data-testid="calibration">
            {say.howWellLooksWereForeseen(
              number(calibration.inside),
              number(calibration.looks),
              percent(calibration.inside / calibration.looks),
            )}
            {calibration.eyeOff !== null && ` ${eyeWords(calibration.eyeOff)}`}
          </p>
        </Reasoned>
      )}
    </article>
  );
}

import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { ownColours } from "@/core/rules/index";
import { liftAdvice, massNow } from "@/core/tree/index";
import { kilograms } from "@/ui/format";
import { collectionView } from "../shell/data";
import { treeOn } from "../tree/tree-on";
import { CIRCLING_GRADES, FILL_GRADES, HAZARD_WORDS, LIFT_WORDS } from "../words";
import { RootReading } from "./reading";
import { readingWords } from "./reading-words";

/** Reading a ball is work at the bench: always today. */
export async function RootReadingScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const on = toDay(view.today);
  const facts = treeOn(view, treeId, on);
  if (!facts) notFound();
  const { tree, profile, events, replayed } = facts;
  const { units } = view.collection;
  const kg = massNow(replayed, tree, on)?.wetKg ?? null;
  const photos = [...events]
    .reverse()
    .flatMap((e) =>
      e.payload.kind === "photographed" && e.payload.face
        ? [{ id: e.payload.photoId, face: e.payload.face, on: e.on.best }]
        : [],
    );
  const last = [...events].reverse().find((e) => e.payload.kind === "roots-read");
  return (
    <RootReading
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        colours: ownColours(profile),
        hazards: profile.hazards.map((h) => HAZARD_WORDS[h]),
        grafted: profile.values.traits.includes("grafted"),
        lift: kg === null ? null : `About ${kilograms(kg, units)} wet: ${LIFT_WORDS[liftAdvice(kg)]}`,
        photos,
        last:
          last?.payload.kind === "roots-read"
            ? {
                on: last.on.best,
                words: [
                  last.payload.fillGrade === null ? "" : FILL_GRADES[last.payload.fillGrade],
                  last.payload.circlingGrade === null ? "" : `turning ${CIRCLING_GRADES[last.payload.circlingGrade]}`,
                  last.payload.reading ? readingWords(last.payload.reading, units) : "",
                ]
                  .filter(Boolean)
                  .join("; "),
              }
            : null,
      }}
    />
  );
}

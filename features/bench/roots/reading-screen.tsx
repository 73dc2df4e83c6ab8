import * as say from "@/words/pages/bench/roots";
import "server-only";
import { ownColours } from "@/core/rules/index";
import { liftAdvice } from "@/core/mass/index";
import { kilograms } from "@/words/format";
import { CIRCLING_GRADES, FILL_GRADES, HAZARD_WORDS, liftWords } from "@/words/terms";
import { RootReading } from "./reading";
import { readingWords } from "@/words/root-check";
import { FollowDay } from "@/features/kernel/follow-day";
import { type TreeAsked, treePage } from "@/features/kernel/tree-page";

/** Reading a ball at the bench, as of the day asked. */
export async function RootReadingScreen(address: TreeAsked) {
  const page = await treePage(address);
  if (!page.here) return page.absent;
  const { view, shown, facts } = page;
  const { record: tree, profile, events } = facts;
  const { units } = view.collection;
  const kg = facts.mass?.wetKg ?? null;
  const photos = [...events]
    .reverse()
    .flatMap((e) =>
      e.payload.kind === "photographed" && e.payload.face
        ? [{ id: e.payload.photoId, face: e.payload.face, on: e.on.best }]
        : [],
    );
  const last = [...events].reverse().find((e) => e.payload.kind === "roots-read");
  return (
    <>
      <FollowDay shown={shown} />
      <RootReading
        facts={{
          treeId: tree.id,
          tag: tree.tag,
          name: profile.name,
          colours: ownColours(profile),
          hazards: profile.hazards.map((h) => HAZARD_WORDS[h]),
          grafted: profile.values.traits.includes("grafted"),
          lift: kg === null ? null : say.aboutWet(kilograms(kg, units), liftWords(liftAdvice(kg), units)),
          photos,
          last:
            last?.payload.kind === "roots-read"
              ? {
                  on: last.on.best,
                  words: [
                    last.payload.fillGrade === null ? "" : FILL_GRADES[last.payload.fillGrade],
                    last.payload.circlingGrade === null
                      ? ""
                      : `circling: ${CIRCLING_GRADES[last.payload.circlingGrade]}`,
                    last.payload.reading ? readingWords(last.payload.reading, units) : "",
                  ]
                    .filter(Boolean)
                    .join("; "),
                }
              : null,
        }}
      />
    </>
  );
}

import "server-only";
import { notFound } from "next/navigation";
import { indoorHome, isQuarter, OUTSIDE, problemOf, spotsOf } from "@/core/shelter/index";
import { plannedKey, shelterPlanOf } from "@/model/index";
import { collectionView } from "@/features/kernel/views";
import { winterFacts } from "./facts";
import { movesFacts, outlookFor } from "./moves-data";
import { PrintView } from "./print-view";
import { WinterNav } from "./winter-nav";

/** The winter plan for the wall of the shed: what stands where, who carries what when. */
export async function PrintScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const facts = winterFacts(view);
  const plan = shelterPlanOf(view.loaded.indexed, facts.winter);
  const result = await outlookFor(collectionId, facts);
  const { problem, floors } = problemOf({ ...facts.data, outlooks: result?.outlooks ?? [] });
  const assignment: Record<string, string> = {};
  const kept: Record<string, { xM: number; yM: number }> = {};
  for (const s of facts.known.standings) {
    const stand = plan?.get(s.id);
    assignment[s.id] = plan
      ? plannedKey(stand, s.homeId)
      : s.nowId !== null && s.nowId !== s.homeId
        ? s.nowId
        : OUTSIDE;
    if (stand && stand.xM !== null && stand.yM !== null) kept[s.id] = { xM: stand.xM, yM: stand.yM };
  }
  // What is at home indoors and stays there is not outside: it is named at its place.
  const at = (s: (typeof facts.known.standings)[number]) =>
    assignment[s.id] === OUTSIDE ? (indoorHome(s, facts.quarters)?.id ?? OUTSIDE) : assignment[s.id];
  const spots = spotsOf(problem, floors, assignment, kept);
  const moves = await movesFacts(view);
  return (
    <>
      <WinterNav at="winter/print" />
      <PrintView
        facts={{
          winter: facts.winter,
          southern: view.yard.site.latitudeDeg < 0,
          name: view.collection.name,
          planned: plan !== null,
          places: facts.quarters.filter(isQuarter).map((q) => ({
            id: q.id,
            name: q.name,
            build: q.build,
            light: q.light,
            pots: facts.known.standings
              .filter((s) => at(s) === q.id)
              .map((s) => ({
                id: s.id,
                tag: s.tag,
                name: s.name,
                plants: s.plants,
                kg: s.massKg,
                widthM: s.widthM,
                spot: spots[s.id] ?? null,
              })),
          })),
          outside: facts.known.standings
            .filter((s) => at(s) === OUTSIDE)
            .map((s) => ({ id: s.id, tag: s.tag, name: s.name, protection: s.protection })),
          in: moves.in,
          out: moves.out,
        }}
      />
    </>
  );
}

import * as say from "@/words/pages/winter/main";
import "server-only";
import { notFound } from "next/navigation";
import { Suspense } from "react";
import type { TreeOutlook } from "@/core/shelter/index";
import { shelterPlanOf } from "@/model/index";
import { newestJob } from "@/data/jobs";
import { pool } from "@/server/pool";
import { collectionView } from "@/features/kernel/views";
import { SHELTER_JOB } from "./commands";
import { winterFacts } from "./facts";
import { newestResult } from "./job";
import { WinterNav } from "./winter-nav";
import { Tonight } from "./tonight";
import { ShelterView } from "./view";

/** Who stands where this winter: the places from above, and the trees in them. */
export async function ShelterScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const facts = winterFacts(view);
  const scope = { collectionId };
  const done = await newestResult(collectionId);
  const newest = await newestJob(pool(), scope, SHELTER_JOB);
  const running = newest && (newest.state === "queued" || newest.state === "running") ? newest : null;
  const kept = shelterPlanOf(view.loaded.indexed, facts.winter);
  const result = done && done.result.winter === facts.winter ? done.result : null;
  const tags = new Map(view.loaded.trees.map((t) => [t.id, t.tag]));
  return (
    <>
      <WinterNav at="winter" />
      <Suspense fallback={<p className="mb-3 min-h-6 pl-3">{say.lookingAtTheComingNights}</p>}>
        <Tonight collectionId={collectionId} />
      </Suspense>
      <ShelterView
        facts={{
          winter: facts.winter,
          southern: view.yard.site.latitudeDeg < 0,
          startDay: facts.startDay,
          risk: view.collection.risk,
          data: { ...facts.data, outlooks: (result?.outlooks ?? []).map(forPlacing) },
          basis: Object.fromEntries(facts.quarters.map((q) => [q.id, { basis: q.basis, nights: q.nights }])),
          /** Outlooks are those of today's records and weather. */
          fresh: result?.key === facts.key,
          calculatedOn: result?.today ?? null,
          found:
            result && done
              ? { jobId: done.id, plan: result.plan, quickCost: result.quickCost, minutesMost: result.minutesMost }
              : null,
          kept: kept ? [...kept].map(([treeId, stand]) => ({ treeId, ...stand })) : null,
          running: running && { id: running.id, progress: running.progress, total: running.total },
          failed: newest && newest.state === "failed" ? (newest.message ?? say.itCouldNotBeFinished) : null,
          withoutPot: facts.known.withoutPot.map((id) => ({ id, tag: tags.get(id) ?? "" })),
          guessedWeather: view.yard.site.basis !== "record",
        }}
      />
    </>
  );
}

/** What placing asks of an outlook: days and chances of moves stay on the server, or hundreds of trees make a heavy page. */
const forPlacing = (o: TreeOutlook): TreeOutlook => ({
  treeId: o.treeId,
  in: null,
  stays: Object.fromEntries(Object.entries(o.stays).map(([id, s]) => [id, { ...s, woodChance: 0, out: null }])),
});

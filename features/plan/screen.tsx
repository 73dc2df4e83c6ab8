import "server-only";
import { notFound } from "next/navigation";
import { USUAL_TERMS } from "@/core/ladder/index";
import { ladderTermsOf } from "@/model/index";
import { jobResult, newestJob } from "@/data/jobs";
import { pool } from "@/server/pool";
import { collectionView } from "@/features/kernel/views";
import { PLAN_JOB } from "./commands";
import type { CollectionPlan } from "./plan";
import { LaddersView } from "./view";

/** The ladders of the whole collection: what the coming years ask for. */
export async function LaddersScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const scope = { collectionId };
  const [done, newest] = [await newestJob(pool(), scope, PLAN_JOB, ["done"]), await newestJob(pool(), scope, PLAN_JOB)];
  const text = done && (await jobResult(pool(), scope, done.id));
  const running = newest && (newest.state === "queued" || newest.state === "running") ? newest : null;
  const terms = ladderTermsOf(view.loaded.indexed.records.events);
  return (
    <LaddersView
      facts={{
        trees: view.loaded.trees.length,
        plan: text ? (JSON.parse(text) as CollectionPlan) : null,
        planId: done?.id ?? null,
        planRevision: done?.revision ?? null,
        revision: view.collection.revision,
        running: running && { id: running.id, progress: running.progress, total: running.total },
        lastEnd: newest && newest.id !== done?.id && !running ? { state: newest.state, message: newest.message } : null,
        terms: terms ?? USUAL_TERMS,
        southern: view.yard.site.latitudeDeg < 0,
        currency: view.collection.currency,
      }}
    />
  );
}

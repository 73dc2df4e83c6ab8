"use client";

import * as say from "@/words/pages/plan/main";
import { useCallback, useEffect, useRef, useState } from "react";
import { useAsOf } from "@/features/kernel/as-of";
import { Progress } from "@/features/kernel/job-progress";
import { useCommand } from "@/features/kernel/use-command";
import { FormFaults } from "@/ui/fields";
import { day, number } from "@/words/format";
import { ROOM_WORDS } from "@/words/rooms";
import { type LaddersFacts } from "./facts";
import { TermsForm } from "./terms-form";
import { Years } from "./years";

export function LaddersView({ facts }: { facts: LaddersFacts }) {
  const { collectionId } = useAsOf();
  const { send, busy, failure } = useCommand("plan-ladders");
  const [started, setStarted] = useState<{ id: string; progress: number; total: number } | null>(null);
  const running = started ?? facts.running;
  const ended = useCallback(() => setStarted(null), []);
  const start = useCallback(async () => {
    const done = await send({ collectionId });
    if (done) setStarted({ id: done.result.jobId, progress: 0, total: 0 });
  }, [send, collectionId]);
  const { plan } = facts;
  // Nobody has to ask for a plan: where there is none, or the records have changed since, it is made while the last one is read.
  const stale = facts.trees > 0 && running === null && facts.lastEnd === null && facts.planRevision !== facts.revision;
  const begun = useRef(false);
  useEffect(() => {
    if (!stale || begun.current) return;
    begun.current = true;
    void start();
  }, [stale, start]);
  return (
    <article>
      <h1 className="text-2xl">{ROOM_WORDS.plan}</h1>
      <p className="max-w-prose">{say.everyTreePlannedAgainFrom}</p>
      <TermsForm terms={facts.terms} />
      {running ? (
        <Progress
          key={running.id}
          job={running}
          onEnd={ended}
          label={say.treesPlanned}
          words={(done, of) => say.ofTreesPlanned(number(done), number(of))}
        />
      ) : (
        <div className="no-print mt-2 flex flex-wrap items-center gap-3">
          <button type="button" className="btn btn-primary min-h-11" disabled={busy} onClick={() => void start()}>
            {plan ? say.planAllAgain : say.planAllTrees(number(facts.trees))}
          </button>
          {plan && (
            <span className="text-sm" data-testid="plan-age">
              {say.plannedOnInS(
                day(plan.today),
                number(plan.tookMs / 1000, 1),
                facts.planRevision !== facts.revision ? say.theRecordsHaveChangedSince : "",
              )}
            </span>
          )}
          {facts.lastEnd && (
            <span className="text-warning font-semibold" data-testid="last-end">
              {facts.lastEnd.state === "cancelled" ? say.theLastPlanningWasStopped : (facts.lastEnd.message ?? "")}
            </span>
          )}
        </div>
      )}
      <FormFaults faults={failure?.faults ?? []} />
      {plan && facts.planId && <Years plan={plan} planId={facts.planId} facts={facts} />}
    </article>
  );
}

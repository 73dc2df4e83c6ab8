"use client";

import * as say from "@/words/pages/winter/plan-bar";
import { number } from "@/words/format";
import { TextField } from "@/ui/fields";
import { Progress, type RunningJob } from "@/features/kernel/job-progress";
import type { Shown } from "./use-plan";

/** What can be done with the plan: ask for it, keep it, leave it; and how good it is proven to be. */
export function PlanBar({
  as,
  changed,
  kept,
  proof,
  minutes,
  onMinutes,
  fault,
  running,
  onEnd,
  busy,
  onPlace,
  onKeep,
  onDrop,
}: {
  as: Shown["as"];
  /** What is shown is not kept yet. */
  changed: boolean;
  /** There is a plan to go back to. */
  kept: boolean;
  proof: string | null;
  minutes: string;
  onMinutes: (minutes: string) => void;
  fault: string | undefined;
  running: RunningJob | null;
  onEnd: () => void;
  busy: boolean;
  onPlace: () => void;
  onKeep: () => void;
  onDrop: () => void;
}) {
  return (
    <div className="no-print mt-2 flex flex-wrap items-end gap-3">
      {running ? (
        <Progress
          key={running.id}
          job={running}
          onEnd={onEnd}
          label={say.wintersCalculated}
          words={(done, of) => say.ofGroupsOfTreesCalculated(number(done), number(of))}
        />
      ) : (
        <>
          <TextField
            label={say.longestCarryingTimeMin}
            numeric
            className="w-48"
            placeholder="any"
            value={minutes}
            onChange={onMinutes}
            fault={fault}
          />
          <button
            type="button"
            className={`btn min-h-12 ${as === "best" ? "" : "btn-primary"}`}
            disabled={busy}
            onClick={onPlace}
          >
            {say.placeThemAll}
          </button>
        </>
      )}
      {changed && (
        <>
          <button
            type="button"
            className={`btn min-h-12 ${as === "best" ? "btn-primary" : ""}`}
            disabled={busy}
            onClick={onKeep}
          >
            {say.keepThisPlan}
          </button>
          <button type="button" className="btn btn-ghost min-h-12" onClick={onDrop}>
            {say.backTo(kept ? say.thePlanKept : say.howTheyStand)}
          </button>
        </>
      )}
      {as === "best" && proof !== null && (
        <span className="text-sm" data-testid="proof">
          {proof}
        </span>
      )}
      {as === "quick" && <span className="text-sm">{say.aQuickAnswerWhileThe}</span>}
    </div>
  );
}

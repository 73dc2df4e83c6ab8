"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/next-steps";
import Link from "next/link";
import { useState } from "react";
import { growingSeason, toDay } from "@/core/dates/index";
import { treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { useCommand } from "@/features/kernel/use-command";
import { FormFaults, ScrollBox } from "@/ui/fields";
import { day, litres, number } from "@/words/format";
import { ACTION_WORDS, counted, SCHOOL_WORDS } from "@/words/ladder";
import { FIRST_TREES, type LaddersFacts } from "./facts";
import type { CollectionPlan, PlannedStep } from "./plan";

function stepWords(s: PlannedStep, units: "metric" | "us"): string {
  if (s.action !== "up-pot") return ACTION_WORDS[s.action].long;
  const pot = [s.pot, s.toBuy ? (s.pot ? say.oneLikeItToBuy : say.toBuy) : ""].filter(Boolean).join(", ");
  return say.into(litres(s.volumeL, units), pot ? ` (${pot})` : "");
}

/** What the coming season asks of each tree, with a tick to agree. */
export function NextSteps({ plan, planId, facts }: { plan: CollectionPlan; planId: string; facts: LaddersFacts }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("choose-ladders");
  const [most, setMost] = useState(FIRST_TREES);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const next = plan.trees
    .flatMap((t) => {
      const step = t.steps.find((s) => growingSeason(toDay(s.day), facts.southern ? -40 : 40) >= plan.firstSeason);
      return step ? [{ tree: t, step }] : [];
    })
    .sort((a, b) => a.step.day.localeCompare(b.step.day) || a.tree.tag.localeCompare(b.tree.tag));
  const agree = async () => {
    const treeIds = plan.trees.map((t) => t.treeId).filter((id) => !left.has(id));
    const done = await send({ collectionId, jobId: planId, treeIds });
    if (done) tell({ text: say.accepted(counted(treeIds.length, "plan")), entryId: done.entryId });
  };
  return (
    <section aria-labelledby="next" className="mt-4">
      <div className="flex flex-wrap items-center gap-3">
        <h2 id="next" className="text-lg">
          {say.nextStepOfEachTree}
        </h2>
        <button
          type="button"
          className="btn btn-primary no-print ml-auto min-h-11"
          disabled={busy || left.size === plan.trees.length}
          onClick={() => void agree()}
        >
          {say.acceptThis(left.size === 0 ? say.all : number(plan.trees.length - left.size))}
        </button>
      </div>
      <FormFaults faults={failure?.faults ?? []} />
      <ScrollBox label={say.nextStepOfEachTree}>
        <table className="table-sm table">
          <thead>
            <tr>
              <th className="no-print">{say.accept}</th>
              <th>{common.tree}</th>
              <th>{say.putDownFor}</th>
              <th>{say.window}</th>
              <th>{say.step}</th>
              <th className="text-right">{say.kg}</th>
              <th>{say.by}</th>
            </tr>
          </thead>
          <tbody data-testid="next-steps">
            {next.slice(0, most).map(({ tree, step }) => (
              <tr key={tree.treeId}>
                <td className="no-print">
                  <input
                    type="checkbox"
                    className="checkbox"
                    aria-label={say.acceptThePlanOf(tree.tag)}
                    checked={!left.has(tree.treeId)}
                    onChange={(e) => {
                      const now = new Set(left);
                      if (e.target.checked) now.delete(tree.treeId);
                      else now.add(tree.treeId);
                      setLeft(now);
                    }}
                  />
                </td>
                <td>
                  <Link prefetch={false} className="link" href={treeAt(collectionId, tree.treeId, "plan")}>
                    {tree.tag}
                  </Link>{" "}
                  {tree.name}
                  {tree.plants > 1 ? ` × ${number(tree.plants)}` : ""}
                  {tree.set ? ` (${tree.set})` : ""}
                </td>
                <td>{day(step.day)}</td>
                <td>
                  {step.window
                    ? common.to(day(step.window[0], step.day), day(step.window[1], step.day))
                    : say.noneKnown}
                </td>
                <td>{stepWords(step, units)}</td>
                <td className={`text-right ${step.massKg > plan.liftKg ? "text-error font-bold" : ""}`}>
                  {number(step.massKg)}
                  {step.massKg > plan.liftKg ? " !" : ""}
                </td>
                <td>{SCHOOL_WORDS[tree.planner].name.toLowerCase()}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </ScrollBox>
      {most < next.length && (
        <button type="button" className="btn no-print min-h-11" onClick={() => setMost(next.length)}>
          {say.allTrees(number(next.length))}
        </button>
      )}
    </section>
  );
}

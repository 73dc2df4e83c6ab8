"use client";

import * as say from "@/words/pages/tree/plan";
import Link from "next/link";
import type { TreePlan } from "@/model/index";
import { treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { Reasoned } from "@/ui/fields";
import { planChain, planChangeWords, planSentence, shareWords } from "@/words/plan";

/** What is planned for a tree over the years: the steps, by whose way, what has changed, and the way to the other schools. */
export function PlanPanel({
  treeId,
  plan,
  making,
  on,
  share,
}: {
  treeId: string;
  plan: TreePlan | null;
  making: boolean;
  on: string;
  /** Its share of the pot's mix. */
  share: number;
}) {
  const { collectionId, units, latitudeDeg } = useAsOf();
  const southern = latitudeDeg < 0;
  if (!plan) return null;
  const changed = planChangeWords(plan, on, units, southern);
  return (
    <section aria-labelledby="plan" className="mt-6" data-testid="plan">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 id="plan" className="text-xl">
          {say.itsPlan}
        </h2>
        {making && <span className="text-sm">{say.beingUpdated}</span>}
        <Link href={treeAt(collectionId, treeId, "plan")} prefetch={false} className="link ml-auto text-sm">
          {say.compareAllSchools}
        </Link>
      </div>
      <Reasoned reason={say.theCheapestWayToIts}>
        <ol className="mt-1 flex flex-wrap gap-2">
          {planChain(plan, units, southern).map((step, i) => (
            <li
              key={step.season}
              className={`rounded-box border-base-300 border px-3 py-1 ${i === 0 ? "bg-base-200 font-medium" : ""}`}
            >
              <span className="block text-xs">{step.season}</span>
              {step.what}
            </li>
          ))}
          {plan.steps.length === 0 && <li>{say.itStaysAsItIs}</li>}
        </ol>
        <p className="mt-1 text-sm">
          {planSentence(plan, units, southern)} {shareWords(share)}
        </p>
        {changed && (
          <p className="text-sm" data-testid="plan-changed">
            {changed}
          </p>
        )}
      </Reasoned>
    </section>
  );
}

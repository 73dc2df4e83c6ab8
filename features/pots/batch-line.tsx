"use client";

import * as say from "@/words/pages/pots/mixing";
import { planBatch, SETTLE_FRACTION, WASTE, type Recipe } from "@/core/mix/index";
import { kilograms, litres, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";

/** What is mixed at once: a recipe, the trees it is for, and how much of each component. */
export interface Batch extends RecipeOption {
  trees: readonly { tag: string }[];
  settledL: number;
  batch: ReturnType<typeof planBatch>;
}

export function BatchLine({ batch, nameOf }: { batch: Batch; nameOf: (component: string) => string }) {
  const { units } = useAsOf();
  return (
    <div className="my-2">
      <h3 className="font-semibold">{batch.name}</h3>
      <p className="text-lg" data-testid="batch">
        <b>{litres(batch.batch.measuredL, units)}</b>
        {say.measuredOutGiveOfLoose(litres(batch.batch.looseL, units), litres(batch.settledL, units))}
      </p>
      <p className="text-sm">
        {batch.batch.parts
          .map((p) => `${litres(p.litres, units)} ${nameOf(p.component)} (${percent(p.share)})`)
          .join(" · ")}
        {batch.trees.length > 0 && say.forLabel(batch.trees.map((t) => t.tag).join(", "))}
      </p>
    </div>
  );
}

export function DryMass({ batches }: { batches: readonly Batch[] }) {
  const { units } = useAsOf();
  return (
    <p className="mt-3 text-sm">
      {say.dryMassAboutInAll(
        kilograms(
          batches.reduce((sum, b) => sum + b.batch.dryKg, 0),
          units,
        ),
        percent(batches[0].batch.blend.shrinkage),
        batches.length > 1 ? say.inLabel(batches[0].name) : "",
        percent(SETTLE_FRACTION),
        percent(WASTE - 1),
      )}
    </p>
  );
}

export interface RecipeOption {
  key: string;
  name: string;
  parts: Recipe;
}

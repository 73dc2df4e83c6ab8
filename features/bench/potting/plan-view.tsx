"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/plan";
import type { PottingPlan, PottingRange } from "@/core/potting/index";
import type { TreeState } from "@/model/index";
import { brimHeightMm, widthAtMm } from "@/core/vessel/index";
import { kilograms, litres, millimetres } from "@/words/format";
import { PotSection, type SectionDimension } from "@/ui/pot-section";
import { useAsOf } from "@/features/kernel/as-of";

/** The numbers a person at the bench needs in large print. */
export function Numbers({ plan, range }: { plan: PottingPlan; range: PottingRange | null }) {
  const { units } = useAsOf();
  const items: [string, string, string][] = [
    [
      plan.bare ? say.baseUnderTheMound : say.baseLayerLoose,
      millimetres(plan.setting.looseBaseLayerMm, units),
      plan.setting.tiltWedgeMm > 0.5
        ? say.moreUnderTheSideIt(millimetres(plan.setting.tiltWedgeMm, units))
        : say.settlesTo(millimetres(plan.setting.baseLayerMm, units)),
    ],
    [
      say.gapAtTheSide,
      millimetres(Math.max(0, plan.setting.sideGapTopMm - Math.abs(plan.setting.shiftMm)), units),
      plan.setting.shiftMm !== 0
        ? say.atTheFillLineOnce(millimetres(Math.abs(plan.setting.shiftMm), units))
        : plan.setting.sideGapTopMm - plan.setting.smallestGapMm > 1
          ? say.atTheFillLineAt(millimetres(Math.max(0, plan.setting.smallestGapMm), units))
          : plan.setting.endGapTopMm - plan.setting.sideGapTopMm > 1
            ? say.atTheEnds(millimetres(plan.setting.endGapTopMm, units))
            : say.atTheFillLine,
    ],
    [say.wateringSpace, millimetres(plan.freeboardMm, units), say.holdsOneWatering],
    [
      say.newMixLoose,
      litres(plan.setting.looseMixL, units),
      range
        ? say.toAPotNotMeasured(litres(range.looseMixL[0], units), litres(range.looseMixL[1], units))
        : say.settlesTo(litres(plan.setting.settledMixL, units)),
    ],
    [
      say.wetAllTold,
      kilograms(plan.wetMassKg.total, units),
      range && kilograms(range.wetMassKg[0], units) !== kilograms(range.wetMassKg[1], units)
        ? common.to(kilograms(range.wetMassKg[0], units), kilograms(range.wetMassKg[1], units))
        : plan.wetMassKg.guessed
          ? say.partlyGuessed
          : "computed",
    ],
  ];
  return (
    <dl className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-3 xl:grid-cols-5" data-testid="numbers">
      {items.map(([what, value, more]) => (
        <div key={what}>
          <dt className="text-sm">{what}</dt>
          <dd className="font-serif text-[2rem] leading-tight font-semibold whitespace-nowrap">{value}</dd>
          <dd className="text-xs">{more}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The tree as it will stand: both fill lines, the ball on its base, the gaps. */
export function PlanDrawing({
  plan,
  name,
  tag,
  state,
  tiltDeg,
}: {
  plan: PottingPlan;
  name: string;
  tag: string;
  state: TreeState;
  tiltDeg: number;
}) {
  const { units } = useAsOf();
  const standsAtMm = plan.bottomLayerMm + plan.setting.baseLayerMm;
  const dimensions: SectionDimension[] = [
    {
      side: "left",
      fromMm: plan.fillHeightMm,
      toMm: brimHeightMm(plan.vessel),
      label: millimetres(plan.freeboardMm, units),
    },
    { side: "left", fromMm: 0, toMm: plan.fillHeightMm, label: millimetres(plan.fillHeightMm, units) },
    {
      side: "right",
      fromMm: plan.bottomLayerMm,
      toMm: standsAtMm,
      label: millimetres(plan.setting.baseLayerMm, units),
    },
  ];
  if (plan.bottomLayerMm > 0)
    dimensions.push({
      side: "right",
      fromMm: 0,
      toMm: plan.bottomLayerMm,
      label: say.gravel(millimetres(plan.bottomLayerMm, units)),
    });
  return (
    <PotSection
      vessel={plan.vessel}
      guessed={plan.guessedShape}
      fillHeightMm={plan.fillHeightMm}
      looseFillHeightMm={plan.looseFillHeightMm}
      bottomLayerMm={plan.bottomLayerMm}
      ball={
        plan.bare
          ? undefined
          : {
              ...plan.ball,
              heightMm: Math.max(10, plan.ball.heightMm - plan.setting.trimMm),
              standsAtMm,
              shiftMm: plan.setting.shiftMm,
            }
      }
      bareRoots={
        plan.bare
          ? {
              collarMm: plan.bare.collarHeightMm,
              moundMm: plan.bare.moundMm,
              spreadMm: Math.max(20, widthAtMm(plan.vessel, plan.fillHeightMm) - 2 * plan.bare.sideGapTopMm),
            }
          : undefined
      }
      tiltDeg={tiltDeg}
      cover={plan.bottomLayerMm === 0}
      fill={state.fill.p50}
      circling={state.circling.p50}
      dimensions={dimensions}
      widthPx={480}
      heightPx={420}
      units={units}
      seed={7}
      title={say.inLabel(tag, name)}
      description={say.baseLayerFillLineAbove(
        millimetres(plan.setting.baseLayerMm, units),
        plan.bare
          ? say.rootsOverAMoundOf(millimetres(plan.bare.moundMm, units))
          : say.ballTall(millimetres(plan.ball.heightMm, units)),
        millimetres(plan.fillHeightMm, units),
        millimetres(plan.freeboardMm, units),
        millimetres(plan.setting.sideGapTopMm, units),
        millimetres(plan.looseFillHeightMm, units),
      )}
    />
  );
}

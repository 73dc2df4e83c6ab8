"use client";

import * as say from "@/words/pages/pots/sunk";
import { useState } from "react";
import {
  soakTest,
  type SunkInput,
  sunkPlan,
  type SunkPlan,
  sunkSchema,
  SLOW_MM_PER_H,
  SUMP_MM_PER_H,
} from "@/core/vessel/index";
import { kilograms, litres, millimetres, number, readNumber } from "@/words/format";
import { Caution, Facts, TextField } from "@/ui/fields";
import { INK } from "@/ui/tones";
import { useAsOf } from "@/features/kernel/as-of";
import { SOAK_WORDS } from "@/words/mixes";
import { MeasureFields } from "./measure-fields";
import { readMeasures } from "./read-measures";
import { GravelPattern } from "@/ui/patterns";

const START = {
  outerTopMm: "450",
  outerBaseMm: "350",
  outerHeightMm: "420",
  rimAboveMm: "20",
  ringMm: "60",
  bedMm: "100",
};
const LABELS: readonly (readonly [keyof typeof START, string])[] = [
  ["outerTopMm", say.potOutsideRim],
  ["outerBaseMm", say.potOutsideFoot],
  ["outerHeightMm", say.potOutsideHeight],
  ["rimAboveMm", say.rimStandsOut],
  ["ringMm", say.gravelAllRound],
  ["bedMm", say.gravelBeneath],
];

/** A pot let into the ground: hole, gravel, soil to carry away, and whether the ground lets water go. */
export function SunkPlanner() {
  const { units } = useAsOf();
  const [texts, setTexts] = useState<Record<string, string>>(START);
  const [square, setSquare] = useState(false);
  const { value, problems } = readMeasures(sunkSchema, texts, { square }, units);
  const plan = value && sunkPlan(value);
  return (
    <section aria-label={say.sunkPot}>
      <h2 className="text-xl">{say.aPotSunkInThe}</h2>
      <div className="mt-2 grid gap-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <div className="no-print grid grid-cols-2 gap-3 self-start">
          <MeasureFields labels={LABELS} texts={texts} onChange={setTexts} problems={problems} />
          <label className="col-span-2 flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={square}
              onChange={(e) => setSquare(e.target.checked)}
            />
            {say.aSquarePot}
          </label>
        </div>
        {plan && (
          <div>
            <div className="grid gap-4 md:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]">
              <SunkDrawing v={value} plan={plan} />
              <Facts
                testId="sunk"
                facts={[
                  ["Hole", say.wideDeep(millimetres(plan.holeWidthMm, units), millimetres(plan.holeDepthMm, units))],
                  [say.soilOut, say.moistLoose(kilograms(plan.soilOutKg, units), litres(plan.looseSoilL, units))],
                  [
                    "Gravel",
                    say.roundItBeneath(
                      litres(plan.ringL, units),
                      litres(plan.bedL, units),
                      kilograms(plan.gravelKg, units),
                    ),
                  ],
                ]}
              />
            </div>
            <p className="mt-2 max-w-prose">{say.rootsWillLeaveThroughThe}</p>
            <SoakTest />
            <Caution className="mt-3">
              <p>{say.askForBuriedCablesAnd}</p>
            </Caution>
          </div>
        )}
      </div>
    </section>
  );
}

/** Fill the hole, let it empty, fill it again, and time it. */
function SoakTest() {
  const { units } = useAsOf();
  const [fall, setFall] = useState("");
  const [minutes, setMinutes] = useState("60");
  const [fallMm, time] = [readNumber(fall, "mm"), readNumber(minutes)];
  const result = fallMm >= 0 && time > 0 ? soakTest(fallMm, time) : null;
  return (
    <div className="mt-4">
      <h3 className="font-semibold">{say.isTheGroundTight}</h3>
      <p className="text-sm">{say.fillTheHoleWithWater}</p>
      <div className="mt-1 flex flex-wrap gap-3">
        <TextField
          className="w-36"
          label={say.theWaterFell}
          numeric
          suffix="mm"
          value={fall}
          onChange={setFall}
          fault={fall.trim() !== "" && !(fallMm >= 0) ? say.aMeasureInMm : undefined}
        />
        <TextField
          className="w-36"
          label="in"
          numeric
          suffix="minutes"
          value={minutes}
          onChange={setMinutes}
          fault={time > 0 ? undefined : say.moreThan0Minutes}
        />
      </div>
      {result && (
        <p className="mt-2 max-w-prose font-semibold" data-testid="soak">
          {say.anHour(millimetres(result.mmPerHour, units), SOAK_WORDS[result.verdict])}
          <span className="text-sm font-normal">
            {say.belowMmAnHourA(number(SUMP_MM_PER_H), number(SLOW_MM_PER_H))}
          </span>
        </p>
      )}
    </div>
  );
}

function SunkDrawing({ v, plan }: { v: SunkInput; plan: SunkPlan }) {
  const { units } = useAsOf();
  const [w, h] = [320, 250];
  const span = Math.max(plan.holeWidthMm * 1.25, v.outerTopMm * 1.3);
  const scale = Math.min(w / span, (h - 50) / (plan.holeDepthMm + v.rimAboveMm + 40));
  const cx = w / 2;
  const ground = 20 + v.rimAboveMm * scale;
  const hole = (plan.holeWidthMm / 2) * scale;
  const bottom = ground + plan.holeDepthMm * scale;
  const foot = bottom - v.bedMm * scale;
  const rim = foot - v.outerHeightMm * scale;
  const [top, base] = [(v.outerTopMm / 2) * scale, (v.outerBaseMm / 2) * scale];
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={say.sectionOfTheSunkPot(
        millimetres(plan.holeWidthMm, units),
        millimetres(plan.holeDepthMm, units),
        millimetres(v.ringMm, units),
        millimetres(v.bedMm, units),
      )}
      className="h-auto w-full max-w-80"
    >
      <defs>
        <GravelPattern id="sunk-gravel" />
      </defs>
      <rect x="0" y={ground} width={w} height={h - ground} fill="#a58d6b" />
      <rect x={cx - hole} y={ground} width={2 * hole} height={bottom - ground} fill="url(#sunk-gravel)" stroke={INK} />
      <path
        d={`M${cx - top} ${rim}L${cx - base} ${foot}H${cx + base}L${cx + top} ${rim}Z`}
        fill="#cdb794"
        stroke={INK}
        strokeWidth="2.5"
      />
      <path d={`M0 ${ground}H${cx - hole}M${cx + hole} ${ground}H${w}`} stroke={INK} strokeWidth="1.5" />
      <text x={cx} y={h - 8} textAnchor="middle" fontSize="12.5" fill={INK}>
        {say.deep(millimetres(plan.holeWidthMm, units), millimetres(plan.holeDepthMm, units))}
      </text>
    </svg>
  );
}

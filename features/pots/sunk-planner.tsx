"use client";

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
  ["outerTopMm", "Pot outside, rim"],
  ["outerBaseMm", "Pot outside, foot"],
  ["outerHeightMm", "Pot outside, height"],
  ["rimAboveMm", "Rim stands out"],
  ["ringMm", "Gravel all round"],
  ["bedMm", "Gravel beneath"],
];

/** A pot let into the ground: hole, gravel, soil to carry away, and whether the ground lets water go. */
export function SunkPlanner() {
  const { units } = useAsOf();
  const [texts, setTexts] = useState<Record<string, string>>(START);
  const [square, setSquare] = useState(false);
  const { value, problems } = readMeasures(sunkSchema, texts, { square }, units);
  const plan = value && sunkPlan(value);
  return (
    <section aria-label="Sunk pot">
      <h2 className="text-xl">A pot sunk in the ground</h2>
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
            a square pot
          </label>
        </div>
        {plan && (
          <div>
            <div className="grid gap-4 md:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]">
              <SunkDrawing v={value} plan={plan} />
              <Facts
                testId="sunk"
                facts={[
                  [
                    "Hole",
                    `${millimetres(plan.holeWidthMm, units)} wide, ${millimetres(plan.holeDepthMm, units)} deep`,
                  ],
                  ["Soil out", `${kilograms(plan.soilOutKg, units)} moist, ${litres(plan.looseSoilL, units)} loose`],
                  [
                    "Gravel",
                    `${litres(plan.ringL, units)} round it + ${litres(plan.bedL, units)} beneath = ${kilograms(plan.gravelKg, units)}`,
                  ],
                ]}
              />
            </div>
            <p className="mt-2 max-w-prose">
              Roots will leave through the holes: turn the pot or slice round it once a year. On gravel or soil without
              an air gap the mix drains as if the pot were deeper; in limy ground keep lime-haters out of it.
            </p>
            <SoakTest />
            <Caution className="mt-3">
              <p>Ask for buried cables and pipes before you dig; cover or fence an open hole.</p>
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
      <h3 className="font-semibold">Is the ground tight?</h3>
      <p className="text-sm">Fill the hole with water, let it empty, fill it once more and time how far it falls.</p>
      <div className="mt-1 flex flex-wrap gap-3">
        <TextField
          className="w-36"
          label="The water fell"
          numeric
          suffix="mm"
          value={fall}
          onChange={setFall}
          fault={fall.trim() !== "" && !(fallMm >= 0) ? "A measure in mm." : undefined}
        />
        <TextField
          className="w-36"
          label="in"
          numeric
          suffix="minutes"
          value={minutes}
          onChange={setMinutes}
          fault={time > 0 ? undefined : "More than 0 minutes."}
        />
      </div>
      {result && (
        <p className="mt-2 max-w-prose font-semibold" data-testid="soak">
          {millimetres(result.mmPerHour, units)} an hour. {SOAK_WORDS[result.verdict]}{" "}
          <span className="text-sm font-normal">
            (Below {number(SUMP_MM_PER_H)} mm an hour a sump, below {number(SLOW_MM_PER_H)} slow: rules of thumb.)
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
      aria-label={`Section of the sunk pot: hole ${millimetres(plan.holeWidthMm, units)} wide and ${millimetres(plan.holeDepthMm, units)} deep, gravel ${millimetres(v.ringMm, units)} all round and ${millimetres(v.bedMm, units)} beneath`}
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
        {millimetres(plan.holeWidthMm, units)} × {millimetres(plan.holeDepthMm, units)} deep
      </text>
    </svg>
  );
}

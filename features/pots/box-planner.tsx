"use client";

import { useState } from "react";
import { mixInPot, READY_MIXES } from "@/core/mix/index";
import { liftAdvice } from "@/core/mass/index";
import { type MixChoice } from "@/core/records/index";
import { usualFillHeightMm } from "@/core/potting/index";
import { boxPlan, type BoxPlan, boxSchema, type BoxInput, type CutPiece, volumeL, WOODS } from "@/core/vessel/index";
import { area, kilograms, litres, millimetres, number } from "@/words/format";
import { Caution, Facts, SelectField } from "@/ui/fields";
import { INK } from "@/ui/tones";
import { useAsOf } from "@/features/kernel/as-of";
import { liftWords } from "@/words/terms";
import { MeasureFields } from "./measure-fields";
import { readMeasures } from "./read-measures";

const START = {
  lengthMm: "750",
  widthMm: "750",
  heightMm: "600",
  boardWidthMm: "145",
  boardThickMm: "28",
  postMm: "60",
  feetMm: "40",
};
const LABELS: readonly (readonly [keyof typeof START, string])[] = [
  ["lengthMm", "Length inside"],
  ["widthMm", "Width inside"],
  ["heightMm", "Height inside"],
  ["boardWidthMm", "A board is wide"],
  ["boardThickMm", "and thick"],
  ["postMm", "Corner post"],
  ["feetMm", "Feet"],
];
const PIECE_WORDS: Record<CutPiece["what"], string> = {
  "long-side": "boards, long sides",
  "short-side": "boards, short side that stays",
  "off-side": "boards, short side that comes off",
  floor: "floor boards, 10 mm apart",
  post: "corner posts",
  bearer: "bearers with the feet",
};

/** A timber box from the boards at hand. */
export function BoxPlanner({ mixes }: { mixes: MixChoice[] }) {
  const { units } = useAsOf();
  const [texts, setTexts] = useState<Record<string, string>>(START);
  const [wood, setWood] = useState<BoxInput["wood"]>("larch");
  const [mixKey, setMixKey] = useState(mixes[0].key);
  const { value: box, problems } = readMeasures(boxSchema, texts, { wood }, units);
  const plan = box && boxPlan(box);
  const mix = mixes.find((m) => m.key === mixKey)?.mix ?? READY_MIXES["compost-bark"];
  return (
    <section aria-label="Timber box" className="print-sheet">
      <h2 className="text-xl">A timber box</h2>
      <div className="mt-2 grid gap-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <div className="no-print grid grid-cols-2 gap-3 self-start">
          <MeasureFields labels={LABELS} texts={texts} onChange={setTexts} problems={problems} />
          <SelectField label="Wood" value={wood} onChange={setWood} options={WOODS.map((w) => [w, w] as const)} />
          <SelectField
            className="col-span-2"
            label="Filled with"
            value={mixKey}
            onChange={setMixKey}
            options={mixes.map((m) => [m.key, m.name] as const)}
          />
        </div>
        {plan && box && (
          <div>
            <div className="grid gap-4 md:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]">
              <BoxDrawing box={box} plan={plan} />
              <Masses box={box} plan={plan} mix={mix} />
            </div>
            <table className="table-sm mt-3 table">
              <caption className="text-left font-medium">To cut, in {box.wood}</caption>
              <tbody data-testid="cutting">
                {plan.pieces.map((p) => (
                  <tr key={p.what}>
                    <td className="font-semibold">{number(p.count)} ×</td>
                    <td>{PIECE_WORDS[p.what]}</td>
                    <td>
                      {millimetres(p.lengthMm, units)} long, {millimetres(p.widthMm, units)} ×{" "}
                      {millimetres(p.thickMm, units)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="mt-2 max-w-prose">
              {number(plan.boardMetres, 1)} m of board; {plan.rows} boards one above the other
              {plan.topBoardMm < box.boardWidthMm - 0.5
                ? `, the uppermost ripped to ${millimetres(plan.topBoardMm, units)}`
                : ""}
              {plan.rows > 1 && plan.topBoardMm < box.boardWidthMm / 2
                ? ` (a box ${millimetres((plan.rows - 1) * box.boardWidthMm, units)} high would spare it)`
                : ""}
              . Liner {area(plan.linerM2, units)}, turned 100 mm over the edge, pierced over the gaps of the floor. One
              short side is bolted from outside with {plan.bolts} bolts so that it comes off: a big tree is then sliced
              and renewed where it stands.
            </p>
            <Caution className="mt-3">
              <p>
                Keep a liner between treated wood and anything you eat from, and check what the treatment is approved
                for. Saw outdoors with mask and eye protection; never burn the dust of preserved wood. Two hands on
                drills and saws, residual-current protection outdoors. On a roof or balcony such a box is a point load:
                a structural engineer or the owner of the building decides.
              </p>
            </Caution>
          </div>
        )}
      </div>
    </section>
  );
}

function Masses({ box, plan, mix }: { box: BoxInput; plan: BoxPlan; mix: MixChoice["mix"] }) {
  const { units } = useAsOf();
  const vessel = {
    shape: "rectangle" as const,
    topLengthMm: box.lengthMm,
    baseLengthMm: box.lengthMm,
    topWidthMm: box.widthMm,
    baseWidthMm: box.widthMm,
    heightMm: box.heightMm,
  };
  const fill = usualFillHeightMm(vessel);
  const inside = mixInPot(mix, vessel, fill);
  const mixL = inside.mixL * (plan.volumeL / volumeL(vessel));
  const wet = plan.woodKg + mixL * inside.wetKgPerL;
  const rows: [string, string][] = [
    ["Holds at the brim", litres(plan.volumeL, units)],
    ["Mix at the fill line", litres(mixL, units)],
    ["Wood", kilograms(plan.woodKg, units)],
    ["Full and wet, without a tree", kilograms(wet, units)],
    [
      "Outside",
      `${millimetres(plan.outerMm.lengthMm, units)} × ${millimetres(plan.outerMm.widthMm, units)} × ${millimetres(plan.outerMm.heightMm, units)}`,
    ],
  ];
  return (
    <div>
      <Facts facts={rows} />
      <p className="mt-2 text-sm">{liftWords(liftAdvice(wet), units)} Build it where it will stand.</p>
    </div>
  );
}

/** Front of the box with the boards to scale; the bolted side seen from the end. */
function BoxDrawing({ box, plan }: { box: BoxInput; plan: BoxPlan }) {
  const { units } = useAsOf();
  const [w, h] = [300, 240];
  const { lengthMm, heightMm } = plan.outerMm;
  const scale = Math.min((w - 30) / lengthMm, (h - 60) / heightMm);
  const [x0, y0] = [(w - lengthMm * scale) / 2, h - 34];
  const floor = y0 - box.feetMm * scale;
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={`Box from the long side: ${plan.rows} boards high, ${millimetres(lengthMm, units)} long and ${millimetres(heightMm, units)} high outside, on feet of ${millimetres(box.feetMm, units)}`}
      className="h-auto w-full max-w-80"
    >
      <path d={`M0 ${y0}H${w}`} stroke={INK} strokeWidth="1.4" />
      {[0, 1].map((i) => (
        <rect
          key={i}
          x={i === 0 ? x0 + 8 : x0 + lengthMm * scale - 8 - box.postMm * scale}
          y={floor}
          width={box.postMm * scale}
          height={box.feetMm * scale}
          fill="#6b4a2f"
        />
      ))}
      {Array.from({ length: plan.rows }, (_, i) => {
        const high = (i === plan.rows - 1 ? plan.topBoardMm : box.boardWidthMm) * scale;
        const y = floor - box.boardThickMm * scale - i * box.boardWidthMm * scale - high;
        return (
          <rect
            key={i}
            x={x0}
            y={y}
            width={lengthMm * scale}
            height={high}
            fill={i % 2 === 0 ? "#b98d5c" : "#b0834f"}
            stroke={INK}
            strokeWidth="0.8"
          />
        );
      })}
      {/* Ends of the side that comes off, with its bolts. */}
      {Array.from({ length: plan.rows }, (_, i) => (
        <circle
          key={i}
          cx={x0 + lengthMm * scale - (box.boardThickMm + box.postMm / 2) * scale}
          cy={
            floor -
            (box.boardThickMm + i * box.boardWidthMm + (i === plan.rows - 1 ? plan.topBoardMm : box.boardWidthMm) / 2) *
              scale
          }
          r="2.6"
          fill={INK}
        />
      ))}
      <text x={w / 2} y={h - 14} textAnchor="middle" fontSize="12.5" fill={INK}>
        {millimetres(lengthMm, units)} × {millimetres(heightMm, units)} outside
      </text>
    </svg>
  );
}

"use client";

import * as say from "@/words/pages/pots/box";
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
  ["lengthMm", say.lengthInside],
  ["widthMm", say.widthInside],
  ["heightMm", say.heightInside],
  ["boardWidthMm", say.aBoardIsWide],
  ["boardThickMm", say.andThick],
  ["postMm", say.cornerPost],
  ["feetMm", say.feet],
];
const PIECE_WORDS: Record<CutPiece["what"], string> = {
  "long-side": say.boardsLongSides,
  "short-side": say.boardsShortSideThatStays,
  "off-side": say.boardsShortSideThatComes,
  floor: say.floorBoards10MmApart,
  post: say.cornerPosts,
  bearer: say.bearersWithTheFeet,
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
    <section aria-label={say.timberBox} className="print-sheet">
      <h2 className="text-xl">{say.aTimberBox}</h2>
      <div className="mt-2 grid gap-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <div className="no-print grid grid-cols-2 gap-3 self-start">
          <MeasureFields labels={LABELS} texts={texts} onChange={setTexts} problems={problems} />
          <SelectField label={say.wood} value={wood} onChange={setWood} options={WOODS.map((w) => [w, w] as const)} />
          <SelectField
            className="col-span-2"
            label={say.filledWith}
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
              <caption className="text-left font-medium">{say.toCutIn(box.wood)}</caption>
              <tbody data-testid="cutting">
                {plan.pieces.map((p) => (
                  <tr key={p.what}>
                    <td className="font-semibold">{number(p.count)} ×</td>
                    <td>{PIECE_WORDS[p.what]}</td>
                    <td>
                      {say.long(
                        millimetres(p.lengthMm, units),
                        millimetres(p.widthMm, units),
                        millimetres(p.thickMm, units),
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="mt-2 max-w-prose">
              {say.mOfBoardBoardsOne(
                number(plan.boardMetres, 1),
                plan.rows,
                plan.topBoardMm < box.boardWidthMm - 0.5
                  ? say.theUppermostRippedTo(millimetres(plan.topBoardMm, units))
                  : "",
                plan.rows > 1 && plan.topBoardMm < box.boardWidthMm / 2
                  ? say.aBoxHighWouldSpare(millimetres((plan.rows - 1) * box.boardWidthMm, units))
                  : "",
                area(plan.linerM2, units),
                plan.bolts,
              )}
            </p>
            <Caution className="mt-3">
              <p>{say.keepALinerBetweenTreated}</p>
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
    [say.holdsAtTheBrim, litres(plan.volumeL, units)],
    [say.mixAtTheFillLine, litres(mixL, units)],
    ["Wood", kilograms(plan.woodKg, units)],
    [say.fullAndWetWithoutA, kilograms(wet, units)],
    [
      "Outside",
      `${millimetres(plan.outerMm.lengthMm, units)} × ${millimetres(plan.outerMm.widthMm, units)} × ${millimetres(plan.outerMm.heightMm, units)}`,
    ],
  ];
  return (
    <div>
      <Facts facts={rows} />
      <p className="mt-2 text-sm">{say.buildItWhereItWill(liftWords(liftAdvice(wet), units))}</p>
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
      aria-label={say.boxFromTheLongSide(
        plan.rows,
        millimetres(lengthMm, units),
        millimetres(heightMm, units),
        millimetres(box.feetMm, units),
      )}
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
        {say.outside(millimetres(lengthMm, units), millimetres(heightMm, units))}
      </text>
    </svg>
  );
}

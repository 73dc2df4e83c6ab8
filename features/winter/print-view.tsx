"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/print";
import { SOLO_LIMIT_KG } from "@/core/mass/index";
import type { Protection } from "@/core/shelter/index";
import type { PlaceBuild } from "@/core/winter/index";
import type { LightClass } from "@/core/place/index";
import { day, kilograms, metres, number, type Units } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { WRAP_WORDS } from "@/words/winter";
import type { ShownRound } from "./moves-data";
import { roundWords } from "./move-words";
import { CARRY_WORDS, LIGHT_WORDS, winterWords, stepWords } from "@/words/layout";

interface PrintPot {
  id: string;
  tag: string;
  name: string;
  plants: number;
  kg: number;
  widthM: number;
  spot: { xM: number; yM: number } | null;
}
interface PrintPlace {
  id: string;
  name: string;
  build: PlaceBuild;
  light: LightClass;
  pots: PrintPot[];
}
export interface PrintFacts {
  winter: number;
  southern: boolean;
  name: string;
  planned: boolean;
  places: PrintPlace[];
  outside: { id: string; tag: string; name: string; protection: Protection }[];
  in: ShownRound[];
  out: ShownRound[];
}

/** Black on white, each part on a sheet of its own. */
export function PrintView({ facts }: { facts: PrintFacts }) {
  const { today, units } = useAsOf();
  const head = say.asOf(facts.name, winterWords(facts.winter, facts.southern), day(today));
  return (
    <article>
      <div className="no-print mb-4 flex flex-wrap items-center gap-3">
        <button type="button" className="btn btn-primary min-h-11" onClick={() => window.print()}>
          {common.print}
        </button>
        <span className="text-sm">{say.winterPlanCarryingOrderAnd}</span>
      </div>
      <h1 className="text-2xl">{say.winterPlan}</h1>
      <p>{head}</p>
      {!facts.planned && <p>{say.noPlanHasBeenKept}</p>}
      <section aria-labelledby="stands">
        <h2 id="stands" className="mt-4 text-xl">
          {say.whatStandsWhere}
        </h2>
        {facts.places.map((p) => (
          <PlaceSheet key={p.id} place={p} units={units} />
        ))}
        <h3 className="mt-4 text-lg">{say.stayOutside}</h3>
        <p className="text-sm">
          {facts.outside.length === 0
            ? say.none
            : facts.outside
                .map((s) => {
                  const round = protectionWords(s.protection);
                  return `${s.tag} ${s.name}${round ? ` (${round})` : ""}`;
                })
                .join("; ")}
        </p>
      </section>
      <Carrying title={say.carryingInInThisOrder} rounds={facts.in} head={head} units={units} today={today} />
      <Carrying title={say.carryingOutAgain} rounds={facts.out} head={head} units={units} today={today} />
      <p className="mt-4 text-sm">{say.massesAreForWateredPots(kilograms(SOLO_LIMIT_KG, units))}</p>
    </article>
  );
}

const protectionWords = ({ wrap, mulched, sunk }: Protection) =>
  [wrap ? WRAP_WORDS[wrap] : "", mulched ? say.strawOnTheMix : "", sunk ? "sunk" : ""].filter(Boolean).join(", ");

function PlaceSheet({ place: p, units }: { place: PrintPlace; units: Units }) {
  const { lengthM, widthM, doorM, doorAtM, heightM, steps } = p.build;
  if (p.pots.length === 0) return null;
  return (
    <section aria-label={p.name} className="mt-3 break-inside-avoid">
      <h3 className="text-lg">
        {p.name}{" "}
        <span className="text-sm font-normal">
          {say.pots(
            lengthM !== null && widthM !== null ? `${metres(lengthM, units)} × ${metres(widthM, units)}, ` : "",
            heightM === null ? "" : say.high(metres(heightM, units)),
            doorM === null ? "" : say.door(metres(doorM, units)),
            steps > 0 ? `${stepWords(steps)}, ` : "",
            LIGHT_WORDS[p.light],
            number(p.pots.length),
            kilograms(
              p.pots.reduce((s, q) => s + q.kg, 0),
              units,
            ),
          )}
        </span>
      </h3>
      <div className="flex flex-wrap items-start gap-4">
        {lengthM !== null && widthM !== null && (
          <svg
            viewBox={`-0.1 -0.1 ${lengthM + 0.2} ${widthM + 0.25}`}
            className="h-auto w-full max-w-[26rem]"
            role="img"
            aria-label={say.fromAbove(p.name)}
          >
            <rect x={0} y={0} width={lengthM} height={widthM} fill="#fff" stroke="#000" strokeWidth={0.05} />
            {doorM !== null && (
              <rect
                x={(doorAtM ?? lengthM / 2) - doorM / 2}
                y={widthM - 0.03}
                width={doorM}
                height={0.1}
                fill="#fff"
                stroke="#000"
                strokeWidth={0.02}
              />
            )}
            {p.pots.map(
              (s) =>
                s.spot && (
                  <g key={s.id}>
                    <circle
                      cx={s.spot.xM}
                      cy={s.spot.yM}
                      r={s.widthM / 2}
                      fill="#fff"
                      stroke="#000"
                      strokeWidth={0.02}
                    />
                    <text
                      x={s.spot.xM}
                      y={s.spot.yM + 0.04}
                      fontSize={Math.min(0.16, (1.6 * s.widthM) / Math.max(4, s.tag.length))}
                      textAnchor="middle"
                    >
                      {s.tag}
                    </text>
                  </g>
                ),
            )}
          </svg>
        )}
        <ol className="columns-2 text-sm">
          {p.pots.map((s) => (
            <li key={s.id}>
              <b>{s.tag}</b> {s.name}
              {s.plants > 1 ? ` ×${number(s.plants)}` : ""}, {kilograms(s.kg, units)}
            </li>
          ))}
        </ol>
      </div>
    </section>
  );
}

function Carrying({
  title,
  rounds,
  head,
  units,
  today,
}: {
  title: string;
  rounds: ShownRound[];
  head: string;
  units: Units;
  today: string;
}) {
  if (rounds.length === 0) return null;
  return (
    <section aria-label={title} className="mt-6 print:break-before-page">
      <h2 className="text-xl">{title}</h2>
      <p className="hidden text-sm print:block">{head}</p>
      {rounds.map((r) => (
        <section key={r.day} className="mt-3 break-inside-avoid" aria-label={day(r.day, today)}>
          <h3 className="text-base font-semibold">
            {day(r.day, today)}: {roundWords(r)}
          </h3>
          <ul className="text-sm">
            {r.moves.map((m) => (
              <li key={m.id}>
                ☐ <b>{m.tag}</b> {m.name}: {m.from} → {m.to}, {kilograms(m.eachKg, units)}, {CARRY_WORDS[m.by]}
                {m.direction === "in" ? say.by(day(m.day, today)) : say.notBefore(day(m.day, today))}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </section>
  );
}

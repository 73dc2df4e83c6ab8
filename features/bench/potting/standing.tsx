"use client";

import { useState } from "react";
import type { KindValues } from "@/core/species/index";
import { toDay } from "@/core/dates/index";
import { type GrowersCalendar, presentOn, waysToCarry } from "@/core/people/index";
import { standing, USUAL_GUST_MS, usualHeightM } from "@/core/wind/index";
import { area, kilograms, millimetres, number, percent, readNumber } from "@/words/format";
import { Caution, TextField, Why } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { CARRY_WORDS } from "@/words/terms";

export interface StandingFacts {
  wetKg: number;
  dryKg: number;
  guessed: boolean;
  /** The wet mass came from a scale. */
  weighed?: boolean;
  potHeightMm: number;
  baseWidthMm: number;
  /** Mix it stands in: what its height is guessed from where nobody measured it. */
  volumeL: number;
  /** Height of the tree above its pot, where it was measured. */
  heightM: number | null;
  crownM: number | null;
  inLeaf: boolean;
  /** How tall its species usually grows in a pot. */
  kindHeightM: number | null;
  /** How its species stands wind. */
  wind: KindValues["wind"];
  people: GrowersCalendar;
}

/** A crown nobody measured: so wide for its height, starting at this share of it. A guess to be typed over. */
const USUAL_CROWN = { widthShare: 0.6, clearShare: 0.25 };
const kmh = (ms: number) => `${number(ms, 0)} m/s (${number(ms * 3.6)} km/h)`;

/** Will it stand in wind, and how is it carried: the same masses answer both. */
export function Standing({ facts }: { facts: StandingFacts }) {
  return (
    <div className="grid gap-8 lg:grid-cols-2">
      <InWind facts={facts} />
      <Carrying facts={facts} />
    </div>
  );
}

function InWind({ facts }: { facts: StandingFacts }) {
  const { units } = useAsOf();
  const tall = facts.heightM ?? usualHeightM(facts.volumeL, facts.kindHeightM);
  const [height, setHeight] = useState(String(tall));
  const [width, setWidth] = useState(String(facts.crownM ?? Math.round(tall * USUAL_CROWN.widthShare * 100) / 100));
  const [clear, setClear] = useState(String(Math.round(tall * USUAL_CROWN.clearShare * 100) / 100));
  const [gust, setGust] = useState(String(USUAL_GUST_MS));
  const [leaf, setLeaf] = useState(facts.inLeaf);
  const [h, w, c, g] = [height, width, clear, gust].map((t) => readNumber(t));
  const problems = {
    height: h > 0 && h <= 30 ? undefined : "0.1 to 30 m.",
    width: w > 0 && w <= 20 ? undefined : "0.1 to 20 m.",
    clear: c >= 0 && c < h ? undefined : "Less than the height of the tree.",
    gust: g > 0 && g <= 60 ? undefined : "1 to 60 m/s.",
  };
  const result = Object.values(problems).every((p) => p === undefined)
    ? standing({
        crownWidthM: w,
        crownHeightM: h - c,
        crownBaseM: facts.potHeightMm / 1000 + c,
        baseWidthM: facts.baseWidthMm / 1000,
        massDryKg: facts.dryKg,
        massWetKg: facts.wetKg,
        inLeaf: leaf,
        gustMs: g,
        wind: facts.wind,
      })
    : null;
  return (
    <section aria-label="Standing in wind">
      <h2 className="text-lg">In wind</h2>
      <div className="mt-1 grid grid-cols-2 gap-3 sm:grid-cols-4">
        <TextField
          label="Tree is high"
          numeric
          suffix="m"
          value={height}
          onChange={setHeight}
          fault={problems.height}
        />
        <TextField label="Crown wide" numeric suffix="m" value={width} onChange={setWidth} fault={problems.width} />
        <TextField label="Clear stem" numeric suffix="m" value={clear} onChange={setClear} fault={problems.clear} />
        <TextField label="Gust" numeric suffix="m/s" value={gust} onChange={setGust} fault={problems.gust} />
      </div>
      <label className="mt-1 flex min-h-11 cursor-pointer items-center gap-2">
        <input type="checkbox" className="checkbox" checked={leaf} onChange={(e) => setLeaf(e.target.checked)} />
        in full leaf
      </label>
      {facts.heightM === null && (
        <p className="text-sm opacity-80">
          Nobody has measured it: its height is a guess by its pot. Type a better one.
        </p>
      )}
      {result && (
        <div data-testid="wind">
          <p className="text-lg font-semibold">
            {result.tieFromMs < g
              ? `${result.remedy === "lay-or-group" ? "Lay it down or set it among others" : "Tie it, weigh it down or lay it"} before gusts of ${kmh(g)}.`
              : `It stands gusts of ${kmh(g)}, dry and with the margin of the rule.`}
          </p>
          <p>
            Tips at {kmh(result.tipsDryMs)} when dry, at {kmh(result.tipsWetMs)} when wet. To be tied from{" "}
            {kmh(result.tieFromMs)} on.
            {result.remedy === "lay-or-group" && " A pot of this size is laid down, or set close among others."}
            {result.remedy === "ballast" &&
              ` To stand ${kmh(g)} dry: ${kilograms(result.ballastKg, units)} of ballast low in or on the pot, or a base ${millimetres(result.baseNeededM * 1000, units)} wide instead of ${millimetres(facts.baseWidthMm, units)}.`}
          </p>
          <Why
            reason={`Crown silhouette ${area(result.silhouetteM2, units)}, lever ${number(result.leverM, 2)} m, ${kilograms(facts.dryKg, units)} dry and ${kilograms(facts.wetKg, units)} wet${facts.weighed ? " (by the scale when it was potted)" : facts.guessed ? " (partly guessed)" : ""}; the gust asks ${percent(result.shareDry)} of what it withstands dry, two thirds are allowed. Drag and the middle of the crown are our judgement; corners of buildings make gusts of their own.`}
          >
            <span className="text-sm">A rough estimate</span>
          </Why>
        </div>
      )}
      <Caution className="mt-3">
        <p>
          Tall trees in pots fall in gusts, worst on roofs and balconies: there they are always tied, and nobody stands
          below. Wet containers are point loads: a structural engineer or the building’s owner decides what a roof
          carries.
        </p>
      </Caution>
    </section>
  );
}

function Carrying({ facts }: { facts: StandingFacts }) {
  const { units, today } = useAsOf();
  const present = presentOn(facts.people, toDay(today));
  const ways = waysToCarry(facts.wetKg, present);
  return (
    <section aria-label="Carrying">
      <h2 className="text-lg">Carrying {kilograms(facts.wetKg, units)}</h2>
      <p className="text-sm">
        {present.length > 0
          ? `By the limits of ${present.map((p) => p.name).join(", ")}, who are there today.`
          : "Nobody is on record as there today: volunteers’ limits."}{" "}
        Dried down before the move it weighs {kilograms(facts.dryKg, units)}.
      </p>
      <ul className="mt-1" data-testid="carry">
        {ways.map((w) => (
          <li key={w.way} className={`py-1 ${w.can ? "" : "opacity-70"}`}>
            <b>{w.can ? "✓ " : "✗ "}</b>
            <b>{CARRY_WORDS[w.way].name}</b>
            {w.who.length > 0 && ` (${w.who.join(" and ")})`}
            {w.limitKg !== null && `: up to ${kilograms(w.limitKg, units)}`}
            <span className="block pl-5 text-sm">{CARRY_WORDS[w.way].what}</span>
          </li>
        ))}
      </ul>
      <p className="text-sm">
        General guidance, remembered; your local manual-handling rules and your own back come first. Children and
        repeated lifts: much less.
      </p>
    </section>
  );
}

"use client";

import * as say from "@/words/pages/bench/potting/standing";
import { useState } from "react";
import type { KindValues } from "@/core/species/index";
import { toDay } from "@/core/dates/index";
import { type GrowersCalendar, presentOn, waysToCarry } from "@/core/people/index";
import { standing, USUAL_GUST_MS, usualHeightM } from "@/core/wind/index";
import { area, kilograms, millimetres, number, percent, readNumber, gusts } from "@/words/format";
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
    clear: c >= 0 && c < h ? undefined : say.lessThanTheHeightOf,
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
    <section aria-label={say.standingInWind}>
      <h2 className="text-lg">{say.inWind}</h2>
      <div className="mt-1 grid grid-cols-2 gap-3 sm:grid-cols-4">
        <TextField
          label={say.treeIsHigh}
          numeric
          suffix="m"
          value={height}
          onChange={setHeight}
          fault={problems.height}
        />
        <TextField label={say.crownWide} numeric suffix="m" value={width} onChange={setWidth} fault={problems.width} />
        <TextField label={say.clearStem} numeric suffix="m" value={clear} onChange={setClear} fault={problems.clear} />
        <TextField label={say.gust} numeric suffix="m/s" value={gust} onChange={setGust} fault={problems.gust} />
      </div>
      <label className="mt-1 flex min-h-11 cursor-pointer items-center gap-2">
        <input type="checkbox" className="checkbox" checked={leaf} onChange={(e) => setLeaf(e.target.checked)} />
        {say.inFullLeaf}
      </label>
      {facts.heightM === null && <p className="text-sm opacity-80">{say.nobodyHasMeasuredItIts}</p>}
      {result && (
        <div data-testid="wind">
          <p className="text-lg font-semibold">
            {result.tieFromMs < g
              ? say.beforeGustsOf(
                  result.remedy === "lay-or-group" ? say.layItDownOrSet : say.tieItWeighItDown,
                  gusts(g, units),
                )
              : say.itStandsGustsOfDry(gusts(g, units))}
          </p>
          <p>
            {say.tipsAtWhenDryAt(
              gusts(result.tipsDryMs, units),
              gusts(result.tipsWetMs, units),
              gusts(result.tieFromMs, units),
            )}
            {result.remedy === "lay-or-group" && say.aPotOfThisSize}
            {result.remedy === "ballast" &&
              say.toStandDryOfBallast(
                gusts(g, units),
                kilograms(result.ballastKg, units),
                millimetres(result.baseNeededM * 1000, units),
                millimetres(facts.baseWidthMm, units),
              )}
          </p>
          <Why
            reason={say.crownSilhouetteLeverMDry(
              area(result.silhouetteM2, units),
              number(result.leverM, 2),
              kilograms(facts.dryKg, units),
              kilograms(facts.wetKg, units),
              facts.weighed ? say.byTheScaleWhenIt : facts.guessed ? say.partlyGuessed : "",
              percent(result.shareDry),
            )}
          >
            <span className="text-sm">{say.aRoughEstimate}</span>
          </Why>
        </div>
      )}
      <Caution className="mt-3">
        <p>{say.tallTreesInPotsFall}</p>
      </Caution>
    </section>
  );
}

function Carrying({ facts }: { facts: StandingFacts }) {
  const { units, today } = useAsOf();
  const present = presentOn(facts.people, toDay(today));
  const ways = waysToCarry(facts.wetKg, present);
  return (
    <section aria-label={say.carrying}>
      <h2 className="text-lg">{say.carrying2(kilograms(facts.wetKg, units))}</h2>
      <p className="text-sm">
        {say.driedDownBeforeTheMove(
          present.length > 0 ? say.byTheLimitsOfWho(present.map((p) => p.name).join(", ")) : say.nobodyIsOnRecordAs,
          kilograms(facts.dryKg, units),
        )}
      </p>
      <ul className="mt-1" data-testid="carry">
        {ways.map((w) => (
          <li key={w.way} className={`py-1 ${w.can ? "" : "opacity-70"}`}>
            <b>{w.can ? "✓ " : "✗ "}</b>
            <b>{CARRY_WORDS[w.way].name}</b>
            {w.who.length > 0 && ` (${w.who.join(" and ")})`}
            {w.limitKg !== null && say.upTo(kilograms(w.limitKg, units))}
            <span className="block pl-5 text-sm">{CARRY_WORDS[w.way].what}</span>
          </li>
        ))}
      </ul>
      <p className="text-sm">{say.generalGuidanceRememberedYourLocal}</p>
    </section>
  );
}

"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/mixes";
import { type Dispatch, memo, type SetStateAction, useMemo, useState } from "react";
import {
  mixColumn,
  type MixColumn,
  mixLife,
  mixOfRecipe,
  mixYears,
  textureJump,
  WORN_OUT_AIR,
  WORN_OUT_LOSS,
} from "@/core/mix/index";
import { type MixChoice, type MixStores } from "@/core/records/index";
import { usualFillHeightMm } from "@/core/potting/index";
import { brimHeightMm, type Pot, type Vessel, vesselOf, widthAtMm } from "@/core/vessel/index";
import { kilograms, litres, millimetres, number, percent, type Units } from "@/words/format";
import { Facts, SelectField, Why } from "@/ui/fields";
import { ColumnLegend, MixColumnDrawing } from "@/ui/mix-column";
import { useAsOf } from "@/features/kernel/as-of";
import { FLAG_WORDS, partsWords } from "@/words/mixes";
import { SliderField } from "./slider-field";
import { PotsNav } from "./pots-nav";
import { PAGE_WORDS } from "@/words/rooms";

interface PotOption {
  lotId: string;
  name: string;
  pot: Pot;
}

/** One side of the comparison: what is in which pot, how deep, how old. */
interface Side {
  mix: string;
  pot: string;
  heightMm: number;
  layerMm: number;
  ageYears: number;
  /** How far the water hangs down below the mix: a wick, or soil under a pot without feet. */
  wickMm: number;
}

const LAYERS = 200;
/** A pot to start with where the store is empty: an ordinary round one. */
const PLAIN_POT: Vessel = { shape: "round", topWidthMm: 300, baseWidthMm: 240, heightMm: 280 };

function vesselFor(pots: PotOption[], side: Side): Vessel {
  const found = pots.find((p) => p.lotId === side.pot);
  const base = found ? vesselOf(found.pot).vessel : PLAIN_POT;
  // The slider makes the same pot deeper or shallower: what depth does is best seen with nothing else changed.
  if (base.shape === "bag") return { ...base, lengthMm: side.heightMm + base.gussetMm / 2 };
  return { ...base, heightMm: side.heightMm, measuredVolumeL: undefined };
}

function ownHeight(pots: PotOption[], lotId: string): number {
  const found = pots.find((p) => p.lotId === lotId);
  return Math.round(brimHeightMm(found ? vesselOf(found.pot).vessel : PLAIN_POT));
}

/** Two fillings side by side: air, water and their reasons, as a picture in the pot. */
export function MixesView({ choices, pots, stores }: { choices: MixChoice[]; pots: PotOption[]; stores: MixStores }) {
  const { units } = useAsOf();
  // A measured pot of a usual depth shows it best.
  const usual = (p: PotOption) => brimHeightMm(vesselOf(p.pot).vessel) > 200;
  const first = (pots.find((p) => p.pot.known === "measured" && usual(p)) ?? pots.find(usual))?.lotId ?? "";
  const start = { pot: first, heightMm: ownHeight(pots, first), layerMm: 0, ageYears: 0, wickMm: 0 };
  const coarse = choices.find((c) => c.key === "bark-pumice")!.key;
  const [a, setA] = useState<Side>({ ...start, mix: choices[0].key });
  const [b, setB] = useState<Side>({ ...start, mix: choices[0].key === coarse ? "compost-bark" : coarse });
  const left = useSide(a, choices, pots);
  const right = useSide(b, choices, pots);
  const scaleToMm = Math.max(brimHeightMm(left.vessel), brimHeightMm(right.vessel));
  const widestMm = Math.max(
    ...[left, right].flatMap(({ vessel: v }) => [widthAtMm(v, brimHeightMm(v)), widthAtMm(v, 0)]),
  );
  // The side that did not move is not drawn anew: its props stay the same objects.
  const frame = useMemo(() => ({ scaleToMm, widestMm, units }), [scaleToMm, widestMm, units]);
  return (
    <div>
      <PotsNav at="pots/mixes" />
      <h1 className="text-2xl">{PAGE_WORDS["pots/mixes"]}</h1>
      <p className="mt-1 max-w-prose">{say.aDrainedPotIsWettest}</p>
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={say.compare}>
        <button type="button" className="btn btn-sm min-h-11" onClick={() => setB({ ...a, mix: b.mix })}>
          {say.twoMixesSamePot}
        </button>
        <button
          type="button"
          className="btn btn-sm min-h-11"
          onClick={() => setB({ ...a, heightMm: Math.round(a.heightMm * 0.5) })}
        >
          {say.deepAndShallow}
        </button>
        <button type="button" className="btn btn-sm min-h-11" onClick={() => setB({ ...a, layerMm: 60 })}>
          {say.withAGravelLayer}
        </button>
        <button type="button" className="btn btn-sm min-h-11" onClick={() => setB({ ...a, ageYears: a.ageYears + 3 })}>
          {say.threeYearsOn}
        </button>
      </div>
      <div className="mt-3">
        <ColumnLegend />
      </div>
      <div className="mt-2 grid grid-cols-2 gap-4 md:gap-8">
        <SideView name="Left" side={a} set={setA} found={left} choices={choices} pots={pots} frame={frame} />
        <SideView name="Right" side={b} set={setB} found={right} choices={choices} pots={pots} frame={frame} />
      </div>
      <Difference left={left} right={right} units={units} />
      <div className="mt-6 grid gap-6 md:grid-cols-2">
        <SideFacts found={left} stores={stores} units={units} />
        <SideFacts found={right} stores={stores} units={units} />
      </div>
    </div>
  );
}

interface Found {
  choice: MixChoice;
  vessel: Vessel;
  guessed: boolean;
  fillHeightMm: number;
  layerMm: number;
  ageYears: number;
  wickMm: number;
  column: MixColumn;
}

function useSide(side: Side, choices: MixChoice[], pots: PotOption[]): Found {
  return useMemo(() => {
    const choice = choices.find((c) => c.key === side.mix) ?? choices[0];
    const vessel = vesselFor(pots, side);
    const fillHeightMm = usualFillHeightMm(vessel);
    const layerMm = Math.min(side.layerMm, Math.round(fillHeightMm / 2));
    const ageYears = choice.ageYears + side.ageYears;
    const found = pots.find((p) => p.lotId === side.pot);
    return {
      choice,
      vessel,
      guessed: found ? vesselOf(found.pot).guessed : true,
      fillHeightMm,
      layerMm,
      ageYears,
      wickMm: side.wickMm,
      column: mixColumn({
        mix: choice.mix,
        vessel,
        fillHeightMm,
        bottomLayerMm: layerMm,
        ageYears,
        planeBelowMm: side.wickMm,
        layers: LAYERS,
      }),
    };
  }, [side, choices, pots]);
}

const SideView = memo(function SideView({
  name,
  side,
  set,
  found,
  choices,
  pots,
  frame,
}: {
  name: string;
  side: Side;
  set: Dispatch<SetStateAction<Side>>;
  found: Found;
  choices: MixChoice[];
  pots: PotOption[];
  frame: { scaleToMm: number; widestMm: number; units: Units };
}) {
  const { column } = found;
  const { units } = frame;
  return (
    <section aria-label={name} className="min-w-0">
      <MixColumnDrawing
        id={`col-${name}`}
        {...frame}
        vessel={found.vessel}
        column={column}
        fillHeightMm={found.fillHeightMm}
        bottomLayerMm={found.layerMm}
        widthPx={440}
        heightPx={330}
        title={`${found.choice.name}, ${name.toLowerCase()}`}
      />
      <p className="my-1 text-center leading-tight" data-testid={`sum-${name}`}>
        <b>{say.ofAir(litres(column.whole.airL, units))}</b> ({percent(column.whole.airFraction)}),{" "}
        <b>{say.ofWaterForRoots(litres(column.availableL, units))}</b>
        <span className="block text-sm">
          {say.wideFilledTo(
            millimetres(widthAtMm(found.vessel, brimHeightMm(found.vessel)), units),
            millimetres(found.fillHeightMm, units),
            column.soddenMm < 1
              ? say.nowhereSodden
              : say.soddenUpToAbove(
                  millimetres(column.soddenMm, units),
                  found.layerMm > 0 ? say.theGravel : say.theFloor,
                ),
          )}
        </span>
      </p>
      <div className="space-y-2">
        <MixAndPot side={side} set={set} choices={choices} pots={pots} />
        <SliderField
          label={say.depthInside}
          value={side.heightMm}
          min={60}
          max={900}
          step={5}
          unit="mm"
          onChange={(heightMm) => set({ ...side, heightMm })}
        />
        <SliderField
          label={say.gravelLayer}
          value={side.layerMm}
          min={0}
          max={150}
          step={5}
          unit="mm"
          onChange={(layerMm) => set({ ...side, layerMm })}
        />
        <SliderField
          label={say.wickOrSoilBelow}
          value={side.wickMm}
          min={0}
          max={400}
          step={10}
          unit="mm"
          onChange={(wickMm) => set({ ...side, wickMm })}
        />
        <SliderField
          label={say.yearsInThePot}
          value={side.ageYears}
          min={0}
          max={8}
          step={0.5}
          unit="years"
          onChange={(ageYears) => set({ ...side, ageYears })}
        />
      </div>
    </section>
  );
});

/** The two long lists: they do not change while a slider moves. */
const MixAndPot = memo(
  function MixAndPot({
    side,
    set,
    choices,
    pots,
  }: {
    side: Side;
    set: (change: (side: Side) => Side) => void;
    choices: MixChoice[];
    pots: PotOption[];
  }) {
    const { units } = useAsOf();
    return (
      <>
        <SelectField
          label={common.mix}
          value={side.mix}
          onChange={(mix) => set((now) => ({ ...now, mix }))}
          options={choices.map((c) => [c.key, c.from === "reclaimed" ? say.reclaimed(c.name) : c.name] as const)}
        />
        <SelectField
          label={common.pot}
          value={side.pot}
          onChange={(pot) => set((now) => ({ ...now, pot, heightMm: ownHeight(pots, pot) }))}
          options={[
            ["", say.anOrdinaryPotAcross(millimetres(PLAIN_POT.topWidthMm, units))] as const,
            ...pots.map((p) => [p.lotId, p.name] as const),
          ]}
        />
      </>
    );
  },
  (a, b) => a.side.mix === b.side.mix && a.side.pot === b.side.pot && a.choices === b.choices && a.pots === b.pots,
);

/** What differs, in words, and why. */
function Difference({ left, right, units }: { left: Found; right: Found; units: Units }) {
  const air = right.column.whole.airL - left.column.whole.airL;
  const more =
    Math.abs(air) < 0.05 ? say.asMuchAirAs : say.airThan(litres(Math.abs(air), units), air > 0 ? "more" : "less");
  const reasons: string[] = [];
  if (left.layerMm !== right.layerMm)
    reasons.push(
      say.gravelCannotPullWaterOut(litres(Math.abs(left.column.whole.mixL - right.column.whole.mixL), units)),
    );
  if (brimHeightMm(left.vessel) !== brimHeightMm(right.vessel)) reasons.push(say.inTheDeeperPotThe());
  if (left.choice.key !== right.choice.key) {
    const jump = textureJump(left.choice.mix, right.choice.mix);
    reasons.push(
      jump === null
        ? say.oneOfTheTwoMixes
        : jump.jump === null
          ? say.asBallAndNewMix(number(Math.max(jump.ratio, 1 / jump.ratio), 1))
          : say.asBallLeftAndNew(number(Math.max(jump.ratio, 1 / jump.ratio), 1), jump.jump),
    );
  }
  if (left.wickMm !== right.wickMm) reasons.push(say.onAWickOrSunk);
  if (left.ageYears !== right.ageYears) reasons.push(say.withTheYearsTheParticles);
  return (
    <div className="bg-base-200 rounded-box mt-5 p-3" aria-live="polite" data-testid="difference">
      <p className="font-semibold">{say.theRightOneHoldsThe(more)}</p>
      {reasons.map((r) => (
        <p key={r} className="mt-1 max-w-prose">
          {r}
        </p>
      ))}
    </div>
  );
}

const YEARS_SHOWN = 6;

const SideFacts = memo(function SideFacts({ found, stores, units }: { found: Found; stores: MixStores; units: Units }) {
  const { choice, column, vessel, fillHeightMm, layerMm, ageYears, wickMm } = found;
  const life = mixLife(choice.mix);
  const made = choice.parts && mixOfRecipe(choice.parts, stores.library);
  const years = mixYears(
    { mix: choice.mix, vessel, fillHeightMm, bottomLayerMm: layerMm, ageYears, planeBelowMm: wickMm },
    YEARS_SHOWN,
  );
  const flags = made ? (Object.keys(made.flags) as (keyof typeof FLAG_WORDS)[]) : [];
  return (
    <section aria-label={say.inFigures(choice.name)} className="min-w-0">
      <h2 className="text-lg">{choice.name}</h2>
      {choice.parts && <p className="text-sm">{partsWords(choice.parts, stores)}</p>}
      <Facts
        columns
        facts={[
          [say.mixInThePot, litres(column.whole.mixL, units)],
          [say.waterAfterDraining, `${litres(column.whole.waterL, units)} (${percent(column.whole.waterFraction)})`],
          ["Dry", kilograms(column.dryKg, units)],
          ["Wet", kilograms(column.wetKg, units)],
          [
            "Feeds",
            choice.feedsMonths === null || choice.feedsMonths < 0.5
              ? say.nothingToSpeakOf
              : say.aboutMonths(number(choice.feedsMonths)),
          ],
          [
            ageYears > 0 ? say.stillLasts : "Lasts",
            life.by === "long" ? say.thirtyYearsAndMore : say.years(number(Math.max(0, life.years - ageYears), 1)),
          ],
        ]}
      />
      <Why
        className="mt-2"
        reason={
          <>
            <p>
              {say.waterByTheDrainedPot(
                millimetres(500, units),
                choice.from === "ready"
                  ? say.theCurveIsATypical
                  : choice.from === "recipe"
                    ? say.theCurveIsSummedFrom()
                    : say.itIsOldMixIts,
              )}
            </p>
            <p>
              {say.itIsWornOutWhen(
                percent(WORN_OUT_LOSS),
                millimetres(200, units),
                percent(WORN_OUT_AIR),
                life.by === "volume"
                  ? say.slumpingComesFirst
                  : life.by === "air"
                    ? life.years === 0
                      ? say.itIsShortOfAir
                      : say.airComesFirst
                    : say.neitherComesWithinThirtyYears,
              )}
              {found.guessed && say.theShapeOfThisPot}
            </p>
          </>
        }
      >
        <span className="text-sm">{say.whereTheseFiguresComeFrom}</span>
      </Why>
      {flags.length > 0 && (
        <ul className="mt-2 text-sm" aria-label={say.toMind}>
          {flags.map((f) => (
            <li key={f}>
              <b>{FLAG_WORDS[f].name}</b> ({percent(made!.flags[f]!)}): {FLAG_WORDS[f].what}
            </li>
          ))}
        </ul>
      )}
      <table className="table-sm mt-2 table">
        <caption className="text-left text-sm">{say.yearByYearIfNothing}</caption>
        <thead>
          <tr>
            <th scope="col">{say.age}</th>
            <th scope="col">{say.volumeLeft}</th>
            <th scope="col">{say.surfaceSinks}</th>
            <th scope="col">{say.air}</th>
          </tr>
        </thead>
        <tbody>
          {years.map((y) => (
            <tr key={y.ageYears}>
              <td>{say.shortYears(number(y.ageYears, 1))}</td>
              <td>{percent(y.volumeShare)}</td>
              <td>{millimetres(fillHeightMm - y.fillHeightMm, units)}</td>
              <td>{percent(y.airFraction)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
});

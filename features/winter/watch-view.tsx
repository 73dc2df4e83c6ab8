"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/watch";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { Chart } from "@/ui/charts/index";
import { WARNINGS } from "@/core/shelter/index";
import { EVENING_MEASURES } from "@/core/winter/index";
import { Caution, FormFaults, Reasoned } from "@/ui/fields";
import { celsius, celsiusShort, degreesUnit, day, number, percent, type Units } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { ColdPot, DueWater, WatchedPlace, WatchFacts } from "./watch-data";
import { tonightWords } from "./watch-words";
import { lossWords } from "@/words/layout";
import { SimulatedMark } from "@/features/kernel/simulated";
import { PAGE_WORDS } from "@/words/rooms";

type Advised = ColdPot["measure"];

/** What is advised for an evening, for several pots at once. */
const ADVICE_WORDS: Record<Advised, { what: string; done: string }> = {
  water: { what: say.waterThemBeforeDark, done: say.theyAreWatered },
  straw: { what: say.strawOnTheirMixA, done: say.strawLiesOnThem },
  get fleece() {
    return { what: say.wrapTheirPotsInFleece(), done: say.theyAreWrapped };
  },
  bubble: { what: say.wrapTheirPotsInTwo, done: say.theyAreWrapped },
  "straw-round": { what: say.strawRoundThemAndOn, done: say.theyStandInStraw },
  sink: { what: say.sinkThemIntoTheGround, done: say.theyAreSunk },
  get "crown-fleece"() {
    return { what: say.fleeceOverTheirCrownsOr(), done: "" };
  },
  in: { what: say.bringThemInNothingWe, done: "" },
};
const changeOf = (advised: Advised) => EVENING_MEASURES.find((m) => m.key === advised)?.change ?? {};
/** In order of trouble. */
const ORDER: Advised[] = [...EVENING_MEASURES.map((m) => m.key), "crown-fleece", "in"];

export function WatchView({ facts }: { facts: WatchFacts }) {
  const { collectionId, today, units } = useAsOf();
  const [tonight] = facts.nights;
  const coldest = facts.nights.reduce((a, b) => (b.minC < a.minC ? b : a));
  return (
    <article>
      <h1 className="text-2xl">{PAGE_WORDS["winter/watch"]}</h1>
      <Reasoned
        reason={say.eachPotWhereItStands(
          tonight.forecast ? say.byTheForecastWithIts : say.byTheClimateAsNo,
          percent(facts.risk),
        )}
      >
        <p className="text-lg" data-testid="tonight">
          {tonightWords(facts, units, today)} {tonight.forecast && <SimulatedMark />}
        </p>
      </Reasoned>
      <Cold cold={facts.cold} collectionId={collectionId} today={today} />
      {facts.frozen.length > 0 && (
        <p className="mt-3 border-l-4 border-[#5d7c96] pl-3" data-testid="frozen">
          <b>{say.frozenThroughForDays}</b>
          {say.theirLeavesDryOverA(facts.frozen.map((f) => f.tag).join(", "))}
        </p>
      )}
      <section aria-labelledby="quarters" className="mt-5">
        <h2 id="quarters" className="text-lg">
          {say.theAirOfTheQuarters}
        </h2>
        {facts.places.length === 0 && <p className="text-sm">{say.nothingStandsInWinterQuarters}</p>}
        <div className="mt-1 grid gap-5 lg:grid-cols-2">
          {facts.places.map((p) => (
            <Place key={p.id} place={p} units={units} today={today} />
          ))}
        </div>
      </section>
      <Water water={facts.water} collectionId={collectionId} today={today} />
      <Caution className="mt-5 max-w-prose">
        <p>{say.heatersNoFlameOrFuel()}</p>
      </Caution>
      <p className="sr-only">{say.coldestOfTheComingNights(celsius(Math.round(coldest.minC), units))}</p>
    </article>
  );
}

function Cold({ cold, collectionId, today }: { cold: ColdPot[]; collectionId: string; today: string }) {
  const { tell } = useNotice();
  const protect = useCommand("protect-trees");
  const water = useCommand("water-trees");
  if (cold.length === 0) return null;
  const done = async (measure: Advised, pots: ColdPot[]) => {
    const treeIds = pots.flatMap((p) => p.treeIds);
    if (measure === "water") {
      const sent = await water.send({ collectionId, treeIds, on: today });
      if (sent) tell({ text: say.potsAreWatered(number(pots.length)), entryId: sent.entryId });
      return;
    }
    const { wrap, mulchR, stand } = changeOf(measure);
    const sent = await protect.send({
      collectionId,
      treeIds,
      ...(wrap ? { wrap } : {}),
      ...(mulchR ? { mulched: true } : {}),
      ...(stand === "sunk" ? { sunk: true } : {}),
      on: today,
    });
    if (sent) tell({ text: say.potsAreProtected(number(pots.length)), entryId: sent.entryId });
  };
  return (
    <section aria-label={say.whatToDoTonight} className="mt-3 space-y-3" data-testid="cold">
      {ORDER.flatMap((measure) => {
        const pots = cold.filter((c) => c.measure === measure);
        if (pots.length === 0) return [];
        const words = ADVICE_WORDS[measure];
        return [
          <section key={measure} aria-label={words.what} className="border-l-4 border-[#5d7c96] pl-3">
            <h2 className="text-base font-semibold">{words.what}</h2>
            <p className="text-sm">
              {pots.slice(0, 30).map((p, i) => (
                <span key={p.id}>
                  {i > 0 && ", "}
                  <Link className="link" href={treeAt(collectionId, p.treeIds[0], "winter")}>
                    {p.tag}
                  </Link>{" "}
                  ({p.roots >= p.crown ? say.roots(lossWords(p.roots)) : say.crown(lossWords(p.crown))}
                  {p.left === null ? "" : ` → ${lossWords(p.left)}`}, {p.place})
                </span>
              ))}
              {pots.length > 30 ? common.andMoreBehind(number(pots.length - 30)) : ""}
            </p>
            {measure === "in" ? (
              <Link className="btn btn-primary mt-1 min-h-11" href={pageAt(collectionId, "winter/moves")}>
                {say.movingPlan}
              </Link>
            ) : words.done ? (
              <button
                type="button"
                className="btn btn-primary mt-1 min-h-11"
                disabled={protect.busy || water.busy}
                onClick={() => void done(measure, pots)}
              >
                {words.done}
              </button>
            ) : null}
          </section>,
        ];
      })}
      <FormFaults faults={[...(protect.failure?.faults ?? []), ...(water.failure?.faults ?? [])]} />
    </section>
  );
}

/** Ten days of a place's air, and the days on which its door is opened. */
function Place({ place: p, units, today }: { place: WatchedPlace; units: Units; today: string }) {
  const doors = p.days.filter((d) => d.door);
  const lowest = Math.min(...p.days.map((d) => d.lowC));
  const highest = Math.max(...p.days.map((d) => d.highC));
  return (
    <section aria-label={p.name}>
      <h3 className="text-base font-semibold">
        {p.name} <span className="text-sm font-normal">{p.pots === 1 ? say.n1Pot : common.pots(number(p.pots))}</span>
      </h3>
      <div className="max-w-lg">
        <Chart
          label={say.airOfInTheComing(p.name, celsius(Math.round(lowest), units), celsius(Math.round(highest), units))}
          rows={p.days.map((d) => ({ day: day(d.day, today), air: [d.lowC, d.highC] as const }))}
          x="day"
          series={[{ key: "air", name: say.airLowestToHighest, as: "band", tone: "frost" }]}
          limits={[{ at: 0, name: "" }]}
          unit={degreesUnit(units)}
          value={(v, short) => (short ? celsiusShort(v, units) : celsius(v, units))}
          heightPx={130}
        />
      </div>
      <ul className="text-sm">
        {p.indoors && (
          <li>
            {doors.length === 0
              ? say.noDayAheadAsksFor
              : say.doorOpenAtNoonOn(doors.map((d) => day(d.day, today)).join(", "))}
          </li>
        )}
        {p.tooWarm && <li>{say.itGetsWarmerThanAir(celsius(WARNINGS.heatC, units))}</li>}
        {p.mould && <li>{say.stillCoolAirLookFor()}</li>}
        {p.wakes.length > 0 && (
          <li>{say.tooWarmForLeaflessTrees(p.wakes.slice(0, 8).join(", "), p.wakes.length > 8 ? say.andMore : "")}</li>
        )}
        {p.dark.length > 0 && (
          <li>{say.tooWarmForItsLight(p.dark.slice(0, 8).join(", "), p.dark.length > 8 ? say.andMore : "")}</li>
        )}
      </ul>
    </section>
  );
}

function Water({ water, collectionId, today }: { water: DueWater[]; collectionId: string; today: string }) {
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("water-trees");
  const due = water.filter((w) => w.due <= today);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const chosen = due.filter((w) => !left.has(w.id));
  const save = async () => {
    const done = await send({ collectionId, treeIds: chosen.flatMap((w) => w.treeIds), on: today });
    if (done) tell({ text: say.potsAreWatered(number(chosen.length)), entryId: done.entryId });
  };
  if (water.length === 0) return null;
  const places = [...new Set(due.map((w) => w.place))];
  const next = water.find((w) => w.due > today);
  return (
    <section aria-labelledby="water" className="mt-5">
      <h2 id="water" className="text-lg">
        {say.whoIsThirsty}
      </h2>
      <p className="text-sm">
        <span className="badge badge-warning mr-2">{common.guess}</span>
        {say.byTheWaterAPot}
      </p>
      {due.length === 0 ? (
        <p className="mt-1" data-testid="water-due">
          {say.nobodyToday(next ? say.nextOn(next.tag, day(next.due, today)) : "")}
        </p>
      ) : (
        <>
          <div className="mt-1 space-y-2" data-testid="water-due">
            {places.map((place) => (
              <fieldset key={place}>
                <legend className="font-semibold">{place}</legend>
                <div className="flex flex-wrap gap-x-5 gap-y-1">
                  {due
                    .filter((w) => w.place === place)
                    .map((w) => (
                      <label key={w.id} className="flex min-h-9 items-center gap-2 text-sm">
                        <input
                          type="checkbox"
                          className="checkbox checkbox-sm"
                          checked={!left.has(w.id)}
                          onChange={() =>
                            setLeft((now) => {
                              const next = new Set(now);
                              if (!next.delete(w.id)) next.add(w.id);
                              return next;
                            })
                          }
                        />
                        <span>
                          <b>{w.tag}</b>
                          {say.everyWeeks(w.name, number(w.every / 7, 1), w.last ? say.last(day(w.last, today)) : "")}
                        </span>
                      </label>
                    ))}
                </div>
              </fieldset>
            ))}
          </div>
          <button
            type="button"
            className="btn mt-2 min-h-12"
            disabled={busy || chosen.length === 0}
            onClick={() => void save()}
          >
            {say.watered(number(chosen.length))}
          </button>
        </>
      )}
      <FormFaults faults={failure?.faults ?? []} />
    </section>
  );
}

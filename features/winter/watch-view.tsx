"use client";

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
  water: { what: "Water them before dark", done: "They are watered" },
  straw: { what: "Straw on their mix, a hand’s breadth", done: "Straw lies on them" },
  fleece: { what: "Wrap their pots in fleece", done: "They are wrapped" },
  bubble: { what: "Wrap their pots in two layers of bubble film", done: "They are wrapped" },
  "straw-round": { what: "Straw round them and on the mix, a hand’s breadth", done: "They stand in straw" },
  sink: { what: "Sink them into the ground, straw on top", done: "They are sunk" },
  "crown-fleece": { what: "Fleece over their crowns, or in over night", done: "" },
  in: { what: "Bring them in: nothing we know would keep them out there", done: "" },
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
        reason={
          <>
            Each pot where it stands now, its temperature run hour by hour through the last weeks of the record and the
            coming nights{" "}
            {tonight.forecast ? "by the forecast with its errors" : "by the climate, as no forecast is at hand"}; crowns
            by their hardiness against the night. Worth a word: more than {percent(facts.risk)} lost. The measure named
            is the least trouble that brings the roots below that; dry pots are taken to be watered.
          </>
        }
      >
        <p className="text-lg" data-testid="tonight">
          {tonightWords(facts, units, today)} {tonight.forecast && <SimulatedMark />}
        </p>
      </Reasoned>
      <Cold cold={facts.cold} collectionId={collectionId} today={today} />
      {facts.frozen.length > 0 && (
        <p className="mt-3 border-l-4 border-[#5d7c96] pl-3" data-testid="frozen">
          <b>Frozen through for days</b>: {facts.frozen.map((f) => f.tag).join(", ")}. Their leaves dry over a ball that
          gives no water: shade them, keep the wind off, water as soon as they thaw.
        </p>
      )}
      <section aria-labelledby="quarters" className="mt-5">
        <h2 id="quarters" className="text-lg">
          The air of the quarters
        </h2>
        {facts.places.length === 0 && <p className="text-sm">Nothing stands in winter quarters now.</p>}
        <div className="mt-1 grid gap-5 lg:grid-cols-2">
          {facts.places.map((p) => (
            <Place key={p.id} place={p} units={units} today={today} />
          ))}
        </div>
      </section>
      <Water water={facts.water} collectionId={collectionId} today={today} />
      <Caution className="mt-5 max-w-prose">
        <p>
          Heaters: no flame or fuel heaters in closed places where people or animals are (carbon monoxide), clear of
          fleece and bubble film, outdoor-rated cables. Sinking pots: mind buried cables and pipes, and never leave open
          holes.
        </p>
      </Caution>
      <p className="sr-only">Coldest of the coming nights: {celsius(Math.round(coldest.minC), units)}</p>
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
      if (sent) tell({ text: `${number(pots.length)} pots are watered.`, entryId: sent.entryId });
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
    if (sent) tell({ text: `${number(pots.length)} pots are protected.`, entryId: sent.entryId });
  };
  return (
    <section aria-label="What to do tonight" className="mt-3 space-y-3" data-testid="cold">
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
                  ({p.roots >= p.crown ? `roots ${lossWords(p.roots)}` : `crown ${lossWords(p.crown)}`}
                  {p.left === null ? "" : ` → ${lossWords(p.left)}`}, {p.place})
                </span>
              ))}
              {pots.length > 30 ? ` and ${number(pots.length - 30)} more` : ""}
            </p>
            {measure === "in" ? (
              <Link className="btn btn-primary mt-1 min-h-11" href={pageAt(collectionId, "winter/moves")}>
                Moving plan
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
        {p.name} <span className="text-sm font-normal">{p.pots === 1 ? "1 pot" : `${number(p.pots)} pots`}</span>
      </h3>
      <div className="max-w-lg">
        <Chart
          label={`Air of ${p.name} in the coming ten days: lowest ${celsius(Math.round(lowest), units)}, highest ${celsius(Math.round(highest), units)}`}
          rows={p.days.map((d) => ({ day: day(d.day, today), air: [d.lowC, d.highC] as const }))}
          x="day"
          series={[{ key: "air", name: "air, lowest to highest", as: "band", tone: "frost" }]}
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
              ? "No day ahead asks for an open door."
              : `Door open at noon on ${doors.map((d) => day(d.day, today)).join(", ")}: mild outside, and the air within is moved.`}
          </li>
        )}
        {p.tooWarm && <li>It gets warmer than {celsius(WARNINGS.heatC, units)}: air it, shade the glass.</li>}
        {p.mould && (
          <li>Still, cool air: look for mould, take off fallen leaves, water in the morning only. (a guess)</li>
        )}
        {p.wakes.length > 0 && (
          <li>
            Too warm for leafless trees, they will wake: {p.wakes.slice(0, 8).join(", ")}
            {p.wakes.length > 8 ? " and more" : ""}.
          </li>
        )}
        {p.dark.length > 0 && (
          <li>
            Too warm for its light, for evergreens: {p.dark.slice(0, 8).join(", ")}
            {p.dark.length > 8 ? " and more" : ""}.
          </li>
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
    if (done) tell({ text: `${number(chosen.length)} pots are watered.`, entryId: done.entryId });
  };
  if (water.length === 0) return null;
  const places = [...new Set(due.map((w) => w.place))];
  const next = water.find((w) => w.due > today);
  return (
    <section aria-labelledby="water" className="mt-5">
      <h2 id="water" className="text-lg">
        Who is thirsty
      </h2>
      <p className="text-sm">
        <span className="badge badge-warning mr-2">guess</span>
        By the water a pot holds, the warmth and light of its place, leaves or none: lift it or feel the mix before you
        water. Never a frozen ball.
      </p>
      {due.length === 0 ? (
        <p className="mt-1" data-testid="water-due">
          Nobody today{next ? `; next ${next.tag} on ${day(next.due, today)}` : ""}.
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
                          <b>{w.tag}</b> {w.name}, every {number(w.every / 7, 1)} weeks
                          {w.last ? `, last ${day(w.last, today)}` : ""}
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
            Watered: {number(chosen.length)}
          </button>
        </>
      )}
      <FormFaults faults={failure?.faults ?? []} />
    </section>
  );
}

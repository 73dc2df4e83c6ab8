"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/moves";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { LIFT_FROM_FLOOR_KG, SOLO_LIMIT_KG } from "@/core/mass/index";
import { WARM_PLACE } from "@/core/wood/index";
import { Caution, Reasoned } from "@/ui/fields";
import { celsius, day, kilograms, number, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import type { EarlyStart, MovesFacts, ShownMove, ShownRound } from "./moves-data";
import { roundWords, triggerOf, whenWords } from "./move-words";
import { CARRY_WORDS, winterWords, stepWords } from "@/words/layout";
import { SimulatedMark } from "@/features/kernel/simulated";

/** Days ahead for which the chance of a harmful night is worth a sentence. */
const SOON_ROUND_DAYS = 10;

export function MovesView({ facts, southern, risk }: { facts: MovesFacts; southern: boolean; risk: number }) {
  const { collectionId, today, units } = useAsOf();
  const base = pageAt(collectionId, "winter");
  const urgent = facts.in
    .flatMap((r) => r.moves)
    .flatMap((m) => {
      const trigger = triggerOf(m, today, risk);
      return trigger ? [{ m, trigger }] : [];
    })
    .sort((a, b) => a.trigger.on.localeCompare(b.trigger.on) || b.trigger.chance - a.trigger.chance);
  const nights = [...new Set(urgent.map((u) => u.trigger.on))].map((on) => ({
    on,
    moves: urgent.filter((u) => u.trigger.on === on),
  }));
  const next = facts.in[0] ?? facts.out[0];
  return (
    <article>
      <h1 className="text-2xl">{say.movingPlan(winterWords(facts.winter, southern))}</h1>
      {!facts.planned && (
        <p className="mt-2">
          {say.noPlanHasBeenKept}
          <Link className="link" href={base}>
            {say.placeThemAllFirst}
          </Link>
        </p>
      )}
      <Reasoned reason={say.inBeforeTheFirstNight(percent(risk))}>
        <p className="text-lg" data-testid="moves-words">
          {!next
            ? say.nothingIsToBeCarried
            : say.next(
                next === facts.in[0] ? "in" : "out",
                next.day === today ? "today" : common.on(day(next.day, today)),
                roundWords(next),
              )}
        </p>
      </Reasoned>
      {next && (
        <p className="no-print mt-2">
          <Link className="btn btn-primary min-h-12" href={`${base}/round?way=${next === facts.in[0] ? "in" : "out"}`}>
            {say.startTheRound}
          </Link>
        </p>
      )}
      <section aria-labelledby="trigger" className="mt-4">
        <h2 id="trigger" className="text-lg">
          {say.theDaysAhead}
        </h2>
        <p className="text-sm" data-testid="trigger-source">
          {facts.forecastOn ? say.byTheForecastItsErrors : say.noForecastIsAtHand}{" "}
          {facts.forecastOn && <SimulatedMark />}
        </p>
        {urgent.length === 0 ? (
          <p className="text-sm">
            {facts.planned ? (
              say.noNightOfTheNext(number(SOON_ROUND_DAYS))
            ) : (
              <>
                {say.withoutAPlanNobodyKnows}
                <Link className="link" href={`${base}/watch`}>
                  {say.whatTheComingNightsThreaten}
                </Link>
              </>
            )}
          </p>
        ) : (
          <ul className="mt-1 space-y-1" data-testid="trigger">
            {nights.map(({ on, moves }) => (
              <li key={on} className="border-l-4 border-[#5d7c96] pl-2">
                {say.beforeTheNightOf}
                <b>{on === today ? say.today(day(on, today)) : day(on, today)}</b>:{" "}
                {moves.map(({ m, trigger }, i) => (
                  <span key={m.id}>
                    {i > 0 && ", "}
                    <b>{m.tag}</b>
                    {say.to(m.to, percent(trigger.chance))}
                  </span>
                ))}
              </li>
            ))}
          </ul>
        )}
      </section>
      <Rounds title={say.inLabel} rounds={facts.in} today={today} />
      <Rounds title={say.outAgain} rounds={facts.out} today={today} />
      {facts.out.length > 0 && <p className="mt-2 max-w-prose text-sm">{say.onArrivalOutsideSoakEach()}</p>}
      <Early early={facts.early} />
      <Caution className="mt-4 max-w-prose">
        <p>{say.aboveRaiseItFirstOr(kilograms(LIFT_FROM_FLOOR_KG, units), kilograms(SOLO_LIMIT_KG, units))}</p>
      </Caution>
    </article>
  );
}

function Rounds({ title, rounds, today }: { title: string; rounds: ShownRound[]; today: string }) {
  const { units } = useAsOf();
  if (rounds.length === 0) return null;
  const most = Math.max(...rounds.map((r) => Math.max(r.minutes, r.have ?? 0)));
  return (
    <section aria-label={title} className="mt-5">
      <h2 className="text-lg">{title}</h2>
      <div className="mt-1 space-y-4">
        {rounds.map((r) => (
          <section key={r.day} aria-label={say.on(title, day(r.day, today))} data-testid="round">
            <h3 className="text-base">
              <b>{day(r.day, today)}</b>: {roundWords(r)}
            </h3>
            <div className="mt-1 h-3 max-w-xl bg-base-300" aria-hidden="true">
              <div
                className={`h-3 ${r.have !== null && r.minutes > r.have ? "bg-error" : "bg-[#8d7355]"}`}
                style={{ width: `${(100 * r.minutes) / most}%`, borderRight: "2px solid var(--color-base-content)" }}
              />
            </div>
            <p className="text-sm">
              {say.kgMInAll(
                r.loads
                  .map((l) =>
                    say.kgMin(
                      CARRY_WORDS[l.by],
                      l.pots === 1 ? "1 pot" : common.pots(number(l.pots)),
                      number(l.kg),
                      number(l.minutes),
                    ),
                  )
                  .join("; "),
                number(r.kgM),
              )}
            </p>
            {r.have !== null && r.minutes > r.have && (
              <p className="text-error text-sm font-semibold">{say.moreThanThePeopleHave(number(r.have))}</p>
            )}
            <ul aria-label={say.movesOf(day(r.day, today))} className="divide-base-300 mt-1 divide-y text-sm">
              {r.moves.map((m) => (
                <Move key={m.id} move={m} today={today} units={units} />
              ))}
            </ul>
          </section>
        ))}
      </div>
    </section>
  );
}

const STAGE_WORDS = { shade: "shade", "half-sun": say.halfTheDaysSun, place: say.itsPlace } as const;

/** One pot's move: a line of columns where there is room, one below the other on a phone. */
function Move({ move: m, today, units }: { move: ShownMove; today: string; units: "metric" | "us" }) {
  const { collectionId } = useAsOf();
  return (
    <li className="grid gap-x-4 py-2 lg:grid-cols-[9rem_11rem_minmax(0,1fr)_12rem_7rem]">
      <p>
        <Link prefetch={false} className="link font-semibold" href={treeAt(collectionId, m.treeIds[0])}>
          {m.tag}
        </Link>{" "}
        {m.name}
        {m.plants > 1 ? `, ${number(m.plants)}` : ""}
      </p>
      <p>
        {m.from} → {m.to}
      </p>
      <p>
        {whenWords(m, today, units)}
        {m.direction === "out" && m.nightsAfter >= 0.05 && (
          <span className="block">{say.thenFrostNightsInThe(number(m.nightsAfter, 1))}</span>
        )}
        {m.stages.length > 0 && (
          <span className="block">
            {m.stages.map((s) => say.from(STAGE_WORDS[s.what], day(s.from, today))).join(", ")}
          </span>
        )}
      </p>
      <p>
        {CARRY_WORDS[m.by]}, {kilograms(m.eachKg, units)}
        {m.massGuessed ? say.guess : ""}
        {m.steps > 0 ? `, ${stepWords(m.steps)}` : ""}
      </p>
      <p className="lg:text-right">{say.minKgM(number(m.minutes), number(m.kgM))}</p>
    </li>
  );
}

function Early({ early }: { early: EarlyStart[] }) {
  const { today, units } = useAsOf();
  if (early.length === 0) return null;
  return (
    <section aria-labelledby="early" className="mt-5">
      <h2 id="early" className="text-lg">
        {say.anEarlyStartInWarmth}
      </h2>
      <p className="text-sm">
        <span className="badge badge-warning mr-2">{common.guess}</span>
        {say.speciesWhoseCropDoesNot(celsius(WARM_PLACE.minC, units), celsius(WARM_PLACE.maxC, units))}
      </p>
      <ul className="mt-1 space-y-1 text-sm" data-testid="early">
        {early.map((e) => (
          <li key={e.name}>
            <b>{e.name}</b>
            {say.ripensInOfYearsWithout(
              e.tags.join(", "),
              percent(e.outdoors),
              e.early
                .map((v) =>
                  say.weeksEarlyWithFrostNights(
                    number(v.weeks),
                    percent(v.chance),
                    v.ripeOn ? say.about(day(v.ripeOn, today)) : "",
                    number(v.nights, 1),
                  ),
                )
                .join("; "),
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

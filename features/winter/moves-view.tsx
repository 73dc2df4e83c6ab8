"use client";

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
      <h1 className="text-2xl">Moving plan, {winterWords(facts.winter, southern)}</h1>
      {!facts.planned && (
        <p className="mt-2">
          No plan has been kept for this winter, so nothing is to be carried in.{" "}
          <Link className="link" href={base}>
            Place them all first
          </Link>
        </p>
      )}
      <Reasoned
        reason={
          <>
            In: before the first night that would kill more than {percent(risk)} of roots or wood outdoors, in one
            winter of ten. Out: when nine winters of ten have had their last such night for a tree as soft as its
            quarters have made it; hardy leafless species as their buds swell, once their roots are safe. Carrying is
            calculated from kilograms, metres and steps at a walking pace (a guess); limits of people as entered, never
            above general manual-handling guidance: local rules may be stricter.
          </>
        }
      >
        <p className="text-lg" data-testid="moves-words">
          {!next
            ? "Nothing is to be carried now."
            : `Next: ${next === facts.in[0] ? "in" : "out"} ${next.day === today ? "today" : `on ${day(next.day, today)}`}, ${roundWords(next)}.`}
        </p>
      </Reasoned>
      {next && (
        <p className="no-print mt-2">
          <Link className="btn btn-primary min-h-12" href={`${base}/round?way=${next === facts.in[0] ? "in" : "out"}`}>
            Start the round
          </Link>
        </p>
      )}
      <section aria-labelledby="trigger" className="mt-4">
        <h2 id="trigger" className="text-lg">
          The days ahead
        </h2>
        <p className="text-sm" data-testid="trigger-source">
          {facts.forecastOn
            ? "By the forecast, its errors counted in, and the climate beyond it. In brackets the chance of harm by then, if they stay out."
            : "No forecast is at hand: by the record and the climate alone. In brackets the chance of harm by then, if they stay out."}{" "}
          {facts.forecastOn && <SimulatedMark />}
        </p>
        {urgent.length === 0 ? (
          <p className="text-sm">
            {facts.planned ? (
              `No night of the next ${number(SOON_ROUND_DAYS)} days asks for anything to be brought in.`
            ) : (
              <>
                Without a plan nobody knows where to.{" "}
                <Link className="link" href={`${base}/watch`}>
                  What the coming nights threaten
                </Link>
              </>
            )}
          </p>
        ) : (
          <ul className="mt-1 space-y-1" data-testid="trigger">
            {nights.map(({ on, moves }) => (
              <li key={on} className="border-l-4 border-[#5d7c96] pl-2">
                Before the night of <b>{on === today ? `today, ${day(on, today)}` : day(on, today)}</b>:{" "}
                {moves.map(({ m, trigger }, i) => (
                  <span key={m.id}>
                    {i > 0 && ", "}
                    <b>{m.tag}</b> to {m.to} ({percent(trigger.chance)})
                  </span>
                ))}
              </li>
            ))}
          </ul>
        )}
      </section>
      <Rounds title="In" rounds={facts.in} today={today} />
      <Rounds title="Out again" rounds={facts.out} today={today} />
      {facts.out.length > 0 && (
        <p className="mt-2 max-w-prose text-sm">
          On arrival outside: soak each pot until it drains, then feed once it grows. Frost nights after that: fleece
          over the crown, or in again over night; an alert under Climate tells you.
        </p>
      )}
      <Early early={facts.early} />
      <Caution className="mt-4 max-w-prose">
        <p>
          Above {kilograms(LIFT_FROM_FLOOR_KG, units)} raise it first or take a trolley;{" "}
          {kilograms(SOLO_LIMIT_KG, units)} is the most one person lifts, close to the body; hands clear when a pot is
          tipped or set down. Let pots dry down before a move: water is most of the weight. Children and volunteers lift
          less. Local manual-handling rules decide.
        </p>
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
          <section key={r.day} aria-label={`${title} on ${day(r.day, today)}`} data-testid="round">
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
              {r.loads
                .map(
                  (l) =>
                    `${CARRY_WORDS[l.by]}: ${l.pots === 1 ? "1 pot" : `${number(l.pots)} pots`}, ${number(l.kg)} kg, ${number(l.minutes)} min`,
                )
                .join("; ")}
              ; {number(r.kgM)} kg × m in all
            </p>
            {r.have !== null && r.minutes > r.have && (
              <p className="text-error text-sm font-semibold">
                More than the people have that day ({number(r.have)} person-minutes): begin earlier, or ask for help.
              </p>
            )}
            <ul aria-label={`Moves of ${day(r.day, today)}`} className="divide-base-300 mt-1 divide-y text-sm">
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

const STAGE_WORDS = { shade: "shade", "half-sun": "half the day’s sun", place: "its place" } as const;

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
          <span className="block">
            then {number(m.nightsAfter, 1)} frost nights in the mean spring: fleece, or in again over night
          </span>
        )}
        {m.stages.length > 0 && (
          <span className="block">
            {m.stages.map((s) => `${STAGE_WORDS[s.what]} from ${day(s.from, today)}`).join(", ")}
          </span>
        )}
      </p>
      <p>
        {CARRY_WORDS[m.by]}, {kilograms(m.eachKg, units)}
        {m.massGuessed ? " (guess)" : ""}
        {m.steps > 0 ? `, ${stepWords(m.steps)}` : ""}
      </p>
      <p className="lg:text-right">
        {number(m.minutes)} min, {number(m.kgM)} kg × m
      </p>
    </li>
  );
}

function Early({ early }: { early: EarlyStart[] }) {
  const { today, units } = useAsOf();
  if (early.length === 0) return null;
  return (
    <section aria-labelledby="early" className="mt-5">
      <h2 id="early" className="text-lg">
        An early start in warmth
      </h2>
      <p className="text-sm">
        <span className="badge badge-warning mr-2">guess</span>
        Species whose crop does not always ripen here: brought into a bright place of {celsius(
          WARM_PLACE.minC,
          units,
        )}{" "}
        to {celsius(WARM_PLACE.maxC, units)} some weeks before the last frost. Woken, they fear every frost until then.
      </p>
      <ul className="mt-1 space-y-1 text-sm" data-testid="early">
        {early.map((e) => (
          <li key={e.name}>
            <b>{e.name}</b> ({e.tags.join(", ")}): ripens in {percent(e.outdoors)} of years without;{" "}
            {e.early
              .map(
                (v) =>
                  `${number(v.weeks)} weeks early ${percent(v.chance)}${v.ripeOn ? `, about ${day(v.ripeOn, today)}` : ""}, with ${number(v.nights, 1)} frost nights to keep it from`,
              )
              .join("; ")}
            .
          </li>
        ))}
      </ul>
    </section>
  );
}

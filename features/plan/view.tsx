"use client";

import { treeAt } from "@/features/kernel/addresses";
import { Chart } from "@/ui/charts/index";
import Link from "next/link";
import { useCallback, useState } from "react";
import { type LadderTerms } from "@/core/ladder/index";
import { growingSeason, toDay } from "@/core/dates/index";
import { Caution, FormFaults, Reasoned, ScrollBox } from "@/ui/fields";
import { day, kilograms, litres, month as monthWord, number, percent } from "@/words/format";
import type { OffLadder } from "@/model/index";
import { useCommand } from "@/features/kernel/use-command";
import { Progress } from "@/features/kernel/job-progress";
import { ACTION_WORDS, counted, INPUT_WORDS, OFF_LADDER_SHORT, SCHOOL_WORDS, yearWords } from "@/words/ladder";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { CollectionPlan, PlannedMonth, PlannedStep, PlannedTree } from "./plan";
import { Schools } from "./schools";
import { Shelves } from "./shelves";
import { TermsForm } from "./terms-form";
import { ROOM_WORDS } from "@/words/rooms";

// Charts come when the page stands: they are large, and nothing above them waits.

export interface LaddersFacts {
  trees: number;
  plan: CollectionPlan | null;
  planId: string | null;
  planRevision: number | null;
  revision: number;
  running: { id: string; progress: number; total: number } | null;
  /** How the newest planning ended, where it ended otherwise than well. */
  lastEnd: { state: string; message: string | null } | null;
  terms: LadderTerms;
  southern: boolean;
  currency: string;
}

const FIRST_TREES = 40;

export function LaddersView({ facts }: { facts: LaddersFacts }) {
  const { collectionId } = useAsOf();
  const { send, busy, failure } = useCommand("plan-ladders");
  const [started, setStarted] = useState<{ id: string; progress: number; total: number } | null>(null);
  const running = started ?? facts.running;
  const ended = useCallback(() => setStarted(null), []);
  const start = async () => {
    const done = await send({ collectionId });
    if (done) setStarted({ id: done.result.jobId, progress: 0, total: 0 });
  };
  const { plan } = facts;
  return (
    <article>
      <h1 className="text-2xl">{ROOM_WORDS.ladders}</h1>
      <p className="max-w-prose">
        Every tree’s ladder planned anew on how it stands today; steps agreed to for the coming two seasons are kept.
      </p>
      <TermsForm terms={facts.terms} />
      {running ? (
        <Progress
          key={running.id}
          job={running}
          onEnd={ended}
          label="Trees planned"
          words={(done, of) => `${number(done)} of ${number(of)} trees planned`}
        />
      ) : (
        <div className="no-print mt-2 flex flex-wrap items-center gap-3">
          <button type="button" className="btn btn-primary min-h-11" disabled={busy} onClick={() => void start()}>
            {plan ? "Plan all anew" : `Plan all ${number(facts.trees)} trees`}
          </button>
          {plan && (
            <span className="text-sm" data-testid="plan-age">
              Planned on {day(plan.today)} in {number(plan.tookMs / 1000, 1)} s
              {facts.planRevision !== facts.revision ? "; the records have changed since" : ""}.
            </span>
          )}
          {facts.lastEnd && (
            <span className="text-warning font-semibold" data-testid="last-end">
              {facts.lastEnd.state === "cancelled" ? "The last planning was stopped." : (facts.lastEnd.message ?? "")}
            </span>
          )}
        </div>
      )}
      <FormFaults faults={failure?.faults ?? []} />
      {plan && facts.planId && <Years plan={plan} planId={facts.planId} facts={facts} />}
    </article>
  );
}

/** Months of a growing season in order: from its midwinter's month on. */
function monthsOf(season: number, southern: boolean): string[] {
  const first = southern ? 7 : 1;
  return Array.from({ length: 12 }, (_, i) => {
    const m = first + i;
    const [year, month] = m > 12 ? [season + 1, m - 12] : [season, m];
    return `${year}-${String(month).padStart(2, "0")}`;
  });
}

function Years({ plan, planId, facts }: { plan: CollectionPlan; planId: string; facts: LaddersFacts }) {
  const { units } = useAsOf();
  const byMonth = new Map(plan.months.map((m) => [m.month, m]));
  const seasons = Array.from({ length: plan.seasons }, (_, i) => plan.firstSeason + i);
  const [shownYears, setShownYears] = useState(3);
  const largestHours = Math.max(1, ...plan.months.map((m) => m.minutes / 60));
  const totals = seasons.map((season) => {
    const months = monthsOf(season, facts.southern).flatMap((m) => byMonth.get(m) ?? []);
    const sum = (of: (m: PlannedMonth) => number) => months.reduce((t, m) => t + of(m), 0);
    return {
      season,
      moves: sum((m) => m.moves),
      mixL: sum((m) => m.mixL),
      money: sum((m) => m.money),
      hours: sum((m) => m.minutes / 60),
      kg: sum((m) => m.kg),
      heaviestKg: Math.max(0, ...months.map((m) => m.heaviestKg)),
      tooHeavy: sum((m) => m.tooHeavy),
    };
  });
  const { budget } = facts.terms;
  return (
    <>
      <Headline plan={plan} totals={totals} facts={facts} />
      <section aria-labelledby="shelves" className="mt-3">
        <h2 id="shelves" className="text-lg">
          Months
        </h2>
        <p className="text-sm">
          Hours of work; a board sags as it nears what your people have, and is red beyond it. Crossed out: something in
          it is heavier than {kilograms(plan.liftKg, units)}.
        </p>
        {totals.slice(0, shownYears).map((t) => {
          const keys = monthsOf(t.season, facts.southern);
          return (
            <div key={t.season} className="mt-2" data-testid={`year-${t.season}`}>
              <h3 className="font-semibold">
                {yearWords(t.season, facts.southern)}
                <span className="ml-3 text-sm font-normal">
                  {counted(t.moves, "tree")} to work on, {litres(t.mixL, units)} of mix, {number(t.money)}{" "}
                  {facts.currency}
                  {budget !== null && t.money > budget ? ` (above the ${number(budget)} a year)` : ""},{" "}
                  {number(t.hours)} hours, {kilograms(t.kg, units)} lifted, heaviest {kilograms(t.heaviestKg, units)}
                  {t.tooHeavy > 0 ? `, ${counted(t.tooHeavy, "lifting")} above ${kilograms(plan.liftKg, units)}` : ""}
                </span>
              </h3>
              <Shelves
                months={keys.map((k) => byMonth.get(k) ?? null)}
                names={keys.map((k) => monthWord(`${k}-01`))}
                largestHours={largestHours}
                southern={facts.southern}
              />
            </div>
          );
        })}
        {shownYears < totals.length && (
          <button type="button" className="btn no-print mt-1 min-h-11" onClick={() => setShownYears(totals.length)}>
            All {number(totals.length)} seasons
          </button>
        )}
      </section>
      <div className="mt-4 grid gap-6 lg:grid-cols-2">
        <section aria-labelledby="room">
          <h2 id="room" className="text-lg">
            Room
          </h2>
          <Reasoned reason="The square of each pot and six centimetres to the next; a guess for pots nobody has measured. Carried in counts trees that were indoors and out again within the last thirteen months.">
            <Chart
              label="Room on the ground by season, in summer and of what is carried in"
              rows={plan.areas.map((a) => ({
                season: yearWords(a.season, facts.southern),
                summer: a.summerM2,
                winter: a.winterM2,
              }))}
              x="season"
              series={[
                { key: "summer", name: "in summer", as: "line", tone: "ochre" },
                { key: "winter", name: "carried in", as: "dashes", tone: "frost" },
              ]}
              unit="m²"
              value={(v, short) => (short ? number(v, v < 10 ? 1 : 0) : `${number(v, 1)} m²`)}
            />
            <p className="text-sm" data-testid="room-words">
              {roomWords(plan, facts)}
            </p>
          </Reasoned>
        </section>
        <section aria-labelledby="money">
          <h2 id="money" className="text-lg">
            Money for pots and mix
          </h2>
          <Reasoned reason="Prices from Pots & mixes where they are recorded; otherwise a guess: 1.5 times litres to the power .7 for a pot.">
            <Chart
              label="Money for pots and mix by season"
              rows={totals.map((y) => ({ season: yearWords(y.season, facts.southern), money: y.money }))}
              x="season"
              series={[{ key: "money", name: "pots and mix", as: "bars", tone: "earth" }]}
              unit={facts.currency}
              value={(v, short) => (short ? number(v) : `${number(v)} ${facts.currency}`)}
            />
          </Reasoned>
        </section>
      </div>
      {plan.schools && <Schools plan={plan} schools={plan.schools} facts={facts} />}
      <PotsTable plan={plan} facts={facts} />
      <Trees plan={plan} planId={planId} facts={facts} />
      <Changed plan={plan} southern={facts.southern} />
      <Caution className="mt-4">
        <p>
          Masses are wet pot and mix without the tree. What hands may lift follows general guidance and each person’s
          own limit: local rules come first. Above it: sack truck, ramp, hoist with trained people.
        </p>
      </Caution>
    </>
  );
}

type Total = { season: number; moves: number; money: number; hours: number; tooHeavy: number };

function Headline({ plan, totals, facts }: { plan: CollectionPlan; totals: readonly Total[]; facts: LaddersFacts }) {
  const busiest = plan.months.reduce<PlannedMonth | null>(
    (worst, m) => (!worst || m.minutes / (m.hours || 60) > worst.minutes / (worst.hours || 60) ? m : worst),
    null,
  );
  const { peak } = plan;
  const far = plan.trees.filter((t) => t.meets === null);
  const heavy = far.filter((t) => t.heldByLift);
  const off = Object.entries(plan.off).map(([why, n]) => `${number(n)} ${OFF_LADDER_SHORT[why as OffLadder]}`);
  return (
    <section aria-label="In short" className="mt-3 space-y-1">
      <p className="text-lg" data-testid="headline">
        {counted(
          plan.trees.reduce((n, t) => n + t.plants, 0),
          "plant",
        )}{" "}
        in {counted(plan.trees.length, "record")}; in {yearWords(totals[0].season, facts.southern)}{" "}
        {counted(totals[0].moves, "tree")} to work on, {number(totals[0].hours)} hours.
        {busiest && (
          <>
            {" "}
            Fullest month: {monthWord(`${busiest.month}-01`)} {busiest.month.slice(0, 4)},{" "}
            {number(busiest.minutes / 60)} hours
            {busiest.hours !== null ? ` of ${number(busiest.hours)} there are` : ""}.
          </>
        )}
      </p>
      {peak && (
        <Reasoned reason="Each step of the coming three seasons is put into a week of its own window so that the work above what the people have, and its peak, are least; ties go to the middle of the window. Solved as a small integer program, to within 1 % of the best.">
          <p data-testid="eased">
            {peak.hoursKnown && peak.overBefore === 0 ? "No week asks for more than there is. " : ""}
            {peak.moved === 0
              ? "The busiest week, not to be eased further, asks for "
              : "Peak eased: the busiest week asks for "}
            {number(peak.after, 1)} hours{peak.moved === 0 ? "" : ` instead of ${number(peak.before, 1)}`}
            {peak.hoursKnown && peak.overBefore > 0
              ? `, ${number(peak.overAfter, 1)} above what there is instead of ${number(peak.overBefore, 1)}`
              : ""}
            {peak.moved === 0
              ? ""
              : `; ${counted(peak.moved, "step")} shifted inside ${peak.moved === 1 ? "its window" : "their windows"}`}
            .
          </p>
        </Reasoned>
      )}
      {far.length > 0 && (
        <p data-testid="far">
          {counted(far.length, "tree")} will not reach {far.length === 1 ? "its goal" : "their goals"} within{" "}
          {counted(plan.seasons, "season")}
          {heavy.length > 0
            ? `; ${heavy.length === far.length ? "all" : number(heavy.length)} of them because nobody can lift what they would weigh (${listed(heavy)})`
            : ""}
          .
        </p>
      )}
      {off.length > 0 && <p className="text-sm">Off the ladder: {off.join(", ")}.</p>}
    </section>
  );
}

const listed = (trees: readonly PlannedTree[], most = 6) =>
  trees
    .slice(0, most)
    .map((t) => t.tag)
    .join(", ") + (trees.length > most ? `, and ${number(trees.length - most)} more` : "");

function roomWords(plan: CollectionPlan, facts: LaddersFacts): string {
  const [first, last] = [plan.areas[0], plan.areas[plan.areas.length - 1]];
  const held = plan.trees.filter((t) => t.heldBySpace !== null);
  const { summerM2, winterM2 } = facts.terms;
  const short = [
    summerM2 !== null && first.summerM2 > summerM2
      ? `in summer ${number(first.summerM2 - summerM2, 1)} m² are missing`
      : "",
    winterM2 !== null && first.winterM2 > winterM2
      ? `in winter ${number(first.winterM2 - winterM2, 1)} m² are missing`
      : "",
  ].filter(Boolean);
  return [
    `From ${number(first.summerM2, 1)} m² to ${number(last.summerM2, 1)} m² in summer, ${number(first.winterM2, 1)} to ${number(last.winterM2, 1)} m² carried in.`,
    held.length > 0
      ? `${counted(held.length, "tree")} wait a season for want of room (${listed(held)}); that costs ${number(
          held.reduce((sum, t) => sum + (t.heldBySpace ?? 0), 0),
          1,
        )} in the unit of their schools.`
      : "",
    short.length > 0 ? `Still, ${short.join(" and ")}.` : "",
  ]
    .filter(Boolean)
    .join(" ");
}

function PotsTable({ plan, facts }: { plan: CollectionPlan; facts: LaddersFacts }) {
  const { units } = useAsOf();
  const [all, setAll] = useState(false);
  const lines = all ? plan.pots : plan.pots.filter((p) => p.season < plan.firstSeason + 2);
  return (
    <section aria-labelledby="pots" className="mt-4">
      <h2 id="pots" className="text-lg">
        Pots to buy
      </h2>
      {lines.length === 0 ? (
        <p>{plan.pots.length === 0 ? "None: what is in store will do." : "None in the coming two seasons."}</p>
      ) : (
        <ScrollBox label="Pots to buy">
          <table className="table-sm table">
            <thead>
              <tr>
                <th>Season</th>
                <th className="text-right">How many</th>
                <th className="text-right">Mix</th>
                <th>Pot</th>
                <th className="text-right">{facts.currency}</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((p) => (
                <tr key={`${p.season}${p.potId}`}>
                  <td>{yearWords(p.season, facts.southern)}</td>
                  <td className="text-right">{number(p.count)}</td>
                  <td className="text-right whitespace-nowrap">{litres(p.volumeL, units)}</td>
                  <td>{p.name || "any; price guessed"}</td>
                  <td className="text-right">{number(p.price)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollBox>
      )}
      {!all && lines.length < plan.pots.length && (
        <button type="button" className="btn no-print min-h-11" onClick={() => setAll(true)}>
          All seasons
        </button>
      )}
    </section>
  );
}

function stepWords(s: PlannedStep, units: "metric" | "us"): string {
  if (s.action !== "up-pot") return ACTION_WORDS[s.action].long;
  const pot = [s.pot, s.toBuy ? (s.pot ? "one like it to buy" : "to buy") : ""].filter(Boolean).join(", ");
  return `into ${litres(s.volumeL, units)}${pot ? ` (${pot})` : ""}`;
}

/** What the coming season asks of each tree, with a tick to agree. */
function Trees({ plan, planId, facts }: { plan: CollectionPlan; planId: string; facts: LaddersFacts }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("choose-ladders");
  const [most, setMost] = useState(FIRST_TREES);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const next = plan.trees
    .flatMap((t) => {
      const step = t.steps.find((s) => growingSeason(toDay(s.day), facts.southern ? -40 : 40) >= plan.firstSeason);
      return step ? [{ tree: t, step }] : [];
    })
    .sort((a, b) => a.step.day.localeCompare(b.step.day) || a.tree.tag.localeCompare(b.tree.tag));
  const agree = async () => {
    const treeIds = plan.trees.map((t) => t.treeId).filter((id) => !left.has(id));
    const done = await send({ collectionId, jobId: planId, treeIds });
    if (done) tell({ text: `${counted(treeIds.length, "ladder")} agreed to.`, entryId: done.entryId });
  };
  return (
    <section aria-labelledby="next" className="mt-4">
      <div className="flex flex-wrap items-center gap-3">
        <h2 id="next" className="text-lg">
          Next step of each tree
        </h2>
        <button
          type="button"
          className="btn btn-primary no-print ml-auto min-h-11"
          disabled={busy || left.size === plan.trees.length}
          onClick={() => void agree()}
        >
          Agree to {left.size === 0 ? "all" : number(plan.trees.length - left.size)}
        </button>
      </div>
      <FormFaults faults={failure?.faults ?? []} />
      <ScrollBox label="Next step of each tree">
        <table className="table-sm table">
          <thead>
            <tr>
              <th className="no-print">Agree</th>
              <th>Tree</th>
              <th>Put down for</th>
              <th>Window</th>
              <th>Step</th>
              <th className="text-right">kg</th>
              <th>By</th>
            </tr>
          </thead>
          <tbody data-testid="next-steps">
            {next.slice(0, most).map(({ tree, step }) => (
              <tr key={tree.treeId}>
                <td className="no-print">
                  <input
                    type="checkbox"
                    className="checkbox"
                    aria-label={`Agree to the ladder of ${tree.tag}`}
                    checked={!left.has(tree.treeId)}
                    onChange={(e) => {
                      const now = new Set(left);
                      if (e.target.checked) now.delete(tree.treeId);
                      else now.add(tree.treeId);
                      setLeft(now);
                    }}
                  />
                </td>
                <td>
                  <Link prefetch={false} className="link" href={treeAt(collectionId, tree.treeId, "ladder")}>
                    {tree.tag}
                  </Link>{" "}
                  {tree.name}
                  {tree.plants > 1 ? ` × ${number(tree.plants)}` : ""}
                  {tree.set ? ` (${tree.set})` : ""}
                </td>
                <td>{day(step.day)}</td>
                <td>
                  {step.window ? `${day(step.window[0], step.day)} to ${day(step.window[1], step.day)}` : "none known"}
                </td>
                <td>{stepWords(step, units)}</td>
                <td className={`text-right ${step.massKg > plan.liftKg ? "text-error font-bold" : ""}`}>
                  {number(step.massKg)}
                  {step.massKg > plan.liftKg ? " !" : ""}
                </td>
                <td>{SCHOOL_WORDS[tree.planner].name.toLowerCase()}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </ScrollBox>
      {most < next.length && (
        <button type="button" className="btn no-print min-h-11" onClick={() => setMost(next.length)}>
          All {number(next.length)} trees
        </button>
      )}
    </section>
  );
}

/** What the new plan does otherwise than was agreed, and why. */
function Changed({ plan, southern }: { plan: CollectionPlan; southern: boolean }) {
  const { units } = useAsOf();
  const agreed = plan.trees.filter((t) => t.kept !== null);
  const changed = agreed.filter((t) => t.changes.length > 0 || t.kept === false);
  if (agreed.length === 0) return null;
  const words = ({ action, volumeL }: { action: PlannedStep["action"]; volumeL: number }) =>
    action === "up-pot" ? `into ${litres(volumeL, units)}` : ACTION_WORDS[action].long;
  return (
    <section aria-labelledby="changed" className="mt-4" data-testid="changed">
      <h2 id="changed" className="text-lg">
        Against what was agreed
      </h2>
      {changed.length === 0 ? (
        <p>All {counted(agreed.length, "ladder")} agreed to stand as they were.</p>
      ) : (
        <ul className="space-y-1 text-sm">
          {changed.slice(0, FIRST_TREES).map((t) => (
            <li key={t.treeId}>
              <b>{t.tag}</b>
              {t.kept === false ? ": what was agreed for the coming seasons cannot be taken any more" : ""}
              {t.changes.length > 0
                ? `: ${t.changes
                    .slice(0, 3)
                    .map((c) => `${yearWords(c.season, southern)} ${words(c.after)} instead of ${words(c.before)}`)
                    .join("; ")}${t.changes.length > 3 ? `; and ${number(t.changes.length - 3)} more seasons` : ""}`
                : ""}
              . Because{" "}
              {t.why.length > 0
                ? `${t.why.map((w) => INPUT_WORDS[w]).join(", ")} ${t.why.length === 1 ? "has" : "have"} changed`
                : "the years ahead have moved on and end later"}
              .
            </li>
          ))}
        </ul>
      )}
      <p className="mt-1 text-sm">
        {percent((agreed.length - changed.length) / agreed.length)} of the ladders agreed to are as they were.
      </p>
    </section>
  );
}

"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { LadderPart, LadderStep, LadderSummary, School } from "@/core/ladder/index";
import type { EventPayload } from "@/core/event/index";
import { Caution, Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { day, kilograms, litres, number, percent, readNumber } from "@/ui/format";
import { useCommand } from "../commands/use-command";
import { useAsOf } from "../shell/as-of";
import { useNotice } from "../shell/notice";
import { CORRECTION_WORDS } from "../words";
import { LadderRow } from "./row";
import { ACTION_WORDS, SCHOOL_WORDS } from "./words";

interface SchoolPlan {
  school: School;
  cost: number;
  parts: Record<LadderPart, number>;
  steps: LadderStep[];
  summary: LadderSummary;
  /** A step was asked for otherwise: whether it can be, and what it costs. */
  change: { season: number; possible: boolean; dearer: number } | null;
}

type Chosen = NonNullable<Extract<EventPayload, { kind: "ladder-chosen" }>["plan"]> & { on: string };

export interface LadderFacts {
  treeId: string;
  tag: string;
  name: string;
  guess: boolean;
  /** Empty: nobody has said which pot it stands in. */
  plans: SchoolPlan[];
  potNames: Record<string, string>;
  /** Pots it may go into. */
  pots: { id: string; volumeL: number }[];
  firstSeason: number;
  southern: boolean;
  shown: number;
  goalL: number;
  liftKg: number;
  carried: boolean;
  seasonDegreeDays: number;
  currency: string;
  chosen: Chosen | null;
}

const PART_WORDS: Record<LadderPart, string> = {
  pot: "pots",
  mix: "mix",
  labour: "work",
  handling: "handling",
  shock: "shock to roots",
  oversize: "mix without roots",
  bound: "bound",
  lift: "too heavy",
  depth: "too shallow",
  growth: "growth forgone",
  miss: "goal missed",
  late: "late",
  age: "old mix",
};

const counted = (n: number, what: string) => `${number(n)} ${what}${n === 1 ? "" : "s"}`;
const yearWords = (season: number, southern: boolean) =>
  southern ? `${season}/${String((season + 1) % 100).padStart(2, "0")}` : String(season);

/** One tree's ladders of pots, school beside school on one ground. */
export function LadderView({ facts }: { facts: LadderFacts }) {
  const { collectionId, units } = useAsOf();
  const tree = `/c/${collectionId}/tree/${facts.treeId}`;
  const { chosen } = facts;
  const year = (season: number) => yearWords(season, facts.southern);
  return (
    <article>
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">The ladder of {facts.tag}</h1>
      {chosen && (
        <p className="mt-1 text-lg" data-testid="chosen">
          Followed since {day(chosen.on)}: {SCHOOL_WORDS[chosen.school].name.toLowerCase()}, to{" "}
          {litres(chosen.goalL, units)}. {nextOf(chosen, year, units)}
        </p>
      )}
      {facts.plans.length === 0 ? (
        <p className="mt-3">
          Nobody has said which pot it stands in.{" "}
          <Link className="link" href={`${tree}#measure`}>
            Measure it
          </Link>{" "}
          first.
        </p>
      ) : (
        <>
          <Setting facts={facts} />
          <Reasoned
            className="mt-2"
            reason={
              <>
                Each season one of: stay, renew the top, root-prune and return, core where it stands, pot on. The
                cheapest row by the school’s weights, found by dynamic programming on the root model with this tree’s
                middle pace and the warmth of a middle year here ({number(facts.seasonDegreeDays)} °C·d). Pots in store
                cost nothing; prices of pots to buy (1.5 × litres to the power .7) and of mix (0.15 a litre) are a
                guess. Rot risk is an index and no probability. The weights are our judgement
                {facts.guess ? ", and its kind is a guess" : ""}. The last third of every plan is bent by its end: it is
                drawn pale and counted nowhere. Plan anew every year.
              </>
            }
          >
            <p>
              To {litres(facts.goalL, units)}, with {kilograms(facts.liftKg, units)} to lift
              {facts.carried ? ", carried in for the winter" : ""}; {difference(facts)}
            </p>
          </Reasoned>
          <div className="mt-3 space-y-5">
            {facts.plans.map((plan) => (
              <SchoolRow key={plan.school} plan={plan} facts={facts} />
            ))}
          </div>
          <Caution className="mt-4">
            <p>
              Masses are wet pot and mix without the tree. Limits follow general guidance and are personal: your local
              rules and your own back come first. Above them: sack truck, ramp, hoist with trained people.
            </p>
          </Caution>
        </>
      )}
    </article>
  );
}

function nextOf(chosen: Chosen, year: (s: number) => string, units: "metric" | "us"): string {
  const next = chosen.steps.find((s) => s.action !== "stay");
  if (!next) return "Nothing to do in it.";
  const what = next.action === "up-pot" ? `into ${litres(next.volumeL, units)}` : ACTION_WORDS[next.action].long;
  return `First step, ${year(next.season)}: ${what}.`;
}

/** What the schools differ by, in a sentence. */
function difference({ plans }: LadderFacts): string {
  const fewest = plans.reduce((a, b) => (b.summary.handlings < a.summary.handlings ? b : a));
  const soonest = plans.reduce((a, b) => ((b.summary.seasonsToGoal ?? 99) < (a.summary.seasonsToGoal ?? 99) ? b : a));
  const name = (p: SchoolPlan) => SCHOOL_WORDS[p.school].name.toLowerCase();
  const first =
    soonest.summary.seasonsToGoal === null
      ? "none of them reaches it within the plan"
      : `${name(soonest)} is there first, after ${counted(soonest.summary.seasonsToGoal, "season")}`;
  return `${first}; ${name(fewest)} is lifted least, ${counted(fewest.summary.handlings, "time")}.`;
}

function Setting({ facts }: { facts: LadderFacts }) {
  const router = useRouter();
  const { collectionId, units } = useAsOf();
  const [goal, setGoal] = useState(String(facts.goalL));
  const [lift, setLift] = useState(String(Math.round(facts.liftKg)));
  const [problems, setProblems] = useState<Record<string, string>>({});
  const submit = () => {
    const [g, l] = [readNumber(goal, "litres"), readNumber(lift)];
    const wrong: Record<string, string> = {};
    if (!(g > 0 && g <= 2000)) wrong.goal = "Litres of mix, above 0 and up to 2,000.";
    if (!(l > 0 && l <= 2000)) wrong.lift = "Kilograms, above 0.";
    setProblems(wrong);
    if (Object.keys(wrong).length === 0)
      router.push(`/c/${collectionId}/tree/${facts.treeId}/ladder?goal=${g}&lift=${l}`);
  };
  return (
    <Form className="no-print mt-2 flex flex-wrap items-end gap-3" onSubmit={submit} label="What the plan aims at">
      <TextField
        className="w-40"
        label={units === "us" ? "Goal, litres of mix" : "Goal, L of mix"}
        numeric
        value={goal}
        onChange={setGoal}
        fault={problems.goal}
      />
      <TextField
        className="w-40"
        label="Can be lifted, kg"
        numeric
        value={lift}
        onChange={setLift}
        fault={problems.lift}
      />
      <button type="submit" className="btn min-h-11">
        Plan anew
      </button>
    </Form>
  );
}

function SchoolRow({ plan, facts }: { plan: SchoolPlan; facts: LadderFacts }) {
  const { collectionId, revision, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("choose-ladder");
  const words = SCHOOL_WORDS[plan.school];
  const { summary: s } = plan;
  const year = (season: number) => yearWords(facts.firstSeason + season, facts.southern);
  const follow = async () => {
    const done = await send({
      collectionId,
      baseRevision: revision,
      treeId: facts.treeId,
      plan: {
        school: plan.school,
        goalL: facts.goalL,
        cost: plan.cost,
        steps: plan.steps.slice(0, facts.shown).map((step) => ({
          season: facts.firstSeason + step.season,
          action: step.action,
          correction: step.correction,
          volumeL: step.volumeL,
          pot: facts.potNames[step.potId] ?? "",
        })),
      },
    });
    if (done) tell({ text: `${facts.tag} follows ${words.name.toLowerCase()}.`, entryId: done.entryId });
  };
  const most = Object.entries(plan.parts)
    .sort((a, b) => b[1] - a[1])
    .slice(0, 3)
    .map(([part, value]) => `${PART_WORDS[part as LadderPart]} ${number(value)}`);
  return (
    <section
      aria-labelledby={`s-${plan.school}`}
      data-testid={`school-${plan.school}`}
      className="border-base-300 border-t pt-2"
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 id={`s-${plan.school}`} className="text-lg">
          {words.name}
        </h2>
        <span className="text-sm">{words.what}</span>
        <button
          type="button"
          className={`btn no-print ml-auto min-h-11 ${facts.chosen?.school === plan.school ? "" : "btn-primary"}`}
          disabled={busy}
          onClick={() => void follow()}
        >
          {facts.chosen?.school === plan.school ? "Follow it from today" : "Follow this one"}
        </button>
      </div>
      <LadderRow
        steps={plan.steps}
        shown={facts.shown}
        liftKg={facts.liftKg}
        firstLabel={(season) => year(season)}
        units={units}
      />
      <Reasoned
        reason={
          <>
            Total {number(plan.cost)} in the school’s own unit, most of it {most.join(", ")}. Counted over the{" "}
            {number(facts.shown)} seasons drawn full.
          </>
        }
      >
        <p className="text-sm" data-testid="figures">
          {s.seasonsToGoal === null
            ? "Does not reach the goal"
            : `At the goal after ${counted(s.seasonsToGoal, "season")}`}
          ; bound in {counted(s.seasonsBound, "season")}; rot risk up to {percent(s.rotRisk)};{" "}
          {counted(s.handlings, "handling")}; heaviest {kilograms(s.heaviestKg, units)}
          {s.seasonsTooHeavy > 0 ? `, ${counted(s.seasonsTooHeavy, "season")} above the limit` : ""}; about{" "}
          {number(s.money)} {facts.currency} and {number(s.minutes / 60, 1)} hours.
        </p>
      </Reasoned>
      <details>
        <summary className="min-h-9 cursor-pointer text-sm">Season by season</summary>
        <ol className="grid gap-x-6 text-sm sm:grid-cols-2 lg:grid-cols-3" data-testid="steps">
          {plan.steps.slice(0, facts.shown).map((step) => (
            <li key={step.season}>
              <b>{year(step.season)}</b>: {stepWords(step, facts, units)}; then {percent(step.fill)} full, turning{" "}
              {number(step.circling, 1)}, {kilograms(step.massKg, units)}
            </li>
          ))}
        </ol>
      </details>
      <ChangeStep plan={plan} facts={facts} year={year} />
      <FormFaults faults={failure?.faults ?? []} />
    </section>
  );
}

/** One season otherwise: the rest is planned round it, and what that costs is said. */
function ChangeStep({ plan, facts, year }: { plan: SchoolPlan; facts: LadderFacts; year: (season: number) => string }) {
  const router = useRouter();
  const { collectionId, units } = useAsOf();
  const [season, setSeason] = useState("0");
  const [instead, setInstead] = useState("stay~");
  const here = `/c/${collectionId}/tree/${facts.treeId}/ladder?goal=${facts.goalL}&lift=${facts.liftKg}`;
  const { change } = plan;
  const smallest = plan.steps[0].action === "up-pot" ? 0 : plan.steps[0].volumeL;
  return (
    <>
      {change && (
        <p className={change.possible ? "font-medium" : "text-warning font-semibold"} data-testid="change">
          {change.possible
            ? `${year(change.season)} as you asked; the rest is planned round it. It costs ${number(Math.max(0, change.dearer), 1)} more, ${percent(Math.max(0, change.dearer) / Math.max(1, plan.cost - change.dearer))} of the plan.`
            : `Not in ${year(change.season)}: the step is too large or too small for this school and kind, or the ball does not hold yet.`}{" "}
          <Link className="link" href={here}>
            As it was
          </Link>
        </p>
      )}
      <details className="no-print" open={change !== null}>
        <summary className="min-h-9 cursor-pointer text-sm">Change a step</summary>
        <Form
          className="flex flex-wrap items-end gap-3 py-1"
          label={`Change a step of ${SCHOOL_WORDS[plan.school].name}`}
          onSubmit={() => router.push(`${here}&fix=${plan.school}~${season}~${instead}`)}
        >
          <SelectField
            label="Season"
            value={season}
            onChange={setSeason}
            options={plan.steps.slice(0, facts.shown).map((s) => [String(s.season), year(s.season)] as const)}
          />
          <SelectField
            label="Instead"
            value={instead}
            onChange={setInstead}
            options={[
              ...(["stay", "replace-top", "root-prune"] as const).map((a) => [`${a}~`, ACTION_WORDS[a].long] as const),
              ...facts.pots
                .filter((p) => p.volumeL > smallest)
                .map((p) => [`up-pot~${p.id}`, `into ${litres(p.volumeL, units)}, ${facts.potNames[p.id]}`] as const),
            ]}
          />
          <button type="submit" className="btn min-h-11">
            What would it cost?
          </button>
        </Form>
      </details>
    </>
  );
}

function stepWords(step: LadderStep, facts: LadderFacts, units: "metric" | "us"): string {
  if (step.action !== "up-pot") return ACTION_WORDS[step.action].long;
  const how = step.correction ? `, ${CORRECTION_WORDS[step.correction].name.toLowerCase()}` : "";
  return `into ${litres(step.volumeL, units)} (${facts.potNames[step.potId] ?? "a pot"})${how}`;
}

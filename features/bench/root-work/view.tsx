"use client";

import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import type { ReactNode } from "react";
import type { Advice, SureWindow, Option } from "@/core/root-work/index";
import { toDay, toIso } from "@/core/dates/index";
import { type CorrectionName, type Reading, STAGE_FILLS } from "@/core/roots/index";
import type { Hazard } from "@/core/species/index";
import type { LiftAdvice } from "@/core/mass/index";
import { day, kilograms, litres, millimetres, number, percent } from "@/words/format";
import { Caution, Reasoned } from "@/ui/fields";
import { RootFace } from "@/ui/root-face";
import { readingWords } from "@/words/root-check";
import { useAsOf } from "@/features/kernel/as-of";
import { CIRCLING_GRADES, CORRECTION_WORDS, FILL_GRADES, HAZARD_WORDS, liftWords } from "@/words/terms";
import { InPlaceDone } from "./in-place-done";
import { findingWords, holdWords, meanwhileWords, objectionWords, optionWords } from "@/words/root-work";

export interface CorrectFacts {
  treeId: string;
  tag: string;
  name: string;
  hazards: readonly Hazard[];
  guess: boolean;
  believed: { fill: number; circling: number };
  ball: { widthMm: number; heightMm: number } | null;
  /** null: nobody has said which pot it stands in. */
  advice: Advice | null;
  /** What was decided, in one sentence. */
  headline: string | null;
  seen: { on: string; fill: number | null; circling: number | null; reading: Reading | null } | null;
  windows: Partial<Record<CorrectionName, SureWindow>>;
  volumeL: number;
  massKg: number | null;
  lift: LiftAdvice | null;
  immovable: boolean;
  /** Share of its uptake that roots in the ground bring, where it is anchored. */
  anchorShare: number;
  /** Half of what holds it has been severed lately. */
  anchorHalved: boolean;
}

const gradeOf = (fill: number) => STAGE_FILLS.filter((cut) => fill >= cut).length;

/** The judgement at the bench: what suits this ball today, what it costs, when its roots hold, and what is refused until when. */
export function CorrectView({ facts }: { facts: CorrectFacts }) {
  const { collectionId, today, units } = useAsOf();
  const { advice, seen } = facts;
  const tree = treeAt(collectionId, facts.treeId);
  const fill = seen?.fill ?? gradeOf(facts.believed.fill);
  const circling = seen?.circling ?? Math.round(facts.believed.circling);
  return (
    <article className="mx-auto max-w-5xl">
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">Root work on {facts.tag}</h1>
      {facts.headline && <p className="mt-1 text-lg">{facts.headline}</p>}
      <p className="mt-1" data-testid="seen">
        {seen
          ? `Seen ${seen.on === today ? "today" : `on ${day(seen.on, today)}`}: ${[
              seen.fill === null ? "" : FILL_GRADES[seen.fill],
              seen.circling === null ? "" : `circling: ${CIRCLING_GRADES[seen.circling]}`,
              seen.reading ? readingWords(seen.reading, units) : "",
            ]
              .filter(Boolean)
              .join("; ")}.`
          : `Nobody has looked at its roots lately: this goes by what is believed of them, ${percent(facts.believed.fill)} full, circling grade ${number(facts.believed.circling, 1)}.`}{" "}
        <Link className="link" href={`${tree}/roots`}>
          {seen ? "Read them again" : "Read its roots"}
        </Link>
      </p>
      {advice === null ? (
        <p className="mt-4">
          Nobody has said which pot it stands in, so the ball has no size.{" "}
          <Link className="link" href={`${tree}#measure`}>
            Measure its pot
          </Link>
        </p>
      ) : (
        <Advised facts={facts} advice={advice} fill={fill} circling={circling} />
      )}
    </article>
  );
}

function Advised({
  facts,
  advice,
  fill,
  circling,
}: {
  facts: CorrectFacts;
  advice: Advice;
  fill: number;
  circling: number;
}) {
  const { collectionId, today, units } = useAsOf();
  const { now, Now } = useNowWords();
  const tree = treeAt(collectionId, facts.treeId);
  const { pick, later, sour } = advice;
  const pot = (o: Option) => `${tree}/pot?correction=${o.correction}&kept=${(1 - o.price.loss).toFixed(3)}`;
  return (
    <>
      <section className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]" aria-label={Now}>
        <Reasoned
          reason={
            <>
              Drawn from the grades, before and after: a correction takes its share of the circling roots. The ball is{" "}
              {facts.ball
                ? `${millimetres(facts.ball.widthMm, units)} wide and ${millimetres(facts.ball.heightMm, units)} high`
                : "of unknown size"}
              , from its pot.
            </>
          }
        >
          <div className="grid grid-cols-2 gap-3">
            <figure>
              <RootFace face="side" fill={fill} circling={circling} label={`The side: ${FILL_GRADES[fill]}`} />
              <figcaption className="text-center text-sm">as it is, grade {circling}</figcaption>
            </figure>
            <figure>
              <RootFace
                face="side"
                fill={pick ? Math.max(0, fill - (pick.price.loss > 0.2 ? 1 : 0)) : fill}
                circling={pick?.price.circlingAfter ?? circling}
                label="The side after this work"
              />
              <figcaption className="text-center text-sm">
                {pick ? `after, grade ${number(pick.price.circlingAfter, 1)}` : "unchanged"}
              </figcaption>
            </figure>
          </div>
        </Reasoned>
        <div>
          {sour ? (
            <Sour
              facts={facts}
              sour={sour}
              href={`${tree}/pot?correction=rake-and-thin&kept=${sour.liveShare.toFixed(2)}`}
              rescue={`${tree}/rescue`}
            />
          ) : pick ? (
            <Reasoned
              reason={
                <>
                  Every correction is held against the others by one price: handling and roots lost (
                  {number(pick.price.shock, 2)}
                  ), circling roots left in the ball ({number(pick.price.turning, 2)}), season lost while roots wait (
                  {number(pick.price.waiting, 2)}); the cheapest allowed {now} is taken. What it stands {now}:{" "}
                  {percent(advice.lossAllowed)} of its roots, by kind, season, heat and health. The day its roots hold:
                  the work’s lag, then one crossing of fresh mix at this tree’s pace, in the warmth to come. The weights
                  are our judgement{facts.guess ? ", and its species is a guess" : ""}.
                </>
              }
            >
              <p className="text-xl" data-testid="pick">
                {Now}: {optionWords(pick, units)}.
              </p>
              <p className="mt-1">
                {CORRECTION_WORDS[pick.correction].what[0].toUpperCase() +
                  CORRECTION_WORDS[pick.correction].what.slice(1)}
                . It {holdWords(pick, today)}
                {pick.hold.days === null ? "" : `, in ${number(pick.hold.days)} days`}.
              </p>
            </Reasoned>
          ) : (
            <p className="text-xl" data-testid="pick">
              {Now}: nothing at its roots.
            </p>
          )}
          {later && (
            <div className="border-ochre mt-2 border-l-4 pl-3" data-testid="later">
              <Reasoned reason="The best work were it not for the day: it costs the tree least in the end. The date is when its window opens, from this place’s weather years.">
                <p className="font-medium">
                  Then {later.rightFrom ? `from ${day(later.rightFrom, today)}` : "once it stands more root loss"}:{" "}
                  {optionWords(later, units)}.
                </p>
                <p className="text-sm">
                  Not {now}: {later.objections.map((o) => objectionWords(o, units)).join("; ")}. Meanwhile:{" "}
                  {meanwhileWords(advice).join(" ")}
                </p>
              </Reasoned>
            </div>
          )}
          <div className="mt-3 flex flex-wrap gap-2">
            {!sour && pick && !facts.immovable && (
              <Link href={pot(pick)} className="btn btn-primary min-h-12">
                Pot it with this
              </Link>
            )}
            <Link href={`${tree}/in-place`} className={`btn min-h-12 ${facts.immovable ? "btn-primary" : ""}`}>
              Root renewal in place
            </Link>
            <Link href={`${tree}/learning`} className="btn min-h-12">
              What its roots have taught
            </Link>
          </div>
        </div>
      </section>
      <Specials facts={facts} advice={advice} />
      {!sour && <Options advice={advice} pot={pot} />}
      <section className="mt-5" aria-labelledby="after">
        <h2 id="after" className="text-lg">
          Afterwards
        </h2>
        <Reasoned reason="Crown and care after root loss as most growers hold it: leaves pay for new roots. Days and weeks are practice and our judgement, not trials.">
          <ul className="list-disc pl-5">
            <li>
              {advice.care.leafless
                ? "Its crown stands bare: cut what is damaged, nothing else."
                : "Leave every leaf: they pay for new roots. Cut only if it still droops at dawn after three days, or has lost a third of its leaves."}
              {!advice.care.leafless &&
                advice.care.crownBySchool > 0 &&
                ` Growers of the proportional school would take ${percent(advice.care.crownBySchool)} of the leaves, in leaf.`}
            </li>
            <li>Shade and shelter for {number(advice.care.shadeDays)} days, mist in dry wind.</li>
            <li>
              Water the old ball by hand for {number(advice.care.coreWeeks)} weeks: it dries as fast as before while the
              new mix stays wet.
            </li>
            <li>No feed for {number(advice.care.noFeedWeeks)} weeks, or until it grows.</li>
            {advice.care.lookOn && (
              <li data-testid="look-on">
                Look for new roots about {day(advice.care.lookOn, today)}: then the stake comes off.{" "}
                <Link className="link" href={`${tree}/learning#rerooting`}>
                  Record it there
                </Link>
              </li>
            )}
          </ul>
        </Reasoned>
      </section>
      <Caution className="mt-4">
        {facts.massKg !== null && facts.lift && (
          <p className="text-base font-semibold">
            {kilograms(facts.massKg, units)} wet. {liftWords(facts.lift, units)}
          </p>
        )}
        <p>
          Knives, saws and root rakes: cut away from the body, gloves, no phone in the hand; clean blades between trees.
          Damp the mix: its dust can carry germs. Shards and cane tips are sharp.
        </p>
        {facts.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
        <p>Local rules and licensed practice come first.</p>
      </Caution>
      <InPlaceDone
        treeId={facts.treeId}
        tag={facts.tag}
        girdler={advice.girdler}
        anchored={advice.anchored !== null}
        anchorHalved={facts.anchorHalved}
        windows={facts.windows}
      />
    </>
  );
}

function Sour({
  facts,
  sour,
  href,
  rescue,
}: {
  facts: CorrectFacts;
  sour: { liveShare: number; mostL: number };
  href: string;
  rescue: string;
}) {
  const { units } = useAsOf();
  return (
    <Reasoned
      reason={`Mushy or sour roots are not “bound”, however full the ball looks: a larger pot would stay wet. Alive is taken to be ${percent(sour.liveShare)}, by snap and smell, or as you judged it; the pot at most 1.2 times the live part of ${litres(facts.volumeL, units)}. Our judgement from practice.`}
    >
      <p className="text-xl" data-testid="pick">
        Sour is not bound: cut to live tissue, and pot it down into {litres(sour.mostL, units)} at most.
      </p>
      <p className="mt-1">
        About {percent(sour.liveShare)} of its roots are alive. Every root back to where it is pale and firm, fresh open
        mix, water once and then wait until it is nearly dry.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Link href={href} className="btn btn-primary min-h-12">
          Pot it down
        </Link>
        <Link href={rescue} className="btn min-h-12">
          Make it a rescue
        </Link>
      </div>
    </Reasoned>
  );
}

/** Flare, girdler, anchor, and what the rules of its species add. */
function Specials({ facts, advice }: { facts: CorrectFacts; advice: Advice }) {
  const { on, today, units } = useAsOf();
  const { now } = useNowWords();
  const { flare, girdler, anchored, findings } = advice;
  const items: { key: string; text: ReactNode; why: string }[] = [];
  if (flare)
    items.push({
      key: "flare",
      text:
        flare.leaveMm === 0
          ? `Uncover the flare: take the ${millimetres(flare.belowMm, units)} of mix off it, ${percent(flare.loss)} of the roots.`
          : `The flare is ${millimetres(flare.belowMm, units)} down, and uncovering it ${now} would cost ${percent(flare.loss)} of the roots where it stands ${percent(flare.most)}: take ${millimetres(flare.takeOffMm, units)} off, set it by the present surface, and the remaining ${millimetres(flare.leaveMm, units)} at later pottings.`,
      why: "Roots above the flare thin out towards the top: six tenths of the ball’s mean density, our judgement. What it stands is by species and season.",
    });
  if (girdler)
    items.push({
      key: "girdler",
      text:
        girdler.share === null
          ? "Look what the root across the flare serves: less than a third of the girth is cut now, at both ends; a larger one over two seasons."
          : girdler.twoSeasons
            ? `The girdling root serves ${percent(girdler.share)} of the girth: cut half through at bud swell, the rest a season later.`
            : girdler.now
              ? `Cut the girdling root now, at both ends: it serves ${percent(girdler.share)} of the girth.`
              : `Cut the girdling root once it is cooler: it serves ${percent(girdler.share)} of the girth.`,
      why: "A root that feeds more than a third of the girth is taken in two steps, so that the rest can take over. Practice, not measured.",
    });
  if (anchored)
    items.push({
      key: "anchored",
      text: facts.anchorHalved
        ? `Half of what holds it in the ground was severed: the other half after ${number(anchored.weeks)} weeks.`
        : anchored.halves
          ? `Rooted in the ground, which may bring ${percent(facts.anchorShare)} of what it drinks: sever half now and half about ${day(toIso(toDay(on) + 7 * anchored.weeks), today)}, or all of it once it is dormant.`
          : `Rooted in the ground, which may bring ${percent(facts.anchorShare)} of what it drinks: it is dormant, sever it in one go.`,
      why: "Estimated from what crown the tree carries against what its pot would feed; between a fifth and three fifths, our judgement.",
    });
  if (items.length + findings.length === 0) return null;
  return (
    <section className="mt-5" aria-labelledby="also">
      <h2 id="also" className="text-lg">
        Also
      </h2>
      <ul className="space-y-1">
        {items.map((i) => (
          <li key={i.key} data-testid={i.key}>
            <Reasoned reason={i.why}>{i.text}</Reasoned>
          </li>
        ))}
      </ul>
      {findings.length > 0 && (
        <Reasoned reason="Rules of its species, as experienced growers hold them; each stands on the page of the kind.">
          <ul className="list-disc pl-5">
            {findings.map((f, i) => (
              <li key={`${f.code}${i}`}>{findingWords(f, units)}</li>
            ))}
          </ul>
        </Reasoned>
      )}
    </section>
  );
}

/** All corrections beside each other: what each costs, as a bar in three parts; the refused ones with the reason and their day. */
function Options({ advice, pot }: { advice: Advice; pot: (o: Option) => string }) {
  const { today, units } = useAsOf();
  const { now } = useNowWords();
  const most = Math.max(...advice.options.map((o) => o.price.total));
  const allowed = advice.options.filter((o) => o.objections.length === 0);
  const refused = advice.options.filter((o) => o.objections.length > 0);
  return (
    <section className="mt-5" aria-labelledby="options">
      <h2 id="options" className="text-lg">
        All of them, and their price
      </h2>
      <Reasoned reason="Price without unit, less is better: roots lost and handling (dark), circling left behind (rust), season lost while roots wait (light). Weights are our judgement; the table of shares and lags stands among the figures.">
        <ul className="space-y-2" data-testid="options">
          {allowed.map((o) => (
            <li key={o.correction} className="grid gap-x-4 sm:grid-cols-[minmax(0,1fr)_12rem_auto] sm:items-center">
              <span>
                <b>{optionWords(o, units)}</b>; leaves circling at grade {number(o.price.circlingAfter, 1)};{" "}
                {holdWords(o, today)}
                {o.leavesRings ? "; woody rings stay as they are" : ""}.
              </span>
              <PriceBar option={o} most={most} />
              <Link className="link flex min-h-11 items-center" href={pot(o)}>
                take this
              </Link>
            </li>
          ))}
        </ul>
        {refused.length > 0 && (
          <>
            <h3 className="mt-3 font-medium">Refused {now}</h3>
            <ul className="space-y-1" data-testid="refused">
              {refused.map((o) => (
                <li key={o.correction} className="grid gap-x-4 sm:grid-cols-[minmax(0,1fr)_12rem]">
                  <span>
                    <b>{optionWords(o, units)}</b>: {o.objections.map((x) => objectionWords(x, units)).join("; ")}.
                    {o.rightFrom && ` Right from ${day(o.rightFrom, today)}.`}
                  </span>
                  <PriceBar option={o} most={most} />
                </li>
              ))}
            </ul>
          </>
        )}
      </Reasoned>
    </section>
  );
}

function PriceBar({ option, most }: { option: Option; most: number }) {
  const { shock, turning, waiting, total } = option.price;
  const w = (v: number) => (192 * v) / most;
  return (
    <svg
      viewBox="0 0 192 18"
      className="my-1 h-4 w-48 max-w-full"
      role="img"
      aria-label={`price ${number(total, 2)}: roots ${number(shock, 2)}, turning ${number(turning, 2)}, season ${number(waiting, 2)}`}
    >
      <rect x="0" y="3" width="192" height="12" fill="#ece2ca" />
      <rect x="0" y="3" width={w(shock)} height="12" fill="#5b4630" />
      <rect x={w(shock)} y="3" width={w(turning)} height="12" fill="#a4502e" />
      <rect x={w(shock) + w(turning)} y="3" width={w(waiting)} height="12" fill="#c9a878" />
    </svg>
  );
}

/** What the day the page speaks of is called. */
function useNowWords() {
  const { on, today } = useAsOf();
  return on === today ? { now: "today", Now: "Today" } : { now: "that day", Now: `On ${day(on, today)}` };
}

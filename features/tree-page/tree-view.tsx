"use client";

import { pageAt, kindAt, treeAt } from "@/features/kernel/addresses";
import dynamic from "next/dynamic";
import Link from "next/link";
import { type ReactNode, useState } from "react";
import type { Estimate } from "@/core/estimate/index";
import { type DecisionAct, wholePot } from "@/core/decision/index";
import type { TreePicture } from "@/model/index";
import { brimHeightMm, type Pot, vesselOf, wallOf } from "@/core/vessel/index";
import { day, fullness, litres, number, percent } from "@/words/format";
import { PotSection } from "@/ui/pot-section";
import { Reasoned, Why } from "@/ui/fields";
import { NoteForm } from "@/features/notes/note-form";
import { PastPottingForm } from "@/features/potting/past-form";
import { RootCheck } from "@/features/roots/root-check";
import { headlineSentence } from "@/words/decision";
import { wantedPot, windowReason } from "@/words/sentences";
import { useAsOf, useReplayed, useStripSubject } from "@/features/kernel/as-of";
import {
  HABIT_WORDS,
  HAZARD_WORDS,
  LIMIT_WORD,
  MISFIT_WORDS,
  PURPOSE_WORDS,
  STAGE_WORD,
  tagName,
  WALL_WORDS,
  WOOD_WORD,
} from "@/words/terms";
import { DecisionPanel } from "./decision-panel";
import type { TreeFacts } from "./facts";
import { History } from "./history";
import { Narrowest } from "./narrowest";
import { PlanPanel } from "./plan-panel";
import { TimePicture } from "./time-picture";
import { ROOM_WORDS } from "@/words/rooms";

// Its form is fetched when it is opened: most visits measure nothing.
const MeasureForm = dynamic(() => import("@/features/measure/measure-form").then((m) => m.MeasureForm), { ssr: false });

/** Why a volume is a range. */
const RANGE_WHY: Record<Pot["known"] | "none", string> = {
  measured: "the fill line varies",
  outside: "measured outside only",
  nominal: "known by its trade size only",
  about: "a guess by eye",
  none: "nobody has described it",
};

/** One tree: its verdict in a sentence, its pot in section, its past and future in one picture. */
export function TreeView({
  facts,
  initial,
  initialOn,
  children,
}: {
  facts: TreeFacts;
  initial: TreePicture;
  initialOn: string;
  /** Windows, advice and company: worked out by the server for the day of the page. */
  children?: ReactNode;
}) {
  const { collectionId, settledOn, today, units } = useAsOf();
  useStripSubject(facts.kindKey, facts.ownWood);
  const { value: picture, on } = useReplayed(initial, initialOn, (api, asked) => api.tree(facts.id, asked));
  const { state, standing, fits } = picture;
  const lot = facts.lots.find((l) => l.id === state.lotId);
  const { decision } = picture;
  // The one pot the decision names: another that fits, too, is told with its reason.
  const nextPot = decision?.acts.find((a) => a.pot && !a.pot.same) ?? null;
  const nextLot = facts.lots.find((l) => l.id === nextPot?.pot?.choice?.lotId);
  const ghost = nextLot ? vesselOf(nextLot.pot).vessel : undefined;
  const band = (e: Estimate) => `${fullness(e.p10)} – ${fullness(e.p90)}`;
  const dueText =
    "none" in state.due ? "—" : state.due.p50 === null ? "not for years" : state.isDue ? "now" : day(state.due.p50, on);
  const code = decision?.headline.code;
  const doPot = code === "do-now" || code === "do-by";
  const potNames = new Map(facts.lots.map((l) => [l.id, l.name]));

  return (
    <article>
      <div className="mb-3 flex flex-wrap items-start gap-x-4 gap-y-2">
        <div className="min-w-0 flex-1 basis-96">
          <p className="text-sm" data-record="">
            <Link className="link" href={pageAt(collectionId, "yard")}>
              {ROOM_WORDS.yard}
            </Link>{" "}
            · {PURPOSE_WORDS[facts.purpose]}
            {facts.plants > 1 ? ` · ${number(facts.plants)} plants` : ""}
            {facts.place ? ` · ${facts.place}` : ""}
            {facts.rootstock ? ` · on ${facts.rootstock}` : ""}
            {facts.origin ? ` · ${facts.origin}` : ""}
            {state.together.length > 1 &&
              ` · one pot with ${state.together
                .filter((id) => id !== facts.id)
                .map((id) => facts.tags[id] ?? "another")
                .join(", ")}`}
          </p>
          <h1 className="text-2xl" data-record="">
            {tagName(facts)} · {facts.name}
            {facts.cultivar ? ` ‘${facts.cultivar}’` : ""}{" "}
            {facts.scientific && <i className="text-base font-normal opacity-80">{facts.scientific}</i>}
          </h1>
          {facts.left ? (
            <p className="mt-1 text-xl" data-testid="verdict" data-record="">
              {facts.left}
            </p>
          ) : (
            <Why
              className="mt-1"
              reason={
                <>
                  Two things decide: whether its roots have used up the pot ({fullness(state.fill.p50)} full, turning
                  grade {number(state.circling.p50, 1)}; due from {percent(state.dueFill)} or grade 2), and whether the
                  window for potting on is open where it stands. {windowReason(state, on)}
                </>
              }
            >
              <span className="text-xl" data-testid="verdict">
                {decision
                  ? headlineSentence(decision, { fill: state.fill, plants: facts.plants }, units)
                  : "Only its roots are known so far back."}
              </span>
            </Why>
          )}
          {!facts.left && <Narrowest facts={facts} />}
        </div>
        <div className="flex flex-wrap gap-2">
          {facts.left ? null : code === "check-first" ? (
            <Link href={treeAt(collectionId, facts.id, "roots")} className="btn btn-primary">
              Read its roots
            </Link>
          ) : code === "rescue" ? (
            <Link href={treeAt(collectionId, facts.id, "rescue")} className="btn btn-primary">
              The rescue
            </Link>
          ) : code === "in-place" ? (
            <Link href={treeAt(collectionId, facts.id, "in-place")} className="btn btn-primary">
              Renew it in place
            </Link>
          ) : (
            <Link href={treeAt(collectionId, facts.id, "pot")} className={`btn ${doPot ? "btn-primary" : ""}`}>
              Pot on
            </Link>
          )}
          {!facts.left && code !== "check-first" && (
            <Link prefetch={false} href={treeAt(collectionId, facts.id, "roots")} className="btn">
              Read its roots
            </Link>
          )}
          {!facts.left && (
            <Link prefetch={false} href={treeAt(collectionId, facts.id, "correct")} className="btn">
              Root work
            </Link>
          )}
          {!facts.left && (
            <Link
              prefetch={false}
              href={pageAt(
                collectionId,
                "almanac/wood",
                `?tree=${facts.id}${settledOn === today ? "" : `&on=${settledOn}`}`,
              )}
              className="btn"
            >
              Wood
            </Link>
          )}
          {!facts.left && (
            <Link href={treeAt(collectionId, facts.id, "standing")} className="btn">
              Wind and carrying
            </Link>
          )}
          <Link href={treeAt(collectionId, facts.id, "edit")} className="btn">
            Details
          </Link>
        </div>
      </div>
      <div className="grid gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
        <section aria-label="The pot in section">
          <Reasoned
            reason={
              <>
                Drawn to scale from{" "}
                {lot?.pot.known === "measured"
                  ? "the pot as it was measured"
                  : `what is known of the pot: ${RANGE_WHY[lot?.pot.known ?? "none"]}`}
                ; roots by the root model as of {day(on)}, the dashed outline is the next pot that fits.
              </>
            }
          >
            {standing ? (
              <PotSection
                vessel={standing.vessel}
                fillHeightMm={standing.fillHeightMm}
                bottomLayerMm={standing.bottomLayerMm}
                guessed={standing.guessed}
                fill={state.fill.p50}
                circling={state.circling.p50}
                ghost={
                  ghost && nextLot
                    ? { vessel: ghost, fillHeightMm: brimHeightMm(ghost), label: `next: ${nextLot.name}` }
                    : undefined
                }
                widthPx={400}
                heightPx={360}
                units={units}
                seed={facts.tag.length * 37 + (facts.tag.codePointAt(facts.tag.length - 1) ?? 0)}
                title={`${facts.tag} in ${lot?.name ?? "its pot"}`}
                description={`${litres(state.volumeL.p50, units)} of mix in place, ${percent(state.fill.p50)} filled with roots, turning grade ${number(state.circling.p50, 1)} of 4.`}
              />
            ) : (
              <p>Nobody has said which pot it stands in.</p>
            )}
            <p className="mt-1 text-sm">
              {lot ? `${lot.name}, ${WALL_WORDS[wallOf(lot.pot)]}` : "Unknown pot"}; {litres(state.volumeL.p50, units)}{" "}
              of mix
              {state.volumeL.p90 - state.volumeL.p10 > 0.05 * state.volumeL.p50
                ? ` (${litres(state.volumeL.p10, units)}–${litres(state.volumeL.p90, units)}: ${RANGE_WHY[lot?.pot.known ?? "none"]})`
                : ""}
              {state.pottedOn ? `, potted ${day(state.pottedOn, on)}` : ", nobody knows since when"}.
            </p>
          </Reasoned>
        </section>
        <section aria-label="Past and future" className="min-w-0">
          <Reasoned reason="Fill and turning roots by the root model from each potting and look on, with the recorded weather up to today and the mean of the site’s weather years after it; the shade holds eight of ten. Wood and windows by its kind where it stands. Before today’s season they use the record.">
            <TimePicture picture={picture} today={today} />
          </Reasoned>
        </section>
      </div>

      <section aria-label="Figures and reasons" className="mt-5 grid gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-3">
        <Why
          reason={
            <>
              Roots have explored {fullness(state.fill.p50)} of the mix ({STAGE_WORD[state.stage]}); eight times in ten
              it is {band(state.fill)}. From{" "}
              {state.pottedOn ? `the potting on ${day(state.pottedOn)}` : "a wide guess at arrival"}, the warmth of its
              root zone since, and this tree’s own pace: {number(state.vigour.p50, 2)} times its kind’s (
              {number(state.vigour.p10, 2)}–{number(state.vigour.p90, 2)}). Basis: {state.fill.basis}.
              {!facts.listed &&
                ` Its kind is not in the library: ${facts.habit ? HABIT_WORDS[facts.habit].what : "a wide prior"}.`}{" "}
              The growth model is our own, calibrated to experience: a root check corrects it.
            </>
          }
        >
          <b>How full</b> <span data-testid="fill">{fullness(state.fill.p50)}</span> ({band(state.fill)}) ·{" "}
          {STAGE_WORD[state.stage]}
        </Why>
        <p>
          <Link prefetch={false} className="link" href={treeAt(collectionId, facts.id, "ladder")}>
            Its ladder of pots
          </Link>
          {" · "}
          <Link prefetch={false} className="link" href={treeAt(collectionId, facts.id, "winter")}>
            Its winter
          </Link>
          {facts.wintersIn !== null && (
            <>
              {" "}
              (planned:{" "}
              <Link prefetch={false} className="link" href={pageAt(collectionId, "shelter")}>
                {facts.wintersIn}
              </Link>
              )
            </>
          )}
          {" · "}
          <Link prefetch={false} className="link" href={treeAt(collectionId, facts.id, "learning")}>
            What its roots have taught
          </Link>
          {" · "}
          <Link prefetch={false} className="link" href={treeAt(collectionId, facts.id, "in-place")}>
            Renew it where it stands
          </Link>
          {" · "}
          <Link prefetch={false} className="link" href={treeAt(collectionId, facts.id, "rescue")}>
            Rescue
          </Link>
        </p>
        <Why
          reason={
            <>
              Due is the first of two: roots fill {percent(state.dueFill)} of the mix, or turning reaches grade 2.{" "}
              {state.dueBy === "circling" ? "Turning comes first here." : "Fill comes first here."} Turning today: grade{" "}
              {number(state.circling.p50, 1)} ({number(state.circling.p10, 1)}–{number(state.circling.p90, 1)}).{" "}
              {"none" in state.due
                ? ""
                : `Eight times in ten between ${state.due.p10 ? day(state.due.p10) : "now"} and ${state.due.p90 ? day(state.due.p90) : "more than seven years from now"}.`}{" "}
              Coming warmth: the mean of this site’s weather years, {facts.frost.source}.
            </>
          }
        >
          <b>Due</b> <span data-testid="due">{dueText}</span>
          {!("none" in state.due) && state.due.p10 && state.due.p90 && !state.isDue
            ? ` (${day(state.due.p10, on)} – ${day(state.due.p90, on)})`
            : ""}
        </Why>
        <Why reason={windowReason(state, on)}>
          <b>Window for potting on</b>{" "}
          <span data-testid="window">
            {state.window.open
              ? `open${state.window.period ? ` until ${day(state.window.period.to, on)}` : ""}`
              : state.window.period
                ? `closed; opens ${day(state.window.period.from, on)}`
                : "closed"}
          </span>
          {state.window.open ? "" : ` · held by ${LIMIT_WORD[state.window.limiting]}`}
        </Why>
        <Why
          reason={
            <>
              Ripeness of this season’s wood {percent(state.wood.ripe.p50)} ({band(state.wood.ripe)}), by thermal time
              after bud break, faster once growth has stopped; growth stops by heat, short days or cool nights, as its
              habit goes. Parameters are our own calibration:
              {state.wood.ripe.basis === "guess" ? " a guess for this habit." : " typical for its habit."}
            </>
          }
        >
          <b>Wood</b> {WOOD_WORD[state.wood.stage]}
          {state.wood.stage === "dormant" || state.wood.stage === "resting"
            ? ""
            : `, ${percent(state.wood.ripe.p50)} ripe`}
        </Why>
        {state.mix && (
          <Why
            reason={`Slumping and rotting by the mix’s own figures, feeding by its recipe${state.mix.fedUntil ? "" : ", which says nothing of any"}; both are judgement. Look at the surface: how far it has sunk tells more than the calendar.`}
          >
            <b>Its mix</b> {state.mix.name}
            {state.mix.fedUntil &&
              (state.mix.fedUntil > on
                ? ` · feeds until about ${day(state.mix.fedUntil, on)}`
                : " · its own feed is used up")}
            {state.mix.wornOutOn === null
              ? " · hardly slumps"
              : state.mix.wornOutOn > on
                ? ` · lasts until about ${day(state.mix.wornOutOn, on)}`
                : ` · worn out since about ${day(state.mix.wornOutOn, on)}`}
          </Why>
        )}
        <Why
          reason={
            <>
              Counted from frost years, midsummer to midsummer, at 0 °C {facts.frost.source}. The one-in-ten day is
              uncertain by {facts.frost.plusMinus || "an unknown span"}.
            </>
          }
        >
          <b>Frost here</b> {facts.frost.guess && <span className="badge badge-sm badge-warning">guess</span>} spring:{" "}
          {facts.frost.last} Autumn: {facts.frost.first}
        </Why>
        <NextPot facts={facts} nextPot={nextPot} fits={fits} nextLot={nextLot} />
      </section>
      {(facts.note !== null || facts.hazards.length > 0) && (
        <p className="mt-4 text-sm" data-why="">
          {facts.hazards.map((h) => (
            <strong key={h} className="text-error">
              {HAZARD_WORDS[h]}{" "}
            </strong>
          ))}
          {facts.note}{" "}
          {facts.kindId && (
            <Link
              className="link"
              prefetch={false}
              data-reason=""
              href={kindAt(collectionId, facts.kindId, `?tree=${facts.id}`)}
            >
              All that is known of its kind, and how sure
            </Link>
          )}
        </p>
      )}
      {!facts.left && decision && <DecisionPanel decision={decision} potNames={potNames} guessedKind={!facts.listed} />}
      {!facts.left && (
        <PlanPanel treeId={facts.id} plan={picture.plan} making={picture.planMaking} on={on} share={state.share} />
      )}
      {children}
      <div className="mt-6 grid gap-6 lg:grid-cols-2">
        {facts.left ? (
          <span />
        ) : (
          <div className="space-y-4">
            <RootCheck treeId={facts.id} tag={facts.tag} />
            <Folded id="measure" title="Measure its pot">
              <MeasureForm treeId={facts.id} tag={facts.tag} pot={lot?.pot ?? null} />
            </Folded>
            <Folded id="past" title="An earlier potting">
              <PastPottingForm treeId={facts.id} tag={facts.tag} currentLot={lot ?? null} arrivedOn={facts.arrivedOn} />
            </Folded>
            <Folded id="note" title="A note or a photograph">
              <NoteForm treeId={facts.id} tag={facts.tag} />
            </Folded>
          </div>
        )}
        <History treeId={facts.id} plants={facts.count} items={facts.history} lots={facts.lots} others={facts.others} />
      </div>
    </article>
  );
}

/** A form that is there when it is wanted. */
/** What is folded is made when it is first opened. */
function Folded({ id, title, children }: { id: string; title: string; children: ReactNode }) {
  const [opened, setOpened] = useState(false);
  return (
    <details
      id={id}
      className="border-base-300 rounded-box scroll-mt-4 border px-3 py-2"
      onToggle={(e) => e.currentTarget.open && setOpened(true)}
    >
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">{title}</summary>
      <div className="pb-2">{opened && children}</div>
    </details>
  );
}

function NextPot({
  facts,
  nextPot,
  fits,
  nextLot,
}: {
  facts: TreeFacts;
  nextPot: DecisionAct | null;
  fits: TreePicture["fits"];
  nextLot?: { id: string; name: string; pot: Pot };
}) {
  const { units } = useAsOf();
  const whole = nextPot && wholePot(nextPot);
  if (!whole) return null;
  const wanted = wantedPot(whole.lowL, whole.highL, units);
  const choice = nextPot.pot?.choice;
  const others = fits.filter((p) => p.lotId !== nextLot?.id);
  return (
    <Why
      reason={
        <>
          <p>
            Wanted: {wanted}. About {number(facts.step.ideal, 1)} times the mix suits its pace,{" "}
            {number(facts.step.largest, 1)} at most unless the pot is half rooted by the season’s end
            {choice ? ` (here ${percent(choice.fillAtSeasonEnd)} expected)` : ""}; within its goal and what may be
            carried.
          </p>
          <ul className="mt-1 list-disc pl-5">
            {others.map((p) => {
              const lot = facts.lots.find((l) => l.id === p.lotId);
              return (
                <li key={p.lotId}>
                  {lot?.name ?? "a pot"}:{" "}
                  {p.misfit ? MISFIT_WORDS[p.misfit] : `fits, ${number(p.ratio, 1)} times the mix`}
                </li>
              );
            })}
          </ul>
        </>
      }
    >
      <b>Next pot</b>{" "}
      {nextLot
        ? nextLot.name
        : `${facts.anyInStore ? "nothing in store fits" : "the store is empty"}; look for ${wanted}`}
    </Why>
  );
}

"use client";

import Link from "next/link";
import type { Estimate } from "@/core/estimate/index";
import type { EventPayload, Happened } from "@/core/event/index";
import type { StorePot } from "@/core/ladder/index";
import type { Purpose, TreePicture } from "@/core/tree/index";
import { brimHeightMm, type Pot, vesselOf, wallOf } from "@/core/vessel/index";
import { day, fullness, litres, number, percent } from "@/ui/format";
import { PotSection } from "@/ui/pot-section";
import { Why } from "@/ui/fields";
import type { FrostWords } from "../almanac/words";
import { RootCheck } from "../roots/root-check";
import { verdictSentence, wantedPot, windowReason } from "../sentences";
import { useAsOf, useReplayed } from "../shell/as-of";
import {
  CORRECTION_WORDS,
  HABIT_WORDS,
  HAZARD_WORDS,
  LIMIT_WORD,
  MISFIT_WORDS,
  PURPOSE_WORDS,
  STAGE_WORD,
  WALL_WORDS,
  WOOD_WORD,
} from "../words";
import { History } from "./history";
import { TimePicture } from "./time-picture";

export interface TreeFacts {
  id: string;
  tag: string;
  name: string;
  scientific: string | null;
  cultivar: string | null;
  purpose: Purpose;
  count: number;
  note: string | null;
  hazards: string[];
  listed: boolean;
  habit: keyof typeof HABIT_WORDS | null;
  step: { ideal: number; largest: number };
  kPerDegreeDay: number;
  frost: FrostWords;
  lots: { id: string; name: string; pot: Pot }[];
  history: {
    entryId: string;
    on: Happened;
    payload: EventPayload;
    lotName: string | null;
    recordedAt: string;
    actor: string;
    leaning: number;
  }[];
}

/** One tree: its verdict in a sentence, its pot in section, its past and future in one picture. */
export function TreeView({ facts, initial, initialOn }: { facts: TreeFacts; initial: TreePicture; initialOn: string }) {
  const { collectionId, today, units } = useAsOf();
  const { value: picture, on } = useReplayed(initial, initialOn, (api, asked) => api.tree(facts.id, asked));
  const { state, standing } = picture;
  const lot = facts.lots.find((l) => l.id === state.lotId);
  const next = state.pots.find((p) => p.misfit === null);
  const nextLot = next ? facts.lots.find((l) => l.id === next.lotId) : undefined;
  const ghost = nextLot ? vesselOf(nextLot.pot).vessel : undefined;
  const band = (e: Estimate) => `${fullness(e.p10)} – ${fullness(e.p90)}`;
  const dueText =
    "none" in state.due ? "—" : state.due.p50 === null ? "not for years" : state.isDue ? "now" : day(state.due.p50, on);
  const doPot = state.verdict.code === "move-now" || state.verdict.code === "overdue" || state.verdict.code === "hold";

  return (
    <article>
      <div className="mb-3 flex flex-wrap items-start gap-x-4 gap-y-2">
        <div className="min-w-0 flex-1 basis-96">
          <p className="text-sm">
            <Link className="link" href={`/c/${collectionId}/yard`}>
              Yard
            </Link>{" "}
            · {PURPOSE_WORDS[facts.purpose]}
            {facts.count > 1 ? ` · ${number(facts.count)} plants` : ""}
          </p>
          <h1 className="text-2xl">
            {facts.tag} · {facts.name}
            {facts.cultivar ? ` ‘${facts.cultivar}’` : ""}{" "}
            {facts.scientific && <i className="text-base font-normal opacity-80">{facts.scientific}</i>}
          </h1>
          <p className="mt-1 text-xl" data-testid="verdict">
            {verdictSentence(state, on)}
          </p>
        </div>
        <div className="flex flex-wrap gap-2">
          {state.verdict.code === "unknown" ? (
            <a href="#roots" className="btn btn-primary">
              Look at its roots
            </a>
          ) : state.verdict.code === "no-pot" ? (
            <Link href={`/c/${collectionId}/stores`} className="btn btn-primary">
              Put a pot in store
            </Link>
          ) : (
            <Link href={`/c/${collectionId}/tree/${facts.id}/pot`} className={`btn ${doPot ? "btn-primary" : ""}`}>
              Pot on
            </Link>
          )}
        </div>
      </div>
      <div className="grid gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
        <section aria-label="The pot in section">
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
            {lot?.name ?? "Unknown pot"}, {lot ? WALL_WORDS[wallOf(lot.pot)] : ""}; {litres(state.volumeL.p50, units)}{" "}
            of mix
            {state.volumeL.p90 - state.volumeL.p10 > 0.05 * state.volumeL.p50
              ? ` (${litres(state.volumeL.p10, units)}–${litres(state.volumeL.p90, units)}: never measured)`
              : ""}
            {state.pottedOn ? `, potted ${day(state.pottedOn, on)}` : ", nobody knows since when"}.
          </p>
        </section>
        <section aria-label="Past and future" className="min-w-0">
          <TimePicture picture={picture} today={today} />
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
        <Why
          reason={
            <>
              Due is the first of two: roots fill 85 % of the mix, or turning reaches grade 2.{" "}
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
        <NextPot facts={facts} state={state} nextLot={nextLot} />
      </section>
      {(facts.note !== null || facts.hazards.length > 0) && (
        <p className="mt-4 text-sm">
          {facts.hazards.map((h) => (
            <strong key={h} className="text-error">
              {HAZARD_WORDS[h]}{" "}
            </strong>
          ))}
          {facts.note}
        </p>
      )}
      <div className="mt-6 grid gap-6 lg:grid-cols-2">
        <RootCheck treeId={facts.id} tag={facts.tag} />
        <History facts={facts} />
      </div>
    </article>
  );
}

function NextPot({
  facts,
  state,
  nextLot,
}: {
  facts: TreeFacts;
  state: TreePicture["state"];
  nextLot?: { id: string; name: string; pot: Pot };
}) {
  const { units } = useAsOf();
  const next = state.pots.find((p) => p.misfit === null);
  const from = state.volumeL.p50;
  const wanted = wantedPot(from * 1.15, from * facts.step.largest, units);
  const others = state.pots.filter((p) => p.lotId !== next?.lotId);
  return (
    <Why
      reason={
        <>
          {next && nextLot ? (
            <p>
              A step of {number(next.ratio, 1)} times the mix; about {number(facts.step.ideal, 1)} suits its pace,{" "}
              {number(facts.step.largest, 1)} at most unless the pot is half rooted by the season’s end (here{" "}
              {percent(next.fillAtSeasonEnd)} expected). Ball: {CORRECTION_WORDS[state.correction].name.toLowerCase()},{" "}
              {CORRECTION_WORDS[state.correction].what}.
            </p>
          ) : (
            <p>Wanted: {wanted}.</p>
          )}
          <ul className="mt-1 list-disc pl-5">
            {others.map((p) => {
              const lot = facts.lots.find((l) => l.id === p.lotId) as
                StorePot | (typeof facts.lots)[number] | undefined;
              return (
                <li key={p.lotId}>
                  {lot?.name ?? "a pot"}:{" "}
                  {p.misfit ? MISFIT_WORDS[p.misfit] : `fits too, ${number(p.ratio, 1)} times the mix`}
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
        : state.pots.length === 0
          ? "the store is empty"
          : `nothing in store fits; look for ${wanted}`}
    </Why>
  );
}

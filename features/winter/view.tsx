"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/main";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { AirBasis, PlaceBuild } from "@/core/winter/index";
import {
  isQuarter,
  lossOf,
  obstaclesOf,
  indoorHome,
  OUTSIDE,
  type PlacedPlan,
  type ShelterData,
  type Standing,
} from "@/core/shelter/index";
import { CROWN_ROOM, HAND_M } from "@/model/index";
import { Caution, FormFaults, Reasoned } from "@/ui/fields";
import { day, millimetres, number, percent, readNumber } from "@/words/format";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { type RunningJob } from "@/features/kernel/job-progress";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { FloorPlan } from "./floor-plan";
import { AddPlace } from "./add-place";
import { Clay, WORTH_A_WORD } from "./clay";
import { Legend, Misfits } from "./misfits";
import { Outdoors } from "./outdoors";
import { PlaceForm } from "./place-form";
import { PlanBar } from "./plan-bar";
import { brokenWords, proofWords, summary, usedWords } from "@/words/layout-plan";
import { PotPanel } from "./pot-panel";
import { type KeptStand, usePlan } from "./use-plan";
import { fateOf, lossWords, obstacleWords, winterWords } from "@/words/layout";

export interface ShelterFacts {
  winter: number;
  southern: boolean;
  startDay: string;
  risk: number;
  data: ShelterData;
  basis: Record<string, { basis: AirBasis; nights: number | null }>;
  fresh: boolean;
  calculatedOn: string | null;
  found: { jobId: string; plan: PlacedPlan; quickCost: number; minutesMost: number | null } | null;
  kept: KeptStand[] | null;
  running: RunningJob | null;
  failed: string | null;
  withoutPot: { id: string; tag: string }[];
  guessedWeather: boolean;
}

/** Scale of the drawing: the longest place fills the width, within reason, px/m. */
const SCALE = { most: 95, least: 30 } as const;
const OVER_PX = 24;

function Heading({ facts, children }: { facts: ShelterFacts; children: string }) {
  const { today, units } = useAsOf();
  return (
    <>
      <h1 className="text-2xl">{say.winterLayout(winterWords(facts.winter, facts.southern))}</h1>
      <Reasoned
        reason={say.eachTreesRootsAndWood(
          facts.calculatedOn ? say.calculatedOn(day(facts.calculatedOn, today)) : "",
          millimetres(1000 * HAND_M, units),
          percent(CROWN_ROOM.evergreen),
          percent(CROWN_ROOM.leafless),
          percent(facts.risk),
          facts.guessedWeather ? say.theWeatherYearsAreA : "",
        )}
      >
        <p className="text-lg" data-testid="shelter-words">
          {children}
        </p>
      </Reasoned>
    </>
  );
}

export function ShelterView({ facts }: { facts: ShelterFacts }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const [minutes, setMinutes] = useState(facts.found?.minutesMost == null ? "" : String(facts.found.minutesMost));
  const wanted = minutes.trim() === "" ? null : readNumber(minutes);
  const minutesMost = wanted !== null && wanted > 0 ? wanted : null;
  const plan = usePlan(facts.data, facts.kept, minutesMost);
  const ask = useCommand("plan-shelter");
  const keep = useCommand("keep-shelter");
  const build = useCommand("build-place");
  const [started, setStarted] = useState<RunningJob | null>(null);
  const [selected, setSelected] = useState<string | null>(null);
  const [place, setPlace] = useState<string | null>(null);
  const [status, setStatus] = useState("");
  const [width, setWidth] = useState(900);
  const drawing = useRef<HTMLDivElement>(null);
  const panel = useRef<HTMLDivElement>(null);
  // On a phone what was chosen is shown below the drawing.
  useEffect(() => {
    if (selected !== null || place !== null) panel.current?.scrollIntoView({ block: "nearest" });
  }, [selected, place]);
  const running = started ?? facts.running;
  const seen = useRef(facts.found?.jobId ?? null);
  const waiting = useRef(false);

  useEffect(() => {
    const box = drawing.current;
    if (!box) return;
    const watch = new ResizeObserver(() => setWidth(box.clientWidth));
    watch.observe(box);
    return () => watch.disconnect();
  }, []);

  // The answer to what was asked here is laid out as soon as it comes.
  const { propose } = plan;
  const { found } = facts;
  useEffect(() => {
    if (!found || found.jobId === seen.current) return;
    seen.current = found.jobId;
    if (!waiting.current) return;
    waiting.current = false;
    propose("best", found.plan);
  }, [found, propose]);

  const ended = useCallback(() => setStarted(null), []);
  const placeAll = async () => {
    if (facts.fresh) plan.quick();
    waiting.current = true;
    const done = await ask.send({
      collectionId,
      winter: facts.winter,
      minutesMost: wanted,
    });
    if (done) setStarted({ id: done.result.jobId, progress: 0, total: 0 });
  };

  const quarters = facts.data.quarters;
  const byId = useMemo(() => new Map(facts.data.standings.map((s) => [s.id, s])), [facts.data.standings]);
  const shownQuarters = quarters.filter(isQuarter);
  const longest = Math.max(1, ...shownQuarters.map((q) => q.build.lengthM ?? 0));
  const pxPerM = Math.max(
    Math.min(SCALE.least, (width - OVER_PX) / longest),
    Math.min(SCALE.most, (width - OVER_PX) / longest),
  );
  const nameOf = (id: string, s?: Standing) =>
    id === OUTSIDE
      ? ((s && indoorHome(s, quarters)?.name) ?? say.itsSummerPlace)
      : (quarters.find((q) => q.id === id)?.name ?? "");

  const save = async (whole: boolean, standings: readonly Standing[], shown = plan.shown) => {
    const stands = standings.flatMap((s) => {
      const at = shown.assignment[s.id] ?? OUTSIDE;
      const spot = shown.spots[s.id];
      return s.treeIds.map((treeId) => ({
        treeId,
        placeId: at === OUTSIDE ? null : at,
        ...(spot ? { xM: spot.xM, yM: spot.yM } : {}),
      }));
    });
    const done = await keep.send({
      collectionId,
      winter: facts.winter,
      whole,
      stands,
      ...(whole ? { cost: plan.cost } : {}),
    });
    if (done) {
      plan.drop();
      tell({
        text: whole ? say.thePlanIsKeptThe : `${standings[0].tag}: ${nameOf(shown.assignment[standings[0].id])}.`,
        entryId: done.entryId,
      });
    }
  };

  const changeWords = (s: Standing, placeId: string): string => {
    const { change, forbidden } = plan.question(s, placeId);
    const to = nameOf(placeId);
    if (forbidden) {
      const o = obstaclesOf(plan.problem, plan.shown.assignment, s.id).find((x) => x.placeId === placeId);
      return o ? say.cannotStandThere(s.tag, obstacleWords(o, to, s, units)) : say.doesNotGetInto(s.tag, to);
    }
    const [now, then] = [plan.lossAt(s), plan.at(s, placeId)];
    if (now === null || !then) return say.inNotCalculatedYet(s.tag, to);
    const points = say.points(change > 0 ? "+" : "−", number(Math.abs(change), 1));
    return say.inOfItMayBe(s.tag, to, lossWords(lossOf(then.stay)), lossWords(now), points);
  };

  /** Puts a pot somewhere: kept at once where a kept plan is shown, part of the proposal otherwise. Answers what is wrong. */
  const put = (s: Standing, placeId: string, xM: number | null, yM: number | null): string | null => {
    if (plan.question(s, placeId).forbidden) {
      const words = changeWords(s, placeId);
      setStatus(words);
      return words;
    }
    const floor = plan.floors[placeId];
    const spot =
      placeId === OUTSIDE || !floor ? null : plan.spot(s, placeId, xM ?? floor.lengthM / 2, yM ?? floor.widthM / 2);
    if (floor && !spot) {
      const words = say.hasNoRoomForTake(nameOf(placeId), s.tag);
      setStatus(words);
      return words;
    }
    setStatus(changeWords(s, placeId));
    const group = facts.data.standings.filter((o) => o.id !== s.id && s.group !== null && o.group === s.group);
    if (group.some((o) => (plan.shown.assignment[o.id] ?? OUTSIDE) !== placeId))
      setStatus(say.itBelongsTogetherWith(changeWords(s, placeId), group.map((o) => o.tag).join(", ")));
    const { as } = plan.shown;
    const next = plan.put(s, placeId, spot);
    if (as === "kept") void save(false, [s], next);
    return null;
  };

  const resize = async (placeId: string, change: Partial<PlaceBuild>) => {
    const quarter = quarters.find((q) => q.id === placeId)!;
    const done = await build.send({ collectionId, placeId, build: { ...quarter.build, ...change } });
    if (done) tell({ text: say.isDrawnAgain(quarter.name), entryId: done.entryId });
  };

  const losses = facts.data.standings.map((s) => ({ s, loss: plan.lossAt(s) }));
  const inside = facts.data.standings.filter(
    (s) => (plan.shown.assignment[s.id] ?? OUTSIDE) !== OUTSIDE || indoorHome(s, quarters) !== null,
  );
  const danger = losses.filter((l) => l.loss !== null && l.loss > facts.risk).sort((a, b) => b.loss! - a.loss!);
  const calculated = facts.data.outlooks.length > 0;
  const chosen = selected === null ? undefined : byId.get(selected);
  const measured = quarters.find((q) => q.id === place);

  return (
    <article>
      <Heading facts={facts}>
        {summary({
          as: plan.shown.as,
          inside: inside.length,
          all: facts.data.standings.length,
          danger: danger.length,
          calculated,
        })}
      </Heading>
      <PlanBar
        as={plan.shown.as}
        changed={plan.changed}
        kept={facts.kept !== null}
        proof={facts.found && proofWords(plan.cost, facts.found)}
        minutes={minutes}
        onMinutes={setMinutes}
        fault={ask.at("minutesMost")}
        running={running}
        onEnd={ended}
        busy={ask.busy || keep.busy}
        onPlace={() => void placeAll()}
        onKeep={() => void save(true, facts.data.standings)}
        onDrop={plan.drop}
      />
      <FormFaults
        faults={[
          ...unplaced(ask.failure, ["minutesMost"]),
          ...(keep.failure?.faults ?? []),
          ...(build.failure?.faults ?? []),
        ]}
      />
      {facts.failed && !running && <FormFaults faults={[{ message: facts.failed }]} />}
      {calculated && !facts.fresh && !running && (
        <p className="mt-2 text-sm" data-testid="stale">
          {say.treesPlacesOrTheWeather}
        </p>
      )}
      {plan.broken.length > 0 && plan.shown.as !== "now" && (
        <p role="alert" className="text-error mt-2 text-sm font-semibold" data-testid="broken">
          {brokenWords(plan.broken, byId, nameOf)}
        </p>
      )}
      <p className="min-h-6 text-sm" role="status" data-testid="change">
        {status}
      </p>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div ref={drawing} className="min-w-0">
          <FloorPlan
            places={shownQuarters.map((quarter) => ({
              quarter,
              used: usedWords(quarter.build, inside, plan.shown, quarter.id, units),
            }))}
            standings={facts.data.standings}
            assignment={plan.shown.assignment}
            spots={plan.shown.spots}
            fate={(s) => {
              const loss = plan.lossAt(s);
              return loss === null ? null : fateOf(loss, facts.risk);
            }}
            selected={selected}
            pxPerM={pxPerM}
            units={units}
            onSelect={(id) => {
              setPlace(null);
              setSelected(id);
            }}
            onPlace={(id) => {
              setSelected(null);
              setPlace(id);
            }}
            onOver={(id, over) => {
              const s = byId.get(id);
              if (s && over && over !== (plan.shown.assignment[id] ?? OUTSIDE)) setStatus(changeWords(s, over));
            }}
            onDrop={(id, to, xM, yM) => {
              const s = byId.get(id);
              if (!s) return;
              if (s.anchored) setStatus(say.isRootedIntoTheGround(s.tag));
              else put(s, to, xM, yM);
            }}
            onResize={(id, change) => void resize(id, change)}
          />
          <Legend />
          <Outdoors
            places={quarters.filter((q) => !isQuarter(q))}
            standings={facts.data.standings.filter((s) => (plan.shown.assignment[s.id] ?? OUTSIDE) === OUTSIDE)}
            onPlace={(id) => {
              setSelected(null);
              setPlace(id);
            }}
          />
          <AddPlace onAdded={setPlace} />
        </div>
        <div
          ref={panel}
          className="space-y-4 lg:sticky lg:top-2 lg:max-h-[calc(100vh-1rem)] lg:self-start lg:overflow-y-auto"
        >
          {measured && (
            <PlaceForm
              key={measured.id}
              quarter={measured}
              air={facts.basis[measured.id]}
              onDone={() => setPlace(null)}
            />
          )}
          {chosen && !measured && (
            <PotPanel
              key={`${chosen.id}:${plan.shown.assignment[chosen.id]}`}
              standing={chosen}
              plan={plan}
              quarters={quarters}
              onPut={(to, x, y) => put(chosen, to, x, y)}
              onClose={() => setSelected(null)}
            />
          )}
          <Misfits
            danger={danger.map((d) => ({ s: d.s, loss: d.loss! }))}
            obstacle={(s) => {
              const [o] = obstaclesOf(plan.problem, plan.shown.assignment, s.id);
              return o ? obstacleWords(o, nameOf(o.placeId), s, units) : null;
            }}
            where={(s) => nameOf(plan.shown.assignment[s.id] ?? OUTSIDE, s)}
            planned={plan.shown.as !== "now"}
            onSelect={setSelected}
            collectionId={collectionId}
          />
          <Clay
            pots={facts.data.standings
              .map((s) => ({ s, cracks: plan.cracksAt(s) }))
              .filter((p) => p.cracks >= WORTH_A_WORD)
              .sort((a, b) => b.cracks - a.cracks)}
            where={(s) => nameOf(plan.shown.assignment[s.id] ?? OUTSIDE, s)}
            collectionId={collectionId}
          />
          {facts.withoutPot.length > 0 && (
            <p className="text-sm">
              {say.nobodyHasSaidThePot}
              {facts.withoutPot.slice(0, 8).map(({ id, tag }, i) => (
                <span key={id}>
                  {i > 0 && ", "}
                  <Link className="link" href={treeAt(collectionId, id, "", "#measure")}>
                    {tag}
                  </Link>
                </span>
              ))}
              {say.theyAreLeftOut(
                facts.withoutPot.length > 8 ? common.andMore(number(facts.withoutPot.length - 8)) : "",
              )}
            </p>
          )}
          <Caution>
            <p>{say.floorsWetPotsArePoint}</p>
            <p>{say.heatersNoFlameOrFuel()}</p>
          </Caution>
        </div>
      </div>
    </article>
  );
}

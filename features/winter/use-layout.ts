"use client";

import * as say from "@/words/pages/winter/main";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { AirBasis, PlaceBuild } from "@/core/winter/index";
import {
  indoorHome,
  lossOf,
  obstaclesOf,
  OUTSIDE,
  type PlacedPlan,
  type ShelterData,
  type Standing,
} from "@/core/shelter/index";
import { number, readNumber } from "@/words/format";
import { lossWords, obstacleWords } from "@/words/layout";
import { useAsOf } from "@/features/kernel/as-of";
import { type RunningJob } from "@/features/kernel/job-progress";
import { useNotice } from "@/features/kernel/notice";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { type KeptStand, usePlan } from "./use-plan";

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

/** The layout a keeper works on: what is shown, what is asked of the solver, and what is kept. */
export function useLayout(facts: ShelterFacts) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const [minutes, setMinutes] = useState(facts.found?.minutesMost == null ? "" : String(facts.found.minutesMost));
  const wanted = minutes.trim() === "" ? null : readNumber(minutes);
  const plan = usePlan(facts.data, facts.kept, wanted !== null && wanted > 0 ? wanted : null);
  const ask = useCommand("plan-shelter");
  const keep = useCommand("keep-shelter");
  const build = useCommand("build-place");
  const [started, setStarted] = useState<RunningJob | null>(null);
  const [status, setStatus] = useState("");
  const seen = useRef(facts.found?.jobId ?? null);
  const waiting = useRef(false);

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
    const done = await ask.send({ collectionId, winter: facts.winter, minutesMost: wanted });
    if (done) setStarted({ id: done.result.jobId, progress: 0, total: 0 });
  };

  const { quarters, standings } = facts.data;
  const byId = useMemo(() => new Map(standings.map((s) => [s.id, s])), [standings]);
  const nameOf = (id: string, s?: Standing) =>
    id === OUTSIDE
      ? ((s && indoorHome(s, quarters)?.name) ?? say.itsSummerPlace)
      : (quarters.find((q) => q.id === id)?.name ?? "");
  const placeOf = (s: Standing) => plan.shown.assignment[s.id] ?? OUTSIDE;

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
    const group = standings.filter((o) => o.id !== s.id && s.group !== null && o.group === s.group);
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

  const losses = standings.map((s) => ({ s, loss: plan.lossAt(s) }));
  return {
    plan,
    minutes,
    setMinutes,
    running: started ?? facts.running,
    ended,
    busy: ask.busy || keep.busy,
    minutesFault: ask.at("minutesMost"),
    faults: [
      ...unplaced(ask.failure, ["minutesMost"]),
      ...(keep.failure?.faults ?? []),
      ...(build.failure?.faults ?? []),
    ],
    status,
    setStatus,
    placeAll: () => void placeAll(),
    keepAll: () => void save(true, standings),
    put,
    resize: (placeId: string, change: Partial<PlaceBuild>) => void resize(placeId, change),
    changeWords,
    byId,
    nameOf,
    placeOf,
    inside: standings.filter((s) => placeOf(s) !== OUTSIDE || indoorHome(s, quarters) !== null),
    danger: losses
      .flatMap(({ s, loss }) => (loss !== null && loss > facts.risk ? [{ s, loss }] : []))
      .sort((a, b) => b.loss - a.loss),
  };
}
export type Layout = ReturnType<typeof useLayout>;

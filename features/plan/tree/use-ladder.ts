"use client";

import * as Comlink from "comlink";
import { useEffect, useRef, useState } from "react";
import {
  askedOf,
  type FixedStep,
  type LadderDetail,
  type LadderProblem,
  type LadderRow,
  type LadderWeights,
  type Planner,
  SCHOOL_WEIGHTS,
  SCHOOLS,
  type WhatIf,
} from "@/core/ladder/index";
import type { LadderApi } from "@/workers/ladder.browser";
import type { LadderFacts } from "./facts";

export type Fixes = Partial<Record<Planner, FixedStep[]>>;

/** Idle time after which what takes several plans is worked out, ms. */
const PAUSE_MS = 250;

interface Opened {
  worker: Worker;
  remote: Promise<Comlink.Remote<LadderApi>>;
}
/** Two of them: what takes several plans must never keep a slider waiting. */
interface Planners {
  rows: Opened;
  details: Opened;
}

function openPlanner(problem: LadderProblem): Opened {
  const worker = new Worker(new URL("../../../workers/ladder.browser.ts", import.meta.url), { type: "module" });
  const remote = Comlink.wrap<LadderApi>(worker);
  return { worker, remote: remote.open(problem).then(() => remote) };
}

/** Ladders as asked, from the browser's worker: the one in focus first, the others when it is done; only the newest question counts. */
export function useLadder(
  facts: LadderFacts,
  { ask, fixes, own, focus }: { ask: WhatIf; fixes: Fixes; own: LadderWeights | null; focus: Planner },
) {
  const [rows, setRows] = useState<LadderRow[]>(facts.rows);
  const [detail, setDetail] = useState<{ planner: Planner; of: LadderRow; detail: LadderDetail } | null>(null);
  const api = useRef<Planners | null>(null);
  const newest = useRef(0);
  const [answered, setAnswered] = useState(0);
  const [questions, setQuestions] = useState(0);

  useEffect(() => {
    const planners = { rows: openPlanner(facts.problem), details: openPlanner(facts.problem) };
    api.current = planners;
    return () => {
      api.current = null;
      planners.rows.worker.terminate();
      planners.details.worker.terminate();
    };
  }, [facts.problem]);

  useEffect(() => {
    const question = ++newest.current;
    setQuestions(question);
    const weightsOf = (planner: Planner) => (planner === "own" ? own : SCHOOL_WEIGHTS[planner]);
    const asked = performance.now();
    const detailOf = async (weights: LadderWeights, row: LadderRow) => {
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
      if (question !== newest.current) return;
      const remote = await api.current?.details.remote;
      const found = await remote?.detail(weights, ask, row, facts.doubt, facts.leftAfterLook);
      if (found && question === newest.current) setDetail({ planner: row.planner, of: row, detail: found });
    };
    const run = async () => {
      const remote = await api.current?.rows.remote;
      const others = [...SCHOOLS, "own" as const].filter((p) => p !== focus && (p !== "own" || own !== null));
      for (const planner of [focus, ...others]) {
        const weights = weightsOf(planner);
        if (!remote || !weights || question !== newest.current) return;
        const row = await remote.row(planner, weights, ask, fixes[planner] ?? []);
        if (row === null || question !== newest.current) return;
        if (planner === focus) {
          performance.measure("ladder-answer", { start: asked, end: performance.now() });
          void detailOf(weights, row);
        }
        setRows((now) => [...now.filter((r) => r.planner !== planner), row]);
      }
      setAnswered(question);
    };
    void run();
  }, [ask, fixes, own, focus, facts.doubt, facts.leftAfterLook]);

  const order: Planner[] = [...SCHOOLS, "own"];
  return {
    rows: rows
      .filter((r) => r.planner !== "own" || own !== null)
      .sort((a, b) => order.indexOf(a.planner) - order.indexOf(b.planner)),
    detail: detail?.planner === focus ? detail : null,
    problem: askedOf(facts.problem, ask),
    /** The worker is at it: what is shown is not all of it yet. */
    busy: answered !== questions,
  };
}

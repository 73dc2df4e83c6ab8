"use client";

import * as Comlink from "comlink";
import { useEffect, useRef, useState } from "react";
import {
  askedOf,
  type FixedStep,
  type LadderDetail,
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

/** Ladders as asked, from the browser's worker: the one in focus first, the others when it is done; only the newest question counts. */
export function useLadder(
  facts: LadderFacts,
  { ask, fixes, own, focus }: { ask: WhatIf; fixes: Fixes; own: LadderWeights | null; focus: Planner },
) {
  const [rows, setRows] = useState<LadderRow[]>(facts.rows);
  const [detail, setDetail] = useState<{ planner: Planner; of: LadderRow; detail: LadderDetail } | null>(null);
  const api = useRef<Promise<Comlink.Remote<LadderApi>> | null>(null);
  const newest = useRef(0);
  const [answered, setAnswered] = useState(0);
  const [questions, setQuestions] = useState(0);

  useEffect(() => {
    const worker = new Worker(new URL("../../workers/ladder.browser.ts", import.meta.url), { type: "module" });
    const remote = Comlink.wrap<LadderApi>(worker);
    api.current = remote.open(facts.problem).then(() => remote);
    return () => {
      api.current = null;
      worker.terminate();
    };
  }, [facts.problem]);

  useEffect(() => {
    const question = ++newest.current;
    setQuestions(question);
    const weightsOf = (planner: Planner) => (planner === "own" ? own : SCHOOL_WEIGHTS[planner]);
    const asked = performance.now();
    const run = async () => {
      const remote = await api.current;
      const planners: Planner[] = [...SCHOOLS, ...(own ? (["own"] as const) : [])];
      planners.sort((a, b) => Number(b === focus) - Number(a === focus));
      for (const planner of planners) {
        const weights = weightsOf(planner);
        if (!remote || !weights || question !== newest.current) return;
        const row = await remote.row(planner, weights, ask, fixes[planner] ?? []);
        if (row === null || question !== newest.current) return;
        if (planner === focus) performance.measure("ladder-answer", { start: asked, end: performance.now() });
        setRows((now) => [...now.filter((r) => r.planner !== planner), row]);
        if (planner === focus)
          setTimeout(() => {
            if (question !== newest.current) return;
            void remote.detail(weights, ask, row, facts.doubt, facts.leftAfterLook).then((found) => {
              if (found && question === newest.current) setDetail({ planner, of: row, detail: found });
            });
          }, PAUSE_MS);
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

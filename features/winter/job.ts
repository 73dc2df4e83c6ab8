import "server-only";
import { z } from "zod";
import type { LinearModel, LinearSolution } from "@/core/linear/index";
import {
  type OutlookTask,
  type PlacedPlan,
  planPlaces,
  problemOf,
  quickPlan,
  type TreeOutlook,
} from "@/core/shelter/index";
import { MODEL_VERSION } from "@/model/index";
import { jobResult, newestJob } from "@/data/jobs";
import type { JobHandler } from "@/server/job-runner";
import { pool } from "@/server/pool";
import { threads } from "@/server/threads";
import type { ThreadTask } from "@/workers/plan.server";
import { viewCollection } from "../kernel/collection/load";
import { SHELTER_JOB } from "./commands";
import { type WinterFacts, winterFacts } from "./facts";

/** What the question who stands where comes to: kept with its job. */
export interface ShelterResult {
  model: string;
  winter: number;
  today: string;
  revision: number;
  /** Names what the outlooks were calculated from. */
  key: string;
  outlooks: TreeOutlook[];
  plan: PlacedPlan;
  /** Person-minutes of carrying that were allowed; null: any. */
  minutesMost: number | null;
  /** Cost of the quick answer to the same question. */
  quickCost: number;
  tookMs: number;
}

const inputSchema = z.object({ minutesMost: z.number().nullable().default(null) });
const SOLVE = { timeLimitS: 6, gap: 0.002 };
/** Lots for the threads: each calculates the places anew, so few large ones; small ones on few trees are felt when cancelled. */
const LOTS = 4;
const LEAST_LOT = 15;

/** The newest outlooks of a collection that still hold; null where they must be calculated. */
export async function newestResult(collectionId: string): Promise<{ id: string; result: ShelterResult } | null> {
  const scope = { collectionId };
  const done = await newestJob(pool(), scope, SHELTER_JOB, ["done"]);
  const text = done && (await jobResult(pool(), scope, done.id));
  if (!text) return null;
  const result = JSON.parse(text) as ShelterResult;
  // Calculated by models of before it may lack what is asked of it now.
  return result.model === MODEL_VERSION ? { id: done.id, result } : null;
}

/** Trees of one wall and like volume beside each other, so that threads share their pots' temperatures. */
function lots(facts: WinterFacts): OutlookTask[] {
  const trees = [...facts.task.trees].sort((a, b) => a.wall.localeCompare(b.wall) || a.volumeL - b.volumeL);
  const lot = Math.max(LEAST_LOT, Math.ceil(trees.length / LOTS));
  return Array.from({ length: Math.ceil(trees.length / lot) }, (_, i) => ({
    ...facts.task,
    trees: trees.slice(lot * i, lot * (i + 1)),
  }));
}

/** Calculates every tree's winter at every place, then who stands where. */
export const planShelterJob: JobHandler = async (job, beat) => {
  const from = performance.now();
  const view = await viewCollection(job.collectionId);
  if (!view) throw new Error("no such collection");
  const facts = winterFacts(view);
  const before = await newestResult(job.collectionId);
  const parts = lots(facts);
  const total = parts.length + 1;
  let done = 0;
  await beat(0, total);
  let outlooks: TreeOutlook[];
  if (before?.result.key === facts.key) outlooks = before.result.outlooks;
  else {
    const stop = new AbortController();
    try {
      const found = await Promise.all(
        parts.map(async (task) => {
          const asked: ThreadTask = { kind: "winter", task };
          const part = (await threads().run(asked, { signal: stop.signal })) as TreeOutlook[];
          await beat(++done, total);
          return part;
        }),
      );
      outlooks = found.flat().map(rounded);
    } catch (error) {
      stop.abort();
      throw error;
    }
  }
  const { minutesMost } = inputSchema.parse(job.input);
  const { problem, floors } = problemOf({ ...facts.data, outlooks }, minutesMost);
  const solve = async (model: LinearModel) => {
    const asked: ThreadTask = { kind: "solve", model, limits: SOLVE };
    return (await threads().run(asked)) as LinearSolution;
  };
  const plan = await planPlaces(problem, floors, solve);
  await beat(total, total);
  const result: ShelterResult = {
    model: MODEL_VERSION,
    winter: facts.winter,
    today: view.today,
    revision: view.collection.revision,
    key: facts.key,
    outlooks,
    plan,
    minutesMost,
    quickCost: quickPlan(problem, floors).cost,
    tookMs: performance.now() - from,
  };
  return JSON.stringify(result);
};

/** A thousandth is finer than any of it is known. */
function rounded(outlook: TreeOutlook): TreeOutlook {
  const short = (v: number) => Math.round(1000 * v) / 1000;
  return {
    ...outlook,
    stays: Object.fromEntries(
      Object.entries(outlook.stays).map(([id, s]) => [
        id,
        {
          ...s,
          roots: short(s.roots),
          wood: short(s.wood),
          woodChance: short(s.woodChance),
          cracks: short(s.cracks),
          chillShort: short(s.chillShort),
          meanC: short(s.meanC),
        },
      ]),
    ),
  };
}

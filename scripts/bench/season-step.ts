// The season step of the ladder's search against the same in C.
import { execFileSync, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { type LadderOption, type LadderTables, Played, playSeason, tablesOf } from "@/core/ladder/season";
import type { LadderProblem } from "@/core/ladder/index";
import { mulberry32 } from "@/core/random/index";
import { CIRCLING_FROM, CIRCLING_MOST, TURNING_FROM_X } from "@/core/roots/index";
import { problem } from "@/test-support/ladder";

const STATES = 2000;
const ROUNDS = 20;
/** Lots in turn, ours and theirs, so that a busy moment of the machine meets both; the best of each counts. */
const LOTS = 5;
const SEED = 7;

/** A moderate tree in ten litres, carried in for the winter, all pots on its way to buy. */
const base = problem("long-jump", { volumeL: 10 });
const asked: LadderProblem = {
  ...base,
  site: { ...base.site, liftKg: 20, movedForWinter: true, rootDepthNeedMm: 350 },
  goal: { ...base.goal, maxL: 110 },
};

const linesOf = ({ pots }: LadderTables, options: readonly LadderOption[]): string => {
  const { weights: w, site } = asked;
  const head = [ROUNDS, STATES, options.length, site.coolWet, site.mixLifeYears, w.oversize, w.bound, w.growth, w.age];
  const turning = [TURNING_FROM_X, CIRCLING_FROM, CIRCLING_MOST, 0];
  const rows = options.map((o) => {
    const p = pots[o.pot];
    const lift = o.handled ? p.liftHandled : p.lift;
    return [
      o.retained,
      o.circlingKept,
      o.rise,
      o.ageKept,
      o.fixedTotal,
      p.wetA,
      p.wetB,
      p.wetC,
      p.turning,
      p.size,
      lift,
      p.depth,
    ];
  });
  return [[...head, ...turning], ...rows].map((row) => row.map(String).join(" ")).join("\n");
};

function ours(tables: LadderTables, options: readonly LadderOption[]): { ms: number; sum: number } {
  const random = mulberry32(SEED);
  const states = Array.from({ length: STATES }, () =>
    new Played().set({ pot: 0, x: -1.5 + 5 * random(), circling: 3 * random(), age: 6 * random() }),
  );
  const to = new Played();
  let sum = 0;
  const from = performance.now();
  for (let r = 0; r < ROUNDS; r++)
    for (const state of states)
      for (const option of options) {
        playSeason(tables, state, option, 3, false, to);
        sum += to.cost;
      }
  return { ms: performance.now() - from, sum: sum / ROUNDS };
}

/** Rows of the report: what, measured, goal. */
export function seasonSteps(): [string, string, string][] {
  const tables = tablesOf(asked);
  const options = tables.options[0];
  const dir = mkdtempSync(path.join(tmpdir(), "ladder-season-"));
  try {
    const program = path.join(dir, "ladder-season");
    const built = spawnSync("gcc", ["-O3", "-o", program, "bench/ladder-season.c", "-lm"], { encoding: "utf8" });
    const inC = !built.error && built.status === 0;
    let [mine, theirs] = [Infinity, Infinity];
    let same = true;
    for (let lot = 0; lot < LOTS; lot++) {
      const own = ours(tables, options);
      mine = Math.min(mine, own.ms);
      if (!inC) continue;
      const [ms, sum] = execFileSync(program, { input: linesOf(tables, options), encoding: "utf8" })
        .trim()
        .split(" ")
        .map(Number);
      theirs = Math.min(theirs, ms);
      same &&= Math.abs(sum / own.sum - 1) < 1e-9;
    }
    const steps = STATES * ROUNDS * options.length;
    const what = "season step of the ladder’s search, against bench/ladder-season.c by gcc -O3";
    const speed = `${((1e6 * mine) / steps).toFixed(0)} ns a step`;
    if (!inC) return [[what, `${speed}; no gcc here, the comparison is skipped`, "at most 1.5 × the C time"]];
    const said = `${speed}; C ${((1e6 * theirs) / steps).toFixed(0)} ns, ours × ${(mine / theirs).toFixed(2)}${same ? "" : ", but the costs differ"}`;
    return [[what, said, "at most 1.5 × the C time"]];
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

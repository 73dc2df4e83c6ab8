// Pot-winters: the loop of the root zone's temperature, and the same in C where there is a compiler.
import { execFileSync, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { toDay } from "@/core/dates/index";
import { mulberry32 } from "@/core/random/index";
import { potTemperature, type PotInWinter } from "@/core/winter/index";
import { type PotHours, weatherHours } from "@/core/place/index";

const DAYS = 212;
const LITRES = [2, 10, 40];

/** A cold winter of one site, hour by hour. */
function hours(): PotHours {
  const random = mulberry32(7);
  const days = Array.from({ length: DAYS }, (_, d) => 6 - 14 * Math.sin((Math.PI * d) / DAYS) + 6 * (random() - 0.5));
  const flat = (v: (d: number) => number) => days.map((_, d) => v(d));
  return weatherHours(48, {
    startDay: toDay("2026-10-21"),
    tminC: days.map((t) => t - 4),
    tmaxC: days.map((t) => t + 4),
    solarMJ: flat(() => 2 + 4 * random()),
    rainMm: flat(() => 2 * random()),
    windMs: flat(() => 1 + 3 * random()),
  });
}

interface Timed {
  ms: number;
  shell: number;
  core: number;
}

/** The same loop compiled from C, ready to be run; null where there is no gcc. */
function compiled(dir: string): ((litres: number, weather: PotHours, rounds: number) => Timed) | null {
  const program = path.join(dir, "pot-winter");
  const built = spawnSync("gcc", ["-O3", "-o", program, "bench/pot-winter.c", "-lm"], { encoding: "utf8" });
  if (built.error || built.status !== 0) return null;
  return (litres, { airC, windMs, soilC, sunWm2, skyLossWm2, snowR }, rounds) => {
    const lines = Array.from(airC, (_, i) =>
      [airC[i], windMs[i], soilC[i], sunWm2[i], skyLossWm2[i], snowR![i]].map(String).join(" "),
    );
    const said = execFileSync(program, [String(litres), String(rounds)], { input: lines.join("\n"), encoding: "utf8" });
    const [ms, shell, core] = said.trim().split(" ").map(Number);
    return { ms, shell, core };
  };
}

function ours(pot: PotInWinter, weather: PotHours, rounds: number): Timed {
  const from = performance.now();
  let last = potTemperature(pot, weather.soilC[0], weather);
  for (let r = 1; r < rounds; r++) last = potTemperature(pot, weather.soilC[0], weather);
  return { ms: (performance.now() - from) / rounds, shell: last.minShellC, core: last.minCoreC };
}

/** Lots in turn, ours and theirs, so that a busy moment of the machine meets both; the best of each counts. */
const LOTS = 7;
const better = (a: Timed | null, b: Timed | null) => (a && b ? (b.ms < a.ms ? b : a) : (a ?? b));

/** Rows of the report: what, measured, goal. */
export function potWinters(): [string, string, string][] {
  const weather = hours();
  const dir = mkdtempSync(path.join(tmpdir(), "aurelian-bench-"));
  try {
    const inC = compiled(dir);
    return LITRES.map((volumeL) => {
      const pot: PotInWinter = { volumeL, wall: "smooth-plastic", stand: "bench" };
      const rounds = Math.max(20, Math.round(4 * volumeL));
      let [mine, theirs]: (Timed | null)[] = [null, null];
      for (let lot = 0; lot < LOTS; lot++) {
        mine = better(mine, ours(pot, weather, rounds));
        theirs = better(theirs, inC?.(volumeL, weather, rounds) ?? null);
      }
      const { ms, shell, core } = mine!;
      const speed = `${ms.toFixed(2)} ms, ${Math.round(1000 / ms)} a second`;
      const what = `pot-winter of ${volumeL} L, ${DAYS} days hourly, against bench/pot-winter.c by gcc -O3`;
      const goal = "at most 1.3 × the C time";
      if (!theirs) return [what, `${speed}; no gcc here, the comparison is skipped`, goal];
      const same = Math.abs(theirs.shell - shell) < 1e-3 && Math.abs(theirs.core - core) < 1e-3;
      const ratio = (ms / theirs.ms).toFixed(2);
      return [
        what,
        `${speed}; C ${theirs.ms.toFixed(2)} ms, ours × ${ratio}${same ? "" : ", but the temperatures differ"}`,
        goal,
      ];
    });
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

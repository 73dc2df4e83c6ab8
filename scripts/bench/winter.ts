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

/** Compiles and runs the same loop in C; null where there is no gcc. */
function inC(litres: number, weather: PotHours, rounds: number): { ms: number; shell: number; core: number } | null {
  const dir = mkdtempSync(path.join(tmpdir(), "aurelian-bench-"));
  try {
    const program = path.join(dir, "pot-winter");
    const built = spawnSync("gcc", ["-O3", "-o", program, "bench/pot-winter.c", "-lm"], { encoding: "utf8" });
    if (built.error || built.status !== 0) return null;
    const { airC, windMs, soilC, sunWm2, skyLossWm2, snowR } = weather;
    const lines = Array.from(airC, (_, i) =>
      [airC[i], windMs[i], soilC[i], sunWm2[i], skyLossWm2[i], snowR![i]].map(String).join(" "),
    );
    const said = execFileSync(program, [String(litres), String(rounds)], { input: lines.join("\n"), encoding: "utf8" });
    const [ms, shell, core] = said.trim().split(" ").map(Number);
    return { ms, shell, core };
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

/** Best of some rounds, milliseconds for one pot-winter. */
function ours(pot: PotInWinter, weather: PotHours, rounds: number): number {
  let best = Infinity;
  for (let lot = 0; lot < 5; lot++) {
    const from = performance.now();
    for (let r = 0; r < rounds; r++) potTemperature(pot, weather.soilC[0], weather);
    best = Math.min(best, (performance.now() - from) / rounds);
  }
  return best;
}

/** Rows of the report: what, measured, goal. */
export function potWinters(): [string, string, string][] {
  const weather = hours();
  return LITRES.map((volumeL) => {
    const pot: PotInWinter = { volumeL, wall: "smooth-plastic", stand: "bench" };
    const rounds = Math.max(20, Math.round(4 * volumeL));
    const ms = ours(pot, weather, rounds);
    const mine = potTemperature(pot, weather.soilC[0], weather);
    const c = inC(volumeL, weather, rounds);
    const speed = `${ms.toFixed(2)} ms, ${Math.round(1000 / ms)} a second`;
    const what = `pot-winter of ${volumeL} L, ${DAYS} days hourly, against bench/pot-winter.c by gcc -O3`;
    if (!c) return [what, `${speed}; no gcc here, the comparison is skipped`, "at most 1.3 × the C time"];
    const same = Math.abs(c.shell - mine.minShellC) < 1e-3 && Math.abs(c.core - mine.minCoreC) < 1e-3;
    return [
      what,
      `${speed}; C ${c.ms.toFixed(2)} ms, ours × ${(ms / c.ms).toFixed(2)}${same ? "" : ", but the temperatures differ"}`,
      "at most 1.3 × the C time",
    ];
  });
}

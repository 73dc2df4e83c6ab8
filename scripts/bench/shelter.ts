// The Shelter: pot-winters, assignments by the solver with the greedy answer beside them. Prints one line of JSON.
import { mulberry32 } from "@/core/random/index";
import { type AssignProblem, assignmentModel, circleM2, greedyAssignment, OUTSIDE } from "@/core/shelter/index";
import { highsSolver } from "@/solve/highs";
import { potWinters } from "./winter";

/** Sizes with the time each may take, s. */
const CASES = [
  [60, 5, 2],
  [200, 6, 2],
  [1000, 10, 5],
] as const;
const GAP = 0.002;

/** A collection with places for about two thirds of it, tight by area, mass, doors and ceilings. */
function collection(trees: number, places: number, seed: number): AssignProblem {
  const random = mulberry32(seed);
  const between = (a: number, b: number) => a + (b - a) * random();
  const ids = Array.from({ length: places }, (_, i) => `p${i}`);
  const made = Array.from({ length: trees }, (_, i) => {
    const widthM = between(0.25, 0.7);
    const worth = between(30, 250);
    const tender = random();
    return {
      id: `t${i}`,
      widthM,
      areaM2: circleM2(widthM),
      heightM: between(0.6, 2.6),
      massKg: 300 * widthM ** 2.5,
      cost: Object.fromEntries([
        [OUTSIDE, worth * tender],
        ...ids.map((id) => [id, worth * tender * random() * 0.6 + between(0, 4)]),
      ]) as Record<string, number>,
    };
  });
  const needed = made.reduce((s, t) => s + t.areaM2, 0);
  return {
    trees: made,
    places: ids.map((id) => ({
      id,
      areaM2: (between(0.6, 1.4) * 0.65 * needed) / places,
      heightM: between(1.7, 3),
      doorM: between(0.55, 1),
      maxMassKg: random() < 0.5 ? between(200, 2000) : null,
      liftKg: random() < 0.5 ? between(25, 120) : null,
    })),
  };
}

async function assignments(): Promise<[string, string, string][]> {
  // The first call loads the solver.
  await highsSolver.solve(assignmentModel(collection(5, 2, 1)).model, { timeLimitS: 1, gap: GAP });
  const rows: [string, string, string][] = [];
  for (const [trees, places, timeLimitS] of CASES) {
    const problem = collection(trees, places, trees);
    let from = performance.now();
    const quick = greedyAssignment(problem);
    const quickMs = performance.now() - from;
    from = performance.now();
    const { model, read } = assignmentModel(problem);
    const solution = await highsSolver.solve(model, { timeLimitS, gap: GAP });
    const found = read(solution);
    const s = (performance.now() - from) / 1000;
    rows.push([
      `who stands where: ${trees} trees × ${places} places`,
      `${s.toFixed(2)} s, proven within ${(100 * solution.gap).toFixed(2)} %; greedy ${quickMs.toFixed(1)} ms, ` +
        `${(100 * (quick.cost / found.cost - 1)).toFixed(1)} % dearer`,
      `gap ≤ 0.2 % in ${timeLimitS} s`,
    ]);
  }
  return rows;
}

const rows = [...potWinters(), ...(await assignments())];
console.log(JSON.stringify({ rows }));

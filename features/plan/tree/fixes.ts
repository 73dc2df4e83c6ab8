import type { FixedStep, LadderPot, LadderRow } from "@/core/ladder/index";

/** Fixes with a season's step moved by so many seasons; the seasons it leaves are spent waiting. */
export function movedStep(
  row: LadderRow,
  fixes: readonly FixedStep[],
  season: number,
  by: number,
  shown: number,
): FixedStep[] {
  const step = row.steps[season];
  const target = Math.min(shown - 1, Math.max(0, season + by));
  if (step.action === "stay" || target === season) return [...fixes];
  const wait = (s: number): FixedStep => ({ season: s, action: "stay", pot: 0 });
  const moved: FixedStep = { season: target, action: step.action, pot: step.pot };
  const left: FixedStep[] =
    target > season
      ? Array.from({ length: target - season }, (_, i) => wait(season + i))
      : step.action === "up-pot"
        ? []
        : [wait(season)];
  const touched = new Set([target, ...left.map((f) => f.season)]);
  return [...fixes.filter((f) => !touched.has(f.season)), ...left, moved].sort((a, b) => a.season - b.season);
}

/** Fixes with another pot for a season's step: the next larger or smaller one. */
export function otherPot(
  row: LadderRow,
  pots: readonly LadderPot[],
  fixes: readonly FixedStep[],
  season: number,
  direction: 1 | -1,
): FixedStep[] {
  const step = row.steps[season];
  const inOrder = pots.map((p, i) => ({ i, v: p.volumeL })).sort((a, b) => a.v - b.v);
  const next = inOrder
    .filter((p) => p.i > 0 && direction * (p.v - step.volumeL) > 0.01 * step.volumeL)
    .at(direction === 1 ? 0 : -1);
  if (step.action !== "up-pot" || !next) return [...fixes];
  return [...fixes.filter((f) => f.season !== season), { season, action: "up-pot" as const, pot: next.i }].sort(
    (a, b) => a.season - b.season,
  );
}

import type { LinearModel, LinearSolution } from "../linear/index";
import { type AssignProblem, assignmentModel, checkAssignment, forbidden, greedyAssignment } from "./assign";
import { OUTSIDE } from "./outlook";
import { circleM2, type Circle, type Floor, packCircles, type Placed, spotFor } from "./packing";

export interface PlacedPlan {
  assignment: Record<string, string>;
  /** Where each circle stands, in places whose floor is known. */
  spots: Record<string, { xM: number; yM: number }>;
  cost: number;
  /** Least that any assignment could cost by the areas alone, as far as proven; null for a quick answer. */
  boundCost: number | null;
  /** Times the solver was asked. */
  rounds: number;
}

export type Floors = Readonly<Record<string, Floor | undefined>>;

const ROUNDS = 4;
const circlesAt = (problem: AssignProblem, assignment: Readonly<Record<string, string>>, placeId: string): Circle[] =>
  problem.trees.filter((t) => assignment[t.id] === placeId).map((t) => ({ id: t.id, widthM: t.widthM }));

/**
 * Assigns by the solver, lays the circles out, and where they find no room shrinks that place's area to what was laid and asks again.
 * What still finds no room at the end goes to the next best place that has some, or stays out.
 */
export async function planPlaces(
  problem: AssignProblem,
  floors: Floors,
  solve: (model: LinearModel) => Promise<LinearSolution>,
): Promise<PlacedPlan> {
  let asked = problem;
  let boundCost: number | null = null;
  for (let round = 1; ; round++) {
    const { model, read } = assignmentModel(asked);
    const solution = await solve(model);
    const found = solution.status === "none" ? greedyAssignment(asked) : read(solution);
    if (round === 1 && solution.status !== "none") boundCost = solution.cost - solution.gap * Math.abs(solution.cost);
    const short = new Map<string, number>();
    for (const p of asked.places) {
      const floor = floors[p.id];
      if (!floor) continue;
      const { placed, left } = packCircles(floor, circlesAt(asked, found.assignment, p.id));
      if (left.length > 0)
        short.set(
          p.id,
          placed.reduce((s, c) => s + circleM2(c.widthM), 0),
        );
    }
    if (short.size === 0 || round === ROUNDS)
      return { ...layOut(problem, floors, found.assignment), boundCost, rounds: round };
    asked = {
      ...asked,
      places: asked.places.map((p) => {
        const laid = short.get(p.id);
        return laid === undefined ? p : { ...p, areaM2: Math.min(p.areaM2, laid) };
      }),
    };
  }
}

/** The quick answer, laid out. */
export function quickPlan(problem: AssignProblem, floors: Floors): PlacedPlan {
  return { ...layOut(problem, floors, greedyAssignment(problem).assignment), boundCost: null, rounds: 0 };
}

/** Lays an assignment out; circles without room move on to the place that costs least and has some, groups whole. */
export function layOut(
  problem: AssignProblem,
  floors: Floors,
  wanted: Readonly<Record<string, string>>,
  kept: Spots = {},
): Omit<PlacedPlan, "boundCost" | "rounds"> {
  const assignment = { ...wanted };
  const { laid, left } = circlesLaid(problem, floors, assignment, kept);
  const trees = new Map(problem.trees.map((t) => [t.id, t]));
  const groups = new Map<string, string[]>();
  for (const t of problem.trees) if (t.group) groups.set(t.group, [...(groups.get(t.group) ?? []), t.id]);
  const done = new Set<string>();
  // Nothing leaves a floor from here on but groups: where one as wide found no room, there is none.
  const tooWide = new Map<string, number>();
  for (const id of left) {
    if (done.has(id)) continue;
    const tree = trees.get(id)!;
    const all = tree.group ? groups.get(tree.group)! : [id];
    // A group that cannot stand whole leaves whole.
    if (all.length > 1) tooWide.clear();
    for (const member of all) {
      done.add(member);
      for (const [place, circles] of laid)
        laid.set(
          place,
          circles.filter((c) => c.id !== member),
        );
      assignment[member] = OUTSIDE;
    }
    const cost = (placeId: string) => all.reduce((s, m) => s + (trees.get(m)!.cost[placeId] ?? 0), 0);
    const options = problem.places
      .filter((p) => all.every((m) => forbidden(trees.get(m)!, p) === null) && cost(p.id) < cost(OUTSIDE))
      .sort((a, b) => cost(a.id) - cost(b.id));
    for (const p of options) {
      const floor = floors[p.id];
      if (floor && all.length === 1 && tree.widthM >= (tooWide.get(p.id) ?? Infinity)) continue;
      const there = [...(laid.get(p.id) ?? [])];
      const tried = { ...assignment, ...Object.fromEntries(all.map((m) => [m, p.id])) };
      if (checkAssignment(problem, tried).broken.length > 0) continue;
      const spots = floor
        ? all.map((m) => {
            const at = spotFor(floor, { id: m, widthM: trees.get(m)!.widthM }, there);
            if (at) there.push(at);
            return at;
          })
        : [];
      if (spots.some((s) => s === null)) {
        if (all.length === 1) tooWide.set(p.id, Math.min(tooWide.get(p.id) ?? Infinity, tree.widthM));
        continue;
      }
      Object.assign(assignment, tried);
      if (floor) laid.set(p.id, there);
      break;
    }
  }
  const spots: PlacedPlan["spots"] = {};
  for (const circles of laid.values()) for (const { id, xM, yM } of circles) spots[id] = { xM, yM };
  return { assignment, spots, cost: checkAssignment(problem, assignment).cost };
}

type Spots = Readonly<Record<string, { xM: number; yM: number }>>;

function circlesLaid(
  problem: AssignProblem,
  floors: Floors,
  assignment: Readonly<Record<string, string>>,
  kept: Spots,
) {
  const laid = new Map<string, Placed[]>();
  const left: string[] = [];
  for (const p of problem.places) {
    const floor = floors[p.id];
    if (!floor) continue;
    const circles = circlesAt(problem, assignment, p.id);
    const stay = circles.flatMap((c) => (kept[c.id] ? [{ ...c, ...kept[c.id] }] : []));
    const packed = packCircles(floor, circles, stay);
    laid.set(p.id, packed.placed);
    left.push(...packed.left.map((c) => c.id));
  }
  return { laid, left };
}

/** Where the circles of an assignment lie as it is; those without room have no spot. */
export function spotsOf(
  problem: AssignProblem,
  floors: Floors,
  assignment: Readonly<Record<string, string>>,
  kept: Spots = {},
): PlacedPlan["spots"] {
  const spots: PlacedPlan["spots"] = {};
  for (const circles of circlesLaid(problem, floors, assignment, kept).laid.values())
    for (const { id, xM, yM } of circles) spots[id] = { xM, yM };
  return spots;
}

/** What stands between a tree and a place that would be better for it. */
export interface Obstacle {
  placeId: string;
  why: NonNullable<ReturnType<typeof forbidden>> | "full";
  /** What it would take: metres of width or height too much, kilograms too much, square metres too few. */
  over: number;
  /** Points the tree would gain there. */
  gain: number;
}

/** Better places than where it stands, the best first, and why it is not there. */
export function obstaclesOf(
  problem: AssignProblem,
  assignment: Readonly<Record<string, string>>,
  treeId: string,
): Obstacle[] {
  const tree = problem.trees.find((t) => t.id === treeId);
  if (!tree) return [];
  const now = tree.cost[assignment[treeId] ?? OUTSIDE] ?? 0;
  return problem.places
    .flatMap((p): Obstacle[] => {
      const cost = tree.cost[p.id];
      if (cost === undefined || cost >= now - 1e-9 || p.id === assignment[treeId]) return [];
      const gain = now - cost;
      const why = forbidden(tree, p);
      if (why === "unnamed") return [];
      if (why === null) {
        const used = problem.trees.filter((t) => assignment[t.id] === p.id).reduce((s, t) => s + t.areaM2, 0);
        return [{ placeId: p.id, why: "full", over: Math.max(tree.areaM2 - Math.max(0, p.areaM2 - used), 0), gain }];
      }
      const over = {
        height: () => (tree.heightM ?? 0) - (p.heightM ?? 0),
        door: () => (tree.throughM ?? tree.widthM) - (p.doorM ?? 0),
        lift: () => (tree.eachKg ?? tree.massKg) - (p.liftKg ?? 0),
        floor: () => tree.massKg - (p.maxMassKg ?? 0),
        area: () => tree.areaM2 - p.areaM2,
      }[why]();
      return [{ placeId: p.id, why, over, gain }];
    })
    .sort((a, b) => b.gain - a.gain);
}

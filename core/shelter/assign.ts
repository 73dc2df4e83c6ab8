import { ModelBuilder, type LinearModel, type LinearSolution } from "../linear/index";
import { OUTSIDE } from "./outlook";

/** One tree, or several that stay together, as the assignment sees them. Cost by place; a place left out is not allowed. */
export interface AssignTree {
  id: string;
  /** Ground it takes, m²; its widest circle and its height, m. */
  areaM2: number;
  widthM: number;
  heightM: number | null;
  massKg: number;
  /** What is lifted at once, where it is less than all of it, kg. */
  eachKg?: number;
  cost: Readonly<Record<string, number>>;
  /** Minutes of carrying to a place and back. */
  minutes?: Readonly<Record<string, number>>;
  /** Trees of one group stand in one place. */
  group?: string | null;
  /** Width that must go through a door, where it is not the circle's, m. */
  throughM?: number;
}

export interface AssignPlace {
  id: string;
  areaM2: number;
  heightM: number | null;
  doorM: number | null;
  maxMassKg?: number | null;
  /** What people can carry to it, kg: by its steps and who is there. */
  liftKg?: number | null;
}

export interface AssignProblem {
  trees: readonly AssignTree[];
  places: readonly AssignPlace[];
  /** Minutes of carrying at most, there and back. */
  minutesMost?: number | null;
}

/** Why a tree cannot stand in a place, whoever else stands there. */
export type Forbidden = "height" | "door" | "lift" | "floor" | "area" | "unnamed";

/** Doors and ceilings are met with so much air to spare, m. */
export const CLEARANCE_M = 0.02;

export function forbidden(tree: AssignTree, place: AssignPlace): Forbidden | null {
  if (tree.cost[place.id] === undefined) return "unnamed";
  if (place.heightM !== null && tree.heightM !== null && tree.heightM > place.heightM) return "height";
  if (place.doorM !== null && (tree.throughM ?? tree.widthM) > place.doorM) return "door";
  if (place.liftKg != null && (tree.eachKg ?? tree.massKg) > place.liftKg) return "lift";
  if (place.maxMassKg != null && tree.massKg > place.maxMassKg) return "floor";
  return tree.areaM2 > place.areaM2 ? "area" : null;
}

export interface Assignment {
  /** Place by tree; `outside` for those that stay out. */
  assignment: Record<string, string>;
  cost: number;
}

/** Trees that stay together, as one. */
interface Unit {
  trees: AssignTree[];
  areaM2: number;
  massKg: number;
}

function unitsOf(trees: readonly AssignTree[]): Unit[] {
  const units = new Map<string, Unit>();
  for (const tree of trees) {
    const key = tree.group ? `g:${tree.group}` : `t:${tree.id}`;
    const unit = units.get(key) ?? { trees: [], areaM2: 0, massKg: 0 };
    unit.trees.push(tree);
    unit.areaM2 += tree.areaM2;
    unit.massKg += tree.massKg;
    units.set(key, unit);
  }
  return [...units.values()];
}

const sum = (trees: readonly AssignTree[], of: (t: AssignTree) => number) => trees.reduce((s, t) => s + of(t), 0);
const costOf = (unit: Unit, placeId: string) => sum(unit.trees, (t) => t.cost[placeId] ?? 0);
const minutesOf = (unit: Unit, placeId: string) => sum(unit.trees, (t) => t.minutes?.[placeId] ?? 0);

function allowed(unit: Unit, place: AssignPlace): boolean {
  return (
    unit.trees.every((t) => forbidden(t, place) === null) &&
    unit.areaM2 <= place.areaM2 &&
    (place.maxMassKg == null || unit.massKg <= place.maxMassKg)
  );
}

/** The cost of an assignment, and whether it keeps every limit. */
export function checkAssignment(problem: AssignProblem, assignment: Readonly<Record<string, string>>) {
  const broken: string[] = [];
  let [cost, minutes] = [0, 0];
  for (const t of problem.trees) {
    const at = assignment[t.id] ?? OUTSIDE;
    cost += t.cost[at] ?? 0;
    minutes += t.minutes?.[at] ?? 0;
    const place = problem.places.find((p) => p.id === at);
    if (at !== OUTSIDE && !place) broken.push(`${t.id}: no such place`);
    const why = place && forbidden(t, place);
    if (why) broken.push(`${t.id}: ${why}`);
  }
  for (const p of problem.places) {
    const there = problem.trees.filter((t) => assignment[t.id] === p.id);
    if (sum(there, (t) => t.areaM2) > p.areaM2 + 1e-9) broken.push(`${p.id}: area`);
    if (p.maxMassKg != null && sum(there, (t) => t.massKg) > p.maxMassKg + 1e-6) broken.push(`${p.id}: mass`);
  }
  if (problem.minutesMost != null && minutes > problem.minutesMost + 1e-6) broken.push("minutes");
  for (const unit of unitsOf(problem.trees))
    if (new Set(unit.trees.map((t) => assignment[t.id] ?? OUTSIDE)).size > 1) broken.push(`${unit.trees[0].id}: group`);
  return { cost, broken };
}

/**
 * A quick answer: units in the order of what they gain per square metre, each to the best place that still has room; then as long as
 * it helps, one is moved or takes another's room. No proof of how good it is.
 */
export function greedyAssignment(problem: AssignProblem): Assignment {
  const units = unitsOf(problem.trees);
  const left = new Map(problem.places.map((p) => [p.id, { areaM2: p.areaM2, massKg: p.maxMassKg ?? Infinity }]));
  let minutes = problem.minutesMost ?? Infinity;
  const at = new Map<Unit, string>(units.map((u) => [u, OUTSIDE]));
  const options = new Map(
    units.map((u) => [
      u,
      problem.places
        .filter((p) => allowed(u, p))
        .map((p) => ({ id: p.id, gain: costOf(u, OUTSIDE) - costOf(u, p.id) }))
        .filter((o) => o.gain > 0)
        .sort((a, b) => b.gain - a.gain),
    ]),
  );
  const fits = (u: Unit, id: string) => {
    const room = left.get(id)!;
    return u.areaM2 <= room.areaM2 && u.massKg <= room.massKg && minutesOf(u, id) <= minutes;
  };
  const put = (u: Unit, id: string) => {
    const from = at.get(u)!;
    for (const [place, sign] of [
      [from, 1],
      [id, -1],
    ] as const) {
      const room = left.get(place);
      if (!room) continue;
      room.areaM2 += sign * u.areaM2;
      room.massKg += sign * u.massKg;
      minutes += sign * minutesOf(u, place);
    }
    at.set(u, id);
  };
  const best = (u: Unit) => options.get(u)![0]?.gain ?? 0;
  for (const u of [...units].sort((a, b) => best(b) / b.areaM2 - best(a) / a.areaM2)) {
    const to = options.get(u)!.find((o) => fits(u, o.id));
    if (to) put(u, to.id);
  }
  for (let round = 0, better = true; better && round < ROUNDS; round++) {
    better = false;
    for (const u of units) {
      const now = costOf(u, at.get(u)!);
      const to = options.get(u)!.find((o) => o.id !== at.get(u) && costOf(u, o.id) < now - 1e-9 && fits(u, o.id));
      if (to) {
        put(u, to.id);
        better = true;
      }
    }
  }
  return answer(problem, (u) => at.get(u) ?? OUTSIDE, units);
}
const ROUNDS = 10;

function answer(problem: AssignProblem, at: (u: Unit) => string, units: readonly Unit[]): Assignment {
  const assignment: Record<string, string> = {};
  for (const u of units) for (const t of u.trees) assignment[t.id] = at(u);
  return { assignment, cost: checkAssignment(problem, assignment).cost };
}

/** The assignment as a whole-number program, and how its solution reads. */
export function assignmentModel(problem: AssignProblem): {
  model: LinearModel;
  read: (solution: LinearSolution) => Assignment;
} {
  const units = unitsOf(problem.trees);
  const builder = new ModelBuilder();
  const columns = units.map((u) => [
    { id: OUTSIDE, column: builder.column(costOf(u, OUTSIDE), { upper: 1, whole: true }) },
    ...problem.places.flatMap((p) =>
      allowed(u, p) ? [{ id: p.id, column: builder.column(costOf(u, p.id), { upper: 1, whole: true }) }] : [],
    ),
  ]);
  for (const own of columns)
    builder.row(
      own.map((o) => [o.column, 1]),
      { lower: 1, upper: 1 },
    );
  const row = (of: (u: Unit, id: string) => number, upper: number, id?: string) => {
    const entries = units.flatMap((u, i) =>
      columns[i].flatMap((o): [number, number][] => {
        const amount = o.id !== OUTSIDE && (id === undefined || o.id === id) ? of(u, o.id) : 0;
        return amount > 0 ? [[o.column, amount]] : [];
      }),
    );
    if (entries.length > 0) builder.row(entries, { upper });
  };
  for (const p of problem.places) {
    row((u) => u.areaM2, p.areaM2, p.id);
    if (p.maxMassKg != null) row((u) => u.massKg, p.maxMassKg, p.id);
  }
  if (problem.minutesMost != null) row(minutesOf, problem.minutesMost);
  return {
    model: builder.model,
    read: ({ values }) =>
      answer(
        problem,
        (u) => {
          const own = columns[units.indexOf(u)];
          return own.reduce((a, b) => (values[b.column] > values[a.column] ? b : a)).id;
        },
        units,
      ),
  };
}

/** Tries every assignment: small cases only, for tests and for the curious. */
export function exhaustiveAssignment(problem: AssignProblem): Assignment {
  const units = unitsOf(problem.trees);
  const ids = [OUTSIDE, ...problem.places.map((p) => p.id)];
  let best: Assignment | null = null;
  const at = new Map<Unit, string>();
  const descend = (i: number) => {
    if (i === units.length) {
      const found = answer(problem, (u) => at.get(u)!, units);
      if (checkAssignment(problem, found.assignment).broken.length > 0) return;
      if (!best || found.cost < best.cost) best = found;
      return;
    }
    for (const id of ids) {
      at.set(units[i], id);
      descend(i + 1);
    }
  };
  descend(0);
  return best!;
}

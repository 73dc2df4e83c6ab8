import type { LadderAction } from "./names";
import { type FixedStep, type Found, obeys } from "./search";
import { isOpen, type LadderOption, type LadderTables, Played, playSeason, startOf } from "./season";

/** What is wanted of a season: an action in whatever pot the tree then stands in, or a step into a pot, shaved or not. */
interface Wish {
  action: LadderAction;
  pot: number;
  shave: boolean;
}

const GAIN = 1e-9;
const wishOf = ({ move }: LadderOption): Wish =>
  move.action === "up-pot"
    ? { action: "up-pot", pot: move.pot, shave: move.correction === "shave" }
    : { action: move.action, pot: -1, shave: false };
const same = (a: Wish, b: Wish) => a.action === b.action && a.pot === b.pot && a.shave === b.shave;

/** Betters a plan by changing one season or exchanging two, as long as that makes it cheaper. */
export function climb(tables: LadderTables, from: readonly LadderOption[], fixed: readonly FixedStep[] = []): Found {
  const n = tables.problem.seasons;
  const wishes = from.map(wishOf);
  const states = Array.from({ length: n + 1 }, () => new Played());
  states[0].set(startOf(tables.problem));
  const spent = new Float64Array(n + 1);
  const musts = wishes.map((_, s) => fixed.find((f) => f.season === s));
  const now = new Played();
  const next = new Played();

  const pick = (season: number, state: Readonly<Played>): LadderOption | null => {
    const wish = wishes[season];
    const options = tables.options[state.pot];
    for (let i = 0; i < options.length; i++) {
      const o = options[i];
      const { move } = o;
      if (move.action !== wish.action) continue;
      if (move.action === "up-pot" && (move.pot !== wish.pot || (move.correction === "shave") !== wish.shave)) continue;
      if (isOpen(o, state.x, state.circling, season) && obeys(o, musts[season])) return o;
    }
    return null;
  };
  /** Cost of the whole with the wishes from a season on, given up above `most`. */
  const costFrom = (season: number, most: number): number => {
    now.set(states[season]);
    let cost = spent[season];
    for (let s = season; s < n; s++) {
      const option = pick(s, now);
      if (!option) return Infinity;
      playSeason(tables, now, option, s, s === n - 1, next);
      cost += next.cost;
      if (cost >= most) return Infinity;
      now.set(next);
    }
    return cost;
  };
  const settle = (season: number): number => {
    for (let s = season; s < n; s++) {
      playSeason(tables, states[s], pick(s, states[s])!, s, s === n - 1, states[s + 1]);
      spent[s + 1] = spent[s] + states[s + 1].cost;
    }
    return spent[n];
  };
  let best = settle(0);
  const keptIf = (season: number): boolean => {
    if (costFrom(season, best - GAIN) === Infinity) return false;
    best = settle(season);
    return true;
  };
  const changeOne = (): boolean => {
    let better = false;
    for (let s = 0; s < n; s++)
      for (const option of tables.options[states[s].pot]) {
        const before = wishes[s];
        const wish = wishOf(option);
        if (same(wish, before)) continue;
        wishes[s] = wish;
        if (keptIf(s)) {
          better = true;
          break;
        }
        wishes[s] = before;
      }
    return better;
  };
  const exchangeTwo = (): boolean => {
    let better = false;
    for (let s = 0; s < n - 1; s++)
      for (let t = s + 1; t < n; t++) {
        const [a, b] = [wishes[s], wishes[t]];
        if (same(a, b)) continue;
        [wishes[s], wishes[t]] = [b, a];
        if (keptIf(s)) better = true;
        else [wishes[s], wishes[t]] = [a, b];
      }
    return better;
  };
  while (changeOne() || exchangeTwo());
  return { cost: best, options: wishes.map((_, s) => pick(s, states[s])!) };
}

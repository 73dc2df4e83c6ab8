// What a page asks before it draws: the collection from the database and the model, asked a second time. Prints its figures as JSON.
import { viewCollection } from "@/features/kernel/collection/load";
import { closePools } from "@/server/pool";

const id = process.argv[2];
const ROUNDS = 60;
const quantile = (values: number[], p: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * p))];

type View = NonNullable<Awaited<ReturnType<typeof viewCollection>>>;
const ASKED: Record<string, (view: View, round: number) => unknown> = {
  "the collection alone": () => null,
  "all trees on a day": ({ yard, today }) => yard.on(today).rows,
  "a tree on a day": ({ yard, today, loaded }, round) => {
    const { trees } = loaded;
    const day = yard.tree(trees[round % trees.length].id)!.on(today)!;
    return [day.state, day.windows()];
  },
};

const out: Record<string, { p50: number; p95: number }> = {};
for (const [name, ask] of Object.entries(ASKED)) {
  const once = async (round: number) => {
    const from = performance.now();
    const view = await viewCollection(id);
    ask(view!, round);
    return performance.now() - from;
  };
  // Every tree once first: what is measured is what the second reader waits for.
  const { trees } = (await viewCollection(id))!.loaded;
  for (let round = 0; round < trees.length; round++) await once(round);
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round++) times.push(await once(round));
  out[name] = { p50: quantile(times, 0.5), p95: quantile(times, 0.95) };
}
console.log(JSON.stringify(out));
await closePools();

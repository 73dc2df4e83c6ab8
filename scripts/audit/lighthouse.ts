import lighthouse from "lighthouse";

export interface Scores {
  accessibility: number;
  performance: number;
  shift: number;
}

/** A page by Lighthouse, as a phone (its own usual slow-down of the processor and the network); scores of 100. */
export async function scoresOf(url: string, port: number): Promise<Scores> {
  const run = await lighthouse(url, { port, logLevel: "silent", onlyCategories: ["accessibility", "performance"] });
  if (!run) throw new Error(`Lighthouse gave no answer for ${url}`);
  const { categories, audits } = run.lhr;
  const score = (name: string) => Math.round(100 * (categories[name]?.score ?? 0));
  return {
    accessibility: score("accessibility"),
    performance: score("performance"),
    shift: audits["cumulative-layout-shift"]?.numericValue ?? NaN,
  };
}

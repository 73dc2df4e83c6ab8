/**
 * Mates of one kind and sort share strength: ln of a tree's own factor is the sum of what its kind, its sort and the tree itself add.
 * Their variances sum to the spread between trees; how they divide is our judgement (L).
 */
const KIND_SHARE = (0.25 / 0.55) ** 2;
const SORT_SHARE = (0.3 / 0.55) ** 2;
/** Evidence weaker than this says nothing: the posterior is the prior. */
const LEAST_PRECISION = 0.05;

export interface Normal {
  mean: number;
  variance: number;
}

/** What a posterior says beyond its prior: the normal that, times the prior, gives it. Null where it says nothing. */
export function evidenceOf(prior: Normal, posterior: Normal): Normal | null {
  const precision = 1 / posterior.variance - 1 / prior.variance;
  if (precision < LEAST_PRECISION) return null;
  return {
    mean: (posterior.mean / posterior.variance - prior.mean / prior.variance) / precision,
    variance: 1 / precision,
  };
}

/** Evidence of one tree about its own ln factor, and its sort; null: a sort of its own. */
export interface PaceEvidence extends Normal {
  sort: string | null;
}

interface Sum {
  precision: number;
  sum: number;
  trees: number;
}
const EMPTY: Sum = { precision: 0, sum: 0, trees: 0 };
const plus = (a: Sum, b: Sum, sign = 1): Sum => ({
  precision: a.precision + sign * b.precision,
  sum: a.sum + sign * b.sum,
  trees: a.trees + sign * b.trees,
});

/** All that is known of one kind's trees, summed so that any tree can be taken out again. */
export interface Pool {
  totalVariance: number;
  kind: Sum;
  sorts: Map<string, Sum>;
}

const parts = (total: number) => ({
  kind: KIND_SHARE * total,
  sort: SORT_SHARE * total,
  tree: (1 - KIND_SHARE - SORT_SHARE) * total,
});

/** One tree's word about kind and sort together: its own part is noise to them. */
function wordOf(e: Normal, total: number): Sum {
  const precision = 1 / (parts(total).tree + e.variance);
  return { precision, sum: precision * e.mean, trees: 1 };
}

/** A sort's word about the kind alone: what the sort adds is noise to it. */
function ofSort(s: Sum, total: number): Sum {
  if (s.trees < 1) return EMPTY;
  const precision = 1 / (1 / s.precision + parts(total).sort);
  return { precision, sum: (precision * s.sum) / s.precision, trees: s.trees };
}

export function poolOf(totalVariance: number, evidence: readonly PaceEvidence[]): Pool {
  const pool: Pool = { totalVariance, kind: EMPTY, sorts: new Map() };
  for (const e of evidence) {
    const word = wordOf(e, totalVariance);
    if (e.sort === null) pool.kind = plus(pool.kind, ofSort(word, totalVariance));
    else pool.sorts.set(e.sort, plus(pool.sorts.get(e.sort) ?? EMPTY, word));
  }
  for (const s of pool.sorts.values()) pool.kind = plus(pool.kind, ofSort(s, totalVariance));
  return pool;
}

/**
 * Prior of one tree's ln factor from its mates alone, exact for two levels of normals. The tree's own evidence is taken out of the pool,
 * since its own replay brings it.
 */
export function priorFrom(pool: Pool, sort: string | null, own: Normal | null): Normal & { mates: number } {
  const { totalVariance: total } = pool;
  const part = parts(total);
  const word = own ? wordOf(own, total) : EMPTY;
  const mySort = sort === null ? EMPTY : (pool.sorts.get(sort) ?? EMPTY);
  const others = plus(pool.kind, sort === null ? (own ? ofSort(word, total) : EMPTY) : ofSort(mySort, total), -1);
  const kindPrecision = 1 / part.kind + others.precision;
  let [mean, variance] = [others.sum / kindPrecision, 1 / kindPrecision + part.sort];
  const sortMates = sort === null ? EMPTY : plus(mySort, word, -1);
  if (sortMates.trees > 0) {
    const precision = 1 / variance + sortMates.precision;
    mean = (mean / variance + sortMates.sum) / precision;
    variance = 1 / precision;
  }
  return { mean, variance: variance + part.tree, mates: others.trees + sortMates.trees };
}

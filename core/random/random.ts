/** Seeded randomness: the core never asks the machine for any. */
export type Random = () => number;

/**
 * mulberry32: 32-bit state, uniform in [0, 1). Small, fast, and the same everywhere.
 * @example mulberry32(1)() // 0.62707394
 */
export function mulberry32(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/**
 * An independent sub-stream per name, so that adding a variable does not shift the others.
 * @example subStream(3, "rain")() // 0.20892112
 */
export function subStream(seed: number, name: string): Random {
  let hash = 2166136261 ^ seed;
  for (let i = 0; i < name.length; i++) hash = Math.imul(hash ^ name.charCodeAt(i), 16777619);
  return mulberry32(hash);
}

/**
 * Standard normal by Box–Muller, one value a call (the second is kept).
 * @example normalSource(mulberry32(2))() // -0.73908526
 */
export function normalSource(random: Random): Random {
  let spare: number | null = null;
  return () => {
    if (spare !== null) {
      const value = spare;
      spare = null;
      return value;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}

/**
 * Gamma by Marsaglia & Tsang (2000), with the boost for shapes below one.
 * @example gammaSource(mulberry32(3), 0.75)() // 3.76445401
 */
export function gammaSource(random: Random, shape: number): Random {
  const normal = normalSource(random);
  const boosted = shape < 1 ? shape + 1 : shape;
  const d = boosted - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  return () => {
    for (;;) {
      const x = normal();
      const v = (1 + c * x) ** 3;
      if (v <= 0) continue;
      if (Math.log(1 - random()) < 0.5 * x * x + d - d * v + d * Math.log(v)) {
        return shape < 1 ? d * v * (1 - random()) ** (1 / shape) : d * v;
      }
    }
  };
}

import { normalCdf } from "../math/index";
import type { HardinessParameters } from "./habits";

/**
 * Ripeness of wood, 0 soft … 1 ripe, from its heat sum: 1 − exp(−ln2·(H/H50)^n).
 * @example ripeness(500, 500, 3) // 0.5
 */
export function ripeness(heatSum: number, h50: number, n: number): number {
  return heatSum <= 0 ? 0 : 1 - Math.exp(-Math.LN2 * (heatSum / h50) ** n);
}

/**
 * One day of cold hardiness (Ferguson et al. 2011): warmth de-hardens, cold hardens, within [hMax, hMin].
 * @param chillSum running Σ min(0, T − 10) since autumn, ≤ 0; beyond `edb` deep rest has ended
 * @param cessation share of growth that has stopped, scales hardening
 */
export function hardinessStep(
  lt50C: number,
  chillSum: number,
  tempC: number,
  p: HardinessParameters,
  cessation = 1,
): number {
  const phase = chillSum > p.edb ? 0 : 1;
  const threshold = p.thresholds[phase];
  const span = p.hMin - p.hMax;
  const warm = Math.max(0, tempC - threshold) * p.kd[phase];
  const cold = Math.min(0, tempC - threshold) * p.ka[phase];
  const change =
    warm * (1 - Math.max(0, (lt50C - p.hMax) / span) ** p.theta[phase]) +
    cessation * cold * (1 - (p.hMin - lt50C) / span);
  return Math.min(p.hMin, Math.max(p.hMax, lt50C + change));
}

/**
 * Share of tissue a night kills: Φ((LT50 − T)/σ).
 * @example damageShare(-10, -10, 2) // 0.5
 */
export function damageShare(tminC: number, lt50C: number, sigma: number): number {
  return normalCdf((lt50C - tminC) / sigma);
}

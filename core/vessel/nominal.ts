import type { Basis, Estimate } from "../estimate/index";

/** Trade sizes are names, not volumes. Each gives a range; a measured pot wins. */
export type Confidence = "H" | "M" | "L";

export interface NominalVolume {
  lowL: number;
  highL: number;
  typicalL: number;
  confidence: Confidence;
  source: string;
}

export const NOMINAL_SYSTEMS = ["container-class", "pint-bag", "litre-label"] as const;
export type NominalSystem = (typeof NOMINAL_SYSTEMS)[number];

const LITRES_PER_CUBIC_INCH = 0.016387064;
export const LITRES_PER_IMPERIAL_PINT = 0.56826125;

/**
 * Container classes of the American Standard for Nursery Stock (ANSI Z60.1), which states them in cubic inches.
 * Remembered, not re-read: #1–#15 well known, #20 and #25 less so. "#7" is not seven US gallons.
 */
const CLASS_CUBIC_INCHES: Record<string, { low: number; high: number; typicalL: number; confidence: Confidence }> = {
  "#1": { low: 152, high: 251, typicalL: 2.8, confidence: "M" },
  "#2": { low: 320, high: 474, typicalL: 6.3, confidence: "M" },
  "#3": { low: 628, high: 742, typicalL: 11, confidence: "M" },
  "#5": { low: 785, high: 1242, typicalL: 14.5, confidence: "M" },
  "#7": { low: 1337, high: 1790, typicalL: 25, confidence: "M" },
  "#10": { low: 2080, high: 2646, typicalL: 38, confidence: "M" },
  "#15": { low: 2768, high: 3696, typicalL: 53, confidence: "M" },
  "#20": { low: 4520, high: 5152, typicalL: 79, confidence: "L" },
  "#25": { low: 5775, high: 6861, typicalL: 103, confidence: "L" },
};
export const CONTAINER_CLASSES = Object.keys(CLASS_CUBIC_INCHES);

/** Brim volume as a share of the label of pots sold by the litre: typical trade range, our reading. */
export const LITRE_LABEL = { low: 0.93, typical: 0.98, high: 1.05 };

/** Mix at the fill line as a share of the brim, for pots known only by name. */
export const MIX_SHARE_OF_BRIM = { low: 0.85, typical: 0.88, high: 0.91 };

/** `null` when the system has no such size. */
export function nominalVolume(system: NominalSystem, size: string): NominalVolume | null {
  if (system === "container-class") {
    const entry = CLASS_CUBIC_INCHES[size.startsWith("#") ? size : `#${size}`];
    if (!entry) return null;
    return {
      lowL: entry.low * LITRES_PER_CUBIC_INCH,
      highL: entry.high * LITRES_PER_CUBIC_INCH,
      typicalL: entry.typicalL,
      confidence: entry.confidence,
      source: "American Standard for Nursery Stock (ANSI Z60.1), container classes; figures from memory",
    };
  }
  const n = Number(size.replace(",", "."));
  if (!Number.isFinite(n) || n <= 0 || n > 5000) return null;
  if (system === "pint-bag") {
    const litres = n * LITRES_PER_IMPERIAL_PINT;
    return {
      lowL: litres,
      highL: litres,
      typicalL: litres,
      confidence: "M",
      source: "imperial pint, 0.56826125 L, at the brim",
    };
  }
  return {
    lowL: n * LITRE_LABEL.low,
    highL: n * LITRE_LABEL.high,
    typicalL: n * LITRE_LABEL.typical,
    confidence: "L",
    source: "usual spread between label and brim, our judgement",
  };
}

export function nominalEstimate(nominal: NominalVolume): Estimate {
  const basis: Basis = "typical";
  return { p10: nominal.lowL, p50: nominal.typicalL, p90: nominal.highL, basis };
}

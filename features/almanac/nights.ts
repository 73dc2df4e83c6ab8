/** A coming night as it is drawn. */
export interface DrawnNight {
  on: string;
  minC: number;
  minErrorC: number;
  maxC: number;
  maxErrorC: number;
  rainMm: number | null;
  windMs: number | null;
  basis: "forecast" | "usual";
}

/** Eight of ten nights lie within this many errors. */
export const EIGHT_OF_TEN = 1.28;

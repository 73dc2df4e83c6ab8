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

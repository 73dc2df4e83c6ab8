"use client";

import * as say from "@/words/pages/kernel";
import { useAsOf } from "./as-of";

/** Stands beside every sentence that rests on the forecast while that is the simulated one. */
export function SimulatedMark() {
  const { simulatedForecast } = useAsOf();
  return simulatedForecast ? (
    <span className="badge badge-warning badge-sm align-baseline whitespace-nowrap" data-testid="simulated">
      {say.simulatedForecast}
    </span>
  ) : null;
}

"use client";

import { lazy, Suspense } from "react";
import type { SeriesChartProps } from "./series-chart";

export { dayAxis } from "./axis";
export type { ChartRow } from "./series-chart";

const Drawn = lazy(() => import("./series-chart"));

/** What stands above and beneath the drawing: the unit. */
const AROUND_PX = 20;

/** A chart whose drawing is fetched when it is first shown; its place is kept free until then. */
export function Chart(props: SeriesChartProps) {
  return (
    <div style={{ minHeight: (props.heightPx ?? 200) + AROUND_PX }}>
      <Suspense fallback={<p className="sr-only">{props.label}</p>}>
        <Drawn {...props} />
      </Suspense>
    </div>
  );
}

"use client";

import { lazy, Suspense } from "react";
import type SeriesChart from "./series-chart";

const Drawn = lazy(() => import("./series-chart"));

/** A chart whose drawing is fetched when it is first shown; its place is kept free until then. */
export function Chart(props: React.ComponentProps<typeof SeriesChart>) {
  return (
    <div style={{ minHeight: (props.heightPx ?? 200) + 20 }}>
      <Suspense fallback={<p className="sr-only">{props.label}</p>}>
        <Drawn {...props} />
      </Suspense>
    </div>
  );
}

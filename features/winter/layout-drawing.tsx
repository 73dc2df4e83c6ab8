"use client";

import * as say from "@/words/pages/winter/main";
import { useEffect, useRef, useState } from "react";
import { isQuarter, OUTSIDE } from "@/core/shelter/index";
import { fateOf } from "@/words/layout";
import { usedWords } from "@/words/layout-plan";
import { useAsOf } from "@/features/kernel/as-of";
import { AddPlace } from "./add-place";
import { FloorPlan } from "./floor-plan";
import { Legend } from "./misfits";
import { Outdoors } from "./outdoors";
import type { Layout, ShelterFacts } from "./use-layout";

/** Scale of the drawing: the longest place fills the width, within reason, px/m. */
const SCALE = { most: 95, least: 30 } as const;
const OVER_PX = 24;

/** What is chosen on the drawing: a pot, or a place. */
export type Chosen = { pot: string } | { place: string } | null;

/** The floors with their pots to scale, and what stands outdoors. */
export function LayoutDrawing({
  facts,
  layout,
  chosen,
  onChoose,
}: {
  facts: ShelterFacts;
  layout: Layout;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
}) {
  const { units } = useAsOf();
  const { plan, byId, placeOf } = layout;
  const [width, setWidth] = useState(900);
  const drawing = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const box = drawing.current;
    if (!box) return;
    const watch = new ResizeObserver(() => setWidth(box.clientWidth));
    watch.observe(box);
    return () => watch.disconnect();
  }, []);
  const { quarters, standings } = facts.data;
  const shown = quarters.filter(isQuarter);
  const fitting = (width - OVER_PX) / Math.max(1, ...shown.map((q) => q.build.lengthM ?? 0));
  const onPlace = (place: string) => onChoose({ place });
  return (
    <div ref={drawing} className="min-w-0">
      <FloorPlan
        places={shown.map((quarter) => ({
          quarter,
          used: usedWords(quarter.build, layout.inside, plan.shown, quarter.id, units),
        }))}
        standings={standings}
        assignment={plan.shown.assignment}
        spots={plan.shown.spots}
        fate={(s) => {
          const loss = plan.lossAt(s);
          return loss === null ? null : fateOf(loss, facts.risk);
        }}
        selected={chosen && "pot" in chosen ? chosen.pot : null}
        pxPerM={Math.max(Math.min(SCALE.least, fitting), Math.min(SCALE.most, fitting))}
        units={units}
        onSelect={(pot) => onChoose(pot === null ? null : { pot })}
        onPlace={onPlace}
        onOver={(id, over) => {
          const s = byId.get(id);
          if (s && over && over !== placeOf(s)) layout.setStatus(layout.changeWords(s, over));
        }}
        onDrop={(id, to, xM, yM) => {
          const s = byId.get(id);
          if (!s) return;
          if (s.anchored) layout.setStatus(say.isRootedIntoTheGround(s.tag));
          else layout.put(s, to, xM, yM);
        }}
        onResize={layout.resize}
      />
      <Legend />
      <Outdoors
        places={quarters.filter((q) => !isQuarter(q))}
        standings={standings.filter((s) => placeOf(s) === OUTSIDE)}
        onPlace={onPlace}
      />
      <AddPlace onAdded={onPlace} />
    </div>
  );
}

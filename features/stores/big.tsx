"use client";

import type { MixChoice } from "@/core/tree/index";
import { BoxPlanner } from "./box-planner";
import { DrainPlanner } from "./drain-planner";
import { StoresNav } from "./stores-nav";
import { SunkPlanner } from "./sunk-planner";

/** Containers nobody buys ready: built from boards, let into the ground, drilled. */
export function BigView({ mixes }: { mixes: MixChoice[] }) {
  return (
    <div>
      <StoresNav at="big" />
      <h1 className="text-2xl">Big containers</h1>
      <div className="mt-3 space-y-10">
        <BoxPlanner mixes={mixes} />
        <SunkPlanner />
        <DrainPlanner />
      </div>
    </div>
  );
}

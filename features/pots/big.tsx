"use client";

import type { MixChoice } from "@/core/records/index";
import type { Pot } from "@/core/vessel/index";
import { BoxPlanner } from "./box-planner";
import { DrainPlanner } from "./drain-planner";
import { LiningPlanner } from "./lining-planner";
import { PotsNav } from "./pots-nav";
import { SunkPlanner } from "./sunk-planner";

/** Containers nobody buys ready: built from boards, let into the ground, drilled. */
export function BigView({ mixes, pots }: { mixes: MixChoice[]; pots: { lotId: string; name: string; pot: Pot }[] }) {
  return (
    <div>
      <PotsNav at="pots/big" />
      <h1 className="text-2xl">Big containers</h1>
      <div className="mt-3 space-y-10">
        <BoxPlanner mixes={mixes} />
        <SunkPlanner />
        <DrainPlanner />
        <LiningPlanner pots={pots} />
      </div>
    </div>
  );
}

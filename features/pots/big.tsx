"use client";

import * as say from "@/words/pages/pots/big";
import { useState } from "react";
import type { MixChoice } from "@/core/records/index";
import type { Pot } from "@/core/vessel/index";
import { BIG_WORDS } from "@/words/pots";
import { BoxPlanner } from "./box-planner";
import { DrainPlanner } from "./drain-planner";
import { LiningPlanner } from "./lining-planner";
import { PotsNav } from "./pots-nav";
import { SunkPlanner } from "./sunk-planner";

const PLANNERS = ["box", "sunk", "drain", "lining"] as const;

/** Containers nobody buys ready: built from boards, let into the ground, drilled; one at a time. */
export function BigView({ mixes, pots }: { mixes: MixChoice[]; pots: { lotId: string; name: string; pot: Pot }[] }) {
  const [shown, setShown] = useState<(typeof PLANNERS)[number]>("box");
  return (
    <div>
      <PotsNav at="pots/big" />
      <h1 className="text-2xl">{say.bigContainers}</h1>
      <div className="my-3 flex flex-wrap gap-2" role="group" aria-label={say.whatIsPlanned}>
        {PLANNERS.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={shown === name}
            className={`btn min-h-11 ${shown === name ? "btn-primary" : ""}`}
            onClick={() => setShown(name)}
          >
            {BIG_WORDS[name]}
          </button>
        ))}
      </div>
      {shown === "box" && <BoxPlanner mixes={mixes} />}
      {shown === "sunk" && <SunkPlanner />}
      {shown === "drain" && <DrainPlanner />}
      {shown === "lining" && <LiningPlanner pots={pots} />}
    </div>
  );
}

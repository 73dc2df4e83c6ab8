"use client";

import * as say from "@/words/pages/bench/in-place";
import { useState } from "react";
import type { SureWindow } from "@/core/root-work/index";
import {
  coresPlan,
  IN_PLACE_FIGURES,
  type InPlaceInput,
  type Sector,
  sequence,
  type Side,
  slicePlan,
} from "@/core/inplace/index";
import type { CorrectionName } from "@/core/roots/index";
import type { Hazard } from "@/core/species/index";
import { readNumber } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { useCommandForm } from "@/features/kernel/command-form";
import { useWatch } from "react-hook-form";

export interface InPlaceFacts {
  treeId: string;
  tag: string;
  name: string;
  /** null: nobody has said which pot it stands in. */
  ball: InPlaceInput | null;
  trunkKnown: boolean;
  potName: string | null;
  evergreen: boolean;
  springRootZoneC: number;
  windows: Partial<Record<CorrectionName, SureWindow>>;
  year: number;
  done: { kind: CorrectionName; year: number; part: string; on: string }[];
  hazards: readonly Hazard[];
}

export const WAYS = [
  ["cores", say.manyCores],
  ["slices", say.oneSideSliced],
] as const;
export type Way = (typeof WAYS)[number][0];

export const PART_WORDS: Record<Sector | Side, string> = {
  all: say.allRound,
  "north-south": say.northAndSouthQuarters,
  "east-west": say.eastAndWestQuarters,
  south: say.southSide,
  north: say.northSide,
  east: say.eastSide,
  west: say.westSide,
};

/** The work as it is typed. */
interface Typed {
  way: Way;
  widthMm: string;
  share: string;
  cores: Sector | null;
  slices: Side | null;
  retainedShare: string;
  wall: boolean;
  on: string;
}

const kindOf = (way: Way): CorrectionName => (way === "cores" ? "core-in-place" : "slice-in-place");

/** Work on a ball where it stands: what is chosen, where it cuts, and the command that records it. */
export function useCutting(facts: InPlaceFacts, ball: InPlaceInput) {
  const { collectionId, on } = useAsOf();
  const { tell } = useNotice();
  const { value: recordedOn } = useRecordingDay();
  const large = ball.volumeL >= 60;
  const [start] = useState((): Typed => ({
    way: large ? "slices" : "cores",
    widthMm: String(large ? IN_PLACE_FIGURES.coreMm : 25),
    share: "10",
    cores: null,
    slices: null,
    retainedShare: "",
    wall: false,
    on: recordedOn,
  }));
  /** The turns over the years, whose it is, and where the cuts lie. */
  const planOf = ({ way, widthMm, share, cores, slices }: Typed) => {
    const kind = kindOf(way);
    const done = facts.done.filter((d) => d.kind === kind);
    const turns = sequence(way, done, facts.year);
    const next = turns.find((t) => !t.done)!;
    const part = (way === "cores" ? cores : slices) ?? next.part;
    const [coreMm, asked] = [readNumber(widthMm, "mm"), readNumber(share) / 100];
    const bored =
      way === "cores" && coreMm >= 10 && coreMm <= 120 && asked > 0
        ? coresPlan(ball, { coreMm, share: asked, sector: part as Sector })
        : null;
    const sliced = way === "slices" ? slicePlan(ball, part as Side) : null;
    const cut = bored ?? sliced;
    return {
      kind,
      turns,
      next,
      part,
      cores: bored,
      slice: sliced,
      retained: cut?.retainedShare ?? 1,
      litresOut: cut?.litres ?? 0,
      loose: cut?.looseL ?? 0,
      window: facts.windows[kind],
      doneThisYear: done.some((d) => d.year === facts.year),
    };
  };
  const form = useCommandForm("record-work-in-place", {
    start,
    input: (typed, wrong) => {
      const plan = planOf(typed);
      const { cores, slice, window } = plan;
      if (typed.way === "cores" && !cores) wrong("widthMm", say.aWidthFrom10To);
      return {
        collectionId,
        treeId: facts.treeId,
        on: typed.on,
        correction: plan.kind,
        retainedShare: typed.retainedShare.trim() === "" ? plan.retained : readNumber(typed.retainedShare) / 100,
        renewedShare: Math.min(1, plan.litresOut / ball.volumeL),
        where: plan.part,
        ...(cores
          ? {
              count: cores.holes.length,
              widthMm: cores.coreMm,
              depthMm: cores.depthMm,
              circlingRemoved: typed.wall ? 0.1 : 0,
            }
          : { depthMm: slice?.depthMm ?? 0 }),
        despite: window && !window.open && typed.on === on ? { limiting: window.limiting, safe: window.safe } : null,
      };
    },
    // The same work goes on at the next side.
    after: (typed) => ({ ...typed, cores: null, slices: null, retainedShare: "" }),
    done: ({ entryId }, typed) =>
      tell({ text: say.renewedSoakTwiceSlowly(facts.tag, PART_WORDS[planOf(typed).part]), entryId }),
  });
  const typed = useWatch({ control: form.form.control }) as Typed;
  return { form, typed, ...planOf(typed) };
}
export type Cutting = ReturnType<typeof useCutting>;

"use client";

import { useMemo, useState } from "react";
import {
  type AssignProblem,
  apart,
  checkAssignment,
  costAt,
  type Floors,
  forbidden,
  lossOf,
  onFloor,
  OUTSIDE,
  placeKey,
  type PlacedPlan,
  problemOf,
  quickPlan,
  type ShelterData,
  spotFor,
  spotsOf,
  type Standing,
  totalOf,
  type TreeOutlook,
} from "@/core/shelter/index";

/** Where pots stand on the drawing, and what that is. */
export interface Shown {
  /** As they stand today, as was kept, a quick answer, or the best found. */
  as: "now" | "kept" | "quick" | "best";
  assignment: Record<string, string>;
  spots: Record<string, { xM: number; yM: number }>;
}

export interface KeptStand {
  treeId: string;
  placeId: string | null;
  xM: number | null;
  yM: number | null;
}

export interface ShelterPlan {
  problem: AssignProblem;
  floors: Floors;
  shown: Shown;
  /** What is shown is not kept yet. */
  changed: boolean;
  broken: string[];
  cost: number;
  at: (s: Standing, placeId: string) => ReturnType<typeof costAt>;
  lossAt: (s: Standing) => number | null;
  /** Chance that its pot of clay cracks where it is shown. */
  cracksAt: (s: Standing) => number;
  /** What putting a pot somewhere would change, or why it cannot stand there. */
  question: (s: Standing, placeId: string) => { change: number; forbidden: ReturnType<typeof forbidden> };
  /** Spot nearest to what was asked that is free; null: there is none. */
  spot: (s: Standing, placeId: string, xM: number, yM: number) => { xM: number; yM: number } | null;
  propose: (as: "quick" | "best", plan: Pick<PlacedPlan, "assignment" | "spots">) => void;
  quick: () => void;
  drop: () => void;
  put: (s: Standing, placeId: string, spot: { xM: number; yM: number } | null) => Shown;
}

/** The plan on screen: what is kept, or a proposal nobody has kept yet; every question about it is answered at once. */
export function usePlan(data: ShelterData, kept: readonly KeptStand[] | null, minutesMost: number | null): ShelterPlan {
  const [proposal, setProposal] = useState<Shown | null>(null);
  const { problem, floors } = useMemo(() => problemOf(data, minutesMost), [data, minutesMost]);
  const facts = useMemo(() => {
    const outlooks = new Map(data.outlooks.map((o) => [o.treeId, o]));
    return { ...data, outlook: (id: string): TreeOutlook | undefined => outlooks.get(id) };
  }, [data]);
  const base = useMemo((): Shown => {
    const ids = new Set(problem.places.map((p) => p.id));
    const wanted: Record<string, string> = {};
    const spots: Record<string, { xM: number; yM: number }> = {};
    const stands = new Map(kept?.map((k) => [k.treeId, k]));
    for (const s of data.standings) {
      const k = stands.get(s.id);
      const key = placeKey(s, k ? k.placeId : kept ? null : s.nowId);
      wanted[s.id] = ids.has(key) ? key : OUTSIDE;
      if (k && k.xM !== null && k.yM !== null) spots[s.id] = { xM: k.xM, yM: k.yM };
    }
    return { as: kept ? "kept" : "now", assignment: wanted, spots: spotsOf(problem, floors, wanted, spots) };
  }, [data.standings, floors, kept, problem]);
  const shown = proposal ?? base;
  const at: ShelterPlan["at"] = (s, placeId) => costAt(s, placeId, facts);
  const { broken, cost } = useMemo(() => checkAssignment(problem, shown.assignment), [problem, shown]);

  return {
    problem,
    floors,
    shown,
    changed: proposal !== null,
    broken,
    cost,
    at,
    lossAt: (s) => {
      const found = at(s, shown.assignment[s.id] ?? OUTSIDE);
      return found ? lossOf(found.stay) : null;
    },
    cracksAt: (s) => at(s, shown.assignment[s.id] ?? OUTSIDE)?.stay.cracks ?? 0,
    question: (s, placeId) => {
      const tree = problem.trees.find((t) => t.id === s.id)!;
      const place = problem.places.find((p) => p.id === placeId);
      const [now, then] = [at(s, shown.assignment[s.id] ?? OUTSIDE), at(s, placeId)];
      return {
        change: now && then ? totalOf(then.parts) - totalOf(now.parts) : 0,
        // Nothing calculated yet is no reason to forbid it.
        forbidden: place ? forbidden({ ...tree, cost: { ...tree.cost, [placeId]: 0 } }, place) : null,
      };
    },
    spot: (s, placeId, xM, yM) => {
      const floor = floors[placeId];
      if (!floor) return { xM, yM };
      const others = data.standings
        .filter((o) => o.id !== s.id && shown.assignment[o.id] === placeId && shown.spots[o.id])
        .map((o) => ({ id: o.id, widthM: o.widthM, ...shown.spots[o.id] }));
      const asked = {
        id: s.id,
        widthM: s.widthM,
        xM: Math.min(Math.max(xM, s.widthM / 2), floor.lengthM - s.widthM / 2),
        yM: Math.min(Math.max(yM, s.widthM / 2), floor.widthM - s.widthM / 2),
      };
      if (onFloor(floor, asked) && others.every((o) => apart(o, asked))) return { xM: asked.xM, yM: asked.yM };
      const free = spotFor(floor, { id: s.id, widthM: s.widthM }, others);
      return free && { xM: free.xM, yM: free.yM };
    },
    propose: (as, { assignment, spots }) => setProposal({ as, assignment, spots }),
    quick: () => {
      const { assignment, spots } = quickPlan(problem, floors);
      setProposal({ as: "quick", assignment, spots });
    },
    drop: () => setProposal(null),
    put: (s, placeId, spot) => {
      const spots = { ...shown.spots };
      if (spot) spots[s.id] = spot;
      else delete spots[s.id];
      const next: Shown = { ...shown, assignment: { ...shown.assignment, [s.id]: placeId }, spots };
      setProposal(next);
      return next;
    },
  };
}

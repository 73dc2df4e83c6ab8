"use client";

import * as say from "@/words/pages/winter/pot";
import * as Comlink from "comlink";
import { useEffect, useRef, useState } from "react";
import { MEASURES, MULCH_R, type PotInWinter, type SummerOutlook, type WinterOutlook } from "@/core/winter/index";
import type { WinterApi } from "@/workers/winter.browser";
import type { Asked, Group, WinterFacts } from "./facts";
import { MEASURE_WORDS, WATER } from "@/words/winter";

/** Company of a pot, with what of the sun and the wind it gets there. */
export const GROUPS: Record<Group, { words: string; exposure: number; shelter: number }> = {
  alone: { words: "alone", exposure: 1, shelter: 1 },
  edge: { words: say.atTheEdgeOfA, exposure: 0.5, shelter: 0.8 },
  inside: { words: say.insideABlock, exposure: 0.2, shelter: 0.5 },
};

export interface SummerCase {
  words: string;
  outlook: SummerOutlook;
}
/** The pot in summer as it is, and what would cool its wall. */
const SUMMER_CASES: readonly [string, Partial<PotInWinter>][] = [
  [say.darkWallInTheSun, {}],
  [say.lightWall, { wallTakes: 0.3 }],
  [say.amongOthers, { exposure: 0.2 }],
];

export interface Measured {
  words: string;
  outlook: WinterOutlook;
}

/** The winters and summers of a pot as it is asked about, calculated beside the page; the newest question wins. */
export function useOutlooks(facts: WinterFacts, asked: Asked) {
  const [answer, setAnswer] = useState<{ to: Asked; outlook: WinterOutlook } | null>(null);
  const [measures, setMeasures] = useState<Measured[]>([]);
  const [summer, setSummer] = useState<SummerCase[]>([]);
  const api = useRef<Promise<Comlink.Remote<WinterApi>> | null>(null);
  const newest = useRef(0);

  useEffect(() => {
    const worker = new Worker(new URL("../../../workers/winter.browser.ts", import.meta.url), { type: "module" });
    const remote = Comlink.wrap<WinterApi>(worker);
    api.current = remote
      .open(
        facts.latitudeDeg,
        { winter: facts.air, summer: facts.summerAir },
        facts.winters,
        facts.summers,
        facts.limits,
      )
      .then(() => remote);
    return () => {
      api.current = null;
      worker.terminate();
    };
  }, [facts]);

  useEffect(() => {
    const question = ++newest.current;
    const pot: PotInWinter = {
      volumeL: facts.volumeL,
      wall: facts.wall,
      stand: asked.stand,
      wrap: asked.wrap === "none" ? null : asked.wrap,
      exposure: GROUPS[asked.group].exposure,
      shelter: GROUPS[asked.group].shelter,
      waterFraction: WATER[asked.water],
      mulchR: asked.mulch === "straw" ? MULCH_R : 0,
    };
    const run = async () => {
      const remote = await api.current;
      if (!remote) return;
      const own = await remote.outlook(pot);
      if (question !== newest.current) return;
      setAnswer({ to: asked, outlook: own });
      setMeasures([]);
      const summers: SummerCase[] = [];
      for (const [words, change] of SUMMER_CASES) {
        const outlook = await remote.summer({ ...pot, wrap: null, mulchR: 0, ...change });
        if (question !== newest.current) return;
        summers.push({ words, outlook });
      }
      setSummer(summers);
      const found: Measured[] = [];
      for (const { key, change } of MEASURES) {
        const better = await remote.outlook({ ...pot, ...change });
        if (question !== newest.current) return;
        found.push({ words: MEASURE_WORDS[key], outlook: better });
      }
      setMeasures(found);
    };
    void run();
  }, [asked, facts]);

  return { answer, measures, summer };
}

"use client";

import * as Comlink from "comlink";
import Link from "next/link";
import { useEffect, useRef, useState } from "react";
import type { Wall } from "@/core/vessel/index";
import {
  type PotInWinter,
  type RootLimits,
  type Stand,
  STANDS,
  type WinterCourse,
  type WinterOutlook,
  type Wrap,
  WRAPS,
} from "@/core/winter/index";
import { Reasoned, SelectField } from "@/ui/fields";
import { celsius, litres, number, percent } from "@/ui/format";
import type { WinterApi } from "@/workers/winter.browser";
import { useAsOf } from "../shell/as-of";
import { WALL_WORDS } from "../words";
import { Ribbon } from "./ribbon";
import { MEASURES, MULCH_R, STAND_WORDS, WATER, WRAP_WORDS } from "./words";

export interface WinterFacts {
  treeId: string;
  tag: string;
  name: string;
  guess: boolean;
  latitudeDeg: number;
  today: number;
  observedUntil: number;
  courses: WinterCourse[];
  limits: RootLimits;
  volumeL: number;
  wall: Wall;
  basis: "record" | "short-record" | "table" | "answers";
}

const BASIS_WORDS: Record<WinterFacts["basis"], string> = {
  record: "weather years after the site’s own record",
  "short-record": "weather years after a short record",
  table: "weather years after monthly normals",
  answers: "weather years guessed from four answers",
};

type Group = "alone" | "edge" | "inside";
const GROUPS: Record<Group, { words: string; exposure: number; shelter: number }> = {
  alone: { words: "alone", exposure: 1, shelter: 1 },
  edge: { words: "at the edge of a block", exposure: 0.5, shelter: 0.8 },
  inside: { words: "inside a block", exposure: 0.2, shelter: 0.5 },
};

interface Asked {
  stand: Stand;
  wrap: Wrap | "none";
  group: Group;
  water: keyof typeof WATER;
  mulch: "none" | "straw";
}
const AS_IT_IS: Asked = { stand: "ground", wrap: "none", group: "alone", water: "wet", mulch: "none" };

/** A measure that saves less of the roots is not worth its trouble. */
const LEAST_HELP = 0.005;

interface Measured {
  words: string;
  outlook: WinterOutlook;
}

/** One pot through its winters, and what wrapping, water, company and the ground would change. */
export function WinterView({ facts }: { facts: WinterFacts }) {
  const { collectionId, units } = useAsOf();
  const [asked, setAsked] = useState<Asked>(AS_IT_IS);
  const [answer, setAnswer] = useState<{ to: Asked; outlook: WinterOutlook } | null>(null);
  const [measures, setMeasures] = useState<Measured[]>([]);
  const api = useRef<Promise<Comlink.Remote<WinterApi>> | null>(null);
  const newest = useRef(0);

  useEffect(() => {
    const worker = new Worker(new URL("../../workers/winter.browser.ts", import.meta.url), { type: "module" });
    const remote = Comlink.wrap<WinterApi>(worker);
    api.current = remote.open(facts.latitudeDeg, facts.courses, facts.limits).then(() => remote);
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
      const found: Measured[] = [];
      for (const [words, change] of MEASURES) {
        const better = await remote.outlook({ ...pot, ...change });
        if (question !== newest.current) return;
        found.push({ words, outlook: better });
      }
      setMeasures(found);
    };
    void run();
  }, [asked, facts]);

  const set = <K extends keyof Asked>(key: K, value: Asked[K]) => setAsked((now) => ({ ...now, [key]: value }));
  const outlook = answer?.outlook ?? null;
  const helping = outlook ? measures.filter((m) => m.outlook.meanKill < outlook.meanKill - LEAST_HELP) : [];
  return (
    <article aria-busy={answer?.to !== asked}>
      <p className="text-sm">
        <Link className="link" href={`/c/${collectionId}/tree/${facts.treeId}`}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">The winter of {facts.tag}</h1>
      <Reasoned
        reason={
          <>
            {number(facts.courses.length)} possible courses of this winter: the record and the forecast as far as they
            go, then {BASIS_WORDS[facts.basis]}, where it stands. Each hour heat crosses wall, mix and floor of three
            rings of the pot; its water freezes between 0 and −1 °C. Wind is taken as 2.5 m/s by day and 1.5 by night,
            without sun: a cautious guess. Killing temperatures differ by up to 8 K between sources
            {facts.guess ? ", and its kind is a guess" : ""}; young roots count until the core has been below 5 °C for
            four weeks. Pot and mix as planned, not as measured.
          </>
        }
      >
        <p className="text-lg" data-testid="winter-words">
          {answer === null || outlook === null
            ? "Reckoning its winters …"
            : `${litres(facts.volumeL, units)} in ${WALL_WORDS[facts.wall]}, ${STAND_WORDS[answer.to.stand]}: it loses more than a tenth of its roots in ${percent(outlook.chanceOfLoss)} of winters. Coldest of a middle winter at the wall ${celsius(outlook.coldestShellC[0], units)}, in one of ten ${celsius(outlook.coldestShellC[1], units)}; in the core ${celsius(outlook.coldestCoreC[0], units)} and ${celsius(outlook.coldestCoreC[1], units)}.`}
        </p>
      </Reasoned>
      <section
        aria-label="How it stands"
        className="no-print border-base-300 rounded-box mt-3 grid gap-3 border p-3 sm:grid-cols-3 lg:grid-cols-5"
      >
        <SelectField
          label="Stands"
          value={asked.stand}
          onChange={(v) => set("stand", v)}
          options={STANDS.map((s) => [s, STAND_WORDS[s]] as const)}
        />
        <SelectField
          label="Wrapped in"
          value={asked.wrap}
          onChange={(v) => set("wrap", v)}
          options={[["none", "nothing"], ...WRAPS.map((w) => [w, WRAP_WORDS[w]] as const)]}
        />
        <SelectField
          label="Company"
          value={asked.group}
          onChange={(v) => set("group", v)}
          options={(Object.keys(GROUPS) as Group[]).map((g) => [g, GROUPS[g].words] as const)}
        />
        <SelectField
          label="Water"
          value={asked.water}
          onChange={(v) => set("water", v)}
          options={[
            ["wet", "watered before frost"],
            ["dry", "nearly dry"],
          ]}
        />
        <SelectField
          label="On the mix"
          value={asked.mulch}
          onChange={(v) => set("mulch", v)}
          options={[
            ["none", "nothing"],
            ["straw", "straw, 10 cm"],
          ]}
        />
      </section>
      {outlook && (
        <section aria-label="The winter" className="mt-3">
          <Ribbon outlook={outlook} limits={facts.limits} today={facts.today} units={units} />
        </section>
      )}
      {outlook && measures.length > 0 && (
        <section aria-labelledby="measures" className="mt-3">
          <h2 id="measures" className="text-lg">
            What would help
          </h2>
          <ul className="text-sm" data-testid="measures">
            {helping.length === 0 && <li>None of what we know would change it much: bring it in.</li>}
            {helping
              .sort((a, b) => a.outlook.meanKill - b.outlook.meanKill)
              .map((m) => (
                <li key={m.words}>
                  <b>{m.words}</b>: roots lost in {percent(m.outlook.chanceOfLoss)} of winters instead of{" "}
                  {percent(outlook.chanceOfLoss)}; on average {percent(m.outlook.meanKill)} of them instead of{" "}
                  {percent(outlook.meanKill)}
                </li>
              ))}
          </ul>
        </section>
      )}
    </article>
  );
}

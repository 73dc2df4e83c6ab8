"use client";

import { potAt, treeAt } from "@/features/kernel/addresses";
import * as Comlink from "comlink";
import Link from "next/link";
import { useEffect, useRef, useState } from "react";
import {
  crackChance,
  isClay,
  LIMIT_MARGIN_C,
  MEASURES,
  MULCH_R,
  type PotInWinter,
  ROOT_HEAT,
  STANDS,
  type SummerOutlook,
  type WinterOutlook,
  WRAPS,
} from "@/core/winter/index";
import { Reasoned, SelectField } from "@/ui/fields";
import { celsius, degreesApart, litres, number, percent, type Units } from "@/words/format";
import type { WinterApi } from "@/workers/winter.browser";
import { MARK_WORDS } from "@/words/species";
import { useAsOf } from "@/features/kernel/as-of";
import { ClayField } from "@/features/pots/clay-field";
import { WALL_WORDS } from "@/words/terms";
import { Ribbon } from "./ribbon";
import { Here } from "./here";
import type { Asked, Group, WinterFacts } from "./facts";
import { KeepSo } from "./keep-so";
import { AIR_BASIS_WORDS, MEASURE_WORDS, STAND_WORDS, WATER, WRAP_WORDS } from "@/words/winter";
import { SimulatedMark } from "@/features/kernel/simulated";

const BASIS_WORDS: Record<WinterFacts["basis"], string> = {
  record: "weather years after the site’s own record",
  "short-record": "weather years after a short record",
  table: "weather years after monthly normals",
  answers: "weather years guessed from place and answers",
};

const GROUPS: Record<Group, { words: string; exposure: number; shelter: number }> = {
  alone: { words: "alone", exposure: 1, shelter: 1 },
  edge: { words: "at the edge of a block", exposure: 0.5, shelter: 0.8 },
  inside: { words: "inside a block", exposure: 0.2, shelter: 0.5 },
};

const asItIs = ({ protection, raised, air }: WinterFacts): Asked => ({
  stand: protection.sunk && air.outdoors ? "sunk" : raised ? "bench" : "ground",
  wrap: protection.wrap ?? "none",
  group: air.wind === 1 ? "alone" : "edge",
  water: "wet",
  mulch: protection.mulched ? "straw" : "none",
});

/** A measure that saves less of the roots is not worth its trouble. */
const LEAST_HELP = 0.005;
/** Fewer winters with a loss than this are not worth a word. */
const LITTLE = 0.05;

interface SummerCase {
  words: string;
  outlook: SummerOutlook;
}
/** The pot in summer as it is, and what would cool its wall. */
const SUMMER_CASES: readonly [string, Partial<PotInWinter>][] = [
  ["dark wall, in the sun", {}],
  ["light wall", { wallTakes: 0.3 }],
  ["among others", { exposure: 0.2 }],
];

interface Measured {
  words: string;
  outlook: WinterOutlook;
}

/** One pot through its winters, and what wrapping, water, company and the ground would change. */
export function WinterView({ facts }: { facts: WinterFacts }) {
  const { collectionId, units } = useAsOf();
  const [asked, setAsked] = useState<Asked>(() => asItIs(facts));
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

  const set = <K extends keyof Asked>(key: K, value: Asked[K]) => setAsked((now) => ({ ...now, [key]: value }));
  const outlook = answer?.outlook ?? null;
  const helping = outlook ? measures.filter((m) => m.outlook.meanKill < outlook.meanKill - LEAST_HELP) : [];
  return (
    <article aria-busy={answer?.to !== asked}>
      <p className="text-sm">
        <Link className="link" href={treeAt(collectionId, facts.treeId)}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">The winter of {facts.tag}</h1>
      {!facts.any && <SimulatedMark />}
      <Reasoned
        reason={
          <>
            {number(facts.winters.length)} possible courses of {facts.any ? "any winter" : "this winter"}:{" "}
            {facts.any ? "" : "the record and the forecast as far as they go, then "}
            {BASIS_WORDS[facts.basis]}, with their sun, wind and snow; the air there {AIR_BASIS_WORDS[facts.airBasis]}
            {facts.airNights ? ` (${number(facts.airNights)} nights)` : ""}. Each hour heat crosses wall, mix and floor
            of three rings of the pot; its water freezes between {celsius(0, units)} and {celsius(-1, units)}. Killing
            temperatures of its species: {MARK_WORDS[facts.limitMark].name}, {MARK_WORDS[facts.limitMark].what}; sources
            differ by up to 8 K{facts.guess ? ", and its species is a guess" : ""}. Young roots count until the core has
            been below {celsius(5, units)}
            for four weeks. Pot and mix as planned, not as measured.
          </>
        }
      >
        <p className="min-h-56 text-lg sm:min-h-24" data-testid="winter-words">
          {answer === null || outlook === null
            ? "Calculating its winters …"
            : `${litres(facts.volumeL, units)} in ${WALL_WORDS[facts.wall]}, ${STAND_WORDS[answer.to.stand]}: it loses more than a tenth of its roots in ${percent(outlook.chanceOfLoss)} of winters, in ${percent(outlook.chanceWithMargin)} if they are ${degreesApart(LIMIT_MARGIN_C, units)} tenderer than is said. Coldest of a middle winter at the wall ${celsius(outlook.coldestShellC[0], units)}, in one of ten ${celsius(outlook.coldestShellC[1], units)}; in the core ${celsius(outlook.coldestCoreC[0], units)} and ${celsius(outlook.coldestCoreC[1], units)}.`}
        </p>
      </Reasoned>
      <Here facts={facts} />
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
            ["straw", "straw, a hand’s breadth"],
          ]}
        />
      </section>
      <KeepSo key={JSON.stringify(facts.protection)} asked={asked} facts={facts} />
      {outlook && (
        <section aria-label="The winter" className="mt-3">
          <Ribbon outlook={outlook} limits={facts.limits} today={facts.any ? null : facts.today} units={units} />
        </section>
      )}
      {answer && outlook && (
        <ul className="mt-3 space-y-1 text-sm" data-testid="winter-else">
          <li>
            <b>Crown</b>: more than a tenth of its wood lost in {percent(facts.stay.woodChance)} of winters there; on
            average {percent(facts.stay.wood)}, in the winter’s worst night.
          </li>
          <li>
            <b>Cold it needs</b>:{" "}
            {facts.chillNeed === 0
              ? "none counted for its species."
              : `${number(facts.chillNeed)} portions${facts.forFlowers ? " for its flowers" : ""}; ${number(facts.stay.chill)} come together there in the middle winter, ${facts.stay.chillShort === 0 ? "enough in every one" : `too few in ${percent(facts.stay.chillShort)} of them`}.`}
          </li>
          {isClay(facts.wall) && (
            <li data-testid="winter-clay">
              <b>
                <Link prefetch={false} className="link" href={potAt(collectionId, facts.lotId)}>
                  The clay
                </Link>
              </b>
              : freezes through wet {number(outlook.freezes[0])} times in the middle winter,{" "}
              {number(outlook.freezes[1])} in one of ten.{" "}
              {facts.frostProof === true
                ? "It stands that, by what was said of it."
                : `${facts.frostProof === null ? "Nobody has said whether it stands wet frost; at even odds it" : "It"} cracks in about ${percent(crackChance(facts.wall, facts.frostProof, outlook.freezes[0]))} of winters (a guess); kept dry it does not.`}
              <ClayField className="mt-1 w-56" lotId={facts.lotId} frostProof={facts.frostProof} />
            </li>
          )}
        </ul>
      )}
      {outlook && measures.length > 0 && (
        <section aria-labelledby="measures" className="mt-3">
          <h2 id="measures" className="text-lg">
            What would help
          </h2>
          <ul className="text-sm" data-testid="measures">
            {helping.length === 0 && (
              <li>
                {outlook.chanceOfLoss > LITTLE
                  ? "None of what we know would change it much: bring it in."
                  : "Nothing is needed: its roots are safe there."}
              </li>
            )}
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
      {summer.length > 0 && (
        <section aria-labelledby="summer" className="mt-4">
          <h2 id="summer" className="text-lg">
            Its wall in summer
          </h2>
          <Reasoned
            reason={
              <>
                The same pot through {number(facts.summers.length)} courses of the months round midsummer in{" "}
                {facts.summerPlace}. Roots stop above {celsius(facts.rootHeatC, units)} and die within half an hour at
                about {celsius(ROOT_HEAT.killsC, units)} (Ingram 1985; Mathers 2003). How much sun a wall takes up is a
                guess.
              </>
            }
          >
            <p data-testid="summer-words">{summerWords(summer[0].outlook, units)}</p>
          </Reasoned>
          <ul className="text-sm">
            {summer.slice(1).map((c) => (
              <li key={c.words}>
                <b>{c.words}</b>: hottest {celsius(c.outlook.hottestC[0], units)}, in one of ten{" "}
                {celsius(c.outlook.hottestC[1], units)}; {number(c.outlook.hotDays[0])} days too hot
              </li>
            ))}
          </ul>
        </section>
      )}
    </article>
  );
}

function summerWords({ hottestC, hotDays, chanceHarm, chanceKill }: SummerOutlook, units: Units): string {
  const hot = `As a dark pot in the sun its wall reaches ${celsius(hottestC[0], units)} in the middle summer, ${celsius(hottestC[1], units)} in one of ten`;
  if (hotDays[1] === 0) return `${hot}: never too hot for roots for two hours.`;
  const advice = chanceHarm > 0.2 ? " Shade it, set it in a second pot or take a light one." : "";
  return `${hot}; above ${celsius(ROOT_HEAT.harmsC, units)} for two hours on ${number(hotDays[0])} days, ${number(hotDays[1])} in one of ten${chanceKill > 0 ? `; hot enough to kill in ${percent(chanceKill)} of summers` : ""}.${advice}`;
}

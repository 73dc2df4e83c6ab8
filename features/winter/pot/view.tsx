"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/pot";
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
  record: say.weatherYearsAfterTheSites,
  "short-record": say.weatherYearsAfterAShort,
  table: say.weatherYearsAfterMonthlyNormals,
  answers: say.weatherYearsGuessedFromPlace,
};

const GROUPS: Record<Group, { words: string; exposure: number; shelter: number }> = {
  alone: { words: "alone", exposure: 1, shelter: 1 },
  edge: { words: say.atTheEdgeOfA, exposure: 0.5, shelter: 0.8 },
  inside: { words: say.insideABlock, exposure: 0.2, shelter: 0.5 },
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
  [say.darkWallInTheSun, {}],
  [say.lightWall, { wallTakes: 0.3 }],
  [say.amongOthers, { exposure: 0.2 }],
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
      <h1 className="text-2xl">{say.theWinterOf(facts.tag)}</h1>
      {!facts.any && <SimulatedMark />}
      <Reasoned
        reason={say.possibleCoursesOfWithTheir(
          number(facts.winters.length),
          facts.any ? say.anyWinter : say.thisWinter,
          facts.any ? "" : say.theRecordAndTheForecast,
          BASIS_WORDS[facts.basis],
          AIR_BASIS_WORDS[facts.airBasis],
          facts.airNights ? say.nights(number(facts.airNights)) : "",
          celsius(0, units),
          celsius(-1, units),
          MARK_WORDS[facts.limitMark].name,
          MARK_WORDS[facts.limitMark].what,
          facts.guess ? common.andItsSpeciesIsA : "",
          celsius(5, units),
        )}
      >
        <p className="min-h-56 text-lg sm:min-h-24" data-testid="winter-words">
          {answer === null || outlook === null
            ? say.calculatingItsWinters
            : say.inItLosesMoreThan(
                litres(facts.volumeL, units),
                WALL_WORDS[facts.wall],
                STAND_WORDS[answer.to.stand],
                percent(outlook.chanceOfLoss),
                percent(outlook.chanceWithMargin),
                degreesApart(LIMIT_MARGIN_C, units),
                celsius(outlook.coldestShellC[0], units),
                celsius(outlook.coldestShellC[1], units),
                celsius(outlook.coldestCoreC[0], units),
                celsius(outlook.coldestCoreC[1], units),
              )}
        </p>
      </Reasoned>
      <Here facts={facts} />
      <section
        aria-label={say.howItStands}
        className="no-print border-base-300 rounded-box mt-3 grid gap-3 border p-3 sm:grid-cols-3 lg:grid-cols-5"
      >
        <SelectField
          label={say.stands}
          value={asked.stand}
          onChange={(v) => set("stand", v)}
          options={STANDS.map((s) => [s, STAND_WORDS[s]] as const)}
        />
        <SelectField
          label={say.wrappedIn}
          value={asked.wrap}
          onChange={(v) => set("wrap", v)}
          options={[["none", "nothing"], ...WRAPS.map((w) => [w, WRAP_WORDS[w]] as const)]}
        />
        <SelectField
          label={say.company}
          value={asked.group}
          onChange={(v) => set("group", v)}
          options={(Object.keys(GROUPS) as Group[]).map((g) => [g, GROUPS[g].words] as const)}
        />
        <SelectField
          label={say.water}
          value={asked.water}
          onChange={(v) => set("water", v)}
          options={[
            ["wet", say.wateredBeforeFrost],
            ["dry", say.nearlyDry],
          ]}
        />
        <SelectField
          label={say.onTheMix}
          value={asked.mulch}
          onChange={(v) => set("mulch", v)}
          options={[
            ["none", "nothing"],
            ["straw", say.strawAHandsBreadth],
          ]}
        />
      </section>
      <KeepSo key={JSON.stringify(facts.protection)} asked={asked} facts={facts} />
      {outlook && (
        <section aria-label={say.theWinter} className="mt-3">
          <Ribbon outlook={outlook} limits={facts.limits} today={facts.any ? null : facts.today} units={units} />
        </section>
      )}
      {answer && outlook && (
        <ul className="mt-3 space-y-1 text-sm" data-testid="winter-else">
          <li>
            <b>{say.crown}</b>
            {say.moreThanATenthOf(percent(facts.stay.woodChance), percent(facts.stay.wood))}
          </li>
          <li>
            <b>{say.coldItNeeds}</b>:{" "}
            {facts.chillNeed === 0
              ? say.noneCountedForItsSpecies
              : say.portionsComeTogetherThereIn(
                  number(facts.chillNeed),
                  facts.forFlowers ? say.forItsFlowers : "",
                  number(facts.stay.chill),
                  facts.stay.chillShort === 0
                    ? say.enoughInEveryOne
                    : say.tooFewInOfThem(percent(facts.stay.chillShort)),
                )}
          </li>
          {isClay(facts.wall) && (
            <li data-testid="winter-clay">
              <b>
                <Link prefetch={false} className="link" href={potAt(collectionId, facts.lotId)}>
                  {say.theClay}
                </Link>
              </b>
              {say.freezesThroughWetTimesIn(
                number(outlook.freezes[0]),
                number(outlook.freezes[1]),
                facts.frostProof === true
                  ? say.itStandsThatByWhat
                  : say.cracksInAboutOfWinters(
                      facts.frostProof === null ? say.nobodyHasSaidWhetherIt : "It",
                      percent(crackChance(facts.wall, facts.frostProof, outlook.freezes[0])),
                    ),
              )}
              <ClayField className="mt-1 w-56" lotId={facts.lotId} frostProof={facts.frostProof} />
            </li>
          )}
        </ul>
      )}
      {outlook && measures.length > 0 && (
        <section aria-labelledby="measures" className="mt-3">
          <h2 id="measures" className="text-lg">
            {say.whatWouldHelp}
          </h2>
          <ul className="text-sm" data-testid="measures">
            {helping.length === 0 && (
              <li>{outlook.chanceOfLoss > LITTLE ? say.noneOfWhatWeKnow : say.nothingIsNeededItsRoots}</li>
            )}
            {helping
              .sort((a, b) => a.outlook.meanKill - b.outlook.meanKill)
              .map((m) => (
                <li key={m.words}>
                  <b>{m.words}</b>
                  {say.rootsLostInOfWinters(
                    percent(m.outlook.chanceOfLoss),
                    percent(outlook.chanceOfLoss),
                    percent(m.outlook.meanKill),
                    percent(outlook.meanKill),
                  )}
                </li>
              ))}
          </ul>
        </section>
      )}
      {summer.length > 0 && (
        <section aria-labelledby="summer" className="mt-4">
          <h2 id="summer" className="text-lg">
            {say.itsWallInSummer}
          </h2>
          <Reasoned
            reason={say.theSamePotThroughCourses(
              number(facts.summers.length),
              facts.summerPlace,
              celsius(facts.rootHeatC, units),
              celsius(ROOT_HEAT.killsC, units),
            )}
          >
            <p data-testid="summer-words">{summerWords(summer[0].outlook, units)}</p>
          </Reasoned>
          <ul className="text-sm">
            {summer.slice(1).map((c) => (
              <li key={c.words}>
                <b>{c.words}</b>
                {say.hottestInOneOfTen(
                  celsius(c.outlook.hottestC[0], units),
                  celsius(c.outlook.hottestC[1], units),
                  number(c.outlook.hotDays[0]),
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
    </article>
  );
}

function summerWords({ hottestC, hotDays, chanceHarm, chanceKill }: SummerOutlook, units: Units): string {
  const hot = say.asADarkPotIn(celsius(hottestC[0], units), celsius(hottestC[1], units));
  if (hotDays[1] === 0) return say.neverTooHotForRoots(hot);
  const advice = chanceHarm > 0.2 ? say.shadeItSetItIn : "";
  return say.aboveForTwoHoursOn(
    hot,
    celsius(ROOT_HEAT.harmsC, units),
    number(hotDays[0]),
    number(hotDays[1]),
    chanceKill > 0 ? say.hotEnoughToKillIn(percent(chanceKill)) : "",
    advice,
  );
}

"use client";

import { SummerWall } from "./summer-wall";
import { Remedies } from "./remedies";
import { WinterElse } from "./winter-else";
import { StandFields } from "./stand-fields";
import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/pot";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { LIMIT_MARGIN_C } from "@/core/winter/index";
import { Reasoned } from "@/ui/fields";
import { celsius, degreesApart, litres, number, percent } from "@/words/format";
import { MARK_WORDS } from "@/words/species";
import { useAsOf } from "@/features/kernel/as-of";
import { WALL_WORDS } from "@/words/terms";
import { Ribbon } from "./ribbon";
import { Here } from "./here";
import type { Asked, WinterFacts } from "./facts";
import { KeepSo } from "./keep-so";
import { AIR_BASIS_WORDS, STAND_WORDS } from "@/words/winter";
import { SimulatedMark } from "@/features/kernel/simulated";
import { useOutlooks } from "./use-outlooks";

const BASIS_WORDS: Record<WinterFacts["basis"], string> = {
  record: say.weatherYearsAfterTheSites,
  "short-record": say.weatherYearsAfterAShort,
  table: say.weatherYearsAfterMonthlyNormals,
  answers: say.weatherYearsGuessedFromPlace,
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
/** One pot through its winters, and what wrapping, water, company and the ground would change. */
export function WinterView({ facts }: { facts: WinterFacts }) {
  const { collectionId, units } = useAsOf();
  const [asked, setAsked] = useState<Asked>(() => asItIs(facts));
  const { answer, measures, summer } = useOutlooks(facts, asked);
  const set = <K extends keyof Asked>(key: K, value: Asked[K]) => setAsked((now) => ({ ...now, [key]: value }));
  const outlook = answer?.outlook ?? null;
  const helping = outlook
    ? measures
        .filter((m) => m.outlook.meanKill < outlook.meanKill - LEAST_HELP)
        .sort((a, b) => a.outlook.meanKill - b.outlook.meanKill)
    : [];
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
      <StandFields asked={asked} set={set} />
      <KeepSo key={JSON.stringify(facts.protection)} asked={asked} facts={facts} />
      {outlook && (
        <section aria-label={say.theWinter} className="mt-3">
          <Ribbon outlook={outlook} limits={facts.limits} today={facts.any ? null : facts.today} units={units} />
        </section>
      )}
      {answer && outlook && <WinterElse facts={facts} outlook={outlook} />}
      {outlook && measures.length > 0 && <Remedies helping={helping} outlook={outlook} />}
      {summer.length > 0 && <SummerWall facts={facts} summer={summer} />}
    </article>
  );
}

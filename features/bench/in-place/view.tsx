"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/in-place";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useMemo, useState } from "react";
import type { SureWindow } from "@/core/root-work/index";
import {
  coresPlan,
  IN_PLACE_FIGURES,
  type InPlaceInput,
  keepOffMm,
  SECTORS,
  type Sector,
  sequence,
  type Side,
  SIDES,
  slicePlan,
} from "@/core/inplace/index";
import { type CorrectionName, SHELL_DENSITY } from "@/core/roots/index";
import type { Hazard } from "@/core/species/index";
import { Caution, Facts, Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { celsius, day, litres, millimetres, number, percent, readNumber } from "@/words/format";
import { DayField } from "@/features/kernel/rough-date";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { HAZARD_WORDS, LIMIT_BECAUSE } from "@/words/terms";
import { AboveDrawing } from "./above";
import { useDayWord, useRecordingDay } from "@/features/kernel/recording-day";

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

const WAYS = [
  ["cores", say.manyCores],
  ["slices", say.oneSideSliced],
] as const;
type Way = (typeof WAYS)[number][0];

const PART_WORDS: Record<Sector | Side, string> = {
  all: say.allRound,
  "north-south": say.northAndSouthQuarters,
  "east-west": say.eastAndWestQuarters,
  south: say.southSide,
  north: say.northSide,
  east: say.eastSide,
  west: say.westSide,
};

/** Renewing a ball where it stands: what to bore or slice this year, drawn from above, and whose turn it is in the years to come. */
export function InPlaceView({ facts }: { facts: InPlaceFacts }) {
  const { collectionId, units } = useAsOf();
  const tree = treeAt(collectionId, facts.treeId);
  return (
    <article className="mx-auto max-w-5xl">
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">{say.rootRenewalInPlace(facts.tag)}</h1>
      {facts.ball ? (
        <Planner facts={facts} ball={facts.ball} />
      ) : (
        <p className="mt-4">
          {say.nobodyHasSaidWhichPot}
          <Link className="link" href={`${tree}#measure`}>
            {say.measureIt}
          </Link>
          {say.firstNumberAndPlaceOf}
        </p>
      )}
      <Caution className="mt-4">
        <p className="font-semibold">{say.augersAndSawsBothHands(millimetres(IN_PLACE_FIGURES.coreStopMm, units))}</p>
        <p>{say.guyItBeforeASide}</p>
        <p>{say.dampTheMixItCan}</p>
        {facts.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
      </Caution>
    </article>
  );
}

function Planner({ facts, ball }: { facts: InPlaceFacts; ball: InPlaceInput }) {
  const { collectionId, today, on, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-work-in-place");
  const large = ball.volumeL >= 60;
  const [way, setWay] = useState<Way>(large ? "slices" : "cores");
  const [core, setCore] = useState(String(large ? IN_PLACE_FIGURES.coreMm : 25));
  const [share, setShare] = useState("10");
  const kinds: Record<Way, CorrectionName> = { cores: "core-in-place", slices: "slice-in-place" };
  const turns = useMemo(
    () =>
      sequence(
        way,
        facts.done.filter((d) => d.kind === kinds[way]),
        facts.year,
      ),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `kinds` is a table
    [way, facts],
  );
  const next = turns.find((t) => !t.done)!;
  const [chosen, setChosen] = useState<{ way: Way; part: Sector | Side } | null>(null);
  const part = chosen?.way === way ? chosen.part : next.part;
  const [wall, setWall] = useState(false);
  const [kept, setKept] = useState("");
  const { value: doneOn, set: setDoneOn } = useRecordingDay();
  const when = useDayWord();
  const [problems, setProblems] = useState<Record<string, string>>({});

  const coreMm = readNumber(core, "mm");
  const asked = readNumber(share) / 100;
  const cores = useMemo(
    () =>
      way === "cores" && coreMm >= 10 && coreMm <= 120 && asked > 0
        ? coresPlan(ball, { coreMm, share: asked, sector: part as Sector })
        : null,
    [way, ball, coreMm, asked, part],
  );
  const slice = useMemo(() => (way === "slices" ? slicePlan(ball, part as Side) : null), [way, ball, part]);
  const window = facts.windows[kinds[way]];
  const doneThisYear = facts.done.some((d) => d.kind === kinds[way] && d.year === facts.year);
  const retained = cores?.retainedShare ?? slice?.retainedShare ?? 1;
  const litresOut = cores?.litres ?? slice?.litres ?? 0;
  const loose = cores?.looseL ?? slice?.looseL ?? 0;

  const submit = async () => {
    const share = kept.trim() === "" ? retained : readNumber(kept) / 100;
    const wrong: Record<string, string> = {};
    if (way === "cores" && !cores) wrong.core = say.aWidthFrom10To;
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({
      collectionId,
      treeId: facts.treeId,
      on: doneOn,
      correction: kinds[way],
      retainedShare: share,
      renewedShare: Math.min(1, litresOut / ball.volumeL),
      where: part,
      ...(cores
        ? { count: cores.holes.length, widthMm: cores.coreMm, depthMm: cores.depthMm, circlingRemoved: wall ? 0.1 : 0 }
        : { depthMm: slice!.depthMm }),
      despite: window && !window.open && doneOn === on ? { limiting: window.limiting, safe: window.safe } : null,
    });
    if (!done) return;
    setChosen(null);
    setKept("");
    tell({ text: say.renewedSoakTwiceSlowly(facts.tag, PART_WORDS[part]), entryId: done.entryId });
  };

  return (
    <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
      <div>
        <Reasoned
          reason={say.theBallFromAboveTo(
            facts.potName ?? say.itsPot,
            millimetres(keepOffMm(ball), units),
            facts.trunkKnown ? "" : say.whichNobodyHasMeasured,
            millimetres(IN_PLACE_FIGURES.wallMarginMm, units),
          )}
        >
          <AboveDrawing ball={ball} cores={cores} slice={slice} units={units} />
        </Reasoned>
      </div>
      <div className="space-y-4">
        <p className="text-lg" data-testid="in-place-window">
          {window === undefined
            ? say.noWindowIsKnownFor
            : window.open
              ? say.theSeasonForItIs(window.closes ? common.until(day(window.closes, today)) : "")
              : say.not(
                  when,
                  LIMIT_BECAUSE[window.limiting],
                  window.opens ? say.itOpens(day(window.opens, today)) : "",
                )}{" "}
          {facts.evergreen
            ? say.evergreensBeforeTheFlushRoots(celsius(facts.springRootZoneC, units))
            : say.deciduousTreesInDormancy}
        </p>
        <Form className="space-y-4" onSubmit={submit} label={common.rootRenewalInPlace}>
          <div className="grid gap-3 sm:grid-cols-2">
            <SelectField label={say.how} value={way} onChange={setWay} options={WAYS} />
            <SelectField
              label={say.where}
              value={part}
              onChange={(p) => setChosen({ way, part: p })}
              options={(way === "cores" ? SECTORS : SIDES).map((p) => [p, PART_WORDS[p]] as const)}
              hint={say.itsTurn(PART_WORDS[next.part], next.year > facts.year ? say.from(next.year) : "")}
            />
            {way === "cores" && (
              <>
                <TextField
                  label={say.augerMm}
                  numeric
                  value={core}
                  onChange={setCore}
                  fault={problems.core ?? (cores ? undefined : say.aWidthFrom10To)}
                />
                <TextField
                  label={say.shareOfTheBall}
                  numeric
                  value={share}
                  onChange={setShare}
                  hint={say.atMostAYear(number(100 * IN_PLACE_FIGURES.coreMostShare))}
                />
              </>
            )}
          </div>
          {cores && (
            <Reasoned
              reason={say.oneHoleOfToTwo(
                millimetres(cores.coreMm, units),
                number((100 * cores.share) / Math.max(1, cores.holes.length), 2),
              )}
            >
              <Facts
                columns
                testId="cores"
                facts={[
                  ["Holes", number(cores.holes.length)],
                  [say.middleToMiddleAtLeast, millimetres(cores.spacingMm, units)],
                  ["Deep", millimetres(cores.depthMm, units)],
                  [say.ofTheBall, percent(cores.share)],
                  [say.mixOut, litres(cores.litres, units)],
                  [say.looseMixIn, litres(loose, units)],
                ]}
              />
            </Reasoned>
          )}
          {slice && (
            <Reasoned
              reason={say.ofTheBallOverIts(
                percent(slice.share),
                number(SHELL_DENSITY, 1),
                percent(1 - slice.retainedShare),
              )}
            >
              <Facts
                columns
                testId="slice"
                facts={[
                  [say.inFromTheWall, millimetres(slice.depthMm, units)],
                  [say.ofTheBall, percent(slice.share)],
                  [say.ofItsRootsAbout, percent(1 - slice.retainedShare)],
                  [say.mixOut, litres(slice.litres, units)],
                  [say.looseMixIn, litres(loose, units)],
                ]}
              />
            </Reasoned>
          )}
          {cores?.short && (
            <p className="text-warning font-semibold">{say.theOuterHalfHoldsSuch(number(cores.most))}</p>
          )}
          {slice?.tooNear && <p className="text-warning font-semibold">{say.theCutWouldComeNearer}</p>}
          {doneThisYear && <p className="text-warning font-semibold">{say.thisWasDoneThisYear}</p>}
          <Steps way={way} facts={facts} />
          <fieldset className="border-base-300 rounded-box border p-3">
            <legend className="px-1 font-medium">{say.asItWasReallyDone}</legend>
            <div className="grid gap-3 sm:grid-cols-2">
              <TextField
                label={say.shareOfRootsKept}
                numeric
                value={kept}
                onChange={setKept}
                fault={at("retainedShare")}
                hint={say.asPlannedLeaveItEmpty(percent(retained))}
              />
              <DayField label={common.doneOn} value={doneOn} onChange={setDoneOn} fault={at("on")} />
              {way === "cores" && (
                <label className="flex min-h-12 cursor-pointer items-center gap-3 sm:col-span-2">
                  <input
                    type="checkbox"
                    className="checkbox"
                    checked={wall}
                    onChange={(e) => setWall(e.target.checked)}
                  />
                  {say.theHolesReachedTheWall}
                </label>
              )}
            </div>
            <FormFaults faults={failure?.faults.filter((f) => !["on", "retainedShare"].includes(f.path)) ?? []} />
            <button
              type="submit"
              className="btn btn-primary mt-3 h-14 w-full text-lg sm:w-auto sm:px-10"
              disabled={busy}
            >
              {busy ? common.recording : say.doneRecordIt}
            </button>
          </fieldset>
        </Form>
        <section aria-labelledby="turns">
          <h2 id="turns" className="text-lg">
            {say.overTheYears}
          </h2>
          <ol className="list-decimal pl-6" data-testid="turns">
            {turns.map((t) => (
              <li key={`${t.year}-${t.part}`}>
                {t.year}: {PART_WORDS[t.part]}
                {t.done ? say.done : ""}
              </li>
            ))}
          </ol>
          <p className="text-sm">{say.theNextSideOnlyIf(percent(IN_PLACE_FIGURES.shootsShare))}</p>
        </section>
      </div>
    </div>
  );
}

/** The work in order, with its stop rules. */
function Steps({ way, facts }: { way: Way; facts: InPlaceFacts }) {
  const { units } = useAsOf();
  const [low, high] = IN_PLACE_FIGURES.noNitrogenWeeks;
  return (
    <ol className="list-decimal space-y-1 pl-5">
      <li>
        {say.topToOfSpentMix(
          millimetres(IN_PLACE_FIGURES.topLowMm, units),
          millimetres(IN_PLACE_FIGURES.topHighMm, units),
        )}
      </li>
      {way === "cores" ? (
        <>
          <li>{say.probeEachPlaceWithA}</li>
          <li>{say.stopAtARootThicker(millimetres(IN_PLACE_FIGURES.coreStopMm, units))}</li>
        </>
      ) : (
        <>
          <li>{say.unboltTheSideOrCut}</li>
          <li>{say.sliceAtFullDepthStop(millimetres(IN_PLACE_FIGURES.sliceStopMm, units))}</li>
        </>
      )}
      <li>{say.refillWithMixAsFine}</li>
      <li>{say.soakTwiceAndReWet}</li>
      <li>{say.guyItAgainstWindShade(number(low), number(high), facts.evergreen ? "" : say.ofGrowth)}</li>
    </ol>
  );
}

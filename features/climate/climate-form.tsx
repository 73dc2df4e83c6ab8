"use client";

import * as say from "@/words/pages/climate/climate";
import { lapseWords } from "@/words/weather";
import { useState } from "react";
import { seedOf } from "@/contract/seed";
import { answersWithSaid, type FrostFit, lapseC, type ReadingsFit, type SiteAnswers } from "@/core/climate/index";
import { Z90 } from "@/core/math/index";
import type { ClimateSaid } from "@/core/records/index";
import { SHOWN_UNIT, typedAs } from "@/core/quantity/index";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { Form, FormFaults, TextField } from "@/ui/fields";
import { celsius, degreesApart, elevation, monthDay, number, readNumber, type Units } from "@/words/format";
import { Months } from "../setup/months";
import { editKey, type MonthEdits, type Problems, readMonths } from "../setup/read-answers";
import { askPreview, usePreview } from "../setup/use-preview";
import { readDegrees, readMonthDay } from "./read-climate";

interface Props {
  said: ClimateSaid;
  frostFit: FrostFit | null;
  readings: ReadingsFit | null;
  siteElevationM: number;
  answers: SiteAnswers;
  recorded: boolean;
}

/** A temperature to a tenth, as its field shows it. */
const shown = (valueC: number, units: Units) => String(Math.round(10 * Number(typedAs(valueC, "celsius", units))) / 10);

/** Months of a table that stands, as they are typed over. */
function editsOf(said: ClimateSaid["normals"], units: Units): MonthEdits {
  if (!said) return {};
  return Object.fromEntries(
    said.tminC.flatMap((low, m) => [
      [editKey("low", m), shown(low, units)],
      [editKey("high", m), shown(said.tmaxC[m], units)],
    ]),
  );
}

/** What the keeper knows of the site's climate: the year's ends, the neighbourhood's frost days, and months typed over. */
export function ClimateForm({ said, frostFit, readings, siteElevationM, answers, recorded }: Props) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("say-climate");
  const degrees = (valueC: number | null | undefined) => (valueC == null ? "" : shown(valueC, units));
  const [last, setLast] = useState(said.frost?.last ? monthDay(said.frost.last) : "");
  const [first, setFirst] = useState(said.frost?.first ? monthDay(said.frost.first) : "");
  const [coldest, setColdest] = useState(degrees(said.extremes?.coldestNightC));
  const [hot, setHot] = useState(degrees(said.extremes?.hotAfternoonC));
  const [height, setHeight] = useState(said.normals?.elevationM == null ? "" : String(said.normals.elevationM));
  const [edits, setEdits] = useState<MonthEdits>(() => editsOf(said.normals, units));
  const [problems, setProblems] = useState<Problems>({});

  const frost = { last: readMonthDay(last) ?? null, first: readMonthDay(first) ?? null };
  const extremes = {
    coldestNightC: readDegrees(coldest, units) ?? null,
    hotAfternoonC: readDegrees(hot, units) ?? null,
  };
  const asked = { ...answersWithSaid(answers, frost, extremes), seed: seedOf(collectionId) };
  const preview = usePreview(asked);

  const save = async () => {
    const wrong: Problems = {};
    if (readMonthDay(last) === undefined) wrong.last = say.aDayOfTheYear;
    if (readMonthDay(first) === undefined) wrong.first = say.aDayOfTheYearSuch;
    if (readDegrees(coldest, units) === undefined) wrong.coldest = say.aTemperatureSuchAs7;
    if (readDegrees(hot, units) === undefined) wrong.hot = say.aTemperatureSuchAs31;
    const elevationM = height.trim() === "" ? null : readNumber(height, "m");
    if (elevationM !== null && !Number.isFinite(elevationM)) wrong.height = say.metresAboveTheSeaAs();
    // Months that nobody typed stay as they are guessed for what is said now.
    const latest = await askPreview(asked);
    const typed = readMonths(edits, latest, units, lapseC(elevationM, siteElevationM));
    Object.assign(wrong, typed.problems);
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({
      collectionId,
      normals: typed.months ? { ...typed.months, elevationM } : null,
      frost: frost.last || frost.first ? frost : null,
      extremes,
    });
    if (done) tell({ text: say.theSitesClimateGoesBy, entryId: done.entryId });
  };

  const unsaid = (answered: string | null, guessed: string | null) =>
    answered !== null
      ? say.leftEmptyAsFirstAnswered(answered)
      : guessed !== null
        ? say.leftEmptyAsGuessed(guessed)
        : say.leftEmptyGuessedFromThe;
  const frostHint = (answer: string | null | undefined, guess: string | null | undefined) =>
    unsaid(
      answer === undefined ? null : answer === null ? "never" : monthDay(answer),
      guess === undefined ? null : guess === null ? say.hardlyEver : monthDay(guess),
    );
  const warmthHint = (answerC: number | undefined, guessC: number | undefined) =>
    unsaid(
      answerC === undefined ? null : celsius(answerC, units),
      guessC === undefined ? null : celsius(guessC, units),
    );
  const unit = SHOWN_UNIT[units].celsius;
  const fields = [
    [
      say.coldestNightOfAnOrdinary,
      coldest,
      setColdest,
      problems.coldest ?? at("extremes.coldestNightC"),
      warmthHint(answers.coldestNightC, preview?.coldestNightC),
      unit,
    ],
    [
      say.usualLastFrost,
      last,
      setLast,
      problems.last ?? at("frost.last"),
      frostHint(answers.lastSpringFrost, preview?.lastSpringFrost),
      null,
    ],
    [
      say.usualFirstFrost,
      first,
      setFirst,
      problems.first ?? at("frost.first"),
      frostHint(answers.firstAutumnFrost, preview?.firstAutumnFrost),
      null,
    ],
    [
      say.hotAfternoonOfTheHottest,
      hot,
      setHot,
      problems.hot ?? at("extremes.hotAfternoonC"),
      warmthHint(answers.hotAfternoonC, preview?.hotAfternoonC),
      unit,
    ],
  ] as const;
  return (
    <section aria-label={say.climateOfTheSite}>
      <h2 className="text-lg">{say.whatYouKnowOfThe}</h2>
      <Form label={say.climate} className="mt-2 space-y-4" onSubmit={save}>
        <p>{say.usualDaysAndTemperaturesAs()}</p>
        <div className="grid gap-3 sm:grid-cols-2">
          {fields.map(([label, value, onChange, fault, hint, suffix]) => (
            <TextField
              key={label}
              label={label}
              value={value}
              onChange={onChange}
              fault={fault}
              hint={hint}
              {...(suffix === null ? {} : { suffix, numeric: "signed" as const })}
            />
          ))}
        </div>
        {frostFit && (
          <p data-testid="frost-fit">
            {say.nightsAreMovedByFor(
              frostFit.offsetC > 0 ? "+" : frostFit.offsetC < 0 ? "−" : "",
              degreesApart(Math.abs(frostFit.offsetC), units),
              [
                frostFit.missLastDays === null ? "" : say.theLastFrostThenMisses(missWords(frostFit.missLastDays)),
                frostFit.missFirstDays === null ? "" : say.theFirstBy(missWords(frostFit.missFirstDays)),
              ]
                .filter(Boolean)
                .join(", "),
            )}
          </p>
        )}
        {readings && (
          <p>
            {say.yourOwnDaysOfReadings(
              number(readings.days),
              degreesApart(readings.minC, units),
              degreesApart(Z90 * readings.seC, units),
            )}
          </p>
        )}
        {preview && (
          <>
            <Months
              preview={preview}
              units={units}
              edits={edits}
              faults={problems}
              onEdit={setEdits}
              about={{
                title: recorded ? say.theYearWithoutYourRecord : say.theTwelveMonths,
                order: recorded ? say.whatYouSayAbovePulls : say.whatYouSayAbovePullsIt,
              }}
            />
            {Object.values(edits).some((text) => text.trim() !== "") && (
              <TextField
                className="max-w-72"
                label={say.monthsTakenAtAHeight}
                numeric="signed"
                suffix="m"
                value={height}
                onChange={setHeight}
                fault={problems.height ?? at("normals.elevationM")}
                hint={say.yourSiteStandsAtAre(elevation(siteElevationM, units), lapseWords(units))}
              />
            )}
          </>
        )}
        <FormFaults
          faults={[
            ...unplaced(failure, ["frost", "extremes", "normals.elevationM"]),
            ...(problems.months ? [{ message: problems.months }] : []),
          ]}
        />
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {busy ? say.workingItOut : say.thatIsTheClimateHere}
        </button>
      </Form>
    </section>
  );
}

function missWords(days: number): string {
  const n = Math.round(Math.abs(days));
  return n === 0 ? say.noDay : n === 1 ? say.aDay : say.days(number(n));
}

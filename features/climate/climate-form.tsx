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
import { celsius, degreesApart, elevation, monthDay, number, readNumber, type Units } from "@/words/format";
import { Months } from "../setup/months";
import { editKey, type MonthEdits, readMonths } from "../setup/read-answers";
import { askPreview, usePreview } from "../setup/use-preview";
import { readDegrees, readMonthDay } from "./read-climate";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { TextInput, useInput } from "@/ui/form/inputs";
import { useWatch, useFormContext } from "react-hook-form";
import type { SitePreview } from "@/contract/queries";

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
  const [start] = useState(() => startOf(said, units));
  const asked = ({ last, first, coldest, hot }: typeof start) => {
    const frost = { last: readMonthDay(last) ?? null, first: readMonthDay(first) ?? null };
    const extremes = {
      coldestNightC: readDegrees(coldest, units) ?? null,
      hotAfternoonC: readDegrees(hot, units) ?? null,
    };
    const preview = { ...answersWithSaid(answers, frost, extremes), seed: seedOf(collectionId) };
    return { frost, extremes, preview };
  };
  const form = useCommandForm("say-climate", {
    start,
    input: async (typed, wrong) => {
      const { last, first, coldest, hot, height, edits } = typed;
      if (readMonthDay(last) === undefined) wrong("frost.last", say.aDayOfTheYear);
      if (readMonthDay(first) === undefined) wrong("frost.first", say.aDayOfTheYearSuch);
      if (readDegrees(coldest, units) === undefined) wrong("extremes.coldestNightC", say.aTemperatureSuchAs7);
      if (readDegrees(hot, units) === undefined) wrong("extremes.hotAfternoonC", say.aTemperatureSuchAs31);
      const elevationM = height.trim() === "" ? null : readNumber(height, "m");
      if (elevationM !== null && !Number.isFinite(elevationM)) wrong("normals.elevationM", say.metresAboveTheSeaAs());
      const { frost, extremes, preview } = asked(typed);
      // Months that nobody typed stay as they are guessed for what is said now.
      const months = readMonths(edits, await askPreview(preview), units, lapseC(elevationM, siteElevationM));
      for (const [month, words] of Object.entries(months.problems)) wrong(`months.${month}` as "normals", words);
      return {
        collectionId,
        normals: months.months ? { ...months.months, elevationM } : null,
        frost: frost.last || frost.first ? frost : null,
        extremes,
      };
    },
    fieldOf: (path) => FIELD_OF[path] ?? path.replace(/^months\.(?=low|high)/, "edits."),
    parts: ["edits"],
    after: (typed) => typed,
    done: ({ entryId }) => tell({ text: say.theSitesClimateGoesBy, entryId }),
  });
  const typed = useWatch({ control: form.form.control }) as typeof start;
  const preview = usePreview(asked(typed).preview);
  return (
    <section aria-label={say.climateOfTheSite}>
      <h2 className="text-lg">{say.whatYouKnowOfThe}</h2>
      <CommandForm
        of={form}
        label={say.climate}
        className="mt-2 space-y-4"
        button={[say.thatIsTheClimateHere, say.workingItOut]}
      >
        <p>{say.usualDaysAndTemperaturesAs()}</p>
        <YearsEnds answers={answers} preview={preview} />
        <Fit frostFit={frostFit} readings={readings} />
        {preview && (
          <>
            <MonthInputs preview={preview} recorded={recorded} />
            {Object.values(typed.edits).some((text) => text.trim() !== "") && (
              <TextInput
                className="max-w-72"
                name="height"
                label={say.monthsTakenAtAHeight}
                numeric="signed"
                suffix="m"
                hint={say.yourSiteStandsAtAre(elevation(siteElevationM, units), lapseWords(units))}
              />
            )}
          </>
        )}
      </CommandForm>
    </section>
  );
}

/** Where the command's faults stand in the form. */
const FIELD_OF: Readonly<Record<string, string>> = {
  "frost.last": "last",
  "frost.first": "first",
  "extremes.coldestNightC": "coldest",
  "extremes.hotAfternoonC": "hot",
  "normals.elevationM": "height",
  // Of no month, but of all of them.
  "months.months": "",
};

const startOf = ({ frost, extremes, normals }: ClimateSaid, units: Units) => ({
  last: frost?.last ? monthDay(frost.last) : "",
  first: frost?.first ? monthDay(frost.first) : "",
  coldest: extremes?.coldestNightC == null ? "" : shown(extremes.coldestNightC, units),
  hot: extremes?.hotAfternoonC == null ? "" : shown(extremes.hotAfternoonC, units),
  height: normals?.elevationM == null ? "" : String(normals.elevationM),
  edits: editsOf(normals, units),
});

/** Its coldest and hottest, and the usual days of its frosts; beneath each what counts where nothing is typed. */
function YearsEnds({ answers, preview }: { answers: SiteAnswers; preview: ReturnType<typeof usePreview> }) {
  const { units } = useAsOf();
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
  const degrees = { suffix: SHOWN_UNIT[units].celsius, numeric: "signed" as const };
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextInput
        name="coldest"
        label={say.coldestNightOfAnOrdinary}
        hint={warmthHint(answers.coldestNightC, preview?.coldestNightC)}
        {...degrees}
      />
      <TextInput
        name="last"
        label={say.usualLastFrost}
        hint={frostHint(answers.lastSpringFrost, preview?.lastSpringFrost)}
      />
      <TextInput
        name="first"
        label={say.usualFirstFrost}
        hint={frostHint(answers.firstAutumnFrost, preview?.firstAutumnFrost)}
      />
      <TextInput
        name="hot"
        label={say.hotAfternoonOfTheHottest}
        hint={warmthHint(answers.hotAfternoonC, preview?.hotAfternoonC)}
        {...degrees}
      />
    </div>
  );
}

function Fit({ frostFit, readings }: Pick<Props, "frostFit" | "readings">) {
  const { units } = useAsOf();
  return (
    <>
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
    </>
  );
}

function MonthInputs({ preview, recorded }: { preview: SitePreview; recorded: boolean }) {
  const { units } = useAsOf();
  const { value, onChange } = useInput<MonthEdits>("edits");
  const { errors } = useFormContext<{ edits: MonthEdits }>().formState;
  const faults = Object.entries((errors.edits ?? {}) as Record<string, { message?: string } | undefined>);
  return (
    <Months
      preview={preview}
      units={units}
      edits={value}
      faults={Object.fromEntries(faults.flatMap(([key, e]) => (e?.message ? [[key, e.message]] : [])))}
      onEdit={onChange}
      about={{
        title: recorded ? say.theYearWithoutYourRecord : say.theTwelveMonths,
        order: recorded ? say.whatYouSayAbovePulls : say.whatYouSayAbovePullsIt,
      }}
    />
  );
}

function missWords(days: number): string {
  const n = Math.round(Math.abs(days));
  return n === 0 ? say.noDay : n === 1 ? say.aDay : say.days(number(n));
}

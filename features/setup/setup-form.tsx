"use client";

import * as say from "@/words/pages/setup";
import { useRouter } from "next/navigation";
import { useState, useSyncExternalStore } from "react";
import type { Currency } from "@/contract/currency";
import { seedOf } from "@/contract/seed";
import { readCoordinate } from "@/core/quantity/index";
import { pageAt } from "@/features/kernel/addresses";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { celsius, monthDay, type Units } from "@/words/format";
import { currencyOptions, usualCurrency, usualUnits } from "../settings/currency";
import { Months } from "./months";
import { answerHint, DegreesQuestion, MonthDayQuestion, PlaceQuestion } from "./questions";
import {
  EMPTY_DRAFT,
  type FaultOf,
  type MonthEdits,
  type Problems,
  readAnswers,
  readMonths,
  type SetupDraft,
} from "./read-answers";
import { askPreview, usePreview } from "./use-preview";

const FIELDS = [
  "name",
  "answers.latitudeDeg",
  "answers.longitudeDeg",
  "answers.elevationM",
  "answers.coldestNightC",
  "answers.lastSpringFrost",
  "answers.firstAutumnFrost",
  "answers.hotAfternoonC",
  "currency",
];

/** The browser's own region is a first guess that stands in plain sight; it is not known where the page was made. */
function useShown() {
  const [units, setUnits] = useState<Units | null>(null);
  const [currency, setCurrency] = useState<Currency | null>(null);
  const usual = useSyncExternalStore(
    () => () => undefined,
    () => navigator.language,
    () => "",
  );
  return { units: units ?? usualUnits(usual), currency: currency ?? usualCurrency(usual), setUnits, setCurrency };
}

/** Where the trees stand is enough; each further answer pulls the year that is guessed from there. */
export function SetupForm() {
  const router = useRouter();
  const { send, busy, failure, beside } = useCommand("create-collection");
  // Known from the beginning, for its weather years go by it: what is shown here is what the collection will have.
  const [id] = useState(() => crypto.randomUUID());
  const [name, setName] = useState(say.myTrees);
  const [draft, setDraft] = useState<SetupDraft>(EMPTY_DRAFT);
  const change = (part: Partial<SetupDraft>) => setDraft((before) => ({ ...before, ...part }));
  const [edits, setEdits] = useState<MonthEdits>({});
  const [problems, setProblems] = useState<Problems>({});
  const shown = useShown();
  const { units } = shown;

  const { answers, problems: unread } = readAnswers(draft, units);
  const placed = !unread["answers.latitudeDeg"] && !unread["answers.longitudeDeg"];
  const preview = usePreview(placed ? { ...answers, seed: seedOf(id) } : null);

  const submit = async () => {
    // Asked anew: what is in sight may still be of the place that was typed before.
    const latest = placed ? await askPreview({ ...answers, seed: seedOf(id) }) : null;
    const { problems: oddMonths, months } = readMonths(edits, latest, units);
    const wrong: Problems = { ...unread, ...oddMonths };
    const elevationM = answers.elevationM ?? latest?.elevationM;
    if (placed && elevationM === undefined) wrong["answers.elevationM"] ??= say.giveTheElevationWhatIs;
    setProblems(wrong);
    if (Object.keys(wrong).length > 0 || elevationM === undefined) return;
    const done = await send({
      collectionId: id,
      name,
      zone: latest?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
      answers: { ...answers, elevationM },
      units,
      currency: shown.currency,
      normals: months ? { ...months, elevationM } : null,
    });
    if (done) router.push(pageAt(id, "today"));
  };
  const fault = beside(problems);

  return (
    <main className="mx-auto max-w-2xl px-4 py-8">
      <h1 className="text-3xl">{say.whereDoYourTreesStand}</h1>
      <p className="mt-2 text-lg">{say.thePlaceIsEnoughTo}</p>
      <Form className="mt-6 space-y-6" onSubmit={submit}>
        <TextField label={say.nameOfTheCollection} value={name} onChange={setName} fault={fault("name")} />
        <PlaceQuestion draft={draft} onChange={change} nearest={preview?.nearest ?? null} units={units} fault={fault} />
        {preview && (
          <Months
            preview={preview}
            units={units}
            edits={edits}
            faults={problems}
            onEdit={setEdits}
            about={{
              title: say.yourYearAsWeGuess,
              order: say.yourAnswersBelowPullIt,
            }}
          />
        )}
        <YearQuestions draft={draft} onChange={change} preview={preview} units={units} fault={fault} />
        <fieldset>
          <legend className="font-serif text-xl font-semibold">{say.n6HowItIsShown}</legend>
          <div className="mt-2 grid gap-3 sm:grid-cols-2">
            <SelectField
              label={say.units}
              value={units}
              onChange={shown.setUnits}
              options={[
                ["metric", say.litresMillimetresKilogramsC()],
                ["us", say.gallonsInchesPoundsF],
              ]}
            />
            <SelectField
              label={say.currency}
              value={shown.currency}
              onChange={shown.setCurrency}
              options={currencyOptions()}
              fault={fault("currency")}
            />
          </div>
          <p className="mt-1 text-sm opacity-80">{say.bothCanBeChangedLater}</p>
        </fieldset>
        <FormFaults
          faults={[...unplaced(failure, FIELDS), ...(problems.months ? [{ message: problems.months }] : [])]}
        />
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {busy ? say.makingYourYears : say.begin}
        </button>
      </Form>
    </main>
  );
}

/** What a grower may know of the year there; each may stay empty. */
function YearQuestions({
  draft,
  onChange,
  preview,
  units,
  fault,
}: {
  draft: SetupDraft;
  onChange: (change: Partial<SetupDraft>) => void;
  preview: ReturnType<typeof usePreview>;
  units: Units;
  fault: FaultOf;
}) {
  const latitude = readCoordinate(draft.latitude, "latitude");
  const frost = (answer: string, guess: string | null | undefined) =>
    answerHint(answer.trim() !== "", guess === undefined ? null : guess === null ? "none" : monthDay(guess));
  const warmth = (answer: string, guessC: number | undefined) =>
    answerHint(answer.trim() !== "", guessC === undefined ? null : celsius(guessC, units));
  return (
    <>
      <DegreesQuestion
        legend={say.n2TheColdestNightOf}
        label={say.lowestTemperature}
        value={draft.coldest}
        onChange={(coldest) => onChange({ coldest })}
        units={units}
        hint={warmth(draft.coldest, preview?.coldestNightC)}
        fault={fault("answers.coldestNightC")}
      />
      <MonthDayQuestion
        legend={say.n3TheUsualLastFrost}
        value={draft.spring}
        onChange={(spring) => onChange({ spring })}
        disabled={draft.never}
        hint={frost(draft.spring.day, preview?.lastSpringFrost)}
        fault={fault("answers.lastSpringFrost")}
      />
      <MonthDayQuestion
        legend={say.n4TheUsualFirstFrost()}
        value={draft.autumn}
        onChange={(autumn) => onChange({ autumn })}
        disabled={draft.never}
        hint={frost(draft.autumn.day, preview?.firstAutumnFrost)}
        fault={fault("answers.firstAutumnFrost")}
      />
      {latitude.ok && latitude.degrees < 0 && <p className="text-info">{say.southernHemisphereYourSpringFrost}</p>}
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={draft.never}
          onChange={(e) => onChange({ never: e.target.checked })}
        />
        {say.itNeverFreezesHere}
      </label>
      <DegreesQuestion
        legend={say.n5AUsualHotAfternoon}
        label={say.hotAfternoon}
        value={draft.hot}
        onChange={(hot) => onChange({ hot })}
        units={units}
        hint={warmth(draft.hot, preview?.hotAfternoonC)}
        fault={fault("answers.hotAfternoonC")}
      />
    </>
  );
}

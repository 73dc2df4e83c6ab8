"use client";

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
  const [name, setName] = useState("My trees");
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
    if (placed && elevationM === undefined)
      wrong["answers.elevationM"] ??= "Give the elevation: what is known around cannot be looked up just now.";
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
      <h1 className="text-3xl">Where do your trees stand?</h1>
      <p className="mt-2 text-lg">
        The place is enough to begin. What you know better than our guess, say; the rest may stay empty. Every screen
        says that it is a guess until you read in a real weather record.
      </p>
      <Form className="mt-6 space-y-6" onSubmit={submit}>
        <TextField label="Name of the collection" value={name} onChange={setName} fault={fault("name")} />
        <PlaceQuestion draft={draft} onChange={change} nearest={preview?.nearest ?? null} units={units} fault={fault} />
        {preview && (
          <Months
            preview={preview}
            units={units}
            edits={edits}
            faults={problems}
            onEdit={setEdits}
            about={{
              title: "Your year as we guess it",
              order: "Your answers below pull it; what you type here goes before both.",
            }}
          />
        )}
        <YearQuestions draft={draft} onChange={change} preview={preview} units={units} fault={fault} />
        <fieldset>
          <legend className="font-serif text-xl font-semibold">6 · How it is shown</legend>
          <div className="mt-2 grid gap-3 sm:grid-cols-2">
            <SelectField
              label="Units"
              value={units}
              onChange={shown.setUnits}
              options={[
                ["metric", "litres, millimetres, kilograms, °C"],
                ["us", "gallons, inches, pounds, °F"],
              ]}
            />
            <SelectField
              label="Currency"
              value={shown.currency}
              onChange={shown.setCurrency}
              options={currencyOptions()}
              fault={fault("currency")}
            />
          </div>
          <p className="mt-1 text-sm opacity-80">Both can be changed later, under Climate.</p>
        </fieldset>
        <FormFaults
          faults={[...unplaced(failure, FIELDS), ...(problems.months ? [{ message: problems.months }] : [])]}
        />
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {busy ? "Making your years …" : "Begin"}
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
        legend="2 · The coldest night of an ordinary winter"
        label="Lowest temperature"
        value={draft.coldest}
        onChange={(coldest) => onChange({ coldest })}
        units={units}
        hint={warmth(draft.coldest, preview?.coldestNightC)}
        fault={fault("answers.coldestNightC")}
      />
      <MonthDayQuestion
        legend="3 · The usual last frost in spring"
        value={draft.spring}
        onChange={(spring) => onChange({ spring })}
        disabled={draft.never}
        hint={frost(draft.spring.day, preview?.lastSpringFrost)}
        fault={fault("answers.lastSpringFrost")}
      />
      <MonthDayQuestion
        legend="4 · The usual first frost in autumn"
        value={draft.autumn}
        onChange={(autumn) => onChange({ autumn })}
        disabled={draft.never}
        hint={frost(draft.autumn.day, preview?.firstAutumnFrost)}
        fault={fault("answers.firstAutumnFrost")}
      />
      {latitude.ok && latitude.degrees < 0 && (
        <p className="text-info">
          Southern hemisphere: your spring frost falls between August and December, your autumn frost between March and
          July.
        </p>
      )}
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={draft.never}
          onChange={(e) => onChange({ never: e.target.checked })}
        />
        It never freezes here
      </label>
      <DegreesQuestion
        legend="5 · A usual hot afternoon of the hottest month"
        label="Hot afternoon"
        value={draft.hot}
        onChange={(hot) => onChange({ hot })}
        units={units}
        hint={warmth(draft.hot, preview?.hotAfternoonC)}
        fault={fault("answers.hotAfternoonC")}
      />
    </>
  );
}

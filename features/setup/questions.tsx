"use client";

import * as say from "@/words/pages/setup";
import { readCoordinatePair, SHOWN_UNIT } from "@/core/quantity/index";
import type { SitePreview } from "@/contract/queries";
import { TextField } from "@/ui/fields";
import { metres, number, type Units } from "@/words/format";
import type { FaultOf, MonthDay, SetupDraft } from "./read-answers";
import { TownField } from "./town-field";

const MONTHS = [
  "January",
  say.february,
  say.march,
  say.april,
  say.may,
  say.june,
  say.july,
  say.august,
  say.september,
  say.october,
  say.november,
  say.december,
];

const Legend = ({ children }: { children: string }) => (
  <legend className="font-serif text-xl font-semibold">{children}</legend>
);

/** Five decimals are a metre. */
const degrees = (value: number) => String(Math.round(value * 1e5) / 1e5);

/** A town, or coordinates in any usual form; the height may be left to what is known around. */
export function PlaceQuestion({
  draft,
  onChange,
  nearest,
  units,
  fault,
}: {
  draft: SetupDraft;
  onChange: (change: Partial<SetupDraft>) => void;
  nearest: SitePreview["nearest"] | null;
  units: Units;
  fault: FaultOf;
}) {
  const at = (latitudeDeg: number, longitudeDeg: number) =>
    onChange({ latitude: degrees(latitudeDeg), longitude: degrees(longitudeDeg) });
  /** Both coordinates pasted into one field fill both. */
  const typed = (text: string, change: Partial<SetupDraft>) => {
    const pair = readCoordinatePair(text);
    if (pair) at(pair.latitudeDeg, pair.longitudeDeg);
    else onChange(change);
  };
  return (
    <fieldset className="space-y-3">
      <Legend>{say.n1ThePlaceOnThe}</Legend>
      <TownField onPick={(town) => at(town.latitudeDeg, town.longitudeDeg)} />
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField
          label={say.latitude}
          value={draft.latitude}
          onChange={(text) => typed(text, { latitude: text })}
          suffix="°"
          hint={say.n386S386}
          fault={fault("answers.latitudeDeg")}
        />
        <TextField
          label={say.longitude}
          value={draft.longitude}
          onChange={(text) => typed(text, { longitude: text })}
          suffix="°"
          hint={say.westIsNegativeOr13}
          fault={fault("answers.longitudeDeg")}
        />
        <TextField
          label={say.elevation}
          numeric="signed"
          value={draft.elevation}
          onChange={(elevation) => onChange({ elevation })}
          suffix={SHOWN_UNIT[units].m}
          hint={
            nearest
              ? say.leftEmptyAsKnownPlaces(metres(nearest.elevationM, units), number(nearest.distanceKm))
              : say.n55MOr180Ft
          }
          fault={fault("answers.elevationM")}
        />
      </div>
    </fieldset>
  );
}

/** What a question's answer does: the guess that stands without one, or what the years made for it come to. */
export function answerHint(answered: boolean, shown: string | null): string {
  if (shown === null) return say.leftEmptyGuessedFromThe;
  return answered ? say.theMiddleYearMadeFor(shown) : say.leftEmptyAsGuessed(shown);
}

export function DegreesQuestion({
  legend,
  label,
  value,
  onChange,
  units,
  hint,
  fault,
}: {
  legend: string;
  label: string;
  value: string;
  onChange: (text: string) => void;
  units: Units;
  hint: string;
  fault?: string;
}) {
  return (
    <fieldset>
      <Legend>{legend}</Legend>
      <TextField
        className="mt-2 max-w-xs"
        label={label}
        numeric="signed"
        value={value}
        onChange={onChange}
        suffix={SHOWN_UNIT[units].celsius}
        hint={hint}
        fault={fault}
      />
    </fieldset>
  );
}

export function MonthDayQuestion({
  legend,
  value,
  onChange,
  disabled,
  hint,
  fault,
}: {
  legend: string;
  value: MonthDay;
  onChange: (v: MonthDay) => void;
  disabled: boolean;
  hint: string;
  fault?: string;
}) {
  return (
    <fieldset disabled={disabled} className={disabled ? "opacity-60" : ""}>
      <Legend>{legend}</Legend>
      <div className="mt-2 flex max-w-md gap-3">
        <label className="w-24">
          <span className="mb-1 block font-medium">{say.day}</span>
          <input
            className={`input w-full ${fault ? "input-error" : ""}`}
            inputMode="numeric"
            aria-label={say.dayOf(legend)}
            aria-invalid={fault !== undefined}
            value={value.day}
            onChange={(e) => onChange({ ...value, day: e.target.value })}
          />
        </label>
        <label className="flex-1">
          <span className="mb-1 block font-medium">{say.month}</span>
          <select
            className="select w-full"
            aria-label={say.monthOf(legend)}
            value={value.month}
            onChange={(e) => onChange({ ...value, month: e.target.value })}
          >
            {MONTHS.map((m, i) => (
              <option key={m} value={String(i + 1)}>
                {m}
              </option>
            ))}
          </select>
        </label>
      </div>
      {fault ? (
        <p role="alert" className="text-error mt-1 text-sm font-semibold">
          {fault}
        </p>
      ) : (
        <p className="mt-1 text-sm opacity-80">{hint}</p>
      )}
    </fieldset>
  );
}

"use client";

import type { ComponentProps } from "react";
import { get, useController, useFormContext } from "react-hook-form";
import type { Dimension, UnitSystem } from "@/core/quantity/index";
import { Field, SelectField, TextField } from "../fields";
import { DateField, type ReadDate } from "./date-field";
import { QuantityField } from "./quantity-field";

interface Input {
  /** The field of the command it fills. */
  name: string;
  label: string;
  hint?: string;
  className?: string;
}

/** A field's value and what is wrong with it. */
export function useInput<T>(name: string) {
  const { control } = useFormContext();
  const { field, formState } = useController({ name, control });
  const message: unknown = get(formState.errors, `${name}.message`);
  return {
    value: field.value as T,
    onChange: field.onChange as (value: T) => void,
    fault: typeof message === "string" ? message : undefined,
  };
}

export function TextInput({
  name,
  ...rest
}: Omit<ComponentProps<typeof TextField>, "value" | "onChange" | "fault"> & { name: string }) {
  return <TextField {...rest} {...useInput<string>(name)} />;
}

export function LongTextInput({ name, label, hint, className }: Input) {
  const { value, onChange, fault } = useInput<string>(name);
  return (
    <Field label={label} hint={hint} fault={fault} className={className}>
      {(aria) => (
        <textarea
          {...aria}
          className="textarea w-full"
          rows={3}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
    </Field>
  );
}

export function QuantityInput({ name, ...rest }: Input & { dimension: Dimension; units: UnitSystem }) {
  return <QuantityField {...rest} {...useInput<number | null>(name)} />;
}

export function ChoiceInput<T extends string>({
  name,
  ...rest
}: Input & { options: readonly (readonly [T, string])[] }) {
  return <SelectField {...rest} {...useInput<T>(name)} />;
}

/** A day as text in the form; what it means is read when the form is sent. */
export function DateInput({
  name,
  ...rest
}: Omit<Input, "hint"> & {
  read: (text: string) => ReadDate;
  today: string;
  exact?: boolean;
  needed?: boolean;
  ahead?: string | null;
}) {
  return <DateField {...rest} {...useInput<string>(name)} />;
}

/** Yes or no. */
export function CheckInput({
  name,
  label,
  className = "",
  disabled = false,
}: Omit<Input, "hint"> & { /** Not to be ticked as things stand: it counts as no. */ disabled?: boolean }) {
  const { value, onChange, fault } = useInput<boolean>(name);
  return (
    <div className={className}>
      <label className="flex min-h-11 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={value && !disabled}
          disabled={disabled}
          onChange={(e) => onChange(e.target.checked)}
        />
        {label}
      </label>
      {fault && (
        <p role="alert" className="text-error text-sm font-semibold">
          {fault}
        </p>
      )}
    </div>
  );
}

/** Any number of several. */
export function ChecksInput({
  name,
  label,
  options,
}: {
  name: string;
  label: string;
  options: readonly (readonly [string, string])[];
}) {
  const { value, onChange, fault } = useInput<readonly string[]>(name);
  return (
    <fieldset>
      <legend className="text-sm font-medium">{label}</legend>
      <div className="grid gap-1 sm:grid-cols-2">
        {options.map(([key, words]) => (
          <label key={key} className="flex min-h-11 items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="checkbox"
              checked={value.includes(key)}
              onChange={(e) => onChange(e.target.checked ? [...value, key] : value.filter((v) => v !== key))}
            />
            {words}
          </label>
        ))}
      </div>
      {fault && (
        <p role="alert" className="text-error text-sm font-semibold">
          {fault}
        </p>
      )}
    </fieldset>
  );
}

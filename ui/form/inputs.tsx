"use client";

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

export function TextInput({ name, ...rest }: Input) {
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

"use client";

import { TextField } from "@/ui/fields";

/** A column of lengths, each with its fault beneath it. */
export function MeasureFields({
  labels,
  texts,
  onChange,
  problems,
}: {
  labels: readonly (readonly [field: string, label: string])[];
  texts: Readonly<Record<string, string>>;
  onChange: (texts: Record<string, string>) => void;
  problems: Readonly<Record<string, string>>;
}) {
  return labels.map(([field, label]) => (
    <TextField
      key={field}
      label={label}
      numeric
      suffix="mm"
      value={texts[field]}
      onChange={(text) => onChange({ ...texts, [field]: text })}
      fault={problems[field]}
    />
  ));
}

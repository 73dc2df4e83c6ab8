"use client";

import { useRef, useState } from "react";
import { COMPONENT_FLAGS, type Component, type ComponentFlag } from "@/core/mix/index";
import type { MixStores } from "@/core/records/index";
import { readNumber } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { componentName, CONFIDENCE_WORDS, FLAG_WORDS } from "@/words/mixes";

/** Fields with how they are typed: shares as per cent. */
const NUMBERS = [
  ["porosity", "Pores in all", "%", "soak a full litre and count what it takes up"],
  ["gaps", "Space between the grains", "%", "what runs out at once"],
  ["particleMm", "Mean grain", "mm", ""],
  ["dryKgPerL", "Dry mass of a litre", "kg", "weigh it dry and loose"],
  ["volumeLossPerYear", "Slumps, a year", "%", ""],
  ["feedsMonths", "Feeds for", "months", ""],
  ["alphaPerCm", "Curve: α", "1/cm", "leave as copied if you don’t know"],
  ["n", "Curve: n", "", "leave as copied if you don’t know"],
  ["thetaR", "Curve: water never given up", "%", "leave as copied if you don’t know"],
  ["alphaGainPerYear", "Pores get finer, a year", "%", ""],
] as const;
type NumberKey = (typeof NUMBERS)[number][0];

const asText = (key: NumberKey, unit: string, c: Component) =>
  String(Math.round((unit === "%" ? 100 : 1) * c[key] * 1000) / 1000);

/** A component of one's own, started as a copy of one that is like it. */
export function ComponentForm({
  stores,
  id,
  from,
  onDone,
}: {
  stores: MixStores;
  id: string | null;
  from: string | null;
  onDone: () => void;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, within } = useCommand("set-component");
  const newId = useRef<string | null>(id);
  const source = stores.library[from ?? "bark-fine"];
  const [name, setName] = useState(id === null ? "" : componentName(id, stores));
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(NUMBERS.map(([key, , unit]) => [key, asText(key, unit, source)])),
  );
  const [flags, setFlags] = useState<ComponentFlag[]>([...source.flags]);
  const [confidence, setConfidence] = useState<"H" | "M" | "L">(id === null ? "L" : source.confidence);
  const [origin, setOrigin] = useState(id === null ? "" : source.source);
  if (from === null) return null;
  const fault = within("own", {});

  const submit = async (gone = false) => {
    const read = Object.fromEntries(
      NUMBERS.map(([key, , unit]) => [key, readNumber(texts[key]) / (unit === "%" ? 100 : 1)]),
    ) as Record<NumberKey, number>;
    const own = { name, ...read, flags, confidence, source: origin };
    newId.current ??= crypto.randomUUID();
    const done = await send({ collectionId, componentId: newId.current, own, gone });
    if (!done) return;
    tell({ text: gone ? `${name} is taken out.` : `${name} is in the library.`, entryId: done.entryId });
    onDone();
  };

  return (
    <Form className="border-base-300 rounded-box mt-3 space-y-3 border p-3" label="Component" onSubmit={() => submit()}>
      <h3 className="text-lg">{id === null ? `Your own, after ${componentName(from, stores)}` : "Change it"}</h3>
      <TextField label="Name" value={name} onChange={setName} fault={fault("name")} />
      <div className="grid gap-3 sm:grid-cols-2">
        {NUMBERS.map(([key, label, unit, hint]) => (
          <TextField
            key={key}
            label={label}
            numeric
            suffix={unit}
            hint={hint || undefined}
            value={texts[key]}
            onChange={(text) => setTexts({ ...texts, [key]: text })}
            fault={fault(key)}
          />
        ))}
        <SelectField
          label="How sure"
          value={confidence}
          onChange={setConfidence}
          options={(["H", "M", "L"] as const).map((c) => [c, CONFIDENCE_WORDS[c]] as const)}
        />
        <TextField
          label="Where the figures come from"
          value={origin}
          onChange={setOrigin}
          fault={fault("source")}
          hint="such as: soaked and weighed, May 2026"
        />
      </div>
      <fieldset>
        <legend className="font-medium">To mind</legend>
        {COMPONENT_FLAGS.map((flag) => (
          <label key={flag} className="mr-4 inline-flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={flags.includes(flag)}
              onChange={(e) => setFlags(e.target.checked ? [...flags, flag] : flags.filter((f) => f !== flag))}
            />
            {FLAG_WORDS[flag].name}
          </label>
        ))}
      </fieldset>
      <FormFaults faults={unplaced(failure, ["own"])} />
      <div className="flex flex-wrap gap-3">
        <button type="submit" className="btn btn-primary min-h-12" disabled={busy}>
          Keep it
        </button>
        <button type="button" className="btn min-h-12" onClick={onDone}>
          Leave it
        </button>
        {id !== null && (
          <button type="button" className="btn btn-ghost min-h-12" disabled={busy} onClick={() => void submit(true)}>
            Take it out
          </button>
        )}
      </div>
    </Form>
  );
}
